import { describe, expect, test } from '@jest/globals';
import { typedNumber } from './index.ts';

describe('a number as people type it', () => {
  test.each<[string, number]>([
    ['12', 12],
    ['12.5', 12.5],
    ['12,5', 12.5],
    [' 7 ', 7],
    ['-3', -3],
    ['−3,25', -3.25],
    ['+4', 4],
    ['.5', 0.5],
    [',5', 0.5],
    ['5.', 5],
    ['0', 0],
    ['007', 7],
  ])('"%s" is %d', (text, value) => {
    expect(typedNumber(text)).toBe(value);
  });

  test.each(['', ' ', '-', '.', 'many', '1.2.3', '1e3', '0x10', '12a', 'NaN', 'Infinity', '--1'])(
    '"%s" is none',
    (text) => {
      expect(typedNumber(text)).toBeNull();
    },
  );
});
