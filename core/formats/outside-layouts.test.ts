import { describe, expect, test } from '@jest/globals';
import { guessHourly, readGhcn, ghcnLayout, readHourlyRows, readTable, type HourlyMapping } from './index.ts';

describe('GHCN-Daily, one station a file', () => {
  const head =
    '"STATION","DATE","LATITUDE","LONGITUDE","ELEVATION","NAME","PRCP","PRCP_ATTRIBUTES","TMAX","TMAX_ATTRIBUTES","TMIN","TMIN_ATTRIBUTES"';
  const row = (
    date: string,
    prcp: string,
    tmax: string,
    tmin: string,
    flags: [prcp?: string, tmax?: string, tmin?: string] = [],
  ) =>
    `"XX000000001","${date}","45.0","-73.0","120.0","FALLOW BANK, XX","${prcp}",",${flags[0] ?? ''},Z","${tmax}",",${flags[1] ?? ''},Z","${tmin}",",${flags[2] ?? ''},Z"`;

  test('tenths become °C and mm, an empty rain stays unknown', () => {
    const read = readGhcn(
      [head, row('2026-05-01', '   12', '  183', '   46'), row('2026-05-02', '', '150', '-11')].join('\n'),
    );
    expect(read).toMatchObject({ layout: 'by-station', stationId: 'XX000000001', flagged: {}, problems: [] });
    expect(read.days).toEqual([
      { date: '2026-05-01', minC: 4.6, maxC: 18.3, rainMm: 1.2, windMs: null },
      { date: '2026-05-02', minC: -1.1, maxC: 15, rainMm: null, windMs: null },
    ]);
  });

  test.each([...'DGIKLMNORSTWXZ'])('a temperature flagged %s is not used, and counted', (flag) => {
    const read = readGhcn(
      [
        head,
        row('2026-05-01', '0', '183', '46', ['', flag]),
        row('2026-05-02', '99', '150', '50', [flag]),
      ].join('\n'),
    );
    expect(read.flagged).toEqual({ [flag]: 2 });
    expect(read.days).toEqual([{ date: '2026-05-02', minC: 5, maxC: 15, rainMm: null, windMs: null }]);
    expect(read.problems[0]!.fault).toEqual({ kind: 'nothing-sound', date: '2026-05-01', of: 'maximum' });
  });

  test('a maximum below the minimum and the word for missing are told', () => {
    const read = readGhcn(
      [head, row('2026-05-01', '0', '40', '46'), row('2026-05-02', '-9999', '-9999', '50')].join('\n'),
    );
    expect(read.days).toEqual([]);
    expect(read.problems).toEqual([
      { line: 2, fault: { kind: 'upside-down', date: '2026-05-01', minC: 4.6, maxC: 4 } },
      { line: 3, fault: { kind: 'nothing-sound', date: '2026-05-02', of: 'maximum' } },
    ]);
  });
});

describe('GHCN-Daily, one year a file', () => {
  const text = [
    'XX000000001,20260501,TMAX,183,,,Z,0700',
    'XX000000001,20260501,TMIN,46,,,Z,0700',
    'XX000000002,20260501,TMAX,210,,,Z,',
    'XX000000001,20260501,SNWD,0,,,Z,',
    'XX000000001,20260502,TMAX,999,,X,Z,',
    'XX000000001,20260502,TMIN,50,,,Z,',
    'XX000000002,20260501,TMIN,80,,,Z,',
  ].join('\n');

  test('holds many stations; one is read, the first unless named', () => {
    expect(ghcnLayout(text)).toBe('by-year');
    expect(readGhcn(text)).toMatchObject({
      stationIds: ['XX000000001', 'XX000000002'],
      days: [{ date: '2026-05-01', minC: 4.6, maxC: 18.3 }],
      flagged: { X: 1 },
    });
    expect(readGhcn(text, 'XX000000002').days).toMatchObject([{ minC: 8, maxC: 21 }]);
    expect(() => readGhcn(text, 'XX000000009')).toThrow(/^no-such-station\/XX000000009$/);
  });

  test('other tables are not taken for it', () => {
    expect(ghcnLayout('date,min,max\n2026-05-01,1,2')).toBeNull();
    expect(ghcnLayout('STATION,DATE,MIN\n')).toBeNull();
    expect(() => readGhcn('date,min,max')).toThrow(/^not-ghcn$/);
  });
});

describe('hourly loggers', () => {
  const day = (date: string, hours: readonly number[]) =>
    hours.map(
      (hour) =>
        `${date} ${String(hour).padStart(2, '0')}:00,${(10 + 5 * Math.sin(((hour - 9) / 12) * Math.PI)).toFixed(2)},0.1`,
    );
  const all = Array.from({ length: 24 }, (_, hour) => hour);

  test("hours become the day's low, high and sum of rain, and are kept", () => {
    const { header, rows } = readTable(
      ['Timestamp,Temperature (°C),Rain mm', ...day('2026-05-01', all)].join('\n'),
    );
    const guess = guessHourly(header, rows);
    expect(guess).toEqual({
      time: 0,
      clock: null,
      temperature: 1,
      rain: 2,
      wind: null,
      windFrom: null,
      humidity: null,
      wetness: null,
      temperatureUnit: 'C',
      rainUnit: 'mm',
      windUnit: null,
      wetnessUnit: null,
      dateOrder: 'iso',
    });
    const { days, problems } = readHourlyRows(rows, guess as HourlyMapping);
    expect(problems).toEqual([]);
    expect(days).toMatchObject([{ date: '2026-05-01', minC: 5, maxC: 15, rainMm: 2.4 }]);
    expect(days[0]!.hoursC).toHaveLength(24);
    expect(days[0]!.hoursC![15]).toBe(15);
  });

  test('date and clock in columns of their own, °F, afternoon hours; three readings an hour', () => {
    const lines = Array.from({ length: 72 }, (_, i) => {
      const hour = Math.floor(i / 3);
      return `5/13/2026\t${hour % 12 || 12}:${String((i % 3) * 20).padStart(2, '0')} ${hour < 12 ? 'AM' : 'PM'}\t${50 + hour}`;
    });
    const { header, rows } = readTable(['Date\tTime\tTemp F', ...lines].join('\n'));
    const guess = guessHourly(header, rows)!;
    expect(guess).toMatchObject({
      time: 0,
      clock: 1,
      temperature: 2,
      temperatureUnit: 'F',
      dateOrder: 'month-first',
    });
    expect(readHourlyRows(rows, guess as HourlyMapping).days).toMatchObject([
      { date: '2026-05-13', minC: 10, maxC: 22.78 },
    ]);
  });

  test('a few missing hours are bridged, a long hole or a short day is refused by name', () => {
    const { header, rows } = readTable(
      [
        'time,temp °C,rain',
        ...day(
          '2026-05-01',
          all.filter((hour) => hour !== 4 && hour !== 5),
        ),
        ...day(
          '2026-05-02',
          all.filter((hour) => hour < 12 || hour > 15),
        ),
        ...day('2026-05-03', [0, 1, 2]),
      ].join('\n'),
    );
    const { days, problems } = readHourlyRows(rows, guessHourly(header, rows) as HourlyMapping);
    expect(days.map(({ date }) => date)).toEqual(['2026-05-01']);
    expect(days[0]!.hoursC![4]).toBeCloseTo((2 * days[0]!.hoursC![3]! + days[0]!.hoursC![6]!) / 3, 6);
    expect(problems).toEqual([
      { line: 24, fault: { kind: 'too-few-hours', date: '2026-05-02', hours: 20 } },
      { line: 44, fault: { kind: 'too-few-hours', date: '2026-05-03', hours: 3 } },
    ]);
  });

  test("a note at the foot does not hide what the file is, and is told at its line; a logger's wind too", () => {
    const { header, rows } = readTable(
      [
        'Timestamp,Temperature (°C),Rain mm,Wind km/h',
        ...day('2026-05-01', all).map((line) => `${line},36`),
        'End of log,,,',
      ].join('\n'),
    );
    const guess = guessHourly(header, rows)!;
    expect(guess).toMatchObject({ time: 0, dateOrder: 'iso', temperatureUnit: 'C', windUnit: 'km/h' });
    const { days, problems } = readHourlyRows(rows, guess as HourlyMapping);
    expect(days).toMatchObject([{ date: '2026-05-01', minC: 5, maxC: 15, windMs: 10 }]);
    expect(problems).toEqual([{ line: 26, fault: { kind: 'not-a-day-so-ordered', text: 'End of log' } }]);
  });

  test('a table of days is not taken for one', () => {
    const { header, rows } = readTable(
      'date,min °C,max °C\n2026-05-01,1,2\n2026-05-02,1,2\n2026-05-03,1,2\n',
    );
    expect(guessHourly(header, rows)).toBeNull();
    const stamped = readTable(
      'date,temp min °C,temp max °C\n2026-05-01 00:00,1,2\n2026-05-02 00:00,1,2\n2026-05-03 ' +
        '00:00,1,2\n2026-05-04 00:00,1,2\n',
    );
    expect(guessHourly(stamped.header, stamped.rows)).toBeNull();
  });
});
