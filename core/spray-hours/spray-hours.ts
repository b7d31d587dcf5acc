import type { CivilDate } from '#core/calendar';
import type { WeatherDay } from '#core/weather';
import type { SprayLimits } from './limits.ts';
import { sunsetTemperature, temperatureAt } from './hourly-temperature.ts';
import { sunTimes, type SunTimes } from './sun-times.ts';

export type HourVerdict = 'go' | 'poor' | 'no' | 'unknown';

export type HourReason =
  | 'too-cold'
  | 'cool'
  | 'too-hot'
  | 'hot-within-48-h'
  | 'frost-near'
  | 'rain-that-day'
  | 'rain-within-hours'
  | 'windy'
  | 'still'
  | 'dark'
  | 'wet-overnight'
  | 'bloom'
  | 'bees-at-honeydew'
  | 'thirsty'
  | 'rain-unknown'
  | 'wind-unknown'
  | 'beyond-forecast';

export interface SprayHour {
  readonly hour: number;
  readonly temperatureC: number;
  readonly verdict: HourVerdict;
  readonly reasons: readonly HourReason[];
}

export interface SprayDay {
  readonly date: CivilDate;
  readonly hours: readonly SprayHour[];
}

/** Light steady wind: stiller air lies in layers and drifts, stronger carries the spray off. m/s, grade C. */
export const LEAST_WIND_MS = 1;
export const GREATEST_WIND_MS = 4.5;

/**
 * Leaves should be dry before the night: what goes on later than this before sunset stays wet. Hours,
 * grade C.
 */
const DRYING_HOURS = 2;

/** Less rain in a day than this hardly wets bark and does not wash oil off (grade C). */
export const RAIN_THAT_COUNTS_MM = 0.5;

const REASON_VERDICT: Readonly<Record<HourReason, HourVerdict>> = {
  'too-cold': 'no',
  cool: 'poor',
  'too-hot': 'no',
  'hot-within-48-h': 'no',
  'frost-near': 'no',
  'rain-that-day': 'no',
  'rain-within-hours': 'no',
  windy: 'no',
  still: 'poor',
  dark: 'poor',
  'wet-overnight': 'poor',
  bloom: 'no',
  'bees-at-honeydew': 'no',
  thirsty: 'no',
  'rain-unknown': 'unknown',
  'wind-unknown': 'unknown',
  'beyond-forecast': 'unknown',
};

/** A day of the forecast with its hours. */
export interface ForecastHours {
  readonly day: WeatherDay;
  readonly sun: SunTimes;
  /** Temperature at the middle of each hour, °C: as told, else built from the low and high. */
  readonly temperaturesC: readonly number[];
}

/** What stands against spraying a plant whatever the weather. */
export interface SprayScene {
  /** Open bloom on or under it, and a spray that harms bees: temperature never clears that. */
  readonly bloom: boolean;
  readonly beesAtHoneydew: boolean;
  readonly thirsty: boolean;
}

const NOTHING_AGAINST: SprayScene = { bloom: false, beesAtHoneydew: false, thirsty: false };

/** Lays consecutive days out in hours; done once, whatever is to be sprayed. */
export function forecastHours(
  days: readonly WeatherDay[],
  latitudeDeg: number,
  solarNoonHour: number,
): ForecastHours[] {
  return laidInHours(
    days,
    days.map((day) => sunTimes(latitudeDeg, day.date, solarNoonHour)),
  );
}

/** The same where the sun of each day has been worked out already. */
export function laidInHours(days: readonly WeatherDay[], suns: readonly SunTimes[]): ForecastHours[] {
  return days.map((day, i) => {
    const shape = shapeOf(days, suns, i);
    return {
      day,
      sun: suns[i]!,
      temperaturesC: day.hoursC ?? Array.from({ length: 24 }, (_, hour) => temperatureAt(hour + 0.5, shape)),
    };
  });
}

/**
 * Each hour of consecutive forecast days: go, poor, no or unknown, with every reason. Rain and wind
 * are known by day only, so a wet day closes all its hours. What is not known never counts as good:
 * hours whose next day or two lie beyond the forecast are unknown.
 */
export function sprayHours(
  forecast: readonly ForecastHours[],
  limits: SprayLimits,
  scene: SprayScene = NOTHING_AGAINST,
): SprayDay[] {
  const days = forecast.map(({ day }) => day);
  const always = againstAnyHour(scene);
  return forecast.map(({ day, sun, temperaturesC }, i) => ({
    date: day.date,
    hours: temperaturesC.map((temperatureC, hour) => {
      const reasons = [...always, ...reasonsAt(days, i, hour, temperatureC, sun, limits)];
      return { hour, temperatureC, verdict: worst(reasons), reasons };
    }),
  }));
}

function againstAnyHour({ bloom, beesAtHoneydew, thirsty }: SprayScene): HourReason[] {
  return [
    ...(bloom ? ['bloom' as const] : []),
    ...(beesAtHoneydew ? ['bees-at-honeydew' as const] : []),
    ...(thirsty ? ['thirsty' as const] : []),
  ];
}

function shapeOf(days: readonly WeatherDay[], suns: readonly SunTimes[], i: number) {
  const day = days[i]!;
  const before = days[i - 1] ?? day;
  const sunBefore = suns[i - 1] ?? suns[i]!;
  return {
    ...suns[i]!,
    minC: day.minC,
    maxC: day.maxC,
    nextMinC: days[i + 1]?.minC ?? day.minC,
    previousSunsetC: sunsetTemperature(before.minC, before.maxC, sunBefore),
    previousSunset: sunBefore.sunset,
  };
}

function reasonsAt(
  days: readonly WeatherDay[],
  i: number,
  hour: number,
  temperatureC: number,
  sun: SunTimes,
  limits: SprayLimits,
): HourReason[] {
  const today = days[i]!;
  const [next, afterNext] = [days[i + 1], days[i + 2]];
  const reasons: HourReason[] = [];
  if (temperatureC < limits.leastC) reasons.push('too-cold');
  else if (temperatureC < limits.betterC) reasons.push('cool');
  if (temperatureC > limits.greatestC) reasons.push('too-hot');
  if ([today, next, afterNext].some((day) => day && day.maxC > limits.greatestC))
    reasons.push('hot-within-48-h');
  if ([days[i - 1], today, next].some((day) => day && day.minC < 0)) reasons.push('frost-near');
  if (today.rainMm === null) reasons.push('rain-unknown');
  else if (today.rainMm >= RAIN_THAT_COUNTS_MM) reasons.push('rain-that-day');
  const dryDaysNeeded = Math.ceil((hour + limits.rainFreeHours) / 24) - 1;
  const following = days.slice(i + 1, i + 1 + dryDaysNeeded);
  if (following.some((day) => (day.rainMm ?? 0) >= RAIN_THAT_COUNTS_MM)) reasons.push('rain-within-hours');
  if (following.some((day) => day.rainMm === null)) reasons.push('rain-unknown');
  if (following.length < dryDaysNeeded || !afterNext) reasons.push('beyond-forecast');
  if (today.windMs === null) reasons.push('wind-unknown');
  else if (today.windMs > GREATEST_WIND_MS) reasons.push('windy');
  else if (today.windMs < LEAST_WIND_MS) reasons.push('still');
  if (hour < sun.sunrise || hour + 1 > sun.sunset) reasons.push('dark');
  else if (hour + DRYING_HOURS > sun.sunset) reasons.push('wet-overnight');
  return [...new Set(reasons)];
}

function worst(reasons: readonly HourReason[]): HourVerdict {
  const verdicts = new Set(reasons.map((reason) => REASON_VERDICT[reason]));
  if (verdicts.has('no')) return 'no';
  if (verdicts.has('unknown')) return 'unknown';
  return verdicts.has('poor') ? 'poor' : 'go';
}

/** Hours that follow each other without a break, all of them good. */
export interface GoodStretch {
  readonly date: CivilDate;
  /** Hours of the clock; `to` is the end of the last hour. */
  readonly fromHour: number;
  readonly toHour: number;
}

/** Every stretch of at least `leastHours` good hours within a day, in order. */
export function goodStretches(days: readonly SprayDay[], leastHours: number): GoodStretch[] {
  return days.flatMap(({ date, hours }) => {
    const stretches: GoodStretch[] = [];
    let from: number | null = null;
    for (const { hour, verdict } of [...hours, { hour: hours.length, verdict: 'no' as const }]) {
      if (verdict === 'go') from ??= hour;
      else if (from !== null) {
        if (hour - from >= leastHours) stretches.push({ date, fromHour: from, toHour: hour });
        from = null;
      }
    }
    return stretches;
  });
}
