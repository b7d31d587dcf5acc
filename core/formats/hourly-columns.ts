import { NAMES_BEARING, NAMES_WIND_SPEED } from './bearing.ts';
import type { DateOrder } from './cells.ts';
import { guessDateOrder, guessUnitOf } from './daily-columns.ts';
import { nearlyAll } from './nearly-all.ts';
import { rainUnitOf, type RainUnit } from './rain-unit.ts';
import { wetnessUnitOf, type WetnessUnit } from './wetness-unit.ts';
import { windUnitOf, type WindUnit } from './wind-unit.ts';

/** Which column of a logger's table holds what. Column numbers from 0. */
export interface HourlyMapping {
  /** Date and clock time in one column, or the date where `clock` is a column of its own. */
  readonly time: number;
  readonly clock: number | null;
  readonly temperature: number;
  readonly rain: number | null;
  readonly wind: number | null;
  /** Where it comes from, in degrees or letters. */
  readonly windFrom: number | null;
  /** Relative humidity, always per cent. */
  readonly humidity: number | null;
  /** A leaf sensor. */
  readonly wetness: number | null;
  readonly temperatureUnit: 'C' | 'F';
  readonly rainUnit: RainUnit | null;
  /** Null when nobody said: then the wind stays unknown. */
  readonly windUnit: WindUnit | null;
  readonly wetnessUnit: WetnessUnit | null;
  readonly dateOrder: DateOrder;
}

/** What could be told from the table; null where a person must say. */
export type HourlyGuess = Omit<HourlyMapping, 'temperatureUnit' | 'dateOrder'> & {
  readonly temperatureUnit: 'C' | 'F' | null;
  readonly dateOrder: DateOrder | null;
};

const CLOCK = /\d{1,2}:\d{2}/;
/** A table with fewer rows than this to a date is one of days. */
const FEWEST_ROWS_A_DAY = 3;

/** How an hourly logger's table is laid out; null when it does not look like one. */
export function guessHourly(
  header: readonly string[],
  rows: readonly (readonly string[])[],
): HourlyGuess | null {
  const words = header.map((name) => name.toLowerCase().replace(/[_\-.]/g, ' '));
  const find = (pattern: RegExp, not = -1) => {
    const column = words.findIndex((word, i) => i !== not && pattern.test(word));
    return column < 0 ? null : column;
  };
  const sample = rows.slice(0, 200);
  const clocked = header.findIndex((_, i) => nearlyAll(sample, (row) => CLOCK.test(row[i] ?? '')));
  if (clocked < 0) return null;
  const holdsDate = nearlyAll(sample, (row) => /\d{4}/.test(row[clocked] ?? ''));
  const time = holdsDate ? clocked : find(/\b(date|day)\b/, clocked);
  const temperature = find(/temp|°\s*[cf]\b/, clocked);
  if (time === null || temperature === null) return null;
  const dates = sample.map((row) => dateText(row[time] ?? ''));
  if (sample.length < FEWEST_ROWS_A_DAY || new Set(dates).size > sample.length / FEWEST_ROWS_A_DAY + 1)
    return null;
  const rain = find(/rain|precip/);
  const wind = find(NAMES_WIND_SPEED);
  const wetness = find(/wetness|leaf wet/);
  return {
    time,
    clock: holdsDate ? null : clocked,
    temperature,
    rain,
    wind,
    windFrom: find(NAMES_BEARING),
    humidity: find(/humid|\brh\b/),
    wetness,
    temperatureUnit: guessUnitOf(
      words[temperature]!,
      rows.map((row) => row[temperature] ?? ''),
    ),
    rainUnit: rain === null ? null : rainUnitOf(words[rain]!),
    windUnit: wind === null ? null : windUnitOf(words[wind]!),
    wetnessUnit: wetness === null ? null : wetnessUnitOf(words[wetness]!),
    dateOrder: guessDateOrder(dates),
  };
}

/** The date part of a time stamp: what stands before the space or the T. */
export function dateText(stamp: string): string {
  return stamp.trim().split(/[T ]/, 1)[0]!;
}
