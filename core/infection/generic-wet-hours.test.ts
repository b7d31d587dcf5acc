import { describe, expect, test } from '@jest/globals';
import { genericWetHours } from './generic-wet-hours.ts';
import { wetHoursNeeded } from './wet-hours-needed.ts';

const BLACK_ROT = { minC: 6.4, bestC: 23.2, maxC: 36.4, leastHours: 6.6, mostHours: 24.5 };

describe('the generic curve', () => {
  test('at its best temperature it takes the least hours', () => {
    expect(genericWetHours(BLACK_ROT, 23.2)).toBeCloseTo(6.6, 9);
  });

  test('worked by hand: halfway between least and best of an even curve', () => {
    // f(15) = ((30 − 15)/(30 − 20)) · ((15 − 10)/(20 − 10))^(10/10) = 1.5 · 0.5 = 0.75
    const even = { minC: 10, bestC: 20, maxC: 30, leastHours: 6, mostHours: 100 };
    expect(genericWetHours(even, 15)).toBeCloseTo(8, 9);
  });

  test.each([13, 15.5, 18.5, 21, 24, 26.5, 29.5])(
    'black rot as fitted, within about an hour of its table at %d °C',
    (meanC) => {
      expect(
        Math.abs(genericWetHours(BLACK_ROT, meanC)! - wetHoursNeeded('grape-black-rot', meanC)!),
      ).toBeLessThan(1.2);
    },
  );

  test('at the ends of its temperatures, and beyond the most hours, nothing is infected', () => {
    expect(genericWetHours(BLACK_ROT, 6.4)).toBeNull();
    expect(genericWetHours(BLACK_ROT, 36.4)).toBeNull();
    expect(genericWetHours({ ...BLACK_ROT, mostHours: 7 }, 13)).toBeNull();
  });

  test('temperatures that do not rise are refused', () => {
    expect(() => genericWetHours({ ...BLACK_ROT, bestC: 40 }, 20)).toThrow(RangeError);
  });
});
