import { describe, expect, test } from '@jest/globals';
import { emptyUnit, PROTOCOL_SHAPES, summarise, type Protocol } from '#core/sampling';
import { simulateTwigs } from '#simulated';
import { abbott, compareCounts, hendersonTilton, taggedEffect, type SeasonCount } from './index.ts';

const count = (on: string, values: number[], protocol: Protocol = 'twig'): SeasonCount => {
  const { item } = PROTOCOL_SHAPES[protocol].measure;
  const units = values.map((n) => ({ counts: { ...emptyUnit(protocol).counts, [item]: n } }));
  return {
    on,
    protocol,
    tagged: false,
    measure: summarise(protocol, units, null).measure,
    units: values.map((value) => ({ value })),
  };
};

describe('between two seasons', () => {
  test('a clear fall is a ratio with an interval', () => {
    const change = compareCounts(
      count('2024-04-15', [20, 24, 18, 22, 21, 19]),
      count('2025-04-20', [9, 11, 10, 8, 12, 10]),
    );
    expect(change.kind).toBe('fell');
    if (change.kind !== 'fell') throw new Error('unreachable');
    expect(change.by.as).toBe('ratio');
    expect(change.by.value).toBeCloseTo(60 / 124, 12);
    expect(change.by.high).toBeLessThan(0.75);
    expect(change.by.low * change.by.high).toBeCloseTo(change.by.value ** 2, 2);
  });

  test('turning the two round turns the ratio over', () => {
    const a = count('2024-04-15', [3, 9, 2, 7]),
      b = count('2025-04-15', [4, 1, 6, 2]);
    const there = compareCounts(a, b),
      back = compareCounts(b, a);
    if (there.kind !== 'no-change-shown' || back.kind !== 'no-change-shown')
      throw new Error('expected no change');
    expect(there.by.low * back.by.high).toBeCloseTo(1, 12);
  });

  test('different protocols and times of year are not compared; the turn of the year is no gap', () => {
    expect(compareCounts(count('2024-04-15', [1, 2]), count('2025-04-15', [1, 2], 'leaf'))).toEqual({
      kind: 'not-comparable',
      why: 'protocol',
    });
    expect(compareCounts(count('2024-04-15', [1, 2]), count('2025-08-15', [1, 2]))).toEqual({
      kind: 'not-comparable',
      why: 'stage',
    });
    expect(compareCounts(count('2024-12-28', [1, 2]), count('2026-01-05', [1, 2])).kind).toBe(
      'no-change-shown',
    );
  });

  test('finding nothing is only "gone" when enough was there to be missed', () => {
    const none = count('2025-04-15', Array(10).fill(0));
    expect(compareCounts(count('2024-04-15', [9, 11, 8, 12, 10, 9]), none).kind).toBe('gone');
    expect(compareCounts(count('2024-04-15', [0, 0, 1, 0, 0, 0, 0, 0, 0, 0]), none).kind).toBe(
      'no-change-shown-none',
    );
    expect(compareCounts(none, none).kind).toBe('none-both-times');
    expect(compareCounts(none, count('2026-04-15', [9, 11, 8, 12, 10, 9])).kind).toBe('appeared');
  });

  test.each([
    [1.5, 15, 0.025],
    [0.2, 10, 0.015],
    [0.1, 10, 0.01],
  ])(
    'an unchanged plant, clumped with k %f, is called changed one time in twenty at most',
    (clumping, n, least) => {
      const state = { livePerTwig: 5, deadPerLive: 0.2, holedShare: 0.1, clumping };
      const draw = (seed: number) =>
        count(
          '2025-04-15',
          simulateTwigs(state, n, seed).map(({ counts }) => counts.live!),
        );
      const runs = 600;
      let called = 0;
      for (let i = 1; i <= runs; i++)
        if (
          ['fell', 'rose', 'gone', 'appeared'].includes(compareCounts(draw(i * 7919), draw(i * 104729)).kind)
        )
          called++;
      expect(called / runs).toBeGreaterThan(least);
      expect(called / runs).toBeLessThan(0.07);
    },
  );
});

test('Henderson and Tilton by hand', () => {
  // Treated 40 → 10 while the untreated rose 20 → 30: 1 − (10·20)/(40·30) = 0.8333.
  expect(
    hendersonTilton({ treatedBefore: 40, treatedAfter: 10, untreatedBefore: 20, untreatedAfter: 30 }),
  ).toBeCloseTo(5 / 6, 12);
  expect(
    hendersonTilton({ treatedBefore: 0, treatedAfter: 10, untreatedBefore: 20, untreatedAfter: 30 }),
  ).toBeNull();
});

test('shares move by points, and only beyond their interval', () => {
  const leaves = (on: string, hits: number, outOf: number) =>
    count(
      on,
      Array.from({ length: outOf }, (_, i) => (i < hits ? 1 : 0)),
      'present',
    );
  const fell = compareCounts(leaves('2025-06-01', 48, 80), leaves('2026-06-01', 14, 70));
  if (fell.kind !== 'fell') throw new Error('expected a fall');
  expect(fell.by).toMatchObject({ as: 'points' });
  expect(fell.by.value).toBeCloseTo(-0.4, 12);
  expect(compareCounts(leaves('2025-06-01', 5, 20), leaves('2026-06-01', 7, 20)).kind).toBe(
    'no-change-shown',
  );
  expect(compareCounts(leaves('2025-06-01', 9, 20), leaves('2026-06-01', 0, 20)).kind).toBe('gone');
});

describe('what a treatment did', () => {
  test('Abbott by hand', () => {
    expect(abbott(5, 20)).toBe(0.75);
    expect(abbott(5, 0)).toBeNull();
  });

  test('tags by hand: treated fall by more than half, untouched stay', () => {
    const pair = (before: number, after: number, untouched: boolean) => ({ before, after, untouched });
    const effect = taggedEffect([
      pair(10, 3, false),
      pair(10, 5, false),
      pair(10, 10, true),
      pair(10, 10, true),
    ])!;
    // With a half added to each sum: 20½ → 8½ against 20½ → 20½.
    expect(effect.takenAway.value).toBeCloseTo(1 - 8.5 / 20.5, 12);
    expect(taggedEffect([pair(5, 1, false), pair(5, 1, false), pair(5, 5, true)])).toBeNull();
  });

  test('the interval holds a true effect of 60 % about 19 times in 20', () => {
    const state = (livePerTwig: number) => ({ livePerTwig, deadPerLive: 0, holedShare: 0, clumping: 4 });
    let held = 0;
    const runs = 1000;
    for (let run = 1; run <= runs; run++) {
      const draw = (mean: number, salt: number) =>
        simulateTwigs(state(mean), 8, run * 7919 + salt).map(({ counts }) => counts.live!);
      const [treatedBefore, treatedAfter, leftBefore, leftAfter] = [
        draw(20, 1),
        draw(8, 2),
        draw(20, 3),
        draw(20, 4),
      ];
      const pairs = treatedBefore.flatMap((before, i) => [
        { before, after: treatedAfter[i]!, untouched: false },
        { before: leftBefore[i]!, after: leftAfter[i]!, untouched: true },
      ]);
      const { low, high } = taggedEffect(pairs)!.takenAway;
      if (low <= 0.6 && 0.6 <= high) held++;
    }
    expect(held / runs).toBeGreaterThan(0.92);
    expect(held / runs).toBeLessThan(0.98);
  });
});
