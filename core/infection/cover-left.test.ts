import { expect, test } from '@jest/globals';
import { coverLeft } from './cover-left.ts';

const fresh = { days: 0, rainMm: 0, leavesThen: 6, leavesNow: 6 };

test('fresh it is whole; 25 mm of rain take half, and so does a half-life', () => {
  expect(coverLeft(fresh, 8)).toBe(1);
  expect(coverLeft({ ...fresh, rainMm: 25 }, 8)).toBeCloseTo(0.5, 9);
  expect(coverLeft({ ...fresh, days: 8 }, 8)).toBeCloseTo(0.5, 9);
});

test('worked by hand: 41 mm, ten days of a half-life of eight, three leaves more than six', () => {
  const left = coverLeft({ days: 10, rainMm: 41, leavesThen: 6, leavesNow: 9 }, 8);
  // 0.5^1.64 = 0.321; 0.5^1.25 = 0.420; 6 of 9.
  expect(left).toBeCloseTo(0.321 * 0.42 * (6 / 9), 3);
});

test('leaves that fell do not make a cover better, and what works only wet covers nothing', () => {
  expect(coverLeft({ ...fresh, leavesNow: 4 }, 8)).toBe(1);
  expect(coverLeft(fresh, 0)).toBe(0);
});

test('less than nothing is refused', () => {
  expect(() => coverLeft({ ...fresh, rainMm: -1 }, 8)).toThrow(RangeError);
});
