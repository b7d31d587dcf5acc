import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dateOfDayNumber } from '#core/calendar';
import type { WeatherDay } from '#core/weather';
import {
  guessDateOrder,
  guessMapping,
  readDailyRows,
  readTable,
  writeDailyCsv,
  type ColumnMapping,
} from './index.ts';

const MAPPING: ColumnMapping = {
  date: 0,
  minTemperature: 1,
  maxTemperature: 2,
  rain: 3,
  wind: null,
  windFrom: null,
  temperatureUnit: 'C',
  rainUnit: 'mm',
  windUnit: null,
  dateOrder: 'iso',
};

describe('guessing the columns', () => {
  test('by any names', () => {
    const { header, rows } = readTable(
      'Station;Day;TMAX (°F);TMIN (°F);Precip (in)\nA;2026-05-01;70;48;0.1\n',
    );
    expect(guessMapping(header, rows)).toEqual({
      date: 1,
      maxTemperature: 2,
      minTemperature: 3,
      rain: 4,
      wind: null,
      windFrom: null,
      temperatureUnit: 'F',
      rainUnit: 'in',
      windUnit: null,
      dateOrder: 'iso',
    });
  });

  test('a date column without a name is found by its values; an unknown unit stays open', () => {
    const { header, rows } = readTable('when\tlow\thigh\n01/02/2026\t2\t9\n03/02/2026\t1\t8\n');
    expect(guessMapping(header, rows)).toMatchObject({ date: 0, temperatureUnit: null, dateOrder: null });
  });

  test('values no °C thermometer shows settle the unit', () => {
    const { header, rows } = readTable('date,low,high\n2026-07-01,60,84\n');
    expect(guessMapping(header, rows).temperatureUnit).toBe('F');
  });

  test.each<[string[], string | null]>([
    [['2026-05-01', '2026-05-02T00:00'], 'iso'],
    [['2026-05-01', '2026-05-02', '2026-05-03', 'Made by the station'], 'iso'],
    [['2026-05-01', 'Made by the station'], null],
    [['1/5/2026', '13/5/2026'], 'day-first'],
    [['5/1/2026', '5/13/2026'], 'month-first'],
    [['1/5/2026', '2/5/2026'], null],
    [['13/5/2026', '5/13/2026'], null],
    [[], null],
  ])('date order of %j is %s', (values, order) => {
    expect(guessDateOrder(values)).toBe(order);
  });
});

describe('rain', () => {
  const rain = (head: string, value: string) => {
    const rows = [['2026-05-29', '10', '20', value]];
    const mapping = guessMapping(['date', 'tmin_c', 'tmax_c', head], rows) as ColumnMapping;
    return {
      unit: mapping.rainUnit,
      rainMm: readDailyRows(rows, { ...mapping, dateOrder: 'iso' }).days[0]!.rainMm,
    };
  };

  test.each([
    ['rain_mm', '12.7', 'mm', 12.7],
    ['Precipitation (mm)', '3', 'mm', 3],
    ['Rain, in.', '0.5', 'in', 12.7],
    ['precip inches', '1', 'in', 25.4],
    ['Rain "', '1', 'in', 25.4],
  ])('"%s" of %s is in %s', (head, value, unit, mm) => {
    expect(rain(head, value)).toEqual({ unit, rainMm: mm });
  });

  test('that names no unit stays unknown until somebody says', () => {
    expect(rain('Rain', '12')).toEqual({ unit: null, rainMm: null });
  });
});

describe('wind', () => {
  const wind = (head: string, value: string) => {
    const { header, rows } = readTable(`date,min °C,max °C,${head}\n2026-05-01,4,12,${value}\n`);
    const mapping = guessMapping(header, rows) as ColumnMapping;
    return { unit: mapping.windUnit, windMs: readDailyRows(rows, mapping).days[0]!.windMs };
  };

  test.each([
    ['Wind (km/h)', '18', 'km/h', 5],
    ['wind_kmh', '18', 'km/h', 5],
    ['Wind kph', '18', 'km/h', 5],
    ['Wind speed mph', '10', 'mph', 4.47],
    ['wind knots', '10', 'knots', 5.14],
    ['Wind kn', '10', 'knots', 5.14],
    ['Wind m/s', '5', 'm/s', 5],
    ['wind_ms', '5', 'm/s', 5],
  ] as const)('%s of %s is in %s, %s m/s', (head, value, unit, ms) => {
    expect(wind(head, value)).toEqual({ unit, windMs: ms });
  });

  test('of no named unit is asked for, and unknown until it is told', () => {
    expect(wind('Wind', '18')).toEqual({ unit: null, windMs: null });
  });

  test('faster than any is a fault in its unit, not in m/s', () => {
    const rows = [['2026-05-01', '4', '12', '0', '150']];
    const read = (windUnit: ColumnMapping['windUnit']) =>
      readDailyRows(rows, { ...MAPPING, wind: 4, windUnit });
    expect(read('km/h').days[0]!.windMs).toBe(41.67);
    expect(read('m/s').problems).toEqual([{ line: 2, fault: { kind: 'not-a-speed', text: '150' } }]);
  });
});

test('empty cells of a column in °F do not make it one in °C', () => {
  const cells = [...Array.from({ length: 300 }, (_, i) => String(35 + (i % 15))), ''];
  const rows = cells.map((cell, i) => [dateOfDayNumber(20000 + i), cell, cell]);
  expect(guessMapping(['date', 'low', 'high'], rows).temperatureUnit).toBeNull();
});

describe('reading rows', () => {
  test('each bad row is named by line and reason, the good ones are kept', () => {
    const { rows } = readTable(
      [
        'date,min,max,rain',
        '2026-05-01,4,12,0',
        '2026-02-30,4,12,0',
        '2026-05-03,14,12,0',
        '2026-05-04,x,12,0',
        '2026-05-05,4,12,wet',
        '2026-05-06,4,99,0',
        '2026-05-01,4,12,0',
        '2026-05-01,5,12,0',
        ',4,12,0',
        '',
        '"2026-05-07",4,=1+1,0',
      ].join('\n'),
    );
    const read = readDailyRows(rows, MAPPING);
    expect(read.days.map((d) => d.date)).toEqual(['2026-05-01']);
    expect(read.repeats).toBe(1);
    expect(read.problems).toEqual([
      { line: 3, fault: { kind: 'not-a-day-so-ordered', text: '2026-02-30' } },
      { line: 4, fault: { kind: 'upside-down', minC: 14, maxC: 12 } },
      { line: 5, fault: { kind: 'not-a-number', of: 'minimum', text: 'x' } },
      { line: 6, fault: { kind: 'not-an-amount', text: 'wet' } },
      { line: 7, fault: { kind: 'not-weather', fromC: 4, toC: 99 } },
      { line: 9, fault: { kind: 'day-twice', date: '2026-05-01' } },
      { line: 10, fault: { kind: 'date-missing' } },
      { line: 12, fault: { kind: 'not-a-number', of: 'maximum', text: '=1+1' } },
    ]);
  });

  test('units, slashes and decimal commas', () => {
    const rows = [['3/5/2026', '41', '59,9', '0,5']];
    expect(
      readDailyRows(rows, { ...MAPPING, temperatureUnit: 'F', rainUnit: 'in', dateOrder: 'day-first' }).days,
    ).toEqual([{ date: '2026-05-03', minC: 5, maxC: 15.5, rainMm: 12.7, windMs: null }]);
    expect(readDailyRows(rows, { ...MAPPING, dateOrder: 'month-first' }).days[0]!.date).toBe('2026-03-05');
  });

  test('what is not a table is refused in words', () => {
    expect(() => readTable('PK\u0003\u0004\u0000')).toThrow(/^not-text$/);
    expect(() => readTable('just a line')).toThrow(/^too-few-columns\/3$/);
    expect(() => readTable('a,b,c\n')).toThrow(/^no-rows$/);
    expect(() => readTable(`${'a,'.repeat(9999)}b\n1`)).toThrow(/^too-many-columns\/10000$/);
  });

  test('what is written reads back the same', () => {
    const tenths = (min: number, max: number) => fc.integer({ min, max }).map((n) => n / 10);
    const day = fc.record({
      date: fc.integer({ min: 14_000, max: 22_000 }).map(dateOfDayNumber),
      minC: tenths(-400, 150),
      maxC: tenths(150, 450),
      rainMm: fc.option(tenths(0, 900)),
      windMs: fc.option(tenths(0, 200)),
    });
    fc.assert(
      fc.property(fc.uniqueArray(day, { selector: (d) => d.date, minLength: 1 }), (days) => {
        const { header, rows } = readTable(writeDailyCsv(days));
        const guess = guessMapping(header, rows);
        expect(guess).toMatchObject({ temperatureUnit: 'C', dateOrder: 'iso' });
        const sorted = [...days].sort((a, b) => (a.date < b.date ? -1 : 1)) as WeatherDay[];
        expect(readDailyRows(rows, guess as ColumnMapping)).toEqual({
          days: sorted,
          problems: [],
          repeats: 0,
        });
      }),
      { seed: 4 },
    );
  });
});
