import { describe, expect, test } from '@jest/globals';
import { grapeMildewIndex } from './grape-mildew-index.ts';

const night = Array<number>(9).fill(15);
/** A day with so many hours on end at a temperature, cool around them. */
const hours = (count: number, hourC: number): number[] => [
  ...night,
  ...Array<number>(count).fill(hourC),
  ...Array<number>(15 - count).fill(16),
];
const helps = hours(6, 25);
const cool = hours(5, 25);
/** Six good hours in the morning, then heat. */
const helpsButHot = [
  ...night,
  ...Array<number>(6).fill(26),
  ...Array<number>(4).fill(36),
  ...Array<number>(5).fill(20),
];
const hotOnly = hours(8, 37);

describe('grape mildew index, weeks worked by hand', () => {
  test.each([
    [
      'three good days begin it, then each adds to 100',
      [helps, helps, helps, helps, helps, helps, helps],
      [20, 40, 60, 80, 100, 100, 100],
    ],
    [
      'a day that misses before the third begins anew',
      [helps, helps, cool, helps, helps, helps, helps],
      [20, 40, 0, 20, 40, 60, 80],
    ],
    ['nothing but cool days', [cool, cool, cool, cool, cool, cool, cool], [0, 0, 0, 0, 0, 0, 0]],
    [
      'begun, cool days take ten each',
      [helps, helps, helps, cool, cool, cool, cool],
      [20, 40, 60, 50, 40, 30, 20],
    ],
    [
      'begun, it falls to nothing and no lower',
      [helps, helps, helps, ...Array<number[]>(8).fill(cool)],
      [20, 40, 60, 50, 40, 30, 20, 10, 0, 0, 0],
    ],
    [
      'a good hot day adds ten',
      [helps, helps, helps, helpsButHot, helpsButHot, helpsButHot, helps],
      [20, 40, 60, 70, 80, 90, 100],
    ],
    [
      'heat alone takes ten, not twenty',
      [helps, helps, helps, hotOnly, hotOnly, cool, helps],
      [20, 40, 60, 50, 40, 30, 50],
    ],
    ['up and down', [helps, helps, helps, cool, helps, cool, helps], [20, 40, 60, 50, 70, 60, 80]],
    [
      'once begun a miss does not begin anew',
      [helps, helps, helps, cool, cool, helps, helps],
      [20, 40, 60, 50, 40, 60, 80],
    ],
    [
      'first days that miss, then it begins',
      [cool, helps, cool, helps, helps, helps, cool],
      [0, 20, 0, 20, 40, 60, 50],
    ],
  ])('%s', (_, days, index) => expect(grapeMildewIndex(days)).toEqual(index));

  test('the ends of the range count, a tenth beyond them does not; six hours must be on end', () => {
    const after = (day: number[]) => grapeMildewIndex([day])[0];
    expect(after(hours(6, 21))).toBe(20);
    expect(after(hours(6, 30))).toBe(20);
    expect(after(hours(6, 20.9))).toBe(0);
    expect(after(hours(6, 30.1))).toBe(0);
    expect(after([...night, 25, 25, 25, 31, 25, 25, 25, 16, 16, 16, 16, 16, 16, 16, 16])).toBe(0);
  });

  test('no days, no index', () => expect(grapeMildewIndex([])).toEqual([]));
});
