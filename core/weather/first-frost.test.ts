import { expect, test } from '@jest/globals';
import { firstFrost } from './index.ts';

/** A season that freezes on the days said, and else is mild. */
const season = (...frosts: number[]) =>
  Array.from({ length: 365 }, (_, day) => ({ minC: frosts.includes(day) ? -0.1 : 0 }));

test('counts the first frost after midsummer: spring is not autumn, and 0 °C is no frost', () => {
  expect(firstFrost([season(20, 182, 290, 300)])).toEqual({
    earlyDay: 290,
    middleDay: 290,
    lateDay: 290,
    share: 1,
  });
  expect(firstFrost([season(183)])!.earlyDay).toBe(183);
});

test('one in ten, half, and nine in ten of ten seasons', () => {
  const seasons = [310, 290, 300, 295, 305, 315, 320, 325, 330, 340].map((day) => season(day));
  expect(firstFrost(seasons)).toEqual({ earlyDay: 290, middleDay: 310, lateDay: 330, share: 1 });
});

test('where few seasons freeze there is an early day and no middle; where nearly none does, or none is told, nothing', () => {
  const mild = Array.from({ length: 8 }, () => season(10));
  expect(firstFrost([...mild, season(330), season(340)])).toEqual({
    earlyDay: 330,
    middleDay: null,
    lateDay: null,
    share: 0.2,
  });
  expect(firstFrost([...mild, ...mild, ...mild, season(330)])).toBeNull();
  expect(firstFrost([])).toBeNull();
});
