import { expect, test } from '@jest/globals';
import { howMany } from './how-many.ts';

test('one stands alone', () => {
  expect([0, 1, 2].map((count) => howMany(count, 'day'))).toEqual(['0 days', '1 day', '2 days']);
  expect([1, 3].map((count) => howMany(count, 'day is', 'days are'))).toEqual(['1 day is', '3 days are']);
});
