import { expect, test } from '@jest/globals';
import { mean } from 'simple-statistics';
import { simulateDays } from '#simulated';
import { generateDays, normalsFromTable, normalsOf, type WeatherDay } from './index.ts';

const STATION = simulateDays(
  {
    meanC: 8.8,
    seasonalC: 14.2,
    coldestDay: 15,
    dailyRangeWinterC: 8.5,
    dailyRangeSummerC: 12,
    spreadWinterC: 5,
    spreadSummerC: 3,
    persistence: 0.72,
    wetAfterDry: 0.22,
    wetAfterWet: 0.42,
    rainPerWetDayMm: 7,
    windMeanMs: 2.4,
  },
  4535,
  '2000-01-01',
  '2029-12-31',
);

test(
  'two hundred generated years have the means, spread, persistence and rain of the station they were ' +
    'fitted to',
  () => {
    const fitted = normalsOf(STATION);
    const again = normalsOf(generateDays(fitted, 8, '1800-01-01', '1999-12-31'));
    expect(again.persistence).toBeCloseTo(fitted.persistence, 1);
    fitted.months.forEach((month, i) => {
      const made = again.months[i]!;
      expect(Math.abs(made.minC - month.minC)).toBeLessThan(0.5);
      expect(Math.abs(made.maxC - month.maxC)).toBeLessThan(0.6);
      expect(made.meanSpreadC / month.meanSpreadC).toBeGreaterThan(0.85);
      expect(made.meanSpreadC / month.meanSpreadC).toBeLessThan(1.15);
      expect(made.wetDays / month.wetDays).toBeGreaterThan(0.8);
      expect(made.wetDays / month.wetDays).toBeLessThan(1.2);
      expect(made.rainMm / month.rainMm).toBeGreaterThan(0.75);
      expect(made.rainMm / month.rainMm).toBeLessThan(1.3);
    });
  },
);

test('a climate table alone gives years with its means', () => {
  const table = normalsOf(STATION).months.map(({ minC, maxC, rainMm, wetDays }) => ({
    minC,
    maxC,
    rainMm,
    wetDays,
  }));
  const years = generateDays(normalsFromTable(table), 3, '1900-01-01', '1939-12-31');
  const july = (days: readonly WeatherDay[]) =>
    mean(days.filter(({ date }) => date.slice(5, 7) === '07').map(({ maxC }) => maxC));
  expect(Math.abs(july(years) - table[6]!.maxC)).toBeLessThan(0.6);
  expect(years.every(({ minC, maxC }) => maxC > minC)).toBe(true);
  expect(generateDays(normalsFromTable(table), 3, '1900-01-01', '1900-02-01')).toEqual(years.slice(0, 32));
});

test('where summer and winter hardly differ, days differ less; temperate places have the usual spread', () => {
  const yearOf = (coldestC: number, warmestC: number) =>
    Array.from({ length: 12 }, (_, i) => {
      const middle = coldestC + ((warmestC - coldestC) * (1 - Math.cos((Math.PI * i) / 6))) / 2;
      return { minC: middle - 5, maxC: middle + 5, rainMm: 60, wetDays: 8 };
    });
  const spreads = (coldestC: number, warmestC: number) =>
    normalsFromTable(yearOf(coldestC, warmestC)).months.map(({ meanSpreadC }) => meanSpreadC);
  // By hand: 1 °C and 0.3 for each degree of season, up to 4.5 in winter and 3 in summer.
  expect(spreads(25, 25)).toEqual(Array(12).fill(1));
  expect(Math.max(...spreads(22, 27))).toBeCloseTo(2.5, 9);
  expect(spreads(0, 20)[0]).toBeCloseTo(4.5, 9);
  expect(spreads(0, 20)[6]).toBeCloseTo(3, 9);
});

test('a station with too little of a month has no normals', () => {
  expect(() => normalsOf(STATION.filter(({ date }) => date.slice(5, 7) !== '04'))).toThrow('month 4');
});
