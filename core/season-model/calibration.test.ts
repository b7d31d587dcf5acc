import { describe, expect, test } from '@jest/globals';
import { TAPE_OVERDISPERSION } from '#core/emergence';
import { chance, HEDGE_FIGURES, HEDGE_OIL, hedgeBelief, hedgeYears, simulateTapeCount } from '#simulated';
import {
  beliefAfterSighting,
  beliefAfterTapes,
  drawSeasons,
  hatchAt,
  hatchBelief,
  leftInDraws,
  leftOf,
  outBy,
  type PossibleYear,
  rangeAfterCounts,
  SCALES_IN_SPAN,
  summariseLeft,
  treatmentsIn,
} from './index.ts';

const SEASONS = Number(process.env['SEASONS'] ?? 160);
const TODAY = 175;
const PLAN = [178, 192].map((day) => ({ day, kind: HEDGE_OIL }));
const years = hedgeYears(25, 555);

/** A year as it was until today, then as another was: what a planner may think of. */
function continued(real: PossibleYear, other: PossibleYear): PossibleYear {
  const join = (a: Float64Array, b: Float64Array) => a.map((value, day) => (day < TODAY ? value : b[day]!));
  return {
    heatCd: join(real.heatCd, other.heatCd),
    minC: join(real.minC, other.minC),
    maxC: join(real.maxC, other.maxC),
    rainMm: join(real.rainMm, other.rainMm),
  };
}

/**
 * Seasons drawn from the model, each with a truth nobody sees: three tapes a week and ten tagged spots are sampled
 * from it, and the plan's range is made from those alone.
 */
test('eight in ten ranges hold what is really left', () => {
  const asked = { belief: hedgeBelief(), figures: HEDGE_FIGURES, years, draws: SEASONS, seed: 90_001 };
  const truths = drawSeasons(asked);
  let held = 0,
    below = 0;
  truths.seasons.forEach((season, i) => {
    const luck = chance(i * 7 + 1);
    const first = hatchOf(season);
    const counts = tapesOf(season.year, first, i);
    const treatments = treatmentsIn(truths, i, PLAN);
    const really = leftOf(season, treatments);
    const coverage = truths.kindScores(HEDGE_OIL.id, i).coverage;
    const wettedShare = Math.min(1, Math.max(0, coverageAt(coverage)));
    const wetted = Array.from({ length: 10 }).filter(() => luck.odds(wettedShare)).length;
    const kind = { ...HEDGE_OIL, coverage: rangeAfterCounts(HEDGE_OIL.coverage, wetted, 10) };
    const planned = drawSeasons({
      ...asked,
      belief: beliefAfterTapes(asked.belief, counts, TAPE_OVERDISPERSION),
      years: years
        .filter((_, other) => other !== i % years.length)
        .map((other) => continued(season.year, other)),
      draws: 100,
      seed: i,
    });
    const { low, high } = summariseLeft(
      leftInDraws(
        planned,
        PLAN.map((each) => ({ ...each, kind })),
      ),
    );
    if (really < low) below++;
    else if (really <= high) held++;
  });
  expect(held / SEASONS).toBeGreaterThanOrEqual(0.75);
  expect(held / SEASONS).toBeLessThanOrEqual(0.85);
  // What misses lies on both sides.
  expect(below / SEASONS).toBeGreaterThan(0.03);
  expect(below / SEASONS).toBeLessThan(0.17);
});

/** The hatch of a drawn season, read off its cohorts. */
function hatchOf(season: ReturnType<typeof drawSeasons>['seasons'][number]) {
  const [generation] = season.generations;
  let heat = 0,
    out = 0;
  const sums = season.year.heatCd.map((cd) => (heat += cd));
  const at = (share: number) => {
    out = 0;
    const place = generation!.share.findIndex((part) => (out += part) >= share);
    return sums[generation!.hatchedOn[place]!]!;
  };
  return { halfOutCd: at(0.5), scaleCd: (at(0.95) - at(0.05)) / SCALES_IN_SPAN };
}

function tapesOf(year: PossibleYear, curve: { halfOutCd: number; scaleCd: number }, seed: number) {
  let sum = 0;
  const sums = year.heatCd.map((cd) => (sum += cd));
  return Array.from({ length: 7 }, (_, week) => TODAY - 49 + week * 7).flatMap((day) =>
    [0, 1, 2].map((tape) => {
      const [fromCd, toCd] = [sums[day - 1]!, sums[day + 6]!];
      const count = simulateTapeCount(
        fromCd,
        toCd,
        { ...curve, totalPerTape: 60 },
        TAPE_OVERDISPERSION,
        seed * 1000 + day * 3 + tape,
      );
      return { fromCd, toCd, count };
    }),
  );
}

function coverageAt(score: number): number {
  const { low, middle, high } = HEDGE_OIL.coverage;
  return middle + (score / 1.2816) * (score < 0 ? middle - low : high - middle);
}

describe('what is believed of a hatch', () => {
  const belief = hedgeBelief();
  test('the book alone gives its own middle and ends back', () => {
    expect(hatchAt(belief, 0, 0).first).toBeCloseTo(230, -0.5);
    expect(hatchAt(belief, -1.2816, 0).first).toBeCloseTo(190, -1);
    expect(hatchAt(belief, 1.2816, 0).first).toBeCloseTo(270, -1);
    expect(hatchAt(belief, 0, 0).span).toBeCloseTo(110, -1);
  });
  test('tapes pull it to what they caught and make it narrower', () => {
    const late = { by: 'heat', first: 265, span: 140 } as const;
    const counts = Array.from({ length: 8 }, (_, i) => {
      const [fromCd, toCd] = [200 + i * 40, 240 + i * 40];
      return { fromCd, toCd, count: Math.round(300 * (outBy(toCd, late) - outBy(fromCd, late))) };
    });
    const after = beliefAfterTapes(belief, counts, 3);
    expect(hatchAt(after, 0, 0).first).toBeCloseTo(265, -1.3);
    expect(hatchAt(after, 1.28, 0).first - hatchAt(after, -1.28, 0).first).toBeLessThan(40);
  });
  test('empty tapes say it has not begun; tapes that hang before anything hatches say little', () => {
    const empty = beliefAfterTapes(belief, [{ fromCd: 200, toCd: 250, count: 0 }], 3);
    expect(hatchAt(empty, 0, 0).first).toBeGreaterThan(245);
    const early = beliefAfterTapes(belief, [{ fromCd: 50, toCd: 90, count: 0 }], 3);
    expect(hatchAt(early, 0, 0).first).toBeCloseTo(230, -0.7);
  });
  test('crawlers seen before the book has them move it forward', () => {
    const seen = beliefAfterSighting(belief, 180);
    expect(hatchAt(seen, 0, 0).first).toBeLessThan(210);
  });
  test('what contradicts every possibility leaves it as it was', () => {
    const impossible = beliefAfterSighting(hatchBelief('days', flat(150), flat(20)), -5000);
    expect(hatchAt(impossible, 0, 0).first).toBe(150);
  });
});

const flat = (value: number) => ({ low: value, middle: value, high: value });

describe('a share looked at', () => {
  const before = { low: 0.6, middle: 0.75, high: 0.9 };
  test('all ten wetted raises it, three of ten lowers it, and both narrow it', () => {
    const all = rangeAfterCounts(before, 10, 10);
    const few = rangeAfterCounts(before, 3, 10);
    expect(all.middle).toBeGreaterThan(0.8);
    expect(few.middle).toBeLessThan(0.65);
    for (const { low, high } of [all, few]) expect(high - low).toBeLessThan(0.3);
  });
  test('nothing looked at changes nothing, and many looks rule', () => {
    expect(rangeAfterCounts(before, 0, 0)).toBe(before);
    expect(rangeAfterCounts(before, 400, 1000).middle).toBeCloseTo(0.4, 1);
  });
  test('more hits than looks is refused', () => {
    expect(() => rangeAfterCounts(before, 4, 3)).toThrow(RangeError);
  });
});
