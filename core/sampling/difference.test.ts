import { describe, expect, test } from '@jest/globals';
import { randomBinomial, randomLcg } from 'd3-random';
import { differenceOfPairs, differenceOfShares, differenceOverTrees, wilson } from './index.ts';

const pairs = (both: number, lost: number, won: number, neither: number) => [
  ...Array(both).fill({ before: true, after: true }),
  ...Array(lost).fill({ before: true, after: false }),
  ...Array(won).fill({ before: false, after: true }),
  ...Array(neither).fill({ before: false, after: false }),
];

describe('the same leaves looked at twice', () => {
  test('where the first look tells nothing of the second, they are as picked afresh', () => {
    const afresh = (before: number, after: number) =>
      differenceOfShares(wilson(before, 20), wilson(after, 20));
    // 5 of 20 both, 5 lost, 5 won, 5 neither: 5 · 5 − 5 · 5 = 0.
    expect(differenceOfPairs(pairs(5, 5, 5, 5)).low).toBeCloseTo(afresh(10, 10).low, 12);
    // 6 · 4 − 5 · 5 < 10, half the units: held back to nothing.
    expect(differenceOfPairs(pairs(6, 4, 5, 5)).high).toBeCloseTo(afresh(10, 11).high, 12);
  });

  test('the more kept what they had, the narrower: by hand', () => {
    // 12 both, 6 lost, none won, 12 neither: 144 − 0 − 15 = 129 over √(18·12·12·18) = 216: 0.5972.
    const { value, low, high } = differenceOfPairs(pairs(12, 6, 0, 12));
    const [first, second] = [wilson(18, 30), wilson(12, 30)];
    const reach = (a: number, b: number) => Math.sqrt(a * a - 2 * (129 / 216) * a * b + b * b);
    expect(value).toBeCloseTo(-0.2, 12);
    expect(low).toBeCloseTo(-0.2 - reach(second.value - second.low, first.high - first.value), 12);
    expect(high).toBeCloseTo(-0.2 + reach(second.high - second.value, first.value - first.low), 12);
    expect(high).toBeLessThan(0);
    expect(differenceOfShares(first, second).high).toBeGreaterThan(0);
  });

  test('looks that contradict each other widen it; all alike leave it as it is', () => {
    const against = differenceOfPairs(pairs(0, 10, 10, 0)),
      afresh = differenceOfShares(wilson(10, 20), wilson(10, 20));
    expect(against.high - against.low).toBeGreaterThan(afresh.high - afresh.low);
    expect(differenceOfPairs(pairs(8, 0, 0, 0)).low).toBeCloseTo(
      differenceOfShares(wilson(8, 8), wilson(8, 8)).low,
      12,
    );
  });

  test('turned round it is turned over', () => {
    const there = differenceOfPairs(pairs(7, 5, 1, 9)),
      back = differenceOfPairs(pairs(7, 1, 5, 9));
    expect(there.value).toBeCloseTo(-back.value, 12);
    expect(there.low).toBeCloseTo(-back.high, 12);
    expect(there.high).toBeCloseTo(-back.low, 12);
  });
});

describe('the same trees at two winters', () => {
  const tree = (before: number, after: number, outOf = 10) => ({
    before: { hits: before, outOf },
    after: { hits: after, outOf },
  });

  test('by hand: what sets trees apart falls out, their own differences do not', () => {
    // 9 → 3, 5 → 5, 1 → 1 of 10: −0.2; residuals −0.6 + 0.2, 0.2, 0.2 of a third each: 3/2 · 0.24/9 = 0.04.
    const differing = differenceOverTrees([tree(9, 3), tree(5, 5), tree(1, 1)]);
    expect(differing.value).toBeCloseTo(-0.2, 12);
    expect(differing.high).toBeCloseTo(-0.2 + 4.3026527 * 0.2, 6);
    expect(differing.low).toBe(-1);
  });

  test('trees that agree are no certainty: spurs are picked by chance', () => {
    // 6 → 3 of 10 on each of three: chance of 18/30 and 9/30 with two and two added, over 30 spurs.
    const { value, low, high } = differenceOverTrees([tree(6, 3), tree(6, 3), tree(6, 3)]);
    const chance = ((20 / 34) * (14 / 34) + (11 / 34) * (23 / 34)) / 30;
    expect(value).toBeCloseTo(-0.3, 12);
    expect(high).toBeCloseTo(-0.3 + 1.959964 * Math.sqrt(chance), 6);
    expect(low).toBeCloseTo(-0.3 - 1.959964 * Math.sqrt(chance), 6);
  });

  test('a tree with more spurs weighs more; one tree is no comparison', () => {
    const { value } = differenceOverTrees([tree(10, 0, 20), tree(0, 0, 5)]);
    expect(value).toBeCloseTo(-0.4, 12);
    expect(() => differenceOverTrees([tree(3, 1)])).toThrow(RangeError);
  });

  test('of trees that differ for good and did not change, it leaves out nought at most one time in twenty', () => {
    const binomial = randomBinomial.source(randomLcg(0.7));
    const draws = [0.05, 0.1, 0.2, 0.4, 0.6, 0.9].map((share) => binomial(8, share));
    let claimed = 0;
    for (let run = 0; run < 1000; run++) {
      const { low, high } = differenceOverTrees(draws.map((draw) => tree(draw(), draw(), 8)));
      if (low > 0 || high < 0) claimed++;
    }
    expect(claimed).toBeLessThan(60);
  });
});
