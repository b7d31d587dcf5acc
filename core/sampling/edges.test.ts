import { describe, expect, test } from '@jest/globals';
import {
  agreement,
  clusteredShare,
  itemProblem,
  levelOf,
  meanArea,
  meanCount,
  planAround,
  sequentialVerdict,
  summarise,
  unitsForPrecision,
  unitsToDecide,
  wilson,
  type Measure,
} from './index.ts';
import { t95For } from './spread.ts';

/** Values by hand, from tables of Student's t (0.975): 4 free 2.7764, 9 free 2.2622, 14 free 2.1448. */

describe("Wilson's interval", () => {
  test.each([
    // Hits, out of, low, high: by the formula with z 1.959964.
    [0, 15, 0, 0.2039],
    [15, 15, 0.7961, 1],
    [5, 20, 0.1119, 0.4687],
    [1, 2, 0.0945, 0.9055],
  ])('%i of %i: %d to %d', (hits, outOf, low, high) => {
    const share = wilson(hits, outOf);
    expect(share.low).toBeCloseTo(low, 4);
    expect(share.high).toBeCloseTo(high, 4);
    expect(share.value).toBe(hits / outOf);
  });

  test.each([
    [-1, 10],
    [11, 10],
    [0, 0],
    [0, -5],
    [Number.NaN, 10],
    [1, Number.NaN],
  ])('%d of %d is no share', (hits, outOf) => {
    expect(() => wilson(hits, outOf)).toThrow(RangeError);
  });
});

describe('a share over units that hold several', () => {
  test('without items there is none', () => {
    expect(clusteredShare([])).toBeNull();
    expect(clusteredShare([{ hits: 0, outOf: 0 }])).toBeNull();
  });

  test('of one unit is one look, however many it holds', () => {
    const one = { ...wilson(0.3, 1), outOf: 10, itemsALook: 10 };
    expect(clusteredShare([{ hits: 3, outOf: 10 }])).toMatchObject(one);
    // Units that hold nothing are none.
    expect(
      clusteredShare([
        { hits: 3, outOf: 10 },
        { hits: 0, outOf: 0 },
      ]),
    ).toMatchObject(one);
  });

  test('of few units that happen to agree is no surer than of few units', () => {
    const alike = clusteredShare([
      { hits: 3, outOf: 10 },
      { hits: 3, outOf: 10 },
    ])!;
    expect(alike).toMatchObject({ value: 0.3, outOf: 20 });
    // t with 1 free is 12.7062: 20 items count as 20 / (12.7062/1.95996)² = 0.4759.
    const effective = 20 / (12.7062047 / 1.959964) ** 2;
    expect(alike.low).toBeCloseTo(wilson(0.3 * effective, effective).low, 6);
    expect(alike.high).toBeCloseTo(wilson(0.3 * effective, effective).high, 6);
    // One unit a little off changes little: agreement is no cliff.
    const nearly = clusteredShare([
      { hits: 3, outOf: 10 },
      { hits: 4, outOf: 10 },
    ])!;
    expect(nearly.high - nearly.low).toBeCloseTo(alike.high - alike.low, 1);
  });

  test('of few units that differ is widened by how far they differ, and by how little few tell', () => {
    // Two twigs of ten, all and none: variance between 2/1 · (25 + 25)/400 = 0.25, binomial (12/24)²/20 = 0.0125.
    const share = clusteredShare([
      { hits: 10, outOf: 10 },
      { hits: 0, outOf: 10 },
    ])!;
    expect(share.itemsALook).toBeCloseTo(20 * (12.7062047 / 1.959964) ** 2, 4);
    // t with 1 free is 12.7062: 20 items count as 20 / (20 · (12.7062/1.95996)²) = 0.0238.
    const effective = 20 / (20 * (12.7062047 / 1.959964) ** 2);
    const plain = wilson(effective / 2, effective);
    expect(share.low).toBeCloseTo(plain.low, 6);
    expect(share.high).toBeCloseTo(plain.high, 6);
    expect(share.value).toBe(0.5);
  });

  test('three units that differ as much say more than two', () => {
    const unit = (hits: number) => ({ hits, outOf: 10 });
    const width = (share: { low: number; high: number }) => share.high - share.low;
    const [two, four] = [
      clusteredShare([unit(8), unit(2)])!,
      clusteredShare([unit(8), unit(2), unit(8), unit(2)])!,
    ];
    expect(width(four)).toBeLessThan(width(two));
  });
});

describe('a mean', () => {
  test('of nothing has the bound of Poisson over the units', () => {
    // −ln 0.025 = 3.6889, over 15.
    expect(meanCount(Array<number>(15).fill(0))).toEqual({
      value: 0,
      low: 0,
      high: expect.closeTo(0.24593, 5) as unknown as number,
      units: 15,
      logStandardError: null,
    });
  });

  test('of counts that scatter less than chance is held to chance', () => {
    const even = meanCount([4, 4, 4, 4, 4]);
    // Variance at least the mean: √(4/5)/4 = 0.2236; t with 4 free.
    expect(even.logStandardError).toBeCloseTo(0.2236068, 6);
    expect(even.low).toBeCloseTo(4 / Math.exp(2.7764451 * 0.2236068), 5);
    expect(even.high).toBeCloseTo(4 * Math.exp(2.7764451 * 0.2236068), 5);
  });

  test.each([[[1]], [[1.5, 2]], [[-1, 2]], [[Number.NaN, 1]], [[]]])('%j cannot be counted', (counts) => {
    expect(() => meanCount(counts)).toThrow(RangeError);
  });

  test('of leaf area: no spot at all still allows a fiftieth of the leaves that may hide one', () => {
    const none = meanArea(Array<number>(20).fill(0));
    expect(none).toMatchObject({ value: 0, low: 0, units: 20, logStandardError: null });
    expect(none.high).toBeCloseTo(wilson(0, 20).high * 2, 9);
  });

  test('of leaf area that happens to agree is no surer than each leaf was judged', () => {
    const alike = meanArea([10, 10, 10]);
    // ln 2/√12 = 0.20010, over √3: 0.115525; t with 2 free 4.30265.
    expect(alike.logStandardError).toBeCloseTo(0.115525, 5);
    expect(alike.low).toBeCloseTo(10 / Math.exp(4.3026527 * 0.115525), 3);
    expect(alike.high).toBeCloseTo(10 * Math.exp(4.3026527 * 0.115525), 3);
  });

  test('of leaf area is bounded by the whole leaf, and its ends lie about it', () => {
    const spotted = meanArea([10, 20, 30, 40, 50]);
    // Deviation 15.811, over √5 and the mean 30: 0.2357; t with 4 free.
    expect(spotted.logStandardError).toBeCloseTo(0.235702, 5);
    expect(spotted.low).toBeCloseTo(30 / Math.exp(2.7764451 * 0.235702), 3);
    expect(spotted.high).toBeCloseTo(30 * Math.exp(2.7764451 * 0.235702), 3);
    expect(meanArea([100, 100, 10]).high).toBe(100);
    expect(meanArea([0, 100]).value).toBe(50);
  });

  test.each([[[5]], [[-1, 5]], [[5, 101]], [[Number.NaN, 5]]])('area %j cannot be had', (percents) => {
    expect(() => meanArea(percents)).toThrow(RangeError);
  });
});

describe("Student's t, with the freedom a variance really has", () => {
  test('of values all alike is that of their number', () => {
    expect(t95For([3, 3, 3, 3, 3])).toBeCloseTo(2.7764451, 5);
  });

  test('of values without heavy ends too', () => {
    // A flat spread has less kurtosis than a normal one: 10 values, 9 free.
    expect(t95For([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])).toBeCloseTo(2.2621572, 5);
  });

  test('of one large value among many small ones is that of few', () => {
    // Ten values, nine of them 0: kurtosis 8.1111, excess 5.1111; 2 ÷ (0.51111 + 0.22222) = 2.7273 free.
    const lonely = [0, 0, 0, 0, 0, 0, 0, 0, 0, 10];
    const freedom = 2 / (5.1111111 / 10 + 2 / 9);
    expect(freedom).toBeCloseTo(2.7272727, 5);
    expect(t95For(lonely)).toBeGreaterThan(t95For([0, 0, 0, 0, 0, 10, 10, 10, 10, 10]));
    // Between t with 2 free, 4.3027, and with 3, 3.1824.
    expect(t95For(lonely)).toBeLessThan(4.3027);
    expect(t95For(lonely)).toBeGreaterThan(3.1824);
  });
});

const mean = (value: number, logStandardError: number | null, units = 15, high = value): Measure => ({
  kind: 'mean',
  value,
  low: 0,
  high,
  units,
  logStandardError,
  itemsALook: 1,
});

describe('how many more to count', () => {
  const share = (value: number, units: number, itemsALook = 1): Measure => {
    const { low, high } = wilson((value * units) / itemsALook, units / itemsALook);
    return { kind: 'share', value, low, high, units, logStandardError: null, itemsALook };
  };

  test('until a share is as sharp as asked: 0.2 either way at one half needs 21', () => {
    // Wilson's half width at 0.5 is below 0.2 from n = 20.2 on.
    expect(unitsForPrecision(share(0.5, 10), 0.2)).toEqual({ kind: 'more', units: 11 });
    expect(unitsForPrecision(share(0.5, 30), 0.2)).toEqual({ kind: 'enough' });
    expect(unitsForPrecision(share(0.5, 10), 0.01)).toEqual({ kind: 'beyond' });
    // Units that resemble each other count for half.
    expect(unitsForPrecision(share(0.5, 10, 2), 0.2)).toEqual({ kind: 'more', units: 31 });
  });

  test('until a mean is: its scatter shrinks with the root, its t with the freedom', () => {
    // One unit scatters by 0.5 on the logarithm: t(n − 1) · 0.5/√n ≤ ln 1.25 = 0.22314 first at 22.
    expect(unitsForPrecision(mean(8, 0.5 / Math.sqrt(15)), 0.25)).toEqual({ kind: 'more', units: 7 });
    expect(unitsForPrecision(mean(8, 0.5 / Math.sqrt(30), 30), 0.25)).toEqual({ kind: 'enough' });
    expect(unitsForPrecision(mean(0, null), 0.25)).toEqual({ kind: 'beyond' });
    expect(unitsForPrecision(mean(8, 100), 0.25)).toEqual({ kind: 'beyond' });
  });

  test('until it is on one side of a threshold', () => {
    expect(unitsToDecide(share(0.5, 100), 0.2)).toEqual({ kind: 'enough' });
    expect(unitsToDecide(share(0.05, 100), 0.2)).toEqual({ kind: 'enough' });
    const more = unitsToDecide(share(0.4, 10), 0.2);
    expect(more.kind).toBe('more');
    const total = 10 + (more.kind === 'more' ? more.units : 0);
    expect(wilson(0.4 * total, total).low).toBeGreaterThan(0.2);
    expect(wilson(0.4 * (total - 1), total - 1).low).toBeLessThanOrEqual(0.2);
    expect(unitsToDecide(share(0.1, 10), 0.2).kind).toBe('more');
    expect(unitsToDecide(share(0.2, 10), 0.2)).toEqual({ kind: 'beyond' });
  });

  test('a mean against a threshold: (z · scatter ÷ ln ratio)² units', () => {
    // Scatter 1 a unit, 4 against 2: (1.96 ÷ 0.6931)² = 7.996, so 8.
    const wide = (units: number): Measure => ({ ...mean(4, 1 / Math.sqrt(units), units), low: 1, high: 9 });
    expect(unitsToDecide(wide(5), 2)).toEqual({ kind: 'more', units: 3 });
    expect(unitsToDecide(wide(8), 2)).toEqual({ kind: 'enough' });
    expect(unitsToDecide({ ...wide(5), logStandardError: null }, 2)).toEqual({ kind: 'beyond' });
    expect(unitsToDecide({ ...wide(5), low: 0 }, 0)).toEqual({ kind: 'beyond' });
    expect(unitsToDecide(wide(5), 4)).toEqual({ kind: 'beyond' });
    expect(unitsToDecide({ ...wide(5), low: 3 }, 2)).toEqual({ kind: 'enough' });
    expect(unitsToDecide({ ...wide(5), high: 1.5 }, 2)).toEqual({ kind: 'enough' });
    expect(unitsToDecide(wide(5), 3.999)).toEqual({ kind: 'beyond' });
  });
});

describe('looking again and again', () => {
  test('the plan leaves room on both sides of its threshold', () => {
    const ends = (threshold: number) => {
      const { low, high } = planAround(threshold);
      return [low, high].map((end) => Math.round(end * 1000) / 1000);
    };
    expect(ends(0.2)).toEqual([0.1, 0.3]);
    expect(ends(0.1)).toEqual([0.05, 0.15]);
    expect(ends(0.9)).toEqual([0.85, 0.95]);
    expect(planAround(0.2)).toMatchObject({ falseAlarm: 0.1, missed: 0.1, most: 100, least: 5 });
    expect(planAround(0.2, 40).most).toBe(40);
  });

  test('nothing is decided before five, however they come out', () => {
    const plan = planAround(0.2);
    expect(sequentialVerdict(plan, 4, 4)).toBe('go-on');
    expect(sequentialVerdict(plan, 5, 5)).toBe('above');
    expect(sequentialVerdict(plan, 0, 5)).toBe('go-on');
  });

  test("by Wald's lines: each hit adds ln 3, each miss takes ln 9/7; ln 9 decides", () => {
    const plan = planAround(0.2);
    // Misses: 0.25131 each; ln 9 = 2.19722 is passed at the ninth.
    expect(sequentialVerdict(plan, 0, 8)).toBe('go-on');
    expect(sequentialVerdict(plan, 0, 9)).toBe('below');
    // Three hits 3.29584 in n: above while 3.29584 − (n − 3) · 0.25131 ≥ 2.19722, so to n = 7.
    expect(sequentialVerdict(plan, 3, 7)).toBe('above');
    expect(sequentialVerdict(plan, 3, 8)).toBe('go-on');
  });

  test('at the cut the nearer line decides', () => {
    const plan = { ...planAround(0.2), most: 20 };
    // Middle of the lines is 0: hits · 1.09861 against misses · 0.25131, level at 3.72 of 20.
    expect(sequentialVerdict(plan, 4, 20)).toBe('above');
    expect(sequentialVerdict(plan, 3, 20)).toBe('below');
    expect(sequentialVerdict({ ...plan, most: 21 }, 4, 20)).toBe('go-on');
  });

  test.each([
    [{ low: 0 }, 1, 2],
    [{ high: 1 }, 1, 2],
    [{ low: 0.3, high: 0.3 }, 1, 2],
    [{ low: 0.4, high: 0.3 }, 1, 2],
    [{ low: -0.1 }, 1, 2],
    [{}, -1, 2],
    [{}, 3, 2],
  ])('%j with %i of %i is refused', (more, hits, outOf) => {
    expect(() => sequentialVerdict({ ...planAround(0.2), ...more }, hits, outOf)).toThrow(RangeError);
  });
});

describe('an eye against the truth', () => {
  test('worked by hand: bias, spread, concordance and fives', () => {
    // Truth 10, 20, 30; guesses 15, 20, 40: differences 5, 0, 10.
    const told = agreement([
      { truth: 10, guess: 15 },
      { truth: 20, guess: 20 },
      { truth: 30, guess: 40 },
    ]);
    expect(told.bias).toBeCloseTo(5, 12);
    expect(told.spread).toBeCloseTo(5, 12);
    // Covariance 250/3, variances 200/3 and 350/3, means 20 and 25: 2 · 83.333 ÷ (66.667 + 116.667 + 25) = 0.8.
    expect(told.concordance).toBeCloseTo(0.8, 12);
    expect(told.roundShare).toBe(1);
  });

  test('a guess of nothing is not a round one', () => {
    const told = agreement([
      { truth: 0, guess: 0 },
      { truth: 3, guess: 5 },
      { truth: 4, guess: 7 },
    ]);
    expect(told.roundShare).toBeCloseTo(1 / 3, 12);
  });

  test('needs two, and truths or guesses that vary', () => {
    expect(() => agreement([{ truth: 1, guess: 1 }])).toThrow(RangeError);
    expect(agreement(Array(2).fill({ truth: 5, guess: 5 })).concordance).toBeNull();
  });
});

describe('a sample', () => {
  const leaf = (percent: number) => ({ counts: { percent } });

  test('needs two units, and knows area from share and mean', () => {
    expect(() => summarise('disease', [leaf(3)], null)).toThrow(RangeError);
    const { measure, holedShare, covers, level } = summarise(
      'disease',
      [leaf(3), leaf(5), leaf(0)],
      [0, 1, 5, 15, 40],
    );
    expect(measure).toMatchObject({ kind: 'area', units: 3, itemsALook: 1 });
    expect(measure.value).toBeCloseTo(8 / 3, 12);
    expect([holedShare, covers]).toEqual([null, 0]);
    expect(level?.level).toBe(2);
  });

  test('trees are clusters from the first one on, and each more narrows the share', () => {
    const spurs = (trees: readonly number[]) =>
      trees.flatMap((tree, i) =>
        [0, 1, 2, 3].map((at) => ({
          counts: {
            liveScale: (i + at) % 2,
            holedScale: 0,
            softNymphs: 0,
            stalkedEggs: 0,
            plainEggs: 0,
            aphidEggs: 0,
          },
          tree,
        })),
      );
    const measured = (...trees: number[]) => summarise('spur', spurs(trees), null).measure;
    // One tree of four spurs: 1 + 3 · 0.2 = 1.6 spurs a look, with 2 free (t 4.3027) (4.3027/1.95996)² as many.
    expect(measured(1).itemsALook).toBeCloseTo(1.6 * (4.3026527 / 1.959964) ** 2, 4);
    // Two trees alike: (0 told + 2 · 1.6) / 3 = 1.0667, with 3 free (t 3.1824).
    expect(measured(1, 2).itemsALook).toBeCloseTo((3.2 / 3) * (3.1824463 / 1.959964) ** 2, 4);
    const widths = [measured(1), measured(1, 2), measured(1, 2, 3), measured(1, 2, 3, 4)].map(
      ({ low, high }) => high - low,
    );
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(widths[1]! - widths[2]!).toBeGreaterThan(0.05);
    const untold = spurs([1, 2, 3]).map((unit, i) => (i === 0 ? { counts: unit.counts } : unit));
    expect(summarise('spur', untold, null).measure.itemsALook).toBe(1);
  });

  test('a value must exceed a bound to reach its level', () => {
    const bounds = [0, 0.5, 2, 10, 30] as const;
    expect([0, 0.1, 0.5, 0.6, 2, 10.1, 30, 31].map((value) => levelOf(value, bounds))).toEqual([
      0, 1, 1, 2, 2, 4, 4, 5,
    ]);
  });
});

test.each<[Parameters<typeof itemProblem>[0], number | undefined, string | null]>([
  ['count', undefined, 'a-number-is-missing'],
  ['count', Number.NaN, 'a-number-is-missing'],
  ['count', -1, 'cannot-be-negative'],
  ['count', 0, null],
  ['count', 1.5, 'a-whole-number'],
  ['count', 5000, null],
  ['count', 5001, 'most/5000'],
  ['yes-no', 1, null],
  ['yes-no', 2, 'there-or-not'],
  ['yes-no', 0.5, 'a-whole-number'],
  ['percent', 12.5, null],
  ['percent', 100, null],
  ['percent', 100.5, 'most/100/%'],
])('%s %s: %s', (kind, value, problem) => {
  expect(itemProblem(kind, value)).toBe(problem);
});
