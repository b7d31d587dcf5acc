import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { looksFahrenheit, type WeatherDay } from './index.ts';

/** A month of mild days, and the same month a year later. */
const month = (from: string, minC: number, maxC: number): WeatherDay[] =>
  Array.from({ length: 30 }, (_, i) => ({
    date: addDays(from, i),
    minC,
    maxC,
    rainMm: null,
    windMs: null,
  }));
const LAST_MAY = month('2025-05-01', 8, 18);
const inFahrenheit = (valueC: number) => valueC * 1.8 + 32;

describe('days that come in beside those that are there', () => {
  test('in the same unit raise no doubt, though a year is warmer', () => {
    expect(looksFahrenheit(month('2026-05-01', 8, 18), LAST_MAY)).toBe(false);
    expect(looksFahrenheit(month('2026-05-01', 12, 23), LAST_MAY)).toBe(false);
  });

  test('in °F under a name for °C are doubted', () => {
    expect(looksFahrenheit(month('2026-05-01', inFahrenheit(8), inFahrenheit(18)), LAST_MAY)).toBe(true);
  });

  test('cannot be judged without any that came before', () => {
    expect(looksFahrenheit(month('2026-05-01', 20, 30), [])).toBeNull();
  });
});
