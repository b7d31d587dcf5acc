import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { randomBeta, randomBinomial, randomLcg } from 'd3-random';
import {
  agreement,
  differenceOfShares,
  emptyUnit,
  itemProblem,
  meanArea,
  planAround,
  PROTOCOL_SHAPES,
  PROTOCOLS,
  sequentialVerdict,
  summarise,
  unitsForPrecision,
  unitsToDecide,
  wilson,
  type Unit,
} from './index.ts';

const present = (hits: number, outOf: number, tree?: (i: number) => number): Unit[] =>
  Array.from({ length: outOf }, (_, i) => ({
    counts: { present: i < hits ? 1 : 0 },
    ...(tree ? { tree: tree(i) } : {}),
  }));

describe('each protocol by its own measure', () => {
  test('nothing found is a record under every protocol, with what it still allows', () => {
    for (const protocol of PROTOCOLS) {
      const { measure, covers } = summarise(
        protocol,
        Array.from({ length: 15 }, () => emptyUnit(protocol)),
        [0, 0.05, 0.2, 0.5, 0.8],
      );
      expect([measure.value, measure.low, covers]).toEqual([0, 0, 0]);
      expect(measure.high).toBeGreaterThan(0);
    }
    // 0 of 15 spurs still allows one in five.
    const spurs = summarise(
      'spur',
      Array.from({ length: 15 }, () => emptyUnit('spur')),
      [0, 0.05, 0.2, 0.4, 0.6],
    );
    expect(spurs.measure.high).toBeCloseTo(0.2039, 4);
    expect(spurs.level).toEqual({ level: 0, low: 0, high: 3 });
  });

  test('leaves count as infested or not, mines as leaves mined, area as its mean', () => {
    const leaves = [3, 0, 1, 0].map((live) => ({ counts: { live, dead: 1, holed: 0 } }));
    expect(summarise('leaf', leaves, null).measure).toMatchObject({ kind: 'share', value: 0.5, units: 4 });
    expect(
      summarise(
        'mined',
        [2, 0].map((mines) => ({ counts: { mines, larvae: mines && 1 } })),
        null,
      ).found.larvae!.value,
    ).toBe(0.5);
    // 2, 4, 6, 8 %: as the mean count of the same numbers.
    expect(meanArea([2, 4, 6, 8])).toMatchObject({ value: 5 });
    expect(meanArea([2, 4, 6, 8]).logStandardError).toBeCloseTo(0.258199, 6);
    expect(() => meanArea([2, 101])).toThrow(RangeError);
  });

  test('several items of a spur stand side by side', () => {
    const spur = (liveScale: number, aphidEggs: number) => ({
      counts: { ...emptyUnit('spur').counts, liveScale, aphidEggs },
    });
    const { found: shares } = summarise('spur', [spur(1, 0), spur(1, 1), spur(0, 0), spur(0, 0)], null);
    expect([shares.liveScale!.value, shares.aphidEggs!.value, shares.holedScale!.value]).toEqual([
      0.5, 0.25, 0,
    ]);
  });

  test('trees that differ widen the interval, trees alike only by being few', () => {
    const even = summarise(
      'present',
      present(10, 20, (i) => i % 4),
      null,
    ).measure;
    const split = summarise(
      'present',
      present(10, 20, (i) => Math.floor(i / 5)),
      null,
    ).measure;
    // Four trees, 5 free (t 2.5706): alike (3 · 0.16 + 2 · 1.8) / 5, below one, so that only t is left.
    expect(even.itemsALook).toBeCloseTo((2.5705818 / 1.959964) ** 2, 4);
    // Two trees all, two none: 4/3 · 4 · 2.5² / 20 over (12/24)² = 6.6667, so (3 · 6.6667 + 2 · 1.8) / 5 = 4.72.
    expect(split.itemsALook).toBeCloseTo(4.72 * (2.5705818 / 1.959964) ** 2, 4);
  });

  test('what an item may hold', () => {
    expect([itemProblem('count', 3), itemProblem('yes-no', 1), itemProblem('percent', 0.5)]).toEqual([
      null,
      null,
      null,
    ]);
    for (const [kind, value] of [
      ['count', -1],
      ['count', 1.5],
      ['count', 5001],
      ['yes-no', 2],
      ['percent', 100.1],
      ['count', NaN],
      ['count', undefined],
    ] as const)
      expect(itemProblem(kind, value)).not.toBeNull();
  });

  test("a measure is one of its own protocol's items", () => {
    for (const shape of Object.values(PROTOCOL_SHAPES))
      expect(Object.keys(shape.items)).toContain(shape.measure.item);
  });
});

test('differences of shares against published worked values', () => {
  // Newcombe 1998 (Stat. Med. 17:873), table II, method 10.
  const published: [number, number, number, number, number, number][] = [
    [56, 70, 48, 80, 0.0524, 0.3339],
    [9, 10, 3, 10, 0.1705, 0.809],
    [6, 7, 2, 7, 0.0582, 0.8062],
    [5, 56, 0, 29, -0.0381, 0.1926],
    [0, 10, 0, 20, -0.1611, 0.2775],
  ];
  for (const [a, m, b, n, low, high] of published) {
    const difference = differenceOfShares(wilson(b, n), wilson(a, m));
    expect(difference.low).toBeCloseTo(low, 4);
    expect(difference.high).toBeCloseTo(high, 4);
  }
});

describe('how many more', () => {
  test('as many as it says are enough, one fewer are not', () => {
    const measure = summarise('present', present(6, 20), null).measure;
    const more = unitsForPrecision(measure, 0.1);
    if (more.kind !== 'more') throw new Error('expected more');
    const halfWidth = (n: number) => {
      const { low, high } = wilson(0.3 * n, n);
      return (high - low) / 2;
    };
    expect(halfWidth(20 + more.units)).toBeLessThanOrEqual(0.1);
    expect(halfWidth(19 + more.units)).toBeGreaterThan(0.1);
  });

  test('a threshold already cleared asks for none; one that is met exactly cannot be decided', () => {
    const measure = summarise('present', present(10, 20), null).measure;
    expect(unitsToDecide(measure, 0.1)).toEqual({ kind: 'enough' });
    expect(unitsToDecide(measure, 0.4)).toMatchObject({ kind: 'more' });
    expect(unitsToDecide(measure, 0.5)).toEqual({ kind: 'beyond' });
  });
});

describe('looking again and again', () => {
  const plan = planAround(0.2);

  test('Wald by hand: 0.1 against 0.3 with errors of a tenth', () => {
    // Each hit adds ln 3 = 1.0986, each miss ln(0.7/0.9) = −0.2513; the lines lie at ± ln 9 = 2.1972.
    expect(plan).toMatchObject({ low: 0.1, high: 0.30000000000000004 });
    expect(sequentialVerdict(plan, 0, 8)).toBe('go-on');
    expect(sequentialVerdict(plan, 0, 9)).toBe('below');
    expect(sequentialVerdict(plan, 3, 5)).toBe('above');
    expect(sequentialVerdict(plan, 2, 2)).toBe('go-on');
    expect(() => sequentialVerdict(plan, 3, 2)).toThrow(RangeError);
  });

  test('always ends, and errs about as often as it says', () => {
    const draw = randomLcg(11);
    const run = (share: number) => {
      for (let n = 1, hits = 0; ; n++) {
        if (draw() < share) hits++;
        const verdict = sequentialVerdict(plan, hits, n);
        if (verdict !== 'go-on') return verdict;
        expect(n).toBeLessThan(plan.most);
      }
    };
    const called = (share: number, verdict: string) =>
      Array.from({ length: 2000 }, () => run(share)).filter((got) => got === verdict).length / 2000;
    expect(called(plan.low, 'above')).toBeLessThan(0.12);
    expect(called(plan.high, 'below')).toBeLessThan(0.12);
  });
});

describe('an eye against the truth', () => {
  test('Lin by hand', () => {
    // truth 1,2,3 guess 2,3,4: s_xy = s_x² = s_y² = 2/3, means 1 apart: 2·(2/3)/(4/3 + 1) = 4/7.
    const shifted = agreement([1, 2, 3].map((truth) => ({ truth, guess: truth + 1 })));
    expect(shifted.concordance).toBeCloseTo(4 / 7, 12);
    expect([shifted.bias, shifted.spread]).toEqual([1, 0]);
    expect(agreement([5, 10, 12].map((truth) => ({ truth, guess: truth })))).toMatchObject({
      concordance: 1,
      bias: 0,
      roundShare: 2 / 3,
    });
    expect(
      agreement([
        { truth: 1, guess: 1 },
        { truth: 1, guess: 1 },
      ]).concordance,
    ).toBeNull();
    expect(() => agreement([{ truth: 1, guess: 1 }])).toThrow(RangeError);
  });

  test('never leaves −1 to 1, and no one agrees better than with the truth itself', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            truth: fc.double({ min: 0, max: 100, noNaN: true }),
            guess: fc.double({ min: 0, max: 100, noNaN: true }),
          }),
          { minLength: 2, maxLength: 30 },
        ),
        (pairs) => {
          const { concordance } = agreement(pairs);
          if (concordance !== null) expect(Math.abs(concordance)).toBeLessThanOrEqual(1 + 1e-9);
        },
      ),
      { seed: 5, numRuns: 300 },
    );
  });
});

test('intervals of clustered shares hold the truth about 19 times in 20', () => {
  // Eight trees of 12 leaves, each tree with a share of its own drawn from a beta of mean 0.3.
  const source = randomLcg(29);
  const tree = randomBeta.source(source)(3, 7),
    leaves = randomBinomial.source(source);
  let held = 0;
  const runs = 2000;
  for (let run = 0; run < runs; run++) {
    const units = Array.from({ length: 8 }, (_, t) => {
      const infested = leaves(12, tree())();
      return Array.from({ length: 12 }, (__, i) => ({
        counts: { present: i < infested ? 1 : 0 },
        tree: t + 1,
      }));
    }).flat();
    const { low, high } = summarise('present', units, null).measure;
    if (low <= 0.3 && 0.3 <= high) held++;
  }
  expect(held / runs).toBeGreaterThan(0.9);
  expect(held / runs).toBeLessThan(0.98);
});
