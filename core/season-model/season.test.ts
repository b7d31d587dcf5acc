import { describe, expect, test } from '@jest/globals';
import { HEDGE_DRAWN, HEDGE_FIGURES, HEDGE_OIL, hedgeBelief, hedgeYears } from '#simulated';
import {
  type DoneTreatment,
  drawSeasons,
  fitDays,
  leftInDraws,
  leftOf,
  LIFE_STAGES,
  middleSeason,
  possibleSeason,
  type PossibleSeason,
  type PossibleYear,
  stream,
  summariseLeft,
  treatmentsIn,
  whatDecides,
} from './index.ts';

/** A year of 100 days with ten °C·days each from day 10 on, mild and dry. */
function plainYear(days = 100): PossibleYear {
  return {
    heatCd: Float64Array.from({ length: days }, (_, day) => (day < 10 ? 0 : 10)),
    minC: new Float64Array(days).fill(10),
    maxC: new Float64Array(days).fill(22),
    rainMm: new Float64Array(days),
  };
}
const NO_LOSS = { crawler: 0, settled: 0, second: 0, grown: 0 };
/** One in twenty are out after 100 °C·days, nineteen in twenty after 200: days 19 and 29. */
const PLAIN = { ...HEDGE_DRAWN, hatch: { by: 'heat', first: 100, span: 100 } as const, lossADay: NO_LOSS };

const contact = (takes: readonly number[], residueHalfLifeDays = 0): DoneTreatment['kind'] => ({
  acts: 'contact',
  takes,
  takesInWinter: 0,
  residueHalfLifeDays,
  onsetDays: 0,
  lastsDays: 0,
  helpersKilled: 0,
});
const ALL = contact([1, 1, 1, 1]);
const leftWith = (season: PossibleSeason, ...treatments: DoneTreatment[]) => leftOf(season, treatments);

describe('cohorts', () => {
  test('shares sum to one, and lie where the heat does', () => {
    const [generation] = possibleSeason(PLAIN, plainYear()).generations;
    expect(generation!.share.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 10);
    // The heat of day 24 runs from 140 to 150 °C·days, of which the middle is the half: day 24 is just before it.
    const through = (day: number) =>
      generation!.share.reduce((sum, share, i) => sum + (generation!.hatchedOn[i]! <= day ? share : 0), 0);
    expect(through(24)).toBeCloseTo(0.5, 2);
    expect(through(19)).toBeCloseTo(0.05, 2);
    expect(through(29)).toBeCloseTo(0.95, 2);
  });

  test('hatch by days needs no thermometer', () => {
    const dark: PossibleYear = { ...plainYear(), heatCd: new Float64Array(100) };
    const season = possibleSeason({ ...PLAIN, hatch: { by: 'days', first: 40, span: 20 } }, dark);
    const [generation] = season.generations;
    const middle = generation!.share.reduce((sum, share, i) => sum + share * generation!.hatchedOn[i]!, 0);
    expect(middle).toBeCloseTo(50, 1);
    expect(leftWith(season, { kind: ALL, day: 99 })).toBeCloseTo(0, 10);
  });

  test('ages by heat where stages are sums of heat: a cold week holds them', () => {
    const cold = plainYear();
    cold.heatCd.fill(0, 30, 37);
    const stages = { unit: 'heat', crawler: 20, settled: 100, second: 150 } as const;
    const ages = (year: PossibleYear) => {
      const [generation] = possibleSeason({ ...PLAIN, stages }, year).generations;
      const at = generation!.hatchedOn.findIndex((day) => day === 24);
      return [generation!.settledOn[at]!, generation!.secondOn[at]!, generation!.grownOn[at]!];
    };
    // At the noon of day 24 145 °C·days are reached: 165, 265 and 415 come on days 26, 36 and 51.
    expect(ages(plainYear())).toEqual([26, 36, 51]);
    expect(ages(cold)).toEqual([26, 43, 58]);
  });

  test('a year too cold to hatch in has no generation, and winter work still counts', () => {
    const season = possibleSeason(PLAIN, { ...plainYear(), heatCd: new Float64Array(100) });
    expect(season.generations).toHaveLength(0);
    expect(leftWith(season, { kind: { ...ALL, takesInWinter: 0.8 }, day: 5 })).toBeCloseTo(20, 10);
  });

  test('finer steps converge', () => {
    const year = hedgeYears(1, 5)[0]!;
    const left = (steps: number) =>
      leftWith(
        possibleSeason(HEDGE_DRAWN, year, steps),
        { kind: contact([0.7, 0.6, 0.3, 0.1]), day: 150 },
        { kind: contact([0.7, 0.6, 0.3, 0.1]), day: 164 },
      );
    const finest = left(32);
    const errors = [1, 2, 4, 8].map((steps) => Math.abs(left(steps) - finest));
    expect(errors[0]).toBeLessThan(3);
    errors.slice(1).forEach((error, i) => expect(error).toBeLessThan(errors[i]! * 0.75));
  });
});

describe('limits', () => {
  const season = possibleSeason(HEDGE_DRAWN, hedgeYears(1, 8)[0]!);
  test('nothing done leaves all', () => expect(leftWith(season)).toBe(100));
  test('a contact spray before the first hatch changes nothing', () => {
    expect(leftWith(season, { kind: ALL, day: 90 })).toBe(100);
  });
  test('everything taken on a day all are out leaves none', () => {
    expect(leftWith(season, { kind: ALL, day: 330 })).toBeCloseTo(0, 12);
  });
  test('a treatment that is not done changes nothing', () => {
    expect(leftWith(season, { kind: ALL, day: -1 })).toBe(100);
  });
  test('the order of treatments does not matter', () => {
    const [a, b] = [
      { kind: contact([0.6, 0.5, 0.2, 0], 5), day: 148 },
      { kind: contact([0.9, 0.5, 0.2, 0]), day: 160 },
    ];
    expect(leftWith(season, a!, b!)).toBeCloseTo(leftWith(season, b!, a!), 10);
  });
});

describe('worked by hand on a plain year', () => {
  const season = possibleSeason(PLAIN, plainYear());
  const [generation] = season.generations;
  const hatchedBy = (day: number) =>
    generation!.share.reduce((sum, share, i) => sum + (generation!.hatchedOn[i]! <= day ? share : 0), 0);

  test('a contact spray takes what is out, stage by stage', () => {
    // On day 30 those hatched after day 28 still walk, those up to day 14 are of the second stage.
    const crawling = hatchedBy(30) - hatchedBy(28),
      settled = hatchedBy(28) - hatchedBy(14);
    const taken = 0.8 * crawling + 0.5 * settled + 0.1 * hatchedBy(14);
    expect(leftWith(season, { kind: contact([0.8, 0.5, 0.1, 0]), day: 30 })).toBeCloseTo(
      100 * (1 - taken),
      8,
    );
  });

  test('rain halves a residue every 25 mm', () => {
    const wet = plainYear();
    wet.rainMm[16] = 50;
    const rained = possibleSeason(PLAIN, wet);
    const kind = contact([0.8, 0, 0, 0], 1000);
    const dryTaken = 100 - leftWith(season, { kind, day: 14 });
    const wetTaken = 100 - leftWith(rained, { kind, day: 14 });
    // Of what hatches from day 16 on the deposit takes a quarter; before, few are out.
    const early = hatchedBy(15);
    expect(wetTaken).toBeCloseTo(dryTaken / 4 + early * 0.75 * 80, 0);
  });

  test('heat above 40 °C kills crawlers, treated or not', () => {
    const hot = plainYear();
    hot.maxC[24] = 41;
    const scorched = possibleSeason({ ...PLAIN, hotLoss: 0.5 }, hot);
    const [baked] = scorched.generations;
    const walking = baked!.share.reduce(
      (sum, share, i) => sum + (baked!.hatchedOn[i]! <= 24 && baked!.settledOn[i]! > 24 ? share : 0),
      0,
    );
    expect(walking).toBeGreaterThan(0.1);
    expect(baked!.kept).toBeCloseTo(1 - 0.5 * walking, 10);
    expect(leftWith(scorched)).toBe(100);
  });

  test('wasps that a broad spray killed are missing where they would have come next', () => {
    const holed = possibleSeason({ ...PLAIN, holed: 0.5 }, plainYear());
    const broad = { ...contact([0, 0, 0, 0]), helpersKilled: 1 };
    // All settle at once two days later: half of the wasps' half is back by 0.5 ^ (days / 28).
    const left = leftWith(holed, { kind: broad, day: 10 });
    expect(left).toBeGreaterThan(140);
    expect(left).toBeLessThan(200);
    expect(leftWith(holed, { kind: broad, day: 90 })).toBe(100);
  });

  test('hand work takes the young there are and those the mothers would have had', () => {
    const hand = { ...contact([0.6, 0.6, 0.6, 0.6]), acts: 'hand' as const };
    for (const day of [2, 24, 60]) expect(leftWith(season, { kind: hand, day })).toBeCloseTo(40, 10);
  });

  test('what is given at the roots works later, and for what hatches meanwhile', () => {
    const drench = {
      ...contact([0.9, 0.9, 0.5, 0]),
      acts: 'systemic' as const,
      onsetDays: 20,
      lastsDays: 200,
    };
    expect(leftWith(season, { kind: drench, day: 0 })).toBeCloseTo(10, 1);
    // From day 80 all are grown.
    expect(leftWith(season, { kind: drench, day: 60 })).toBeCloseTo(100, 1);
  });
});

describe('generations', () => {
  /** Two whole generations: a year of 300 days, the second 600 °C·days after the first. */
  const twice = possibleSeason({ ...PLAIN, generations: 2, growthAYear: 4 }, plainYear(300));
  const half: DoneTreatment = { kind: contact([0.5, 0.5, 0.5, 0.5]), day: 40 };
  test('a half taken of the first is a half at the end', () => {
    expect(twice.generations).toHaveLength(2);
    expect(twice.multiplies).toBeCloseTo(2, 10);
    expect(leftWith(twice, half)).toBeCloseTo(50, 0);
  });
  test('a half of each leaves a quarter', () => {
    expect(leftWith(twice, half, { ...half, day: 120 })).toBeCloseTo(25, 0);
  });
  test('crawlers from over the fence keep what is left from falling far', () => {
    const beside = possibleSeason({ ...PLAIN, source: 0.2 }, plainYear());
    const winter: DoneTreatment = { kind: { ...contact([0, 0, 0, 0]), takesInWinter: 1 }, day: 5 };
    // Of 1.2 parts the source's 0.2 are left.
    expect(leftWith(beside, winter)).toBeCloseTo((100 * 0.2) / 1.2, 8);
    expect(leftWith(beside, { kind: ALL, day: 60 })).toBeCloseTo(0, 10);
  });
  test('a generation cut short by the year counts for its part', () => {
    // The second hatch is half out at 750 °C·days, the year's last.
    const cut = possibleSeason({ ...PLAIN, generations: 2 }, plainYear(85));
    expect(cut.generations[1]!.complete).toBeGreaterThan(0.4);
    expect(cut.generations[1]!.complete).toBeLessThan(0.6);
    expect(leftWith(cut, half)).toBeCloseTo(50, 0);
  });
});

describe('the stream', () => {
  const asked = {
    belief: hedgeBelief(),
    figures: { ...HEDGE_FIGURES, generations: 2 },
    years: hedgeYears(5, 3),
    draws: 5,
    seed: 1,
  };
  const middle = middleSeason(asked);
  const plan = [178, 192].map((day) => ({ day, kind: HEDGE_OIL }));
  const total = (day: ReturnType<typeof stream>[number]) =>
    LIFE_STAGES.reduce((sum, stage) => sum + day[stage], 0);

  test('left alone it ends at 100, and under a plan at what the plan leaves', () => {
    const [season] = middle.seasons as [PossibleSeason];
    expect(total(stream(season, []).at(-1)!)).toBeCloseTo(100, 6);
    const treatments = treatmentsIn(middle, 0, plan);
    expect(total(stream(season, treatments).at(-1)!)).toBeCloseTo(leftOf(season, treatments), 6);
  });
  test('a cut narrows it on its day and not before', () => {
    const [season] = middle.seasons as [PossibleSeason];
    const [first] = treatmentsIn(middle, 0, plan.slice(0, 1));
    const [cut, alone] = [stream(season, [first!]), stream(season, [])];
    expect(total(cut[first!.day - 1]!)).toBeCloseTo(total(alone[first!.day - 1]!), 10);
    expect(total(cut[first!.day]!)).toBeLessThan(0.7 * total(alone[first!.day]!));
  });
});

describe('fit days', () => {
  test('heat of that day or the next, frost, rain, and what nobody told', () => {
    const year: PossibleYear = {
      heatCd: new Float64Array(6),
      minC: Float64Array.from([5, 5, -1, 5, 5, NaN]),
      maxC: Float64Array.from([20, 28, 15, 30, 20, NaN]),
      rainMm: Float64Array.from([0, 0, 0, 0, 3, NaN]),
    };
    const fits = { leastC: 4, greatestC: 29, dry: true };
    expect([...fitDays(year, fits)]).toEqual([1, 1, 0, 0, 0, 2]);
    expect([...fitDays(year, { leastC: null, greatestC: null, dry: false })]).toEqual([1, 1, 1, 1, 1, 1]);
  });
  test('a planned spray waits for the next fit day; one that was done does not', () => {
    const years = hedgeYears(1, 2).map((year) => ({
      ...year,
      rainMm: year.rainMm.map((_, day) => (day < 153 ? 5 : 0)),
    }));
    const draws = drawSeasons({ belief: hedgeBelief(), figures: HEDGE_FIGURES, years, draws: 1, seed: 1 });
    const kind = { ...HEDGE_OIL, fits: { leastC: null, greatestC: null, dry: true } };
    expect(treatmentsIn(draws, 0, [{ day: 150, kind }])[0]!.day).toBe(153);
    expect(treatmentsIn(draws, 0, [{ day: 150, kind, done: true }])[0]!.day).toBe(150);
    expect(treatmentsIn(draws, 0, [{ day: 120, kind }])[0]!.day).toBe(-1);
  });
});

describe('draws', () => {
  const asked = {
    belief: hedgeBelief(),
    figures: HEDGE_FIGURES,
    years: hedgeYears(40, 11),
    draws: 200,
    seed: 4,
  };
  const plan = [152, 166].map((day) => ({ day, kind: HEDGE_OIL }));

  test('the same seed gives the same, another one nearly the same', () => {
    const left = (seed: number) => summariseLeft(leftInDraws(drawSeasons({ ...asked, seed }), plan));
    expect(left(4)).toEqual(left(4));
    expect(Math.abs(left(4).median - left(5).median)).toBeLessThan(4);
    expect(left(4)).not.toEqual(left(5));
  });
  test('with everything held the range closes', () => {
    const all = new Set([
      'weather',
      'hatch-first',
      'hatch-span',
      'soft-time',
      'kill',
      'coverage',
      'residue',
    ] as const);
    const { low, high } = summariseLeft(leftInDraws(drawSeasons({ ...asked, fixed: all }), plan));
    expect(high - low).toBeLessThan(1e-9);
  });
  test('what decides it most is what was made most doubtful', () => {
    const deciders = (figures: typeof HEDGE_FIGURES, coverage: typeof HEDGE_OIL.coverage) =>
      whatDecides(
        { ...asked, figures },
        plan.map((each) => ({ ...each, kind: { ...HEDGE_OIL, coverage } })),
      );
    expect(deciders(HEDGE_FIGURES, { low: 0.2, middle: 0.6, high: 0.95 })[0]!.figure).toBe('coverage');
    const sure = { low: 0.75, middle: 0.75, high: 0.75 };
    expect(deciders(HEDGE_FIGURES, sure).map(({ figure }) => figure)).not.toContain('coverage');
  });
});
