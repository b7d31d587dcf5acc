import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { coldestMonthC, daysFromHours, FEWEST_HOURS_A_DAY, offsetDays, type HourReading } from './index.ts';

const reading = (hour: number, temperatureC: number, more: Partial<HourReading> = {}): HourReading => ({
  date: '2026-05-01',
  hour,
  temperatureC,
  rainMm: null,
  windMs: null,
  humidityPercent: null,
  wetShare: null,
  ...more,
});

describe('a day of hours', () => {
  test('keeps the lowest and highest of all readings, whatever the means of its hours are', () => {
    const readings = Array.from({ length: 24 }, (_, hour) => [reading(hour, 10), reading(hour, 14)]).flat();
    const [day] = daysFromHours(readings).days;
    expect(day).toMatchObject({ minC: 10, maxC: 14, rainMm: null, windMs: null });
    expect(day!.hoursC!.every((value) => value === 12)).toBe(true);
  });

  test('adds up rain and averages wind, over the hours that tell them', () => {
    const [day] = daysFromHours(
      Array.from({ length: 24 }, (_, hour) =>
        reading(hour, 8, hour < 4 ? { rainMm: 0.6, windMs: hour } : {}),
      ),
    ).days;
    expect(day).toMatchObject({ rainMm: 2.4, windMs: 1.5 });
  });

  test('every hour lies within the day, and every day is told once or named as short', () => {
    const hours = fc.uniqueArray(fc.integer({ min: 0, max: 23 }), { minLength: 1, maxLength: 24 });
    fc.assert(
      fc.property(
        hours,
        fc.array(fc.double({ min: -30, max: 40, noNaN: true }), { minLength: 24, maxLength: 24 }),
        (present, values) => {
          const { days, short } = daysFromHours(present.map((hour) => reading(hour, values[hour]!)));
          expect(days.length + short.length).toBe(1);
          if (present.length < FEWEST_HOURS_A_DAY)
            expect(short).toEqual([{ date: '2026-05-01', hours: present.length }]);
          for (const { minC, maxC, hoursC } of days)
            for (const value of hoursC!) expect(value >= minC - 0.006 && value <= maxC + 0.006).toBe(true);
        },
      ),
      { seed: 9 },
    );
  });
});

test('an offset moves the hours with the day, the low by its own and the high by its own', () => {
  const [moved] = offsetDays(
    [{ date: '2026-05-01', minC: 5, maxC: 15, rainMm: 1, windMs: 2, hoursC: [5, 10, 15] }],
    2,
    6,
  );
  expect(moved).toMatchObject({ minC: 7, maxC: 21, hoursC: [7, 14, 21], rainMm: 1 });
  expect(offsetDays([moved!], 0, 0)).toEqual([moved]);
});

test('the coldest month is the mean of its days over all seasons', () => {
  const day = (date: string, meanC: number) => ({
    date,
    minC: meanC - 4,
    maxC: meanC + 4,
    rainMm: null,
    windMs: null,
  });
  expect(
    coldestMonthC([
      [day('2024-01-10', -6), day('2024-07-10', 20)],
      [day('2025-01-10', -2), day('2025-02-10', -3)],
    ]),
  ).toBe(-4);
  expect(coldestMonthC([])).toBeNull();
});
