import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { simulateTapeCount } from '#simulated';
import { FIRST_SHARE, firstHatch, heatOfShare, shareOut } from './index.ts';

const curve = fc.record({
  halfOutCd: fc.double({ min: 50, max: 1500, noNaN: true }),
  scaleCd: fc.double({ min: 4, max: 120, noNaN: true }),
});

test('half are out at the half, and heat and share lead back to each other', () => {
  fc.assert(
    fc.property(curve, fc.double({ min: 0.001, max: 0.999, noNaN: true }), (curve, share) => {
      expect(shareOut(curve.halfOutCd, curve)).toBeCloseTo(0.5, 12);
      expect(shareOut(heatOfShare(share, curve), curve)).toBeCloseTo(share, 9);
      expect(heatOfShare(FIRST_SHARE, curve)).toBeLessThan(curve.halfOutCd);
    }),
    { seed: 4 },
  );
});

test('simulated tapes catch what the curve gives, on average, and scatter more than chance alone', () => {
  const CURVE = { halfOutCd: 330, scaleCd: 23, totalPerTape: 200 };
  const counts = Array.from({ length: 4000 }, (_, i) => simulateTapeCount(300, 345, CURVE, 3, i + 1));
  const mean = counts.reduce((sum, count) => sum + count, 0) / counts.length;
  const expected = 200 * (shareOut(345, CURVE) - shareOut(300, CURVE));
  expect(Math.abs(mean - expected)).toBeLessThan(1);
  const variance = counts.reduce((sum, count) => sum + (count - mean) ** 2, 0) / counts.length;
  expect(variance / mean).toBeGreaterThan(2.6);
  expect(variance / mean).toBeLessThan(3.4);
});

test('a first hatch ends after two empty tapes that follow a catch', () => {
  const tapes = (...counts: number[]) =>
    counts.map((crawlers, week) => ({
      putOn: `2026-05-${String(1 + week).padStart(2, '0')}`,
      takenOff: `2026-05-${String(2 + week).padStart(2, '0')}`,
      crawlers,
    }));
  expect(firstHatch(tapes(0, 0, 5, 9, 0, 3)).map(({ crawlers }) => crawlers)).toEqual([0, 0, 5, 9, 0, 3]);
  expect(firstHatch(tapes(0, 5, 9, 0, 0, 7, 12)).map(({ crawlers }) => crawlers)).toEqual([0, 5, 9, 0, 0]);
  expect(firstHatch(tapes(0, 0, 0, 4)).map(({ crawlers }) => crawlers)).toEqual([0, 0, 0, 4]);
  expect(firstHatch([])).toEqual([]);
});
