import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { celsiusFromFahrenheit } from '#core/units';
import { simulateDays } from '#simulated';
import {
  asFahrenheit,
  doubtfulDays,
  fillFromNeighbour,
  learnOffset,
  looksFahrenheit,
  setRight,
  type WeatherDay,
} from './index.ts';

const CLIMATE = {
  meanC: 9,
  seasonalC: 13,
  coldestDay: 15,
  dailyRangeWinterC: 8,
  dailyRangeSummerC: 12,
  spreadWinterC: 5,
  spreadSummerC: 3,
  persistence: 0.7,
  wetAfterDry: 0.2,
  wetAfterWet: 0.4,
  rainPerWetDayMm: 6,
  windMeanMs: 2,
};
const YEARS = simulateDays(CLIMATE, 12, '2010-01-01', '2025-12-31');
const asRead = (value: number) => Math.round(((value * 9) / 5 + 32) * 10) / 10;
const inFahrenheit = (day: WeatherDay): WeatherDay => ({
  ...day,
  minC: asRead(day.minC),
  maxC: asRead(day.maxC),
});
const change = (days: readonly WeatherDay[], date: string, more: Partial<WeatherDay>) =>
  days.map((day) => (day.date === date ? { ...day, ...more } : day));

describe('doubtful days', () => {
  test('sixteen sound years raise next to none', () => {
    // A false alarm a decade is one a person can bear to look at.
    expect(doubtfulDays(YEARS).length).toBeLessThanOrEqual(1);
  });

  const year = YEARS.filter(({ date }) => date.startsWith('2020'));

  test('a slipped decimal point is a spike', () => {
    expect(
      doubtfulDays(change(year, '2020-07-04', { maxC: 61 })).map(({ kind, from, maxC }) => [
        kind,
        from,
        maxC,
      ]),
    ).toEqual([['spike', '2020-07-04', 61]]);
    expect(
      doubtfulDays(change(year, '2020-07-04', { minC: -19 })).map(({ kind, from }) => [kind, from]),
    ).toEqual([['spike', '2020-07-04']]);
  });

  test('a thermometer nobody reset is stuck; three equal days may be chance', () => {
    const stuck = (days: number) =>
      year.map((day) =>
        day.date >= '2020-06-01' && day.date < addDays('2020-06-01', days)
          ? { ...day, minC: 9.4, maxC: 21.2 }
          : day,
      );
    expect(doubtfulDays(stuck(3))).toEqual([]);
    expect(doubtfulDays(stuck(6))).toMatchObject([{ kind: 'stuck', from: '2020-06-01', to: '2020-06-06' }]);
  });

  test('a stretch of °F among °C is found as one run, whatever the season does meanwhile, and put right', () => {
    const mixed = year.map((day) =>
      day.date >= '2020-05-10' && day.date <= '2020-07-20' ? inFahrenheit(day) : day,
    );
    const [doubt, ...others] = doubtfulDays(mixed);
    expect(others).toEqual([]);
    expect(doubt).toMatchObject({ kind: 'fahrenheit', from: '2020-05-10', to: '2020-07-20' });
    const right = setRight(mixed, [{ ...doubt!, kind: 'fahrenheit' }]);
    right.forEach((day, i) => expect(Math.abs(day.maxC - year[i]!.maxC)).toBeLessThanOrEqual(0.051));
    expect(setRight(mixed, [])).toEqual(mixed);
  });

  test('a whole file in °F is told by the season it claims', () => {
    const earlier = YEARS.filter(({ date }) => date < '2020-01-01');
    const incoming = YEARS.filter(({ date }) => date >= '2021-03-01' && date < '2021-06-01');
    expect(looksFahrenheit(incoming, earlier)).toBe(false);
    expect(looksFahrenheit(incoming.map(inFahrenheit), earlier)).toBe(true);
    expect(looksFahrenheit(incoming.slice(0, 5), earlier)).toBeNull();
    expect(
      asFahrenheit({ date: '2020-01-01', minC: 32, maxC: 50, rainMm: null, windMs: null }),
    ).toMatchObject({ minC: 0, maxC: celsiusFromFahrenheit(50) });
  });

  test('days left out are gone until the fix is taken back', () => {
    expect(setRight(year, [{ from: '2020-03-01', to: '2020-03-03', kind: 'leave-out' }])).toHaveLength(
      year.length - 3,
    );
  });
});

describe('one thermometer standing in for another', () => {
  const sameYear = YEARS.filter(({ date }) => date.startsWith('2020'));
  // A neighbour in a hollow: 2 °C colder nights, 1 °C warmer days.
  const hollow = sameYear.map((day) => ({ ...day, minC: day.minC - 2, maxC: day.maxC + 1 }));
  const holed = sameYear.filter(({ date }) => date < '2020-06-10' || date > '2020-06-20');

  test('by their mean difference, marked, without its wind', () => {
    const filled = fillFromNeighbour(holed, hollow);
    expect(filled.map(({ date }) => date)).toEqual(sameYear.map(({ date }) => date));
    for (const [i, day] of filled.entries()) {
      expect(day.minC).toBeCloseTo(sameYear[i]!.minC, 6);
      expect(day.maxC).toBeCloseTo(sameYear[i]!.maxC, 6);
      const stoodIn = day.date >= '2020-06-10' && day.date <= '2020-06-20';
      expect(day.origin).toBe(stoodIn ? 'neighbour' : undefined);
      if (stoodIn) expect(day.windMs).toBeNull();
    }
  });

  test('not at all when the two hardly ran side by side', () => {
    expect(fillFromNeighbour(sameYear.slice(0, 9), hollow)).toHaveLength(9);
  });

  test('a learned offset is the mean difference, with what few pairs are worth', () => {
    const pair = (min: number, max: number) => ({
      stationMinC: 0,
      stationMaxC: 10,
      placeMinC: min,
      placeMaxC: 10 + max,
    });
    expect(learnOffset([pair(3, 5), pair(4, 5)])).toBeNull();
    // Nights 3, 4, 5: mean 4, standard deviation 1, t(0.975, 2) = 4.303.
    const learned = learnOffset([pair(3, 5), pair(4, 5), pair(5, 5)])!;
    expect(learned.min.offsetC).toBe(4);
    expect(learned.min.giveOrTakeC).toBeCloseTo(4.3027 / Math.sqrt(3), 3);
    expect(learned.max).toEqual({ offsetC: 5, giveOrTakeC: 0 });
  });
});
