import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import type { WeatherDay } from '#core/weather';
import { forecastHours, goodStretches, sprayHours, sprayLimits, sunTimes } from './index.ts';

const OIL = {
  isOil: true,
  labelLeastC: null,
  labelGreatestC: null,
  labelRainFreeHours: null,
  schoolTopC: 29,
  isCitrus: false,
};
const OIL_ON_LEAVES = sprayLimits(OIL);

const day = (i: number, changes: Partial<WeatherDay> = {}): WeatherDay => ({
  date: addDays('2026-05-20', i),
  minC: 10,
  maxC: 22,
  rainMm: 0,
  windMs: 2,
  ...changes,
});
const hours = (...days: Partial<WeatherDay>[]) =>
  sprayHours(
    forecastHours(
      days.map((d, i) => day(i, d)),
      45,
      13,
    ),
    OIL_ON_LEAVES,
  );

test(
  'the sun at 45° N: 15 h 37 min at midsummer, 8 h 46 min at midwinter, 12 h 10 min at the equinox, to 6 ' +
    'minutes',
  () => {
    const length = (date: string) => {
      const { sunrise, sunset } = sunTimes(45, date, 12);
      return sunset - sunrise;
    };
    expect(Math.abs(length('2026-06-21') - 15.62)).toBeLessThan(0.1);
    expect(Math.abs(length('2026-12-21') - 8.77)).toBeLessThan(0.1);
    expect(Math.abs(length('2026-03-20') - 12.17)).toBeLessThan(0.1);
  },
);

describe('hours', () => {
  test("stay within the day's extremes, warmest after noon, and join at midnight", () => {
    const [first, second] = hours({}, { minC: 12, maxC: 25 }, {}, {});
    const temps = first!.hours.map((h) => h.temperatureC);
    expect(Math.max(...temps)).toBeLessThanOrEqual(22);
    expect(Math.max(...temps)).toBeGreaterThan(21.5);
    expect(temps.indexOf(Math.max(...temps))).toBeGreaterThanOrEqual(14);
    expect(temps.indexOf(Math.max(...temps))).toBeLessThanOrEqual(16);
    expect(Math.abs(first!.hours[23]!.temperatureC - second!.hours[0]!.temperatureC)).toBeLessThan(1);
  });

  test('a mild, dry, breezy afternoon is a go; its night is not', () => {
    const [first] = hours({}, {}, {}, {});
    expect(first!.hours[14]).toMatchObject({ verdict: 'go', reasons: [] });
    expect(first!.hours[23]!.reasons).toContain('dark');
  });

  test.each<[string, Partial<WeatherDay>[], string, string]>([
    ['rain tomorrow', [{}, { rainMm: 3 }, {}, {}], 'no', 'rain-within-hours'],
    ['rain today', [{ rainMm: 3 }, {}, {}, {}], 'no', 'rain-that-day'],
    ['heat in two days', [{}, {}, { maxC: 31 }, {}], 'no', 'hot-within-48-h'],
    ['frost tomorrow', [{}, { minC: -1 }, {}, {}], 'no', 'frost-near'],
    ['a storm', [{ windMs: 7 }, {}, {}, {}], 'no', 'windy'],
    ['dead calm', [{ windMs: 0.4 }, {}, {}, {}], 'poor', 'still'],
    ['wind unknown', [{ windMs: null }, {}, {}, {}], 'unknown', 'wind-unknown'],
    ['rain tomorrow unknown', [{}, { rainMm: null }, {}, {}], 'unknown', 'rain-unknown'],
    ['nothing known beyond tomorrow', [{}, {}], 'unknown', 'beyond-forecast'],
    ['a cold day', [{ minC: -0, maxC: 3 }, {}, {}, {}], 'no', 'too-cold'],
  ])('%s', (_, days, verdict, reason) => {
    const noon = hours(...days)[0]!.hours[14]!;
    expect(noon.verdict).toBe(verdict);
    expect(noon.reasons).toContain(reason);
  });
});

describe('what it is and what it goes on', () => {
  test('open bloom, bees at honeydew or thirst close every hour, however fine', () => {
    const fine = forecastHours(
      [{}, {}, {}, {}].map((d, i) => day(i, d)),
      45,
      13,
    );
    for (const [scene, reason] of [
      [{ bloom: true, beesAtHoneydew: false, thirsty: false }, 'bloom'],
      [{ bloom: false, beesAtHoneydew: true, thirsty: false }, 'bees-at-honeydew'],
      [{ bloom: false, beesAtHoneydew: false, thirsty: true }, 'thirsty'],
    ] as const) {
      const [first] = sprayHours(fine, OIL_ON_LEAVES, scene);
      expect(first!.hours.every(({ verdict, reasons }) => verdict === 'no' && reasons.includes(reason))).toBe(
        true,
      );
    }
  });

  test('the strictest of label, school and plant holds, and a school never loosens a label', () => {
    expect(sprayLimits(OIL)).toEqual({ leastC: 4, betterC: 13, greatestC: 29, rainFreeHours: 24 });
    expect(
      sprayLimits({ ...OIL, schoolTopC: 32, labelGreatestC: 27, labelLeastC: 7, labelRainFreeHours: 6 }),
    ).toEqual({ leastC: 7, betterC: 13, greatestC: 27, rainFreeHours: 24 });
    expect(sprayLimits({ ...OIL, schoolTopC: 32, isCitrus: true }).greatestC).toBe(29);
    expect(sprayLimits({ ...OIL, isOil: false })).toEqual({
      leastC: 5,
      betterC: 10,
      greatestC: 30,
      rainFreeHours: 12,
    });
    expect(sprayLimits({ ...OIL, isOil: false, labelGreatestC: 32, labelRainFreeHours: 4 })).toMatchObject({
      greatestC: 32,
      rainFreeHours: 4,
    });
  });

  test('good stretches are told whole, and short ones not at all', () => {
    const days = hours({}, {}, {}, {});
    const [stretch] = goodStretches(days, 3);
    expect(stretch!.date).toBe('2026-05-20');
    expect(
      days[0]!.hours.slice(stretch!.fromHour, stretch!.toHour).every(({ verdict }) => verdict === 'go'),
    ).toBe(true);
    expect(days[0]!.hours[stretch!.toHour]!.verdict).not.toBe('go');
    expect(
      goodStretches(days, stretch!.toHour - stretch!.fromHour + 1).filter(
        ({ date }) => date === '2026-05-20',
      ),
    ).toEqual([]);
  });

  test('hours a logger told are taken as they are', () => {
    const hoursC = Array.from({ length: 24 }, () => 20);
    expect(forecastHours([day(0, { hoursC })], 45, 13)[0]!.temperaturesC).toBe(hoursC);
  });
});
