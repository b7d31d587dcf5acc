import type { ForecastHours } from '#core/spray-hours';
import type { WeatherDay } from '#core/weather';
import { humidityPercent } from './air-moisture.ts';
import { byCase, type ByCase, toldHours, type WetLook, type WetnessCase } from './wetness-case.ts';

/** A day laid out in hours, and what somebody found of the leaves on it. */
export interface LeafDay extends ForecastHours {
  readonly look: WetLook | null;
}

/** Whether a day's wetness was told by its hours, guessed from its rain, or cannot be told at all. */
export type WetnessBasis = 'measured' | 'guessed' | 'unknown';

/** Consecutive days as leaves had them, 24 hours a day from the first day's midnight. */
export interface LeafHours {
  readonly days: number;
  readonly tempC: Float64Array;
  /** Relative humidity, told or guessed from the night's low, per cent. */
  readonly humidity: Float64Array;
  /** Wet or not, hour by hour, if it went short, as usual, or long. */
  readonly wet: ByCase<Uint8Array>;
  /** Rain up to the end of each hour; on days without hours it falls as the middle case has it. mm. */
  readonly rainSumMm: Float64Array;
  readonly isDark: Uint8Array;
  /** 1 for days whose rain was told by the hour. */
  readonly isRainTold: Uint8Array;
  /** Hours of rain in each case; alike where they were told. */
  readonly rains: ByCase<Uint8Array>;
  readonly basis: readonly WetnessBasis[];
}

const HOURS = 24;
/** Less rain in a day than this leaves no film. mm, grade C. */
const LEAST_RAIN_MM = 0.2;
/** A leaf sensor that is wet for this share of an hour had a wet hour. */
const WET_SHARE = 0.5;
/** Air this humid keeps leaves wet: 90 % (Sentelhas et al. 2008), which can err by hours; hence the other two. */
const HUMID_PERCENT: ByCase<number> = { short: 95, middle: 90, long: 85 };
/** The same where the humidity itself is a guess from the night's low; the short case has no dew. */
const HUMID_GUESSED_PERCENT: ByCase<number> = { short: Infinity, middle: 90, long: 85 };
/** One hour of rain for so many millimetres of the day, and from which hour on it falls (grade C). */
const RAIN_MM_AN_HOUR: ByCase<number> = { short: 4, middle: 1.5, long: 0.7 };
const RAIN_FROM_HOURS: ByCase<readonly number[]> = { short: [14], middle: [0], long: [0, 14, 18] };
/** Hours after rain in which leaves dry by day; in the middle case what gets wet at night dries after sunrise. */
const DRIES_BY_DAY_H: ByCase<number> = { short: 1, middle: 3, long: 0 };
const DRIES_AFTER_SUNRISE_H = 3;
/** The long case dries only in an afternoon's air below this. */
const DRYING_PERCENT = 70;
const AFTERNOON = [12, 17] as const;
/** Nothing stays wet longer than this by guess. */
const LONGEST_GUESS_H = 40;
/** Somebody who found leaves wet tells of so many hours before. */
const WET_BEFORE_H = 12;

/**
 * Hours of leaf wetness of consecutive days. Told hours come first: a leaf sensor, else rain or air humid enough.
 * Days with only a low, a high and their rain are run as three cases, for nobody knows when it rained: a short
 * afternoon shower, rain at night, a long drizzle at
 * any hour. The air's dew point is taken `dewOffsetC` below the night's
 * low (0–1 °C in wet climates, 3–5 in dry summers). What somebody found at an hour stands over all of it. Grade
 * C: it errs by hours.
 */
export function leafHours(days: readonly LeafDay[], dewOffsetC: number): LeafHours {
  const scene = sceneOf(days, dewOffsetC);
  const short = wetnessOf(scene, 'short');
  const middle = wetnessOf(scene, 'middle');
  const long = wetnessOf(scene, 'long').map((wet, hour) => wet | short[hour]! | middle[hour]!);
  const guessed = { short, middle, long };
  return {
    days: days.length,
    tempC: scene.tempC,
    humidity: scene.humidity,
    wet: byCase((at) => settledBy(days, guessed[at], scene.rains[at])),
    rainSumMm: rainSum(days, scene.rains.middle),
    isDark: scene.isDark,
    rains: scene.rains,
    isRainTold: Uint8Array.from(days, ({ day }) => Number(tellsRain(day))),
    basis: days.map(basisOf),
  };
}

interface Scene {
  readonly days: readonly LeafDay[];
  readonly tempC: Float64Array;
  readonly isDark: Uint8Array;
  /** Humidity, told or guessed from the night's low. */
  readonly humidity: Float64Array;
  readonly isHumidityTold: Uint8Array;
  readonly rains: ByCase<Uint8Array>;
}

function sceneOf(days: readonly LeafDay[], dewOffsetC: number): Scene {
  const size = days.length * HOURS;
  const tempC = new Float64Array(size),
    humidity = new Float64Array(size),
    isHumidityTold = new Uint8Array(size),
    isDark = new Uint8Array(size);
  days.forEach(({ day, sun, temperaturesC }, i) => {
    const next = days[i + 1]?.day ?? day;
    for (let hour = 0; hour < HOURS; hour++) {
      const at = i * HOURS + hour;
      const told = day.hourly?.humidityPercent?.[hour] ?? null;
      const nightC = hour >= sun.sunset ? Math.min(day.maxC, next.minC) : day.minC;
      tempC[at] = temperaturesC[hour]!;
      isDark[at] = hour + 0.5 < sun.sunrise || hour + 0.5 > sun.sunset ? 1 : 0;
      isHumidityTold[at] = told === null ? 0 : 1;
      humidity[at] = told ?? humidityPercent(temperaturesC[hour]!, nightC - dewOffsetC);
    }
  });
  return { days, tempC, humidity, isHumidityTold, isDark, rains: byCase((at) => rainHours(days, at)) };
}

/** Hours of rain: as told, else the day's rain laid where the case has it. */
function rainHours(days: readonly LeafDay[], at: WetnessCase): Uint8Array {
  const rains = new Uint8Array(days.length * HOURS);
  days.forEach(({ day }, i) => {
    if (tellsRain(day))
      return day.hourly!.rainMm!.forEach((rainMm, hour) => {
        if (rainMm !== null && rainMm > 0) rains[i * HOURS + hour] = 1;
      });
    if ((day.rainMm ?? 0) < LEAST_RAIN_MM) return;
    const hours = Math.ceil(day.rainMm! / RAIN_MM_AN_HOUR[at]);
    for (const from of RAIN_FROM_HOURS[at])
      rains.fill(1, i * HOURS + from, i * HOURS + Math.min(HOURS, from + hours));
  });
  return rains;
}

function wetnessOf(
  { days, tempC, humidity, isHumidityTold, isDark, rains }: Scene,
  at: WetnessCase,
): Uint8Array {
  const wet = new Uint8Array(tempC.length);
  const raining = rains[at];
  const humidFrom = [HUMID_GUESSED_PERCENT[at], HUMID_PERCENT[at]] as const;
  let driesAt = -1;
  days.forEach(({ day, sun }, i) => {
    const sensor = day.hourly?.wetShare;
    const lastDrying = at === 'long' ? Math.min(AFTERNOON[1], sun.sunset) : -1;
    for (let ofDay = 0; ofDay < HOURS; ofDay++) {
      const hour = i * HOURS + ofDay;
      const share = sensor?.[ofDay] ?? null;
      const isMeasured = isHumidityTold[hour]!;
      if (raining[hour]) driesAt = isMeasured === 1 ? hour + 1 : dryingHour(hour + 1);
      if (share === null) wet[hour] = hour < driesAt || humidity[hour]! >= humidFrom[isMeasured]! ? 1 : 0;
      else if (share >= WET_SHARE) wet[hour] = 1;
      else driesAt = hour;
      const isAfternoon = ofDay >= AFTERNOON[0] && ofDay <= lastDrying;
      if (isAfternoon && !raining[hour] && humidity[hour]! < DRYING_PERCENT)
        driesAt = Math.min(driesAt, hour);
    }
  });
  return wet;
  function dryingHour(from: number): number {
    if (at === 'long') return from + LONGEST_GUESS_H;
    if (at === 'middle' && isDark[Math.min(from, wet.length - 1)]) return afterSunrise(from);
    return from + DRIES_BY_DAY_H[at];
  }
  function afterSunrise(from: number): number {
    const i = Math.floor(from / HOURS);
    const sunrise = (days[i] ?? days.at(-1)!).sun.sunrise;
    const ofDay = from % HOURS;
    return i * HOURS + (ofDay <= sunrise ? 0 : HOURS) + Math.round(sunrise) + DRIES_AFTER_SUNRISE_H;
  }
}

/** What was found of the leaves at an hour, laid over a case. */
function settledBy(days: readonly LeafDay[], guessed: Uint8Array, rains: Uint8Array): Uint8Array {
  if (days.every(({ look }) => look === null)) return guessed;
  const wet = guessed.slice();
  days.forEach(({ look }, i) => {
    if (!look) return;
    for (const [hour, isWet] of toldHours(look)) {
      const at = i * HOURS + hour;
      if (isWet) wetUpTo(wet, at);
      else dryFrom(wet, rains, at);
    }
  });
  return wet;
}

/** Wet at an hour: since it was last wet within half a day, else for that hour. */
function wetUpTo(wet: Uint8Array, at: number): void {
  const since = wet.lastIndexOf(1, at);
  wet.fill(1, since >= 0 && at - since <= WET_BEFORE_H ? since : at, at + 1);
}

/** Dry at an hour: until it next begins to rain, or night falls. */
function dryFrom(wet: Uint8Array, rains: Uint8Array, at: number): void {
  const endOfDay = (Math.floor(at / HOURS) + 1) * HOURS - 4;
  for (let hour = at; hour < endOfDay; hour++) {
    if (rains[hour] && !rains[hour - 1] && hour > at) return;
    wet[hour] = 0;
  }
}

function rainSum(days: readonly LeafDay[], rains: Uint8Array): Float64Array {
  const sum = new Float64Array(rains.length);
  let soFar = 0;
  days.forEach(({ day }, i) => {
    const told = tellsRain(day) ? day.hourly!.rainMm! : null;
    const hours = rains.subarray(i * HOURS, (i + 1) * HOURS).reduce((count, rain) => count + rain, 0);
    const anHourMm = hours > 0 ? (day.rainMm ?? 0) / hours : 0;
    for (let hour = 0; hour < HOURS; hour++) {
      const at = i * HOURS + hour;
      soFar += told ? (told[hour] ?? 0) : rains[at]! * anHourMm;
      sum[at] = soFar;
    }
  });
  return sum;
}

function basisOf({ day, look }: LeafDay): WetnessBasis {
  if (isTold(day.hourly?.wetShare) || isTold(day.hourly?.humidityPercent)) return 'measured';
  if (day.rainMm === null && !tellsRain(day) && look === null) return 'unknown';
  return 'guessed';
}

const isTold = (values: readonly (number | null)[] | undefined): boolean =>
  values?.some((value) => value !== null) ?? false;

const tellsRain = ({ hourly }: WeatherDay): boolean => isTold(hourly?.rainMm);
