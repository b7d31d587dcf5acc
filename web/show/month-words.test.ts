import { expect, test } from '@jest/globals';
import { monthsWords } from './month-words.ts';

test('months in runs, over New Year too', () => {
  expect(monthsWords([5, 6, 7])).toBe('May–Jul');
  expect(monthsWords([12, 1, 2, 11])).toBe('Nov–Feb');
  expect(monthsWords([6, 7, 3])).toBe('Mar, Jun–Jul');
  expect(monthsWords([9])).toBe('Sep');
});

test('all of them or none is all year', () => {
  expect(monthsWords([])).toBe('all year');
  expect(monthsWords([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])).toBe('all year');
});
