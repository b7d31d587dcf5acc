import { describe, expect, test } from '@jest/globals';
import { hatchBelief, leftOf, sharp, type TreatmentKind } from '#core/season-model';
import { normalsFromTable } from '#core/weather';
import { HEDGE_FIGURES, HEDGE_OIL } from '#simulated';
import { hatchDays, hiddenTruth } from './hidden-truth.ts';
import { madeUpSpring } from './made-up-infections.ts';
import type { PracticeCase, WetTrouble } from './practice-case.ts';
import { practiceResult } from './practice-result.ts';
import { practiceSights, type PracticeSight } from './practice-sights.ts';
import { practisedLeft, practisedStream, treatmentsDone } from './practised-season.ts';
import { usualDayOfHeat } from './usual-day.ts';

const MEANS = [-3, -1, 3, 9, 14, 19, 22, 21, 16, 10, 4, -1];
const normals = normalsFromTable(
  MEANS.map((meanC) => ({ minC: meanC - 5, maxC: meanC + 5, rainMm: 60, wetDays: 9 })),
);

const PRUNE: TreatmentKind = {
  ...HEDGE_OIL,
  id: 'prune',
  acts: 'hand',
  kill: { crawler: sharp(1), settled: sharp(1), second: sharp(1), grown: sharp(1) },
  coverage: sharp(0.4),
  fits: { leastC: null, greatestC: null, dry: false },
};
const ALWAYS_FIT: TreatmentKind = { ...HEDGE_OIL, fits: { leastC: null, greatestC: null, dry: false } };

const hedge = (more: Partial<PracticeCase> = {}): PracticeCase => ({
  id: 'hedge',
  start: '2026-01-01',
  days: 330,
  firstDay: 120,
  weeks: 18,
  normals,
  trouble: {
    by: 'hatch',
    model: { lowerC: 10, upperC: null, method: 'average', cutoff: 'none' },
    belief: hatchBelief('heat', { low: 200, middle: 230, high: 260 }, { low: 100, middle: 120, high: 150 }),
    figures: HEDGE_FIGURES,
    hung: { count: 3, perOne: 60 },
  },
  ways: [
    { kind: ALWAYS_FIT, hours: 1, intervalDays: 7, mostTimes: null },
    { kind: PRUNE, hours: 2, intervalDays: 14, mostTimes: 1 },
  ],
  calendar: [{ day: 140, wayId: 'oil' }],
  ...more,
});

const SEEDS = Array.from({ length: 12 }, (_, i) => 100 + i);
const caught = (sights: readonly PracticeSight[]) =>
  sights.flatMap((sight) => (sight.kind === 'caught' ? [...sight.each] : []));

describe('what is hidden', () => {
  test('the same number is the same plant; another is another', () => {
    const days = SEEDS.map((seed) => hatchDays(hiddenTruth(hedge(), seed).season.generations[0]!));
    expect(hatchDays(hiddenTruth(hedge(), 100).season.generations[0]!)).toEqual(days[0]);
    expect(new Set(days.map(String)).size).toBeGreaterThan(6);
  });

  test('every plant hatches within the weeks of practice, with time before and after', () => {
    for (const seed of SEEDS) {
      const [from, to] = hatchDays(hiddenTruth(hedge(), seed).season.generations[0]!);
      expect(from).toBeGreaterThanOrEqual(127);
      expect(to).toBeLessThanOrEqual(120 + 18 * 7 - 14);
    }
  });

  test('it hatches where its heat has gathered: within the belief, on the weather that is shown', () => {
    const truth = hiddenTruth(hedge(), 104);
    const [from] = hatchDays(truth.season.generations[0]!);
    let sumCd = 0;
    for (const { minC, maxC } of truth.weather.slice(0, from)) sumCd += Math.max(0, (minC + maxC) / 2 - 10);
    expect(sumCd).toBeGreaterThan(150);
    expect(sumCd).toBeLessThan(310);
  });
});

describe('what is met', () => {
  test('over a whole hatch three tapes catch about what three would, however often they are read', () => {
    const sums = SEEDS.map((seed) => {
      const truth = hiddenTruth(hedge(), seed);
      const reads = Array.from({ length: 18 }, (_, i) => ({ does: 'read' as const, day: 127 + 7 * i }));
      const acts = [{ does: 'hang' as const, day: 120 }, ...reads];
      return caught(practiceSights(hedge(), truth, { today: 250, acts })).reduce((sum, one) => sum + one, 0);
    });
    const mean = sums.reduce((sum, one) => sum + one, 0) / sums.length;
    // 180 expected; with variance 3 of the mean or so the mean of twelve has a standard error below 15.
    expect(mean).toBeGreaterThan(140);
    expect(mean).toBeLessThan(220);
  });

  test('unread tapes gather: one reading of all weeks holds as much as the weeks would', () => {
    const truth = hiddenTruth(hedge(), 103);
    const acts = [
      { does: 'hang' as const, day: 120 },
      { does: 'read' as const, day: 246 },
    ];
    const all = caught(practiceSights(hedge(), truth, { today: 250, acts })).reduce(
      (sum, one) => sum + one,
      0,
    );
    expect(all).toBeGreaterThan(80);
  });

  test('nothing that was not hung is read', () => {
    const truth = hiddenTruth(hedge(), 103);
    expect(practiceSights(hedge(), truth, { today: 200, acts: [{ does: 'read', day: 190 }] })).toEqual([]);
  });

  test('a look finds what lives: none before the hatch, more after, fewer after a spray', () => {
    const truth = hiddenTruth(hedge(), 105);
    const [from, to] = hatchDays(truth.season.generations[0]!);
    const of100 = (day: number, spray?: number) => {
      const acts = [
        ...(spray === undefined ? [] : [{ does: 'treat' as const, day: spray, wayId: 'oil' }]),
        { does: 'look' as const, day },
      ];
      const sight = practiceSights(hedge(), truth, { today: day + 1, acts }).find(
        ({ kind }) => kind === 'counted',
      );
      return sight?.kind === 'counted' ? sight.ofHundred : NaN;
    };
    expect(of100(from - 25)).toBe(0);
    expect(of100(to + 3)).toBeGreaterThan(40);
    expect(of100(to + 3, to)).toBeLessThan(0.7 * of100(to + 3));
  });

  test('a spray for a wet day is met on the next dry one, and not before that day has passed', () => {
    const oilOnDry = hedge({ ways: [{ kind: HEDGE_OIL, hours: 1, intervalDays: 7, mostTimes: null }] });
    const truth = hiddenTruth(oilOnDry, 106);
    const wet = truth.weather.findIndex(({ rainMm }, day) => day > 150 && (rainMm ?? 0) > 2);
    const acts = [{ does: 'treat' as const, day: wet, wayId: 'oil' }];
    const [done] = treatmentsDone(oilOnDry, truth, acts);
    expect(done!.day).toBeGreaterThan(wet);
    expect(practiceSights(oilOnDry, truth, { today: done!.day, acts })).toEqual([]);
    expect(practiceSights(oilOnDry, truth, { today: done!.day + 1, acts })).toEqual([
      { kind: 'treated', day: done!.day, wayId: 'oil', meantFor: wet },
    ]);
  });
});

describe('what came of it', () => {
  test('nothing done leaves 100, and what is left is what the season model leaves', () => {
    const truth = hiddenTruth(hedge(), 107);
    const result = practiceResult(hedge(), truth, { today: 300, acts: [] });
    expect(result.mine.left).toBeCloseTo(100, 9);
    expect(result.alone).toBeCloseTo(100, 9);
    const treatments = [{ day: 170, wayId: 'oil' }];
    expect(practisedLeft(hedge(), truth, { treatments, clearedOn: null })).toBeCloseTo(
      leftOf(truth.season, treatmentsDone(hedge(), truth, treatments)),
      9,
    );
  });

  test.each(SEEDS)('plant %d: no pair of oil days by hand leaves less than the best of two', (seed) => {
    const practised = hedge({ ways: [hedge().ways[0]!] });
    const truth = hiddenTruth(practised, seed);
    const acts = [150, 170].map((day) => ({ does: 'treat' as const, day, wayId: 'oil' }));
    const { best, mine } = practiceResult(practised, truth, { today: 300, acts });
    let least = mine.left;
    for (let first = 120; first < 246; first += 3)
      for (let second = first + 7; second < 246; second += 3) {
        const treatments = [first, second].map((day) => ({ day, wayId: 'oil' }));
        least = Math.min(least, practisedLeft(practised, truth, { treatments, clearedOn: null }));
      }
    expect(best.left).toBeLessThanOrEqual(least + 0.5);
  });

  test('hours are those of the treatments and the looks', () => {
    const truth = hiddenTruth(hedge(), 107);
    const acts = [
      { does: 'look' as const, day: 120 },
      { does: 'treat' as const, day: 170, wayId: 'oil' },
      { does: 'treat' as const, day: 175, wayId: 'prune' },
    ];
    expect(practiceResult(hedge(), truth, { today: 300, acts }).mine.hours).toBeCloseTo(3.3, 9);
  });

  test('sprayed before anything hatched: other days or one more would have helped most', () => {
    const truth = hiddenTruth(hedge(), 108);
    const acts = [{ does: 'treat' as const, day: 120, wayId: 'oil' }];
    const { helped, mine } = practiceResult(hedge(), truth, { today: 300, acts });
    expect(mine.left).toBeGreaterThan(99);
    expect(['other-days', 'one-more']).toContain(helped.what);
    expect(helped.fewer).toBeGreaterThan(30);
  });

  test('done as well as can be, hardly anything would have helped but more of it', () => {
    const practised = hedge({ ways: [{ ...hedge().ways[0]!, mostTimes: 1 }] });
    const truth = hiddenTruth(practised, 109);
    const { best } = practiceResult(practised, truth, { today: 300, acts: [] });
    const acts = best.treatments.map((treatment) => ({ does: 'treat' as const, ...treatment }));
    expect(practiceResult(practised, truth, { today: 300, acts }).helped.what).toBe('little');
  });

  test('a treatment that took nothing could have been left out', () => {
    const practised = hedge({ ways: [{ ...hedge().ways[0]!, mostTimes: 1 }] });
    const truth = hiddenTruth(practised, 109);
    const [best] = practiceResult(practised, truth, { today: 300, acts: [] }).best.treatments;
    const acts = [120, best!.day].map((day) => ({ does: 'treat' as const, day, wayId: 'oil' }));
    const { helped } = practiceResult(practised, truth, { today: 300, acts });
    expect(helped).toEqual({ what: 'one-fewer', treatment: { day: 120, wayId: 'oil' }, fewer: 0 });
  });

  test('a way that may be used once is used no more often, not even in what would have helped', () => {
    const practised = hedge({ ways: [hedge().ways[1]!] });
    const truth = hiddenTruth(practised, 110);
    const acts = [130, 150, 170].map((day) => ({ does: 'treat' as const, day, wayId: 'prune' }));
    expect(practiceResult(practised, truth, { today: 300, acts }).best.treatments).toHaveLength(1);
  });

  test('cutting a source back later changes nothing that was caught or counted before', () => {
    const base = hedge();
    if (base.trouble.by !== 'hatch') throw new Error('hatches');
    const figures = { ...HEDGE_FIGURES, source: { low: 0.4, middle: 0.6, high: 0.9 } };
    const practised = hedge({ trouble: { ...base.trouble, figures } });
    const truth = hiddenTruth(practised, 111);
    const [from] = hatchDays(truth.season.generations[0]!);
    const before = [
      { does: 'hang' as const, day: 120 },
      { does: 'read' as const, day: from + 7 },
      { does: 'look' as const, day: from + 7 },
    ];
    const seen = practiceSights(practised, truth, { today: 300, acts: before });
    const cleared = practiceSights(practised, truth, {
      today: 300,
      acts: [...before, { does: 'clear-source', day: from + 8 }],
    });
    expect(cleared.slice(0, seen.length)).toEqual(seen);
  });

  test('cleared before the hatch the stream ends where the result does', () => {
    const base = hedge();
    if (base.trouble.by !== 'hatch') throw new Error('hatches');
    const figures = { ...HEDGE_FIGURES, source: { low: 0.4, middle: 0.6, high: 0.9 } };
    const practised = hedge({ trouble: { ...base.trouble, figures } });
    const truth = hiddenTruth(practised, 111);
    const treatments = [{ day: 170, wayId: 'oil' }];
    const end = practisedStream(truth, treatmentsDone(practised, truth, treatments), 120).at(-1)!;
    expect(end.crawler + end.settled + end.second + end.grown).toBeCloseTo(
      practisedLeft(practised, truth, { treatments, clearedOn: 120 }),
      6,
    );
  });

  test('a source cut back before the hatch helps most of what comes over, after it nothing', () => {
    const base = hedge();
    if (base.trouble.by !== 'hatch') throw new Error('hatches');
    const figures = { ...HEDGE_FIGURES, source: { low: 0.4, middle: 0.6, high: 0.9 } };
    const practised = hedge({ trouble: { ...base.trouble, figures } });
    const truth = hiddenTruth(practised, 111);
    const left = (clearedOn: number | null) => practisedLeft(practised, truth, { treatments: [], clearedOn });
    const source = truth.season.source;
    expect(left(null)).toBeCloseTo(100, 9);
    expect(left(120)).toBeCloseTo((100 * (1 + 0.1 * source)) / (1 + source), 4);
    expect(left(300)).toBeCloseTo(100, 9);
    expect(practiceResult(practised, truth, { today: 300, acts: [] }).best.clearedOn).toBe(120);
    const cleared = practiceResult(practised, truth, {
      today: 300,
      acts: [{ does: 'clear-source', day: 127 }],
    });
    expect(cleared.mine).toMatchObject({ clearedOn: 127, treatments: [] });
  });
});

describe('a made-up spring', () => {
  const scab: WetTrouble = {
    by: 'wet-spells',
    disease: 'apple-scab',
    baseC: 0,
    openAtCd: sharp(30),
    halfOpenDays: 20,
    reachBackDays: 4,
    spotsAfterDays: 14,
  };
  const day = (date: string, meanC: number, rainMm: number) => ({
    date,
    minC: meanC - 4,
    maxC: meanC + 4,
    rainMm,
    windMs: null,
  });
  const days = (rains: readonly number[], meanC = 10) =>
    rains.map((rainMm, i) => day(`2026-04-${String(i + 1).padStart(2, '0')}`, meanC, rainMm));

  test('buds open when their heat has gathered: 30 °C·days at 10 °C a day on the third', () => {
    expect(madeUpSpring(scab, days([0, 0, 0, 0]), 1).openOn).toBe(2);
    expect(madeUpSpring(scab, days([0, 0]), 1).openOn).toBe(2);
  });

  test('no rain, no infection; before buds open none either', () => {
    expect(madeUpSpring(scab, days([0, 0, 0, 0, 0, 0]), 1).infections).toEqual([]);
    expect(madeUpSpring(scab, days([30, 30, 0, 0, 0]), 1).infections).toEqual([]);
  });

  test('a long wet spell infects, the more the longer; too cold it does not', () => {
    const weight = (rainMm: number, meanC = 10) =>
      madeUpSpring(scab, days([0, 0, 0, 0, rainMm, 0], meanC), 3).infections[0]?.weight ?? 0;
    expect(weight(30)).toBeGreaterThan(weight(20));
    expect(weight(20)).toBeGreaterThan(0);
    expect(madeUpSpring({ ...scab, openAtCd: sharp(1) }, days([0, 0, 0, 20], 0.5), 3).infections).toEqual([]);
  });

  test('curl takes no hold when the day after is warm', () => {
    const curl: WetTrouble = { ...scab, disease: 'peach-leaf-curl' };
    const cool = days([0, 0, 0, 25, 0]);
    expect(madeUpSpring(curl, cool, 3).infections).toHaveLength(1);
    const warm = cool.map((each, i) => (i === 4 ? { ...each, maxC: 22 } : each));
    expect(madeUpSpring(curl, warm, 3).infections).toEqual([]);
  });
});

describe('when heat usually gathers', () => {
  test('a place of 15 °C all year gathers 5 a day above 10', () => {
    const even = normalsFromTable(MEANS.map(() => ({ minC: 10, maxC: 20, rainMm: 0, wetDays: 0 })));
    const usual = usualDayOfHeat(even, { start: '2026-01-01', days: 300 }, 10, 500);
    expect(usual).toBeGreaterThan(85);
    expect(usual).toBeLessThan(110);
  });

  test('a place that never does has no day', () => {
    const cold = normalsFromTable(MEANS.map(() => ({ minC: -10, maxC: 2, rainMm: 0, wetDays: 0 })));
    expect(usualDayOfHeat(cold, { start: '2026-01-01', days: 330 }, 10, 200)).toBeNull();
  });
});
