import { describe, expect, test } from '@jest/globals';
import { wetHoursNeeded } from './wet-hours-needed.ts';

describe('wet hours an infection takes', () => {
  test.each([
    ['apple-scab', 1, 40.5],
    ['apple-scab', 10, 11],
    ['apple-scab', 20, 6],
    ['apple-scab', 26, 11.3],
    ['cedar-apple-rust', 2, 24],
    ['cedar-apple-rust', 16, 3],
    ['cedar-apple-rust', 22, 2],
    ['grape-black-rot', 15.5, 9],
    ['grape-black-rot', 32, 12],
    ['olive-peacock-spot', 17, 9],
    ['rose-black-spot', 20, 7],
    ['peach-leaf-curl', 8, 12.5],
  ])('%s at %d °C: %d h, as printed', (disease, meanC, hours) => {
    expect(wetHoursNeeded(disease, meanC)).toBeCloseTo(hours, 9);
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
