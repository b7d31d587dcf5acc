import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { WeatherDay } from '#core/weather';
import { sunsetTemperature, temperatureAt } from './hourly-temperature.ts';
import {
  forecastHours,
  goodStretches,
  sprayHours,
  sprayLimits,
  sunTimes,
  type ForecastHours,
  type HourReason,
  type SprayLimits,
} from './index.ts';

const LIMITS: SprayLimits = { leastC: 4, betterC: 13, greatestC: 29, rainFreeHours: 24 };
const dayOf = (day: number) => `2026-06-${String(day).padStart(2, '0')}`;
const mild = (day: number, more: Partial<WeatherDay> = {}): WeatherDay => ({
  date: dayOf(day),
  minC: 14,
  maxC: 22,
  rainMm: 0,
  windMs: 2,
  ...more,
});

/** Five mild, dry days with a light wind, and changes to some of them; every hour as warm as told. */
function weather(changes: Readonly<Record<number, Partial<WeatherDay>>> = {}, hourC = 18): ForecastHours[] {
  return [1, 2, 3, 4, 5].map((number) => ({
    day: mild(number, changes[number]),
    sun: { sunrise: 5.5, sunset: 20.5 },
    temperaturesC: Array.from({ length: 24 }, () => hourC),
  }));
}
const reasonsAt = (
  hour: number,
  forecast: ForecastHours[],
  { day = 2, limits = LIMITS }: { day?: number; limits?: SprayLimits } = {},
): readonly HourReason[] => sprayHours(forecast, limits)[day - 1]!.hours[hour]!.reasons;
const verdictAt = (hour: number, forecast: ForecastHours[], day = 2) =>
  sprayHours(forecast, LIMITS)[day - 1]!.hours[hour]!.verdict;

test('a mild, dry noon with a light wind is good, with nothing said against it', () => {
  expect(reasonsAt(12, weather())).toEqual([]);
  expect(verdictAt(12, weather())).toBe('go');
});

describe('temperature', () => {
  test.each<[number, readonly HourReason[]]>([
    [3.9, ['too-cold']],
    [4, ['cool']],
    [12.9, ['cool']],
    [13, []],
    [29, []],
    [29.1, ['too-hot']],
  ])('%d °C: %s', (hourC, reasons) => {
    expect(reasonsAt(12, weather({}, hourC))).toEqual(reasons);
  });

  test('a hot day among this and the next two stands against every hour before it, and not against later ones', () => {
    for (const hot of [2, 3, 4])
      expect(reasonsAt(12, weather({ [hot]: { maxC: 29.5 } }))).toEqual(['hot-within-48-h']);
    for (const other of [1, 5]) expect(reasonsAt(12, weather({ [other]: { maxC: 35 } }))).toEqual([]);
    expect(reasonsAt(12, weather({ 3: { maxC: 29 } }))).toEqual([]);
  });

  test('frost the night before, that night or the next is too near; no frost is at nought', () => {
    for (const frosty of [1, 2, 3])
      expect(reasonsAt(12, weather({ [frosty]: { minC: -0.1 } }))).toEqual(['frost-near']);
    for (const other of [4, 5]) expect(reasonsAt(12, weather({ [other]: { minC: -5 } }))).toEqual([]);
    expect(reasonsAt(12, weather({ 2: { minC: 0 } }))).toEqual([]);
  });
});

describe('rain', () => {
  test('that day: half a millimetre counts, less does not, and not knowing is said', () => {
    expect(reasonsAt(12, weather({ 2: { rainMm: 0.4 } }))).toEqual([]);
    expect(reasonsAt(12, weather({ 2: { rainMm: 0.5 } }))).toEqual(['rain-that-day']);
    expect(reasonsAt(12, weather({ 2: { rainMm: null } }))).toEqual(['rain-unknown']);
  });

  test('within the hours it must stay dry, and not after them', () => {
    expect(reasonsAt(12, weather({ 3: { rainMm: 0.5 } }))).toEqual(['rain-within-hours']);
    expect(reasonsAt(12, weather({ 3: { rainMm: 0.4 } }))).toEqual([]);
    expect(reasonsAt(12, weather({ 3: { rainMm: null } }))).toEqual(['rain-unknown']);
    expect(reasonsAt(12, weather({ 4: { rainMm: 9 } }))).toEqual([]);
    expect(reasonsAt(12, weather({ 1: { rainMm: 9 } }))).toEqual([]);
  });

  test('the hours run over midnight: six from noon end that day, six from seven in the evening the next', () => {
    const wetTomorrow = weather({ 3: { rainMm: 5 } });
    const limits = { ...LIMITS, rainFreeHours: 6 };
    expect(reasonsAt(12, wetTomorrow, { limits })).toEqual([]);
    expect(reasonsAt(17, wetTomorrow, { limits })).toEqual([]);
    expect(reasonsAt(18, wetTomorrow, { limits })).toEqual([]);
    expect(reasonsAt(19, wetTomorrow, { limits })).toContain('rain-within-hours');
  });

  test('two days may have to stay dry: one wet or unknown among them is enough', () => {
    const limits = { ...LIMITS, rainFreeHours: 48 };
    for (const wet of [3, 4]) {
      expect(reasonsAt(12, weather({ [wet]: { rainMm: 5 } }), { limits })).toEqual(['rain-within-hours']);
      expect(reasonsAt(12, weather({ [wet]: { rainMm: null } }), { limits })).toEqual(['rain-unknown']);
    }
    expect(reasonsAt(12, weather({ 5: { rainMm: 5 } }), { limits })).toEqual([]);
  });
});

describe('what the forecast does not tell', () => {
  test('counts as unknown, never as good', () => {
    expect(reasonsAt(12, weather(), { day: 3 })).toEqual([]);
    expect(reasonsAt(12, weather(), { day: 4 })).toEqual(['beyond-forecast']);
    expect(verdictAt(12, weather(), 4)).toBe('unknown');
    expect(reasonsAt(12, weather({ 2: { windMs: null } }))).toEqual(['wind-unknown']);
    expect(verdictAt(12, weather({ 2: { windMs: null } }))).toBe('unknown');
  });

  test('also where more dry days are asked for than it holds', () => {
    const limits = { ...LIMITS, rainFreeHours: 96 };
    expect(reasonsAt(12, weather(), { day: 1, limits })).toEqual([]);
    expect(reasonsAt(12, weather(), { day: 2, limits })).toEqual(['beyond-forecast']);
  });

  test('does not soften a no', () => {
    expect(verdictAt(12, weather({ 4: { rainMm: 9 } }), 4)).toBe('no');
  });
});

describe('wind and light', () => {
  test.each<[number, readonly HourReason[], string]>([
    [0.9, ['still'], 'poor'],
    [1, [], 'go'],
    [4.5, [], 'go'],
    [4.6, ['windy'], 'no'],
  ])('%d m/s: %s, %s', (windMs, reasons, verdict) => {
    const told = weather({ 2: { windMs } });
    expect(reasonsAt(12, told)).toEqual(reasons);
    expect(verdictAt(12, told)).toBe(verdict);
  });

  test('an hour must lie between sunrise and sunset, and leave two to dry before the night', () => {
    // Sunrise 5:30, sunset 20:30.
    expect(reasonsAt(5, weather())).toEqual(['dark']);
    expect(reasonsAt(6, weather())).toEqual([]);
    expect(reasonsAt(18, weather())).toEqual([]);
    expect(reasonsAt(19, weather())).toEqual(['wet-overnight']);
    expect(reasonsAt(20, weather())).toEqual(['dark']);
    for (const hour of [5, 19, 20]) expect(verdictAt(hour, weather())).toBe('poor');
  });

  test('the hour that begins at sunrise, and the one that ends at sunset, are light', () => {
    const told = weather().map((entry) => ({ ...entry, sun: { sunrise: 6, sunset: 20 } }));
    expect(reasonsAt(6, told)).toEqual([]);
    expect(reasonsAt(18, told)).toEqual([]);
    expect(reasonsAt(19, told)).toEqual(['wet-overnight']);
  });
});

test('what stands against a plant stands against every hour, and is a no', () => {
  const scene = { bloom: true, beesAtHoneydew: true, thirsty: true };
  const { hours } = sprayHours(weather(), LIMITS, scene)[1]!;
  expect(hours.every(({ verdict }) => verdict === 'no')).toBe(true);
  expect(hours[12]!.reasons).toEqual(['bloom', 'bees-at-honeydew', 'thirsty']);
  const nothing = { bloom: false, beesAtHoneydew: false, thirsty: false };
  for (const key of ['bloom', 'beesAtHoneydew', 'thirsty'] as const)
    expect(sprayHours(weather(), LIMITS, { ...nothing, [key]: true })[1]!.hours[12]!.verdict).toBe('no');
});

describe('temperature by the hour', () => {
  // Day of 14 hours, sun up at 5, 10 to 24 °C, cooling to 8 next morning.
  const SUN = { sunrise: 5, sunset: 19 };
  const atSunset = sunsetTemperature(10, 24, SUN);
  const shape = { ...SUN, minC: 10, maxC: 24, nextMinC: 8, previousSunsetC: 20, previousSunset: 19 };

  test('at sunset, by hand: 10 + 14 · sin(π · 14.17 ÷ 17.72)', () => {
    expect(atSunset).toBeCloseTo(10 + 14 * Math.sin((Math.PI * 14.17) / 17.72), 9);
    expect(atSunset).toBeCloseTo(18.245, 2);
  });

  test('by day a sine from just before sunrise: its low there, its high halfway through', () => {
    expect(temperatureAt(4.83, shape)).toBeCloseTo(10, 9);
    // Half of 17.72 h after 4:50.
    expect(temperatureAt(4.83 + 8.86, shape)).toBeCloseTo(24, 9);
    expect(temperatureAt(9, shape)).toBeCloseTo(10 + 14 * Math.sin((Math.PI * 4.17) / 17.72), 9);
    expect(temperatureAt(19, shape)).toBeCloseTo(atSunset, 9);
  });

  test('by night it cools towards the morning: 2.2 over the ten hours of dark', () => {
    expect(temperatureAt(21, shape)).toBeCloseTo(8 + (atSunset - 8) * Math.exp((-2.2 * 2) / 10), 9);
    expect(temperatureAt(2, shape)).toBeCloseTo(10 + (20 - 10) * Math.exp((-2.2 * 7) / 10), 9);
  });

  test('never leaves the range of its two days', () => {
    const celsius = fc.integer({ min: -10, max: 25 });
    fc.assert(
      fc.property(
        celsius,
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 23 }),
        (minC, span, hour) => {
          const days = [0, 1, 2].map((i) => mild(i + 1, { minC, maxC: minC + span }));
          const { temperaturesC } = forecastHours(days, 45, 12.5)[1]!;
          expect(temperaturesC[hour]!).toBeGreaterThanOrEqual(minC - 1e-9);
          expect(temperaturesC[hour]!).toBeLessThanOrEqual(minC + span + 1e-9);
        },
      ),
    );
  });

  test('each night is laid between its own two days', () => {
    const days = [
      mild(1, { minC: 20, maxC: 30 }),
      mild(2, { minC: 10, maxC: 20 }),
      mild(3, { minC: 0, maxC: 12 }),
    ];
    const [first, second, third] = forecastHours(days, 45, 12.5).map(({ temperaturesC }) => temperaturesC);
    // The evening of the first cools towards the second's low, not its own.
    expect(first![23]!).toBeLessThan(20);
    expect(second![0]!).toBeGreaterThan(second![3]!);
    expect(second![0]!).toBeGreaterThan(12);
    // The last day has no morning after it: its own low stands in.
    expect(third![23]!).toBeGreaterThan(0);
    expect(third![23]!).toBeLessThan(6);
    // Without a day before, the first early hours cool from the day's own sunset.
    expect(first![0]!).toBeGreaterThan(20);
    expect(first![0]!).toBeLessThan(30);
  });

  test('is taken at the middle of each hour', () => {
    const { temperaturesC, sun } = forecastHours([mild(1), mild(2), mild(3)], 45, 12.5)[1]!;
    const warmest = temperaturesC.indexOf(Math.max(...temperaturesC));
    const top = sun.sunrise - 0.17 + (sun.sunset - sun.sunrise + 2 * 1.86) / 2;
    expect(Math.abs(warmest + 0.5 - top)).toBeLessThanOrEqual(0.5);
  });

  test('told hours are taken as told', () => {
    const hoursC = Array.from({ length: 24 }, (_, hour) => hour);
    expect(forecastHours([mild(1, { hoursC })], 45, 12)[0]!.temperaturesC).toBe(hoursC);
  });
});

describe('the sun', () => {
  test.each<[string, number, string, number]>([
    // Lengths of day by almanac, hours: equator, 45° N at midsummer, 45° S on the same day, 60° N at midwinter.
    ['at the equator', 0, '2026-03-20', 12.12],
    ['45° north, midsummer', 45, '2026-06-21', 15.62],
    ['45° south, the same day', -45, '2026-06-21', 8.77],
    ['60° north, midwinter', 60, '2026-12-21', 5.88],
  ])('%s: %d°, %s has %d h of day', (_, latitudeDeg, date, dayHours) => {
    const { sunrise, sunset } = sunTimes(latitudeDeg, date, 12.5);
    expect(sunset - sunrise).toBeCloseTo(dayHours, 1);
    expect((sunrise + sunset) / 2).toBeCloseTo(12.5, 1);
  });

  test('beyond the polar circle it stays up or down', () => {
    expect(sunTimes(70, '2026-06-21', 12)).toEqual({ sunrise: 0, sunset: 24 });
    expect(sunTimes(70, '2026-12-21', 12)).toEqual({ sunrise: 12, sunset: 12 });
  });
});

describe('limits', () => {
  const OIL = {
    isOil: true,
    labelLeastC: null,
    labelGreatestC: null,
    labelRainFreeHours: null,
    schoolTopC: 29,
    isCitrus: false,
  };

  test('of oil: the strictest of label, school and plant', () => {
    expect(sprayLimits(OIL)).toEqual({ leastC: 4, betterC: 13, greatestC: 29, rainFreeHours: 24 });
    expect(sprayLimits({ ...OIL, schoolTopC: 32, isCitrus: true }).greatestC).toBe(29);
    expect(sprayLimits({ ...OIL, schoolTopC: 27, isCitrus: true }).greatestC).toBe(27);
    expect(sprayLimits({ ...OIL, labelGreatestC: 32 }).greatestC).toBe(29);
    expect(sprayLimits({ ...OIL, labelGreatestC: 25 }).greatestC).toBe(25);
    expect(sprayLimits({ ...OIL, labelLeastC: 16 })).toMatchObject({ leastC: 16, betterC: 16 });
    expect(sprayLimits({ ...OIL, labelLeastC: 1 }).leastC).toBe(4);
    expect(sprayLimits({ ...OIL, labelRainFreeHours: 12 }).rainFreeHours).toBe(24);
    expect(sprayLimits({ ...OIL, labelRainFreeHours: 48 }).rainFreeHours).toBe(48);
  });

  test('of anything else: the label where it speaks, the usual where it is silent', () => {
    const OTHER = { ...OIL, isOil: false };
    expect(sprayLimits(OTHER)).toEqual({ leastC: 5, betterC: 10, greatestC: 30, rainFreeHours: 12 });
    expect(sprayLimits({ ...OTHER, labelGreatestC: 34, labelRainFreeHours: 4 })).toMatchObject({
      greatestC: 34,
      rainFreeHours: 4,
    });
    expect(sprayLimits({ ...OTHER, labelRainFreeHours: 0 }).rainFreeHours).toBe(0);
  });
});

describe('stretches of good hours', () => {
  const day = (verdicts: string) => ({
    date: dayOf(2),
    hours: [...verdicts].map((mark, hour) => ({
      hour,
      temperatureC: 18,
      verdict: mark === 'g' ? ('go' as const) : ('no' as const),
      reasons: [],
    })),
  });
  const stretches = (verdicts: string, least: number) =>
    goodStretches([day(verdicts)], least).map(({ fromHour, toHour }) => [fromHour, toHour]);

  test('are as long as asked for, and end with the last good hour', () => {
    expect(stretches('--ggg--gg', 3)).toEqual([[2, 5]]);
    expect(stretches('--ggg--gg', 2)).toEqual([
      [2, 5],
      [7, 9],
    ]);
    expect(stretches('--ggg--gg', 4)).toEqual([]);
    expect(stretches('gggg', 4)).toEqual([[0, 4]]);
    expect(stretches('', 1)).toEqual([]);
  });
});
