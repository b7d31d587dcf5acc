import { describe, expect, test } from '@jest/globals';
import { simulateTwigs } from '#simulated';
import { clusteredShare, levelRange, meanCount, summarise, wilson, type LevelBounds } from './index.ts';

const ARMORED: LevelBounds = [0, 0.5, 2, 10, 30];

describe('shares', () => {
  test('Wilson against published worked values', () => {
    // Newcombe 1998 (Stat. Med. 17:857), table I, method 3: 81/263, 15/148, 0/20, 1/29.
    const published: [number, number, number, number][] = [
      [81, 263, 0.2553, 0.3662],
      [15, 148, 0.0624, 0.1605],
      [0, 20, 0, 0.1611],
      [1, 29, 0.0061, 0.1718],
    ];
    for (const [hits, outOf, low, high] of published) {
      const interval = wilson(hits, outOf);
      expect(interval.low).toBeCloseTo(low, 4);
      expect(interval.high).toBeCloseTo(high, 4);
    }
    expect(() => wilson(3, 2)).toThrow(RangeError);
  });

  test('twigs that agree cost what few twigs cost, twigs that differ widen the interval', () => {
    const even = clusteredShare(Array.from({ length: 10 }, () => ({ hits: 2, outOf: 10 })))!;
    // t with 9 free is 2.2622: 100 covers count as 100 · (1.95996/2.2622)² = 75.07.
    const effective = 100 * (1.959964 / 2.2621572) ** 2;
    expect(even.low).toBeCloseTo(wilson(0.2 * effective, effective).low, 5);
    expect(even.high).toBeCloseTo(wilson(0.2 * effective, effective).high, 5);
    const split = clusteredShare([
      ...Array(8).fill({ hits: 0, outOf: 10 }),
      ...Array(2).fill({ hits: 10, outOf: 10 }),
    ])!;
    // Between-twig variance by hand: 10/9 · (8·2² + 2·8²)/100² = 0.01778; binomial (22/104)(82/104)/100
    // = 0.001668.
    expect(split.itemsALook).toBeCloseTo((0.0177778 / 0.0016679) * (2.2621572 / 1.959964) ** 2, 2);
    expect(split.high - split.low).toBeGreaterThan(2 * (even.high - even.low));
    expect(clusteredShare([{ hits: 0, outOf: 0 }])).toBeNull();
  });
});

describe('mean counts', () => {
  test('worked by hand', () => {
    const { value, low, high, logStandardError } = meanCount([2, 4, 6, 8]);
    expect(value).toBe(5);
    // Sample variance 20/3; s.e. of the log √(20/3/4)/5; t(0.975, 3) = 3.18245.
    expect(logStandardError).toBeCloseTo(0.258199, 6);
    expect(high).toBeCloseTo(5 * Math.exp(3.18245 * 0.258199), 3);
    expect(low * high).toBeCloseTo(25, 9);
  });

  test('nothing found still allows some', () => {
    expect(meanCount(Array(10).fill(0))).toMatchObject({ value: 0, low: 0, high: -Math.log(0.025) / 10 });
  });

  test('refuses what is not a count', () => {
    expect(() => meanCount([3])).toThrow('at least 2');
    expect(() => meanCount([3, -1])).toThrow('whole numbers');
    expect(() => meanCount([3, 1.5])).toThrow('whole numbers');
  });

  test.each([
    [1, 10],
    [1, 20],
    [2, 10],
    [8, 20],
  ])('covers the truth about 19 times in 20 when clumping k = %d and n = %d', (clumping, n) => {
    let held = 0;
    const runs = 1500;
    for (let seed = 1; seed <= runs; seed++) {
      const twigs = simulateTwigs(
        { livePerTwig: 6, deadPerLive: 0.3, holedShare: 0.2, clumping },
        n,
        seed * 7919,
      );
      const { low, high } = meanCount(twigs.map(({ counts }) => counts.live!));
      if (low <= 6 && 6 <= high) held++;
    }
    expect(held / runs).toBeGreaterThan(0.92);
    expect(held / runs).toBeLessThan(0.985);
  });
});

describe('levels', () => {
  test('bounds are exceeded, not met, and the interval is carried through', () => {
    expect(levelRange({ value: 2, low: 0.4, high: 12 }, ARMORED)).toEqual({ level: 2, low: 1, high: 4 });
    expect(levelRange({ value: 0, low: 0, high: 0.3 }, ARMORED)).toEqual({ level: 0, low: 0, high: 1 });
  });

  test('a twig sample is summed up whole', () => {
    const twig = (live: number, dead: number, holed: number) => ({ counts: { live, dead, holed } });
    const summary = summarise('twig', [twig(4, 1, 1), twig(2, 0, 2), twig(3, 2, 0)], ARMORED);
    expect(summary.measure).toMatchObject({ kind: 'mean', value: 3, units: 3 });
    expect(summary.level!.level).toBe(3);
    expect(summary.covers).toBe(15);
    expect(summary.holedShare!.value).toBeCloseTo(0.2, 12);
  });

  test('simulated twigs have the holed share they were asked for', () => {
    const twigs = simulateTwigs(
      { livePerTwig: 6, deadPerLive: 0.3, holedShare: 0.35, clumping: 1 },
      4000,
      5,
    ).map(({ counts }) => counts);
    const holed =
      twigs.reduce((s, t) => s + t.holed!, 0) / twigs.reduce((s, t) => s + t.live! + t.dead! + t.holed!, 0);
    expect(holed).toBeGreaterThan(0.33);
    expect(holed).toBeLessThan(0.37);
  });
});
