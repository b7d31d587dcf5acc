import { expect, test } from '@jest/globals';
import { civilDate } from './fields.ts';

test.each([
  ['1900-01-01', true],
  ['2026-05-29', true],
  ['1899-12-31', false],
  ['0026-05-29', false],
  ['0000-01-01', false],
  ['2026-02-30', false],
])('%s is a day of a garden: %s', (text, real) => {
  expect(civilDate.safeParse(text).success).toBe(real);
});
