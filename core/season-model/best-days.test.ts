import { describe, expect, test } from '@jest/globals';
import { chance, HEDGE_FIGURES, HEDGE_OIL, hedgeBelief, hedgeYears } from '#simulated';
import {
  bestDays,
  drawSeasons,
  hatchBelief,
  leftInDraws,
  type PlannedTreatment,
  planTable,
  type SeasonDraws,
  summariseLeft,
  type TreatmentKind,
} from './index.ts';

const YEARS = hedgeYears(12, 77);

/** A watch drawn at random: its hatch, how long it stays soft, what is sprayed, and on which days it may be. */
function randomWatch(seed: number, draws = 8) {
  const luck = chance(seed);
  const first = luck.whole(150, 320),
    span = luck.whole(60, 260);
  const soft = luck.whole(3, 50);
  const generations = luck.whole(1, 2);
  const seasons = drawSeasons({
    belief: hatchBelief(
      'heat',
      { low: first * 0.85, middle: first, high: first * 1.15 },
      { low: span * 0.7, middle: span, high: span * 1.4 },
    ),
    figures: {
      ...HEDGE_FIGURES,
      generations,
      source: luck.odds(0.3) ? { low: 0.05, middle: 0.1, high: 0.3 } : null,
      stages: { ...HEDGE_FIGURES.stages, settled: { low: soft * 0.7, middle: soft, high: soft * 1.4 } },
    },
    years: YEARS,
    draws,
    seed,
  });
  const residue = luck.odds(0.4) ? luck.whole(3, 25) : 0;
  const kind: TreatmentKind = {
    ...HEDGE_OIL,
    residueHalfLifeDays: { low: residue, middle: residue, high: residue },
  };
  const from = luck.whole(130, 150);
  // Every fifth watch has a whole summer to choose from.
  const days = Array.from(
    { length: seed % 5 === 0 ? luck.whole(150, 200) : luck.whole(50, 80) },
    (_, i) => from + i,
  ).filter(() => luck.odds(0.8));
  return {
    draws: seasons,
    kind,
    days,
    intervalDays: luck.whole(5, 14),
    base: [] as PlannedTreatment[],
    luck,
  };
}

const meanLeft = (draws: SeasonDraws, kind: TreatmentKind, days: readonly number[]) =>
  summariseLeft(
    leftInDraws(
      draws,
      days.map((day) => ({ day, kind })),
    ),
  ).mean;

const seeds = (count: number) => Array.from({ length: count }, (_, i) => i + 1);

describe('the table says what the model says', () => {
  test.each(seeds(10))('watch %i', (seed) => {
    const { draws, kind, days, luck } = randomWatch(seed);
    const base = [{ day: days[10]!, kind: { ...kind, id: 'other' } }];
    const table = planTable(draws, base, kind, days);
    const places = [luck.whole(0, days.length - 1), luck.whole(0, days.length - 1)];
    const more = table.withOneMore(places);
    for (const place of [0, 7, days.length - 1]) {
      const plan = [...places, place].map((at) => ({ day: days[at]!, kind }));
      expect(more[place]!).toBeCloseTo(summariseLeft(leftInDraws(draws, [...base, ...plan])).mean, 6);
    }
  });
});

describe('one and two sprays: as good as trying every day', () => {
  test.each(seeds(50))('watch %i', (seed) => {
    const watch = randomWatch(seed);
    const { draws, kind, days, intervalDays } = watch;
    const one = bestDays({ ...watch, count: 1 })!;
    const two = bestDays({ ...watch, count: 2 })!;
    const singles = days.map((day) => meanLeft(draws, kind, [day]));
    expect(one.meanLeft).toBeLessThanOrEqual(Math.min(...singles) * 1.01);
    expect(one.meanLeft).toBeCloseTo(meanLeft(draws, kind, one.days), 6);
    // Every pair of days, each by the model itself on a watch small enough for that.
    let least = Infinity;
    const table = planTable(draws, [], kind, days);
    days.forEach((first, i) => {
      const left = table.withOneMore([i]);
      days.forEach((second, j) => {
        if (second - first >= intervalDays) least = Math.min(least, left[j]!);
      });
    });
    expect(two.meanLeft).toBeLessThanOrEqual(least * 1.01);
    expect(two.meanLeft).toBeCloseTo(meanLeft(draws, kind, two.days), 6);
    expect(two.days[1]! - two.days[0]!).toBeGreaterThanOrEqual(intervalDays);
  });
});

describe('three sprays: no worse than the best of many random plans', () => {
  const PLANS = Number(process.env['PLANS'] ?? 20_000);
  test.each(seeds(3))('watch %i', (seed) => {
    const watch = randomWatch(seed * 31);
    const { kind, days, intervalDays, luck } = watch;
    const three = bestDays({ ...watch, count: 3 })!;
    const table = planTable(watch.draws, [], kind, days);
    let least = Infinity;
    // A random plan's third day is left open: of each pair drawn every third is looked at.
    for (let tried = 0; tried < PLANS; tried += days.length) {
      const [i, j] = [luck.whole(0, days.length - 1), luck.whole(0, days.length - 1)].sort(
        (a, b) => a - b,
      ) as [number, number];
      if (days[j]! - days[i]! < intervalDays) continue;
      table.withOneMore([i, j]).forEach((left, k) => {
        const apart = [i, j].every((other) => Math.abs(days[k]! - days[other]!) >= intervalDays);
        if (apart) least = Math.min(least, left);
      });
    }
    expect(three.meanLeft).toBeLessThanOrEqual(least * 1.02);
  });
});

const ANY_WEATHER = { leastC: null, greatestC: null, dry: false };

describe('edges', () => {
  const draws = drawSeasons({
    belief: hedgeBelief(),
    figures: HEDGE_FIGURES,
    years: YEARS,
    draws: 20,
    seed: 1,
  });
  const asked = { draws, base: [], kind: HEDGE_OIL, intervalDays: 10 };
  test('no day allowed, or none far enough apart: no plan', () => {
    expect(bestDays({ ...asked, days: [], count: 1 })).toBeNull();
    expect(bestDays({ ...asked, days: [160, 165], count: 2 })).toBeNull();
    expect(bestDays({ ...asked, days: [160, 172], count: 3 })).toBeNull();
  });
  test('the range holds the day, and days in it cost no more than one of 100', () => {
    const days = Array.from({ length: 80 }, (_, i) => 140 + i);
    const best = bestDays({ ...asked, days, count: 2 })!;
    best.ranges.forEach(([from, to], i) => {
      expect(from).toBeLessThanOrEqual(best.days[i]!);
      expect(to).toBeGreaterThanOrEqual(best.days[i]!);
      const moved = best.days.map((day, at) => (at === i ? to : day));
      expect(meanLeft(draws, HEDGE_OIL, moved)).toBeLessThanOrEqual(best.meanLeft + 1.001);
    });
  });
  test('what stays in the plan is reckoned with: a spray done already moves the next', () => {
    const days = Array.from({ length: 80 }, (_, i) => 140 + i);
    const alone = bestDays({ ...asked, days, count: 1 })!;
    const done = [{ day: alone.days[0]!, kind: HEDGE_OIL, done: true as const }];
    const second = bestDays({ ...asked, base: done, days, count: 1 })!;
    expect(second.meanLeft).toBeLessThan(alone.meanLeft);
    expect(Math.abs(second.days[0]! - alone.days[0]!)).toBeGreaterThan(3);
  });
  test('where a later hatch is as good the earlier one is taken, at two of 100 at most', () => {
    const twice = drawSeasons({
      belief: hatchBelief('days', { low: 118, middle: 120, high: 122 }, { low: 14, middle: 15, high: 16 }),
      figures: { ...HEDGE_FIGURES, generations: 2, generationLength: { low: 80, middle: 80, high: 80 } },
      years: YEARS,
      draws: 20,
      seed: 2,
    });
    const days = Array.from({ length: 160 }, (_, i) => 100 + i);
    const plain = { ...asked, draws: twice, kind: { ...HEDGE_OIL, fits: ANY_WEATHER }, days };
    for (const count of [1, 2] as const) {
      const least = bestDays({ ...plain, count })!;
      const early = bestDays({ ...plain, count, earlier: true })!;
      expect(early.days[0]!).toBeLessThan(150);
      expect(early.days[0]!).toBeLessThanOrEqual(least.days[0]!);
      expect(early.meanLeft).toBeLessThanOrEqual(least.meanLeft + 2);
    }
  });
  test('progress rises to the end', () => {
    const days = Array.from({ length: 40 }, (_, i) => 150 + i);
    const heard: number[] = [];
    bestDays({ ...asked, days, count: 3 }, (share) => heard.push(share));
    expect(heard).toEqual(heard.toSorted((a, b) => a - b));
    expect(heard.at(-1)).toBeCloseTo(1, 10);
  });
});
