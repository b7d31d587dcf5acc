import { expect, test } from '@jest/globals';
import { marksPerCm2, mmPerPixel, scaleBarMm } from './index.ts';

const SIZE = { widthPx: 1600, heightPx: 1200 };
// 3-4-5: 0.3 · 1600 = 480 px across and 0.3 · 1200 = 360 px down are 600 px, here 30 mm.
const STRETCH = { fromX: 0.1, fromY: 0.2, toX: 0.4, toY: 0.5, lengthMm: 30 };

test("a stretch of known length gives the scale, whatever the picture's shape", () => {
  expect(mmPerPixel(STRETCH, SIZE)).toBeCloseTo(0.05, 12);
  // 80 mm by 60 mm is 48 cm².
  expect(marksPerCm2(24, STRETCH, SIZE)).toBeCloseTo(0.5, 12);
  // A third of 80 mm is 26.7.
  expect(scaleBarMm(STRETCH, SIZE)).toBe(20);
  expect(scaleBarMm({ ...STRETCH, lengthMm: 0.5 }, SIZE)).toBeNull();
});

test('both ends in one point are no scale', () => {
  expect(() => mmPerPixel({ ...STRETCH, toX: 0.1, toY: 0.2 }, SIZE)).toThrow(RangeError);
});
