import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { WeatherDay } from './day.ts';

/** What a max–min thermometer showed when it was read and reset, and the rain gauge if there is one. */
export interface MaxMinReading {
  readonly readOn: CivilDate;
  readonly time: 'morning' | 'evening';
  readonly lowC: number;
  readonly highC: number;
  readonly rainMm: number | null;
}

/**
 * Days from readings taken once or twice a day. A morning's low is that dawn's, but its high and
 * its rain belong to the day before; an evening's high, low and rain are its own day's. A reading
 * after more than a day without one could be of either day and is left out, as is a day that would
 * come out colder at noon than at dawn. Sorted by date; at most one reading a date and time.
 */
export function daysFromReadings(readings: readonly MaxMinReading[]): WeatherDay[] {
  const sorted = readings.toSorted((a, b) => moment(a) - moment(b));
  const minC = new Map<CivilDate, number>(),
    maxC = new Map<CivilDate, number>(),
    rainMm = new Map<CivilDate, number>();
  sorted.forEach((reading, i) => {
    const before = sorted[i - 1];
    if (before && moment(reading) - moment(before) > 1) return;
    const morning = reading.time === 'morning';
    const dayOfHigh = morning ? addDays(reading.readOn, -1) : reading.readOn;
    if (morning || !minC.has(reading.readOn)) minC.set(reading.readOn, reading.lowC);
    // Of the two, the evening's high is of the day itself; the next morning's may hold a warm dawn.
    if (!maxC.has(dayOfHigh)) maxC.set(dayOfHigh, reading.highC);
    if (reading.rainMm !== null) rainMm.set(dayOfHigh, (rainMm.get(dayOfHigh) ?? 0) + reading.rainMm);
  });
  return [...minC]
    .filter(([date, low]) => (maxC.get(date) ?? -Infinity) >= low)
    .map(([date, low]) => ({
      date,
      minC: low,
      maxC: maxC.get(date)!,
      rainMm: rainMm.get(date) ?? null,
      windMs: null,
    }))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

/** Days since a fixed day, an evening half a day after its morning. */
function moment({ readOn, time }: MaxMinReading): number {
  return daysBetween('2000-01-01', readOn) + (time === 'evening' ? 0.5 : 0);
}
