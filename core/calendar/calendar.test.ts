import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  addDays,
  dateOfDayNumber,
  dayInYear,
  dayNumber,
  dayOfYear,
  daysBetween,
  daysInYear,
  hemisphereOf,
  isCivilDate,
  isMonthDay,
  inOneSeason,
  monthsBetween,
  northernMonth,
  seasonOf,
  seasonStart,
  shiftSeason,
} from './index.ts';

describe('days', () => {
  test.each([
    ['2026-05-01', true],
    ['2024-02-29', true],
    ['2026-02-29', false],
    ['2026-13-01', false],
    ['2026-5-1', false],
    ['2026-05-01T00:00', false],
    ['', false],
    ['tomorrow', false],
    ['2026/05/01', false],
    ['2026-05-0a', false],
    ['2026-00-10', false],
    ['2026-04-31', false],
    ['1900-02-29', false],
    ['2000-02-29', true],
    ['٢٠٢٦-٠٥-٠١', false],
  ])('%s is a day: %s', (text, real) => {
    expect(isCivilDate(text)).toBe(real);
    if (!real) expect(() => dayNumber(text)).toThrow(RangeError);
  });

  test('counting goes both ways over any distance, leap days included', () => {
    const day = fc
      .integer({ min: -200_000, max: 200_000 })
      .map(dateOfDayNumber)
      .filter((date) => date.length === 10);
    fc.assert(
      fc.property(day, fc.integer({ min: -40_000, max: 40_000 }), (date, days) => {
        fc.pre(addDays(date, days).length === 10);
        expect(daysBetween(date, addDays(date, days))).toBe(days);
        expect(dateOfDayNumber(dayNumber(date))).toBe(date);
      }),
      { seed: 1 },
    );
    expect(addDays('2024-02-28', 1)).toBe('2024-02-29');
    expect(dayOfYear('2024-12-31')).toBe(365);
    expect(daysInYear(2024)).toBe(366);
    expect(daysInYear(2100)).toBe(365);
  });
});

test('days are numbered and written as the engine’s own dates are, over four centuries and at both ends', () => {
  const asDates = (number: number) => new Date(number * 86_400_000).toISOString().slice(0, 10);
  for (let number = dayNumber('1896-02-20'); number <= dayNumber('2305-03-10'); number++) {
    const date = asDates(number);
    if (dateOfDayNumber(number) !== date || dayNumber(date) !== number)
      throw new Error(`${date} is numbered ${dayNumber(date)}, written ${dateOfDayNumber(number)}`);
  }
  expect(dayNumber('0000-01-01')).toBe(-719_528);
  expect(dateOfDayNumber(dayNumber('9999-12-31'))).toBe('9999-12-31');
  expect(dateOfDayNumber(100.9)).toBe(asDates(100));
  expect(dateOfDayNumber(-0.1)).toBe('1969-12-31');
  for (const none of [NaN, Infinity]) expect(() => dateOfDayNumber(none)).toThrow(RangeError);
  for (const beyond of [-719_529, 2_932_897]) expect(isCivilDate(dateOfDayNumber(beyond))).toBe(false);
});

describe('seasons', () => {
  test('begin in January in the north and in July in the south', () => {
    expect(hemisphereOf(45)).toBe('north');
    expect(hemisphereOf(-37.8)).toBe('south');
    expect(seasonStart('2026-05-29', 'north')).toBe('2026-01-01');
    expect(seasonStart('2026-05-29', 'south')).toBe('2025-07-01');
    expect(seasonStart('2026-07-01', 'south')).toBe('2026-07-01');
    expect(shiftSeason('2025-07-01', -3)).toBe('2022-07-01');
  });

  test('a day always lies within its own season', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40_000 }).map(dateOfDayNumber),
        fc.constantFrom('north' as const, 'south' as const),
        (date, hemisphere) => {
          const start = seasonStart(date, hemisphere);
          expect(start <= date && date < shiftSeason(start, 1)).toBe(true);
        },
      ),
      { seed: 1 },
    );
  });
});

describe('a day of every year', () => {
  test('is one that some year has', () => {
    expect(['02-29', '12-31', '01-01'].filter(isMonthDay)).toHaveLength(3);
    expect(['02-30', '13-01', '00-10', '1-1', '2024-01-01', ''].filter(isMonthDay)).toEqual([]);
  });

  test('29 February is the last of February in years without it', () => {
    expect([2023, 2024, 2025, 2100, 2000].map((year) => dayInYear('02-29', year))).toEqual([
      '2023-02-28',
      '2024-02-29',
      '2025-02-28',
      '2100-02-28',
      '2000-02-29',
    ]);
    expect(dayInYear('03-01', 2025)).toBe('2025-03-01');
  });
});

test.each([
  ['2026-03-05', 'north', '2026-01-01', '2026'],
  ['2026-12-31', 'north', '2026-01-01', '2026'],
  ['2026-06-30', 'south', '2025-07-01', '2025/26'],
  ['2026-07-01', 'south', '2026-07-01', '2026/27'],
  ['2100-01-01', 'south', '2099-07-01', '2099/00'],
] as const)(
  '%s in the %s belongs to the season that starts on %s, called %s',
  (day, hemisphere, start, name) => {
    expect(seasonOf(day, hemisphere)).toEqual({ start, name });
  },
);

test('New Year parts no season in the south, midwinter does', () => {
  expect(inOneSeason('2026-12-31', '2027-01-01', 'south')).toBe(true);
  expect(inOneSeason('2026-12-31', '2027-01-01', 'north')).toBe(false);
  expect(inOneSeason('2026-06-30', '2026-07-01', 'south')).toBe(false);
  expect(inOneSeason('2026-06-30', '2026-07-01', 'north')).toBe(true);
});

describe('months of the two halves of the world', () => {
  test('a southern January is a northern July, and back again', () => {
    expect(northernMonth(1, 'south')).toBe(7);
    expect(northernMonth(7, 'south')).toBe(1);
    expect(northernMonth(12, 'south')).toBe(6);
    for (let month = 1; month <= 12; month++) {
      expect(northernMonth(month, 'north')).toBe(month);
      expect(northernMonth(northernMonth(month, 'south'), 'south')).toBe(month);
    }
  });

  test('months between run over New Year', () => {
    expect(monthsBetween(5, 7)).toEqual([5, 6, 7]);
    expect(monthsBetween(11, 2)).toEqual([11, 12, 1, 2]);
    expect(monthsBetween(3, 3)).toEqual([3]);
  });
});
