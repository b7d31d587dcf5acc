import { describe, expect, test } from '@jest/globals';
import { wilson, type Measure } from '#core/sampling';
import { abbott, compareCounts, hendersonTilton, taggedEffect, type SeasonCount } from './index.ts';

/** Student's t (0.975) with 18 free is 2.1009, with 2 free 4.3027. */

const mean = (
  value: number,
  logStandardError: number | null,
  units = 10,
  ends: [number, number] = [0, 0],
): Measure => ({
  kind: 'mean',
  value,
  low: ends[0],
  high: ends[1],
  units,
  logStandardError,
  designEffect: 1,
});
const share = (hits: number, units: number): Measure => ({
  kind: 'share',
  ...wilson(hits, units),
  units,
  logStandardError: null,
  designEffect: 1,
});
const count = (on: string, measure: Measure, more: Partial<SeasonCount> = {}): SeasonCount => ({
  on,
  protocol: measure.kind === 'share' ? 'leaf' : 'twig',
  measure,
  tagged: false,
  ...more,
});
const change = (before: Measure, after: Measure) =>
  compareCounts(count('2025-05-10', before), count('2026-05-12', after));

describe('what may be compared', () => {
  const twenty = mean(20, 0.1);

  test('only the same way of counting, and tags only with tags', () => {
    const earlier = count('2025-05-10', twenty);
    for (const other of [{ protocol: 'bark' as const }, { tagged: true }])
      expect(compareCounts(earlier, count('2026-05-10', twenty, other))).toEqual({
        kind: 'not-comparable',
        why: 'protocol',
      });
    const bothTagged = count('2026-05-10', twenty, { tagged: true });
    expect(compareCounts({ ...earlier, tagged: true }, bothTagged).kind).toBe('no-change-shown');
  });

  test('only within six weeks of the same time of year, also across New Year', () => {
    const at = (earlier: string, later: string) =>
      compareCounts(count(earlier, twenty), count(later, twenty)).kind;
    expect(at('2025-05-10', '2026-06-24')).toBe('no-change-shown');
    expect(at('2025-05-10', '2026-06-25')).toBe('not-comparable');
    expect(at('2025-05-10', '2026-03-26')).toBe('no-change-shown');
    expect(at('2025-12-20', '2027-01-15')).toBe('no-change-shown');
    expect(at('2025-12-01', '2027-01-20')).toBe('not-comparable');
  });
});

describe('means between seasons', () => {
  test('a fall is claimed when the interval of the ratio leaves out one: by hand', () => {
    // Errors 0.3 and 0.3, 9 free each: √0.18 = 0.42426, 18 free: factor e^(2.1009 · 0.42426) = 2.4383.
    const fell = change(mean(20, 0.3), mean(8, 0.3));
    expect(fell).toMatchObject({ kind: 'fell', by: { as: 'ratio', value: 0.4 } });
    if (fell.kind !== 'fell') throw new Error('it fell');
    expect(fell.by.low).toBeCloseTo(0.4 / 2.4383, 3);
    expect(fell.by.high).toBeCloseTo(0.4 * 2.4383, 3);
    expect(change(mean(20, 0.3), mean(8.3, 0.3)).kind).toBe('no-change-shown');
    expect(change(mean(8, 0.3), mean(20, 0.3)).kind).toBe('rose');
    expect(change(mean(8.3, 0.3), mean(20, 0.3)).kind).toBe('no-change-shown');
  });

  test('counts without any scatter are as exact as they look', () => {
    expect(change(mean(4, 0), mean(2, 0))).toEqual({
      kind: 'fell',
      by: { as: 'ratio', value: 0.5, low: 0.5, high: 0.5 },
    });
    expect(change(mean(4, 0), mean(4, 0)).kind).toBe('no-change-shown');
  });

  test('nothing found is a change only where the two intervals part', () => {
    const none = mean(0, null, 10, [0, 0.37]);
    expect(change(mean(5, 0.3, 10, [2, 9]), none).kind).toBe('gone');
    expect(change(mean(0.5, 0.9, 10, [0.2, 2]), none).kind).toBe('no-change-shown-none');
    expect(change(none, mean(5, 0.3, 10, [2, 9])).kind).toBe('appeared');
    expect(change(none, mean(0.5, 0.9, 10, [0.3, 2])).kind).toBe('no-change-shown-none');
    expect(change(none, none)).toEqual({ kind: 'none-both-times' });
    expect(change(mean(5, 0.3, 10, [0.37, 9]), none).kind).toBe('no-change-shown-none');
  });
});

describe('shares between seasons', () => {
  test('move by points, and a change is claimed when they leave out nought', () => {
    const fell = change(share(24, 30), share(6, 30));
    expect(fell).toMatchObject({ kind: 'fell', by: { as: 'points' } });
    if (fell.kind !== 'fell') throw new Error('it fell');
    expect(fell.by.value).toBeCloseTo(-0.6, 12);
    expect(change(share(6, 30), share(24, 30)).kind).toBe('rose');
    expect(change(share(15, 30), share(12, 30)).kind).toBe('no-change-shown');
  });

  test('to nothing it is gone, from nothing it appeared, and both need enough leaves', () => {
    expect(change(share(20, 30), share(0, 30))).toEqual({ kind: 'gone' });
    expect(change(share(0, 30), share(20, 30))).toEqual({ kind: 'appeared' });
    expect(change(share(1, 30), share(0, 30)).kind).toBe('no-change-shown');
    expect(change(share(0, 30), share(0, 30))).toEqual({ kind: 'none-both-times' });
  });
});

describe('what a treatment took away', () => {
  test('beside an untreated plant: Henderson and Tilton, worked by hand', () => {
    const counts = { treatedBefore: 20, treatedAfter: 4, untreatedBefore: 10, untreatedAfter: 16 };
    // 1 − (4 · 10) ÷ (20 · 16) = 0.875.
    expect(hendersonTilton(counts)).toBeCloseTo(0.875, 12);
    expect(hendersonTilton({ ...counts, treatedAfter: 0 })).toBe(1);
    expect(hendersonTilton({ ...counts, treatedAfter: 64 })).toBeCloseTo(-1, 12);
    for (const key of ['treatedBefore', 'untreatedBefore', 'untreatedAfter'] as const)
      expect(hendersonTilton({ ...counts, [key]: 0 })).toBeNull();
  });

  test('where both started alike: Abbott', () => {
    expect(abbott(3, 12)).toBe(0.75);
    expect(abbott(0, 12)).toBe(1);
    expect(abbott(15, 12)).toBe(-0.25);
    expect(abbott(3, 0)).toBeNull();
  });

  const pair = (untouched: boolean, before: number, after: number) => ({ untouched, before, after });

  test('by tags of which some were left alone: by hand', () => {
    // ln((after + ½)/(before + ½)): treated ln(1/2) twice, untouched ln 1 twice: 1 − ½, no scatter.
    const effect = taggedEffect([
      pair(false, 9.5, 4.5),
      pair(false, 19.5, 9.5),
      pair(true, 10, 10),
      pair(true, 3, 3),
    ])!;
    expect(effect).toMatchObject({ treated: 2, untouched: 2 });
    expect(effect.takenAway.value).toBeCloseTo(0.5, 12);
    expect(effect.takenAway.low).toBeCloseTo(0.5, 12);
    expect(effect.takenAway.high).toBeCloseTo(0.5, 12);
  });

  test("with Welch's interval on the logarithm", () => {
    // Treated ln ¼ and ln 1: mean −0.6931, variance 0.9609/2; untouched ln 1 twice: freedom 1, t 12.7062.
    const effect = taggedEffect([
      pair(false, 7.5, 1.5),
      pair(false, 9, 9),
      pair(true, 10, 10),
      pair(true, 4, 4),
    ])!;
    const half = 12.7062 * Math.sqrt((2 * 0.6931472 ** 2) / 2);
    expect(effect.takenAway.value).toBeCloseTo(0.5, 9);
    expect(Math.log(1 - effect.takenAway.low)).toBeCloseTo(-0.6931 + half, 2);
    expect(Math.log(1 - effect.takenAway.high)).toBeCloseTo(-0.6931 - half, 2);
  });

  test('needs two tags of either kind', () => {
    const [treated, untouched] = [pair(false, 9, 2), pair(true, 9, 8)];
    expect(taggedEffect([treated, untouched, untouched])).toBeNull();
    expect(taggedEffect([treated, treated, untouched])).toBeNull();
    expect(taggedEffect([treated, treated, untouched, untouched])).not.toBeNull();
    expect(taggedEffect([])).toBeNull();
  });
});
