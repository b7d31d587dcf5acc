import type { CivilDate } from '#core/calendar';
import { COLDEST_PLAUSIBLE_C, HOTTEST_PLAUSIBLE_C, type WeatherDay } from '#core/weather';
import { readBearing } from './bearing.ts';
import { clip, decimal, readDate, toCelsius } from './cells.ts';
import { RAIN_UNITS } from './rain-unit.ts';
import type { ColumnMapping } from './daily-columns.ts';
import { WIND_UNITS } from './wind-unit.ts';
import { isFault, type RowFault, type RowProblem } from './row-fault.ts';

export interface ReadDays {
  /** Sorted by date, one each. */
  readonly days: readonly WeatherDay[];
  readonly problems: readonly RowProblem[];
  /** Rows that repeat an earlier one to the letter. */
  readonly repeats: number;
}

const HIGHEST_PLAUSIBLE_RAIN_MM = 2000;
const HIGHEST_PLAUSIBLE_WIND_MS = 100;

/** Rows between two words of progress. */
export const ROWS_A_STEP = 1000;

/**
 * Reads the rows below the header. Nothing is guessed: a row with a doubt is a problem, not a day.
 * `onShare` is told the share of rows read, now and then.
 */
export function readDailyRows(
  rows: readonly (readonly string[])[],
  mapping: ColumnMapping,
  onShare: (share: number) => void = () => {},
): ReadDays {
  const byDate = new Map<CivilDate, WeatherDay>();
  const problems: RowProblem[] = [];
  let repeats = 0;
  rows.forEach((row, i) => {
    if (i % ROWS_A_STEP === 0) onShare(i / rows.length);
    if (row.every((cell) => cell.trim() === '')) return;
    const line = i + 2;
    const read = readRow(row, mapping);
    if (isFault(read)) return void problems.push({ line, fault: read });
    const earlier = byDate.get(read.date);
    if (!earlier) return void byDate.set(read.date, read);
    if (sameDay(earlier, read)) repeats++;
    else problems.push({ line, fault: { kind: 'day-twice', date: read.date } });
  });
  return { days: [...byDate.values()].sort((a, b) => (a.date < b.date ? -1 : 1)), problems, repeats };
}

/** Whether two records of one day say the same. */
export function sameDay(a: WeatherDay, b: WeatherDay): boolean {
  return a.minC === b.minC && a.maxC === b.maxC && a.rainMm === b.rainMm && a.windMs === b.windMs;
}

/** Whether a day says the same as the one there is, and tells its hours or wind where that does not. */
export const tellsMoreHours = (before: WeatherDay, day: WeatherDay): boolean =>
  sameDay(before, day) &&
  ((before.windFromDeg === undefined && day.windFromDeg !== undefined) ||
    (before.hoursC === undefined && day.hoursC !== undefined) ||
    (before.hourly === undefined && day.hourly !== undefined));

function readRow(row: readonly string[], mapping: ColumnMapping): WeatherDay | RowFault {
  const dateText = row[mapping.date]?.trim() ?? '';
  const date = readDate(dateText, mapping.dateOrder);
  if (!date)
    return dateText ? { kind: 'not-a-day-so-ordered', text: clip(dateText) } : { kind: 'date-missing' };
  const minC = temperature(row[mapping.minTemperature], mapping);
  const maxC = temperature(row[mapping.maxTemperature], mapping);
  if (minC === null)
    return { kind: 'not-a-number', of: 'minimum', text: clip(row[mapping.minTemperature] ?? '') };
  if (maxC === null)
    return { kind: 'not-a-number', of: 'maximum', text: clip(row[mapping.maxTemperature] ?? '') };
  if (minC < COLDEST_PLAUSIBLE_C || maxC > HOTTEST_PLAUSIBLE_C) {
    return { kind: 'not-weather', fromC: minC, toC: maxC };
  }
  if (maxC < minC) return { kind: 'upside-down', minC, maxC };
  const rain = optional(
    row,
    mapping.rainUnit === null ? null : mapping.rain,
    mapping.rainUnit === null ? 1 : RAIN_UNITS[mapping.rainUnit],
    HIGHEST_PLAUSIBLE_RAIN_MM,
  );
  if (rain === undefined) return { kind: 'not-an-amount', text: clip(row[mapping.rain!] ?? '') };
  const wind = optional(
    row,
    mapping.windUnit === null ? null : mapping.wind,
    mapping.windUnit === null ? 1 : WIND_UNITS[mapping.windUnit],
    HIGHEST_PLAUSIBLE_WIND_MS,
  );
  if (wind === undefined) return { kind: 'not-a-speed', text: clip(row[mapping.wind!] ?? '') };
  const windFromDeg = mapping.windFrom === null ? null : readBearing(row[mapping.windFrom]);
  return { date, minC, maxC, rainMm: rain, windMs: wind, ...(windFromDeg === null ? {} : { windFromDeg }) };
}

function temperature(cell: string | undefined, mapping: ColumnMapping): number | null {
  const value = decimal(cell);
  return value === null ? null : toCelsius(value, mapping.temperatureUnit);
}

/** Null when empty or unmapped, undefined when there but not an amount. */
function optional(
  row: readonly string[],
  column: number | null,
  factor: number,
  highest: number,
): number | null | undefined {
  if (column === null || (row[column]?.trim() ?? '') === '') return null;
  const value = decimal(row[column]);
  if (value === null || value < 0 || value * factor > highest) return undefined;
  return Math.round(value * factor * 100) / 100;
}
