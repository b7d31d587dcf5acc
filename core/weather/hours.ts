import { pickBy } from 'es-toolkit';
import { mean as meanOf } from 'simple-statistics';
import type { CivilDate } from '#core/calendar';
import type { DayHours, WeatherDay } from './day.ts';
import { meanWind } from './mean-wind.ts';

/** One line of a logger: the hour of the day it fell in (0–23) and what was read. */
export interface HourReading {
  readonly date: CivilDate;
  readonly hour: number;
  readonly temperatureC: number;
  readonly rainMm: number | null;
  readonly windMs: number | null;
  /** Where it came from, degrees clockwise from north. */
  readonly windFromDeg?: number | null;
  readonly humidityPercent: number | null;
  /** Share of its time in which leaves were wet, 0–1. */
  readonly wetShare: number | null;
}

/** With fewer hours than these a day's low or high may have fallen between them (rule of thumb, grade C). */
export const FEWEST_HOURS_A_DAY = 20;
/** A run of missing hours longer than this may hide the low or the high (grade C). */
const LONGEST_HOLE_H = 3;

/**
 * Days from a logger's readings. The low and high are of all readings, however many to an hour;
 * `hoursC` holds the mean of each hour, missing ones on a straight line between their neighbours.
 * Rain adds up, wind is averaged; both are null when nothing told them. Days with too few hours
 * or too long a hole are left out and named in `short`.
 */
export function daysFromHours(readings: readonly HourReading[]): {
  days: WeatherDay[];
  short: { date: CivilDate; hours: number }[];
} {
  const byDate = new Map<CivilDate, HourReading[]>();
  for (const reading of readings) byDate.set(reading.date, [...(byDate.get(reading.date) ?? []), reading]);
  const days: WeatherDay[] = [],
    short: { date: CivilDate; hours: number }[] = [];
  for (const [date, ofDay] of [...byDate].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const hours = Array.from({ length: 24 }, (_, hour) =>
      mean(ofDay.filter((reading) => reading.hour === hour).map((reading) => reading.temperatureC)),
    );
    const hoursTold = hours.filter((value) => value !== null).length;
    if (hoursTold < FEWEST_HOURS_A_DAY || longestHole(hours) > LONGEST_HOLE_H) {
      short.push({ date, hours: hoursTold });
      continue;
    }
    const temperatures = ofDay.map((reading) => reading.temperatureC);
    const rain = ofDay.flatMap(({ rainMm }) => (rainMm === null ? [] : [rainMm]));
    days.push({
      date,
      minC: Math.min(...temperatures),
      maxC: Math.max(...temperatures),
      hoursC: fillHoles(hours),
      rainMm: rain.length === 0 ? null : hundredth(rain.reduce((sum, value) => sum + value, 0)),
      windMs: hundredth(mean(ofDay.flatMap(({ windMs }) => (windMs === null ? [] : [windMs])))),
      ...windFromOf(ofDay),
      ...hourlyOf(ofDay),
    });
  }
  return { days, short };
}

/** Where the day's wind came from, its hours taken as vectors; nothing where nothing was told. */
function windFromOf(ofDay: readonly HourReading[]): Pick<WeatherDay, 'windFromDeg'> {
  const wind = meanWind(
    ofDay.flatMap(({ windFromDeg, windMs }) =>
      typeof windFromDeg === 'number' ? [{ fromDeg: windFromDeg, speedMs: windMs ?? 1 }] : [],
    ),
  );
  return wind ? { windFromDeg: Math.round(wind.fromDeg) % 360 } : {};
}

/** What was told by the hour beside temperature: rain added up, the rest as means; nothing where nothing was. */
function hourlyOf(ofDay: readonly HourReading[]): Pick<WeatherDay, 'hourly'> {
  const told = (pick: (reading: HourReading) => number | null, join: (values: number[]) => number | null) => {
    if (ofDay.every((reading) => pick(reading) === null)) return null;
    return Array.from({ length: 24 }, (_, hour) => {
      const values = ofDay
        .filter((reading) => reading.hour === hour)
        .flatMap((reading) => pick(reading) ?? []);
      return values.length === 0 ? null : hundredth(join(values));
    });
  };
  const hourly = pickBy(
    {
      rainMm: told(
        ({ rainMm }) => rainMm,
        (values) => values.reduce((sum, value) => sum + value, 0),
      ),
      humidityPercent: told(({ humidityPercent }) => humidityPercent, mean),
      wetShare: told(({ wetShare }) => wetShare, mean),
      windMs: told(({ windMs }) => windMs, mean),
    },
    (values) => values !== null,
  ) as DayHours;
  return Object.keys(hourly).length === 0 ? {} : { hourly };
}

const mean = (values: number[]) => (values.length === 0 ? null : meanOf(values));

function hundredth<T extends number | null>(value: T): T {
  return (value === null ? null : Math.round(value * 100) / 100) as T;
}

function longestHole(hours: readonly (number | null)[]): number {
  let run = 0,
    longest = 0;
  for (const value of hours) longest = Math.max(longest, (run = value === null ? run + 1 : 0));
  return longest;
}

function fillHoles(hours: readonly (number | null)[]): number[] {
  return hours.map((value, hour) => {
    if (value !== null) return Math.round(value * 100) / 100;
    const before = hours.findLastIndex((other, i) => i < hour && other !== null);
    const after = hours.findIndex((other, i) => i > hour && other !== null);
    if (before < 0) return hours[after]!;
    if (after < 0) return hours[before]!;
    return hours[before]! + ((hour - before) / (after - before)) * (hours[after]! - hours[before]!);
  });
}
