import { describe, expect, test } from '@jest/globals';
import { simulateTapeCount } from '#simulated';
import {
  blend,
  bookOpinion,
  BOOK_SPREAD,
  fitEmergence,
  heatOfShare,
  seasonOpinion,
  shareOut,
  type EmergenceFit,
  type HeatCount,
} from './index.ts';

const TRUTH = { halfOutCd: 330, scaleCd: 23 };
const weeks = (
  from: number,
  count: number,
  crawlers: (fromCd: number, toCd: number) => number,
): HeatCount[] =>
  Array.from({ length: count }, (_, i) => ({ fromCd: from + 45 * i, toCd: from + 45 * (i + 1) })).map(
    (week) => ({ ...week, count: crawlers(week.fromCd, week.toCd) }),
  );
const exact = (total: number) => (fromCd: number, toCd: number) =>
  Math.round(total * (shareOut(toCd, TRUTH) - shareOut(fromCd, TRUTH)));

describe('the fitted curve', () => {
  test('counts that follow a curve without scatter give it back', () => {
    const fit = fitEmergence(weeks(200, 7, exact(1000))) as EmergenceFit;
    expect(fit.curve.halfOutCd).toBeCloseTo(330, 0);
    expect(fit.curve.scaleCd).toBeCloseTo(23, 0);
    expect(fit.first.valueCd).toBeCloseTo(heatOfShare(0.05, TRUTH), 0);
    expect(fit.half.lowCd! < 330 && 330 < fit.half.highCd!).toBe(true);
    expect(fit.peakSeen).toBe(true);
  });

  test('a week nobody read changes little, and twice the tapes say the same more surely', () => {
    const all = weeks(200, 7, exact(400));
    const whole = fitEmergence(all) as EmergenceFit;
    const missing = fitEmergence(all.filter((_, i) => i !== 3)) as EmergenceFit;
    expect(Math.abs(missing.half.valueCd - whole.half.valueCd)).toBeLessThan(3);
    const twice = fitEmergence([...all, ...all]) as EmergenceFit;
    expect(twice.curve.halfOutCd).toBeCloseTo(whole.curve.halfOutCd, 1);
    expect(twice.half.highCd! - twice.half.lowCd!).toBeLessThan(whole.half.highCd! - whole.half.lowCd!);
  });

  test('stopped before the peak, the end stays open and is said to', () => {
    const rising = fitEmergence(weeks(200, 3, exact(1000))) as EmergenceFit;
    expect(rising.peakSeen).toBe(false);
    expect(rising.last.highCd).toBeNull();
  });

  test('the 80 % interval of half out holds about as often as it says', () => {
    const SEASONS = 60;
    const held = Array.from({ length: SEASONS }, (_, season) => {
      const counts = weeks(TRUTH.halfOutCd - 112 + ((season * 37) % 23), 5, (fromCd, toCd) =>
        simulateTapeCount(fromCd, toCd, { ...TRUTH, totalPerTape: 200 }, 3, season * 1009 + fromCd),
      );
      const { half } = fitEmergence(counts) as EmergenceFit;
      return half.lowCd! <= TRUTH.halfOutCd && TRUTH.halfOutCd <= half.highCd!;
    }).filter(Boolean).length;
    // Two standard errors of 60 seasons are ten points.
    expect(held / SEASONS).toBeGreaterThan(0.7);
    expect(held / SEASONS).toBeLessThan(0.92);
  });

  test('what the counts cannot hold is refused, with what is missing', () => {
    expect(fitEmergence(weeks(200, 7, exact(10)))).toMatchObject({ kind: 'too-few-caught', needed: 20 });
    expect(
      fitEmergence([
        { fromCd: 300, toCd: 345, count: 80 },
        { fromCd: 345, toCd: 390, count: 0 },
      ]),
    ).toEqual({ kind: 'too-few-tapes', catching: 1, needed: 2 });
    expect(fitEmergence([])).toMatchObject({ kind: 'too-few-caught', caught: 0 });
  });
});

test('a curve that is half out where the year has no heat is refused, with both figures', () => {
  const rising = weeks(1200, 4, (fromCd) => [2, 5, 14, 40][(fromCd - 1200) / 45]!);
  expect(fitEmergence(rising)).toHaveProperty('curve');
  const { curve } = fitEmergence(rising) as EmergenceFit;
  expect(fitEmergence(rising, curve.halfOutCd + 1)).toHaveProperty('curve');
  expect(fitEmergence(rising, curve.halfOutCd - 1)).toEqual({
    kind: 'leaves-the-year',
    halfOutCd: curve.halfOutCd,
    yearCd: curve.halfOutCd - 1,
  });
  // Falling from the first day on: most had hatched before anybody looked, by this curve before the year began.
  const falling = weeks(0, 4, (fromCd) => [300, 110, 40, 15][fromCd / 45]!);
  expect(fitEmergence(falling)).toMatchObject({ kind: 'leaves-the-year' });
});

describe('the book and the garden', () => {
  const book = bookOpinion(226);
  const season = (seed: number) =>
    seasonOpinion(
      (
        fitEmergence(
          weeks(200, 8, (fromCd, toCd) =>
            simulateTapeCount(fromCd, toCd, { ...TRUTH, totalPerTape: 150 }, 3, seed + fromCd),
          ),
        ) as EmergenceFit
      ).first,
    )!;

  test('without tapes the book stands, with its own spread', () => {
    expect(blend(book, [])).toMatchObject({ valueCd: 226, spreadCd: BOOK_SPREAD * 226, gardenShare: 0 });
    expect(blend(null, [])).toBeNull();
  });

  test('three tapes nudge, three seasons own it', () => {
    const three = fitEmergence([
      { fromCd: 230, toCd: 260, count: 4 },
      { fromCd: 260, toCd: 290, count: 14 },
      { fromCd: 290, toCd: 330, count: 12 },
    ]) as EmergenceFit;
    const nudge = seasonOpinion(three.first);
    const nudged = blend(book, nudge ? [nudge] : [])!;
    expect(nudged.gardenShare).toBeLessThan(0.75);
    const owned = blend(book, [season(1), season(2), season(3)])!;
    expect(owned.gardenShare).toBeGreaterThan(0.85);
    const truth = heatOfShare(0.05, TRUTH);
    expect(Math.abs(owned.valueCd - truth)).toBeLessThan(Math.abs(book.valueCd - truth));
  });

  test('an open interval is no opinion', () => {
    expect(seasonOpinion({ valueCd: 300, lowCd: 280, highCd: null })).toBeNull();
  });
});
