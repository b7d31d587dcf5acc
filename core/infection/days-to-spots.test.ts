import { expect, test } from '@jest/globals';
import { daysToSpots } from './days-to-spots.ts';

test.each([
  [20, [9, 10]],
  [17, [9, 10]],
  [15, [12, 14]],
  [13.5, [12, 14]],
  [9, [16, 17]],
])('scab at %d °C', (meanC, days) => expect(daysToSpots('apple-scab', meanC)).toEqual(days));

test('outside the table nothing is said', () => {
  expect(daysToSpots('apple-scab', 8)).toBeNull();
  expect(daysToSpots('apple-scab', 25)).toBeNull();
  expect(daysToSpots('tar-spot', 20)).toBeNull();
});

test('others have one span', () => {
  expect(daysToSpots('rose-black-spot', 20)).toEqual([3, 16]);
  expect(daysToSpots('peach-leaf-curl', 10)).toEqual([14, 35]);
});
