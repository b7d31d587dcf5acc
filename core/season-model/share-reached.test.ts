import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SCALES_IN_SPAN, shareReached } from './index.ts';

/** A logistic hatch of a span, day by day about day 0, each day's crawlers at its noon. */
function hatchOver(spanDays: number, step = 0.25) {
  const out = (day: number) => 1 / (1 + Math.exp((-day * SCALES_IN_SPAN) / spanDays));
  return Array.from({ length: 160 / step }, (_, i) => {
    const day = -80 + i * step;
    return { day, share: out(day + step / 2) - out(day - step / 2) };
  });
}

const REACH = 0.72;
const percent = (spanDays: number, softDays: number, days: readonly number[], residueHalfLifeDays = 0) =>
  100 *
  shareReached(
    hatchOver(spanDays),
    softDays,
    days.map((day) => ({ day, reach: REACH, residueHalfLifeDays })),
  );

/** The best of moving a pattern of days along the year. */
const bestOf = (spanDays: number, softDays: number, pattern: readonly number[], residue = 0) =>
  Math.max(
    ...Array.from({ length: 101 }, (_, i) =>
      percent(
        spanDays,
        softDays,
        pattern.map((day) => day + i - 40),
        residue,
      ),
    ),
  );

describe('what usual programmes come to, kill × coverage 0.72, no residue', () => {
  const SOFT = [4, 10, 20];
  const ROWS = [
    {
      spanDays: 14,
      firstThenFortnight: [15, 56, 69],
      best: [29, 56, 70],
      two: [25, 70, 88],
      three: [41, 79, 95],
    },
    {
      spanDays: 21,
      firstThenFortnight: [21, 46, 53],
      best: [20, 44, 64],
      two: [26, 64, 82],
      three: [37, 74, 91],
    },
    {
      spanDays: 35,
      firstThenFortnight: [12, 22, 26],
      best: [12, 29, 49],
      two: [20, 49, 69],
      three: [29, 60, 79],
    },
  ];
  describe.each(ROWS)('hatch over $spanDays days', (row) => {
    const { spanDays } = row;
    test.each(SOFT.map((softDays, i) => ({ softDays, i })))('soft $softDays days', ({ softDays, i }) => {
      const near = (value: number, printed: number) =>
        expect(Math.abs(value - printed)).toBeLessThanOrEqual(3);
      near(percent(spanDays, softDays, [-spanDays / 2, -spanDays / 2 + 14]), row.firstThenFortnight[i]!);
      near(bestOf(spanDays, softDays, [0]), row.best[i]!);
      near(percent(spanDays, softDays, [softDays / 2 - 5, softDays / 2 + 5]), row.two[i]!);
      near(bestOf(spanDays, softDays, [-7, 0, 7]), row.three[i]!);
    });
  });

  test('a lone spray at the very first crawlers reaches about one in thirty', () => {
    for (const softDays of SOFT) {
      expect(percent(14, softDays, [-7])).toBeGreaterThan(2.5);
      expect(percent(14, softDays, [-7])).toBeLessThan(5);
    }
  });

  test('soft scale: one late spray, two, and ten days either way', () => {
    const once = bestOf(21, 45, [0]);
    expect(once).toBeCloseTo(72, -0.5);
    expect(Math.abs(bestOf(21, 45, [0, 10]) - 92)).toBeLessThan(2);
    const at = (day: number) => percent(21, 45, [day, day + 10]);
    expect(at(12 + 10)).toBeGreaterThan(at(12) - 2);
    expect(at(22 - 10)).toBeGreaterThan(at(22) - 2);
  });

  test('a growth regulator of 25 days half-life on armored scale, at the first crawlers', () => {
    expect(Math.abs(percent(21, 7, [-10.5], 25) - 56)).toBeLessThanOrEqual(3);
    expect(Math.abs(percent(21, 7, [-10.5, 3.5], 25) - 78)).toBeLessThanOrEqual(3);
  });
});

describe('worked by hand', () => {
  const two = [
    { day: 0, share: 0.6 },
    { day: 5, share: 0.4 },
  ];
  const spray = (day: number, reach: number, residueHalfLifeDays = 0) => ({
    day,
    reach,
    residueHalfLifeDays,
  });

  test('soft on the day of hatch and not on the day softness ends', () => {
    expect(shareReached(two, 5, [spray(0, 0.5)])).toBeCloseTo(0.3, 12);
    expect(shareReached(two, 5, [spray(4, 0.5)])).toBeCloseTo(0.3, 12);
    expect(shareReached(two, 5, [spray(5, 0.5)])).toBeCloseTo(0.2, 12);
    expect(shareReached(two, 6, [spray(5, 0.5)])).toBeCloseTo(0.5, 12);
  });
  test('the second spray takes its share of what is left', () => {
    expect(shareReached(two, 6, [spray(5, 0.5), spray(5, 0.5)])).toBeCloseTo(0.75, 12);
  });
  test('residue halves by half-lives, and only for what hatches later', () => {
    // The first cohort is wetted (0.8), the second meets 0.8 · 0.5 = 0.4 of it five days on.
    expect(shareReached(two, 3, [spray(0, 0.8, 5)])).toBeCloseTo(0.6 * 0.8 + 0.4 * 0.4, 12);
    expect(shareReached(two, 3, [spray(0, 0.8)])).toBeCloseTo(0.48, 12);
  });
  test('nothing before the first hatch without residue; nothing without sprays', () => {
    expect(shareReached(two, 10, [spray(-1, 1)])).toBe(0);
    expect(shareReached(two, 10, [])).toBe(0);
  });
  test('all of it when every soft day is sprayed wholly', () => {
    expect(shareReached(two, 3, [spray(2, 1), spray(6, 1)])).toBeCloseTo(1, 12);
  });
});

test('more sprays never reach less, and the order does not matter', () => {
  const spray = fc.record({
    day: fc.integer({ min: -20, max: 60 }),
    reach: fc.double({ min: 0, max: 1, noNaN: true }),
    residueHalfLifeDays: fc.integer({ min: 0, max: 30 }),
  });
  fc.assert(
    fc.property(
      fc.array(spray, { maxLength: 5 }),
      spray,
      fc.integer({ min: 0, max: 50 }),
      (sprays, more, soft) => {
        const hatch = hatchOver(21, 1);
        const reached = shareReached(hatch, soft, sprays);
        expect(shareReached(hatch, soft, [...sprays, more])).toBeGreaterThanOrEqual(reached - 1e-12);
        expect(shareReached(hatch, soft, sprays.toReversed())).toBeCloseTo(reached, 10);
        expect(reached).toBeLessThanOrEqual(1);
      },
    ),
  );
});

test('refuses what is no share and no time', () => {
  expect(() => shareReached([], 3, [{ day: 0, reach: 1.1, residueHalfLifeDays: 0 }])).toThrow(RangeError);
  expect(() => shareReached([], 3, [{ day: 0, reach: 1, residueHalfLifeDays: -1 }])).toThrow(RangeError);
  expect(() => shareReached([], -1, [])).toThrow(RangeError);
});
