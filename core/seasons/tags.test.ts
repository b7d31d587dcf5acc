import { describe, expect, test } from '@jest/globals';
import { simulateTags } from '#simulated';
import { tagVerdict, taggedEffect, untouchedTags } from './index.ts';

const SEEDS = Array.from({ length: 4000 }, (_, seed) => seed);

describe('which tags stay untouched', () => {
  const drawn = SEEDS.map((seed) => untouchedTags(11, seed));

  test('one of every two neighbours, the same for the same seed, another for another', () => {
    for (const tags of drawn)
      for (let pair = 0; pair < 5; pair++) expect(tags[2 * pair]).not.toBe(tags[2 * pair + 1]);
    expect(untouchedTags(11, 77)).toEqual(untouchedTags(11, 77));
    expect(new Set(drawn.map((tags) => tags.join())).size).toBe(2 ** 6);
    expect(untouchedTags(0, 1)).toEqual([]);
  });

  test('by chance: each place about half the time, each way of all about as often, pairs know nothing of each other', () => {
    for (let place = 0; place < 11; place++) {
      const often = drawn.filter((tags) => tags[place]).length / SEEDS.length;
      // Four standard errors of a fair coin thrown 4,000 times.
      expect(Math.abs(often - 0.5)).toBeLessThan(4 * Math.sqrt(0.25 / SEEDS.length));
    }
    const ways = new Map<string, number>();
    for (const tags of drawn) ways.set(tags.join(), (ways.get(tags.join()) ?? 0) + 1);
    const expected = SEEDS.length / 64;
    const chiSquare = [...ways.values()].reduce((sum, often) => sum + (often - expected) ** 2 / expected, 0);
    // 63 free: beyond 103 lies one in a thousand.
    expect(chiSquare).toBeLessThan(103);
  });

  test('refuses what is no number of tags', () => {
    expect(() => untouchedTags(2.5, 1)).toThrow(RangeError);
    expect(() => untouchedTags(-1, 1)).toThrow(RangeError);
  });
});

describe('the verdict of tags', () => {
  const verdictOf = (low: number, high: number) =>
    tagVerdict({ treated: 5, untouched: 5, takenAway: { value: (low + high) / 2, low, high } });

  test('by the interval of what was taken beyond the untouched', () => {
    expect(verdictOf(0.1, 0.9)).toBe('worked');
    expect(verdictOf(-0.4, 0.2)).toBe('did-not');
    expect(verdictOf(-0.4, 0.6)).toBe('cannot-tell');
    expect(verdictOf(0.02, 0.2)).toBe('worked');
    expect(verdictOf(0, 0.5)).toBe('cannot-tell');
  });

  const share = (verdict: 'worked' | 'did-not', left: number) =>
    Array.from({ length: 5000 }, (_, i) => {
      const plant = {
        tags: 8 + 2 * (i % 8),
        livePerTwig: [2, 5, 10, 20][i % 4]!,
        clumping: [0.5, 1, 2][i % 3]!,
        own: [0, 0.3, 0.6][i % 3]!,
        left,
      };
      return tagVerdict(taggedEffect(simulateTags(plant, i + 1))!);
    }).filter((each) => each === verdict).length / 5000;

  test('of 5,000 plants on which nothing was changed at most 6 in 100 are said to be better', () => {
    expect(share('worked', 1)).toBeLessThan(0.06);
  });

  test('of 5,000 that lost nine in ten few are said to have kept them, and most that it worked', () => {
    expect(share('did-not', 0.1)).toBeLessThan(0.01);
    expect(share('worked', 0.1)).toBeGreaterThan(0.6);
  });
});
