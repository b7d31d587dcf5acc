import { expect, test } from '@jest/globals';
import { footprintOf, lightOf, sunlightOn, type InTheLight, type SunQuestion } from './index.ts';

const bush = footprintOf('bush', { spreadM: 1, lengthM: null }, { xM: 0, yM: 0, turnDeg: 0 });
const asked = (more: Partial<SunQuestion> = {}): SunQuestion => ({
  crown: bush,
  heightM: 1,
  others: [],
  latitudeDeg: 45,
  on: '2026-06-21',
  upBearingDeg: 0,
  ...more,
});
const house = (xM: number, yM: number): InTheLight => ({
  box: { xM, yM, lengthM: 12, depthM: 8, turnDeg: 0 },
  heightM: 7,
});

test('in the open it is lit for as long as the sun stands clear of the horizon', () => {
  const { hours, dayHours } = sunlightOn(asked());
  // Midsummer at 45° N: 15.6 h from sunrise to sunset, of which the lowest five degrees are left out.
  expect(hours).toBe(dayHours);
  expect(dayHours).toBeGreaterThan(14);
  expect(dayHours).toBeLessThan(15);
});

test('the shade lies to the north in the north and to the south in the south', () => {
  // Up is north: 270 degrees clockwise from the right of the drawing.
  expect(sunlightOn(asked({ on: '2026-03-21' })).shadeSideDeg).toBeCloseTo(270, -1);
  expect(sunlightOn(asked({ on: '2026-03-21', latitudeDeg: -38 })).shadeSideDeg).toBeCloseTo(90, -1);
});

test('where south is up the shade lies below', () => {
  const { shadeSideDeg } = sunlightOn(asked({ on: '2026-03-21', upBearingDeg: 180 }));
  expect(shadeSideDeg).toBeCloseTo(90, -1);
});

test('a house to the south takes most of the sun, one to the north none', () => {
  const march = { on: '2026-03-21' };
  const open = sunlightOn(asked(march)).hours;
  expect(sunlightOn(asked({ ...march, others: [house(0, 6)] })).hours).toBeLessThan(open - 4);
  expect(sunlightOn(asked({ ...march, others: [house(0, -6)] })).hours).toBe(open);
});

test('a house to the west takes the evening: half the day at most', () => {
  const open = sunlightOn(asked()).hours;
  const beside = sunlightOn(asked({ others: [house(-8, 0)] })).hours;
  expect(beside).toBeLessThan(open - 2);
  expect(beside).toBeGreaterThan(open / 2 - 1);
});

test('what is no higher than the ray from its half height takes nothing', () => {
  const low: InTheLight = { box: { xM: 0, yM: 3, lengthM: 4, depthM: 1, turnDeg: 0 }, heightM: 0.5 };
  expect(sunlightOn(asked({ others: [low] })).hours).toBe(sunlightOn(asked()).hours);
});

test('a crown to the south shades as well', () => {
  const tree: InTheLight = {
    crown: footprintOf('tree', { spreadM: 8, lengthM: null }, { xM: 0, yM: 6, turnDeg: 0 }),
    heightM: 11,
  };
  const asMarch = asked({ on: '2026-03-21', others: [tree] });
  expect(sunlightOn(asMarch).hours).toBeLessThan(sunlightOn(asked({ on: '2026-03-21' })).hours - 3);
});

test('a polar night has no sun and no shady side', () => {
  expect(sunlightOn(asked({ latitudeDeg: 70, on: '2026-12-21' }))).toEqual({
    hours: 0,
    dayHours: 0,
    shadeSideDeg: null,
  });
});

test('hours are called by the usual names', () => {
  expect([7, 6, 5.9, 3, 2.9].map(lightOf)).toEqual(['sun', 'sun', 'part-shade', 'part-shade', 'shade']);
});
