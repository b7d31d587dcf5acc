import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  extentOf,
  fitted,
  groundAt,
  inFrame,
  moveFrom,
  panned,
  scaleBar,
  type View,
  zoomed,
} from './view.ts';

const FRAME = { widthPx: 900, heightPx: 500 };
const anyView = fc
  .tuple(
    fc.double({ min: 2, max: 200, noNaN: true }),
    fc.double({ min: -500, max: 500, noNaN: true }),
    fc.double({ min: -500, max: 500, noNaN: true }),
  )
  .map(([pxPerM, leftPx, topPx]): View => ({ pxPerM, leftPx, topPx }));
const px = fc.double({ min: 0, max: 500, noNaN: true });

test('what is fitted lies wholly in the frame, its middle in the middle', () => {
  const extent = extentOf([
    { xM: 3, yM: 4, reachM: 1 },
    { xM: 30, yM: 12, reachM: 5 },
  ]);
  expect(extent).toEqual({ leftM: 2, topM: 3, rightM: 35, bottomM: 17 });
  const view = fitted(extent, FRAME);
  const [left, top] = inFrame(view, { xM: 2, yM: 3 });
  const [right, bottom] = inFrame(view, { xM: 35, yM: 17 });
  expect(Math.min(left, top, FRAME.widthPx - right, FRAME.heightPx - bottom)).toBeGreaterThan(0);
  expect((left + right) / 2).toBeCloseTo(450, 9);
  expect((top + bottom) / 2).toBeCloseTo(250, 9);
});

test('what lies along the upper edge covers nothing of it', () => {
  const view = fitted({ leftM: 0, topM: 0, rightM: 30, bottomM: 20 }, FRAME, 48);
  const [, top] = inFrame(view, { xM: 0, yM: 0 });
  const [, bottom] = inFrame(view, { xM: 0, yM: 20 });
  expect(top).toBeGreaterThan(48);
  expect((top + bottom) / 2).toBeCloseTo(48 + (500 - 48) / 2, 9);
});

test('an empty plan shows a small garden', () => {
  expect(fitted(extentOf([]), FRAME).pxPerM).toBeGreaterThan(15);
});

test('a point is found again where it was put, and stays beneath the fingers while zooming', () => {
  fc.assert(
    fc.property(anyView, px, px, fc.double({ min: 0.2, max: 5, noNaN: true }), (view, x, y, times) => {
      const ground = groundAt(view, x, y);
      const [again, down] = inFrame(view, ground);
      expect([again, down]).toEqual([expect.closeTo(x, 6), expect.closeTo(y, 6)]);
      const [near, below] = inFrame(zoomed(view, times, x, y), ground);
      expect([near, below]).toEqual([expect.closeTo(x, 4), expect.closeTo(y, 4)]);
    }),
  );
});

test('a drawing moved from one view to another shows every point where the other has it', () => {
  fc.assert(
    fc.property(anyView, anyView, px, px, (made, now, x, y) => {
      const [, left, top, by] = /translate\((.*)px, (.*)px\) scale\((.*)\)/
        .exec(moveFrom(made, now))!
        .map(Number);
      const [madeX, madeY] = inFrame(made, { xM: x, yM: y });
      const [nowX, nowY] = inFrame(now, { xM: x, yM: y });
      expect(left! + by! * madeX).toBeCloseTo(nowX, 3);
      expect(top! + by! * madeY).toBeCloseTo(nowY, 3);
    }),
  );
});

test('panning moves by as many pixels, zooming stops at its ends', () => {
  const view = { pxPerM: 20, leftPx: 5, topPx: 6 };
  expect(panned(view, 3, -4)).toEqual({ pxPerM: 20, leftPx: 8, topPx: 2 });
  expect(zoomed(view, 1000, 0, 0).pxPerM).toBe(250);
  expect(zoomed(view, 0.001, 0, 0).pxPerM).toBe(1.5);
});

test('the scale says a round length', () => {
  expect(scaleBar(20, 1)).toEqual({ units: 5, widthPx: 100 });
  expect(scaleBar(200, 1)).toEqual({ units: 0.5, widthPx: 100 });
  expect(scaleBar(20, 0.3048).units).toBe(10);
});
