import { describe, expect, test } from '@jest/globals';
import { wetHoursNeeded } from './wet-hours-needed.ts';

describe('wet hours an infection takes', () => {
  test('between two points alike as at either', () => {
    expect(wetHoursNeeded('apple-scab', 20)).toBe(6);
    expect(wetHoursNeeded('cedar-apple-rust', 16)).toBe(3);
    expect(wetHoursNeeded('cedar-apple-rust', 22)).toBe(2);
    expect(wetHoursNeeded('olive-peacock-spot', 17)).toBe(9);
  });

  test('between two points along a straight line', () => {
    expect(wetHoursNeeded('apple-scab', 4.5)).toBeCloseTo((27.8 + 21.2) / 2, 9);
    expect(wetHoursNeeded('grape-black-rot', 11)).toBeCloseTo(24 - (12 / 3) * 1, 9);
  });

  test.each([
    ['apple-scab', 0.9],
    ['apple-scab', 26.1],
    ['cedar-apple-rust', 27],
    ['grape-black-rot', 7],
    ['peach-leaf-curl', 16.5],
  ])('%s: outside its table at %d °C nothing is said', (disease, meanC) => {
    expect(wetHoursNeeded(disease, meanC)).toBeNull();
  });

  test('a disease without a table is refused', () => {
    expect(() => wetHoursNeeded('fig-rust', 20)).toThrow(RangeError);
  });
});
