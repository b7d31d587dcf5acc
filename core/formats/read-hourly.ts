import type { CivilDate } from '#core/calendar';
import { COLDEST_PLAUSIBLE_C, daysFromHours, HOTTEST_PLAUSIBLE_C, type HourReading } from '#core/weather';
import { readBearing } from './bearing.ts';
import { clip, decimal, readDate, toCelsius } from './cells.ts';
import { RAIN_UNITS } from './rain-unit.ts';
import { dateText, type HourlyMapping } from './hourly-columns.ts';
import { ROWS_A_STEP, type ReadDays } from './read-daily.ts';
import { WETNESS_UNITS } from './wetness-unit.ts';
import { WIND_UNITS } from './wind-unit.ts';
import { isFault, type RowFault, type RowProblem } from './row-fault.ts';

/**
 * Reads a logger's rows into days with their hours. A day with too few hours to tell its minimum
 * and maximum is told as a problem of its first line. `onShare` is told the share of rows read, now and then.
 */
export function readHourlyRows(
  rows: readonly (readonly string[])[],
  mapping: HourlyMapping,
  onShare: (share: number) => void = () => {},
): ReadDays {
  const problems: RowProblem[] = [];
  const lineOf = new Map<CivilDate, number>();
  const readings: HourReading[] = [];
  rows.forEach((row, i) => {
    if (i % ROWS_A_STEP === 0) onShare(i / rows.length);
    if (row.every((cell) => cell.trim() === '')) return;
    const line = i + 2;
    const read = readRow(row, mapping);
    if (isFault(read)) return void problems.push({ line, fault: read });
    if (!lineOf.has(read.date)) lineOf.set(read.date, line);
    readings.push(read);
  });
  const { days, short } = daysFromHours(readings);
  for (const { date, hours } of short)
    problems.push({
      line: lineOf.get(date)!,
      fault: { kind: 'too-few-hours', date, hours },
    });
  return { days, problems: problems.sort((a, b) => a.line - b.line), repeats: 0 };
}

function readRow(row: readonly string[], mapping: HourlyMapping): HourReading | RowFault {
  const stamp = row[mapping.time]?.trim() ?? '';
  const date = readDate(dateText(stamp), mapping.dateOrder);
  if (!date) return stamp ? { kind: 'not-a-day-so-ordered', text: clip(stamp) } : { kind: 'time-missing' };
  const clockText = mapping.clock === null ? stamp : (row[mapping.clock] ?? '');
  const hour = hourOf(clockText);
  if (hour === null) return { kind: 'no-time-of-day', text: clip(clockText) };
  const value = decimal(row[mapping.temperature]);
  if (value === null)
    return { kind: 'not-a-number', of: 'temperature', text: clip(row[mapping.temperature] ?? '') };
  const temperatureC = toCelsius(value, mapping.temperatureUnit);
  if (temperatureC < COLDEST_PLAUSIBLE_C || temperatureC > HOTTEST_PLAUSIBLE_C)
    return { kind: 'not-weather', fromC: temperatureC, toC: temperatureC };
  const amount = (column: number | null, factor: number) => {
    const read = column === null ? null : decimal(row[column]);
    return read === null || read < 0 ? null : read * factor;
  };
  return {
    date,
    hour,
    temperatureC,
    rainMm: mapping.rainUnit === null ? null : amount(mapping.rain, RAIN_UNITS[mapping.rainUnit]),
    humidityPercent: capped(amount(mapping.humidity, 1), 100),
    wetShare:
      mapping.wetnessUnit === null
        ? null
        : capped(amount(mapping.wetness, WETNESS_UNITS[mapping.wetnessUnit]), 1),
    windFromDeg: mapping.windFrom === null ? null : readBearing(row[mapping.windFrom]),
    windMs: mapping.windUnit === null ? null : amount(mapping.wind, WIND_UNITS[mapping.windUnit]),
  };
}

/** Sensors run a little over; what is far over is no such figure. */
function capped(value: number | null, most: number): number | null {
  return value === null || value > most * 1.1 ? null : Math.min(most, value);
}

/** Whole hours, 0–23, of "14:30", "2:30 PM" or "2026-05-01T14:30". */
function hourOf(text: string): number | null {
  const match = /(\d{1,2}):(\d{2})(?::\d{2})?(?:\.\d+)?\s*([ap])?\.?m?/i.exec(text);
  if (!match) return null;
  const [, hours, minutes, half] = match;
  const clock = Number(hours);
  if (Number(minutes) > 59) return null;
  if (half === undefined) return clock <= 23 ? clock : null;
  if (clock < 1 || clock > 12) return null;
  return (clock % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
}
