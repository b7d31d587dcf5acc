import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  between,
  blowsToDeg,
  type Box,
  cornersOf,
  holdsPoint,
  isDownwind,
  type Point,
  pointAt,
  pointFrom,
  snapped,
  spotsIn,
  turned,
  walkLengthM,
  walkPast,
  type WindDay,
  windOfMonths,
} from './index.ts';

const box: Box = { xM: 10, yM: 5, lengthM: 6, depthM: 2, turnDeg: 0 };

test('a box holds what lies in it, turned or not', () => {
  expect(holdsPoint(box, pointAt(12.9, 5.9))).toBe(true);
  expect(holdsPoint(box, pointAt(12.9, 6.1))).toBe(false);
  const upright = { ...box, turnDeg: 90 };
  expect(holdsPoint(upright, pointAt(10.9, 7.9))).toBe(true);
  expect(holdsPoint(upright, pointAt(12.9, 5.9))).toBe(false);
});

test('its corners lie half its length and depth away', () => {
  expect(cornersOf(box)).toEqual([pointAt(7, 4), pointAt(13, 4), pointAt(13, 6), pointAt(7, 6)]);
});

const anyBox = fc
  .tuple(
    fc.double({ min: 0.5, max: 30, noNaN: true }),
    fc.double({ min: 0.5, max: 30, noNaN: true }),
    fc.double({ min: 0, max: 360, noNaN: true }),
  )
  .map(([lengthM, depthM, turnDeg]): Box => ({ xM: 3, yM: -2, lengthM, depthM, turnDeg }));

test('pots put into a room by the app stand in it, each at a spot of its own', () => {
  fc.assert(
    fc.property(anyBox, fc.integer({ min: 1, max: 40 }), (room, count) => {
      const spots = spotsIn(room, count);
      expect(spots).toHaveLength(count);
      for (const spot of spots) expect(holdsPoint(room, spot)).toBe(true);
      const apart = spots.flatMap((a, i) => spots.slice(i + 1).map((b) => between(a, b)));
      expect(Math.min(1, ...apart)).toBeGreaterThan(0);
    }),
  );
});

test('a thing moved near the line of another lines up with it, else with the net', () => {
  const to = { netM: 0.5, middles: [pointAt(4.1, 9)], reachM: 0.3 };
  expect(snapped(pointAt(4.3, 2.3), to)).toEqual(pointAt(4.1, 2.5));
  expect(snapped(pointAt(4.6, 8.8), to)).toEqual(pointAt(4.5, 9));
});

test('a turn is pulled to whole steps and stays within a full one', () => {
  expect([7, 8, 352, 353, -20].map((turnDeg) => turned(turnDeg, 15))).toEqual([0, 15, 345, 0, 345]);
});

test('points on a line are walked from one end to the other', () => {
  const points = [3, 1, 5, 2, 4].map((xM) => ({ id: String(xM), xM, yM: 0 }));
  expect(walkPast(points, pointAt(0, 0)).map(({ id }) => id)).toEqual(['1', '2', '3', '4', '5']);
});

const anyPoints = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 50 }), fc.integer({ min: 0, max: 50 })), { maxLength: 7 })
  .map((pairs) => pairs.map(([xM, yM], i) => ({ id: String(i), xM, yM })));

/** Every order there is, for comparing. */
const ordersOf = <T>(items: readonly T[]): T[][] =>
  items.length === 0
    ? [[]]
    : items.flatMap((item, i) =>
        ordersOf([...items.slice(0, i), ...items.slice(i + 1)]).map((rest) => [item, ...rest]),
      );

test('a walk passes every point once and is not much longer than the shortest', () => {
  fc.assert(
    fc.property(anyPoints, (points) => {
      const start: Point = pointAt(0, 0);
      const walk = walkPast(points, start);
      expect(walk.map(({ id }) => id).sort()).toEqual(points.map(({ id }) => id).sort());
      const shortest = Math.min(...ordersOf(points).map((order) => walkLengthM(order, start)));
      expect(walkLengthM(walk, start)).toBeLessThanOrEqual(1.35 * shortest + 1e-6);
    }),
    { numRuns: 40, seed: 11 },
  );
});

const blowing = (count: number, fromDeg: number, speedMs = 3, month = 6): WindDay[] =>
  Array.from({ length: count }, () => ({ month, fromDeg, speedMs }));

test('the wind of months is the mean of its days as vectors', () => {
  const westAndSouth = windOfMonths([...blowing(10, 270), ...blowing(10, 180)], [6])!;
  expect(westAndSouth.fromDeg).toBeCloseTo(225, 6);
  expect(westAndSouth.speedMs).toBeCloseTo(3, 9);
  // Two winds at right angles keep √½ of their strength.
  expect(westAndSouth.steadiness).toBeCloseTo(Math.SQRT1_2, 9);
});

test('north is met from both sides of the full turn', () => {
  const { fromDeg } = windOfMonths([...blowing(10, 350), ...blowing(10, 10)], [6])!;
  expect(Math.min(fromDeg, 360 - fromDeg)).toBeLessThan(1e-6);
});

test('opposite winds have no direction, and other months or few days tell nothing', () => {
  expect(windOfMonths([...blowing(10, 90), ...blowing(10, 270)], [6])!.steadiness).toBeLessThan(1e-9);
  expect(windOfMonths(blowing(30, 90), [7])).toBeNull();
  expect(windOfMonths(blowing(9, 90), [6])).toBeNull();
});

test('a west wind blows to the right of a drawing with north up, and up where east is up', () => {
  expect(blowsToDeg(270, 0)).toBe(0);
  expect(blowsToDeg(0, 0)).toBe(90);
  expect(blowsToDeg(270, 90)).toBe(270);
});

test('downwind is the wedge before the wind, up to its reach', () => {
  const from = pointAt(0, 0);
  expect(isDownwind(from, pointAt(10, 0), 0, 20)).toBe(true);
  expect(isDownwind(from, pointAt(10, 9), 0, 20)).toBe(true);
  expect(isDownwind(from, pointAt(10, 11), 0, 20)).toBe(false);
  expect(isDownwind(from, pointAt(-10, 0), 0, 20)).toBe(false);
  expect(isDownwind(from, pointAt(21, 0), 0, 20)).toBe(false);
  expect(isDownwind(from, from, 0, 20)).toBe(false);
});

test('downwind turns with the wind', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 360, noNaN: true }),
      fc.double({ min: 1, max: 19, noNaN: true }),
      (turnDeg, apartM) => {
        const from = pointAt(2, 3);
        expect(isDownwind(from, pointFrom(from, apartM, turnDeg), turnDeg, 20)).toBe(true);
        expect(isDownwind(from, pointFrom(from, apartM, turnDeg + 180), turnDeg, 20)).toBe(false);
      },
    ),
  );
});
