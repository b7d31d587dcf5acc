import { addDays, type CivilDate, dayNumber } from '#core/calendar';
import type { PlacedDay, WeatherDay } from './day.ts';
import type { StandInDay } from './neighbour.ts';

/** The longest run of missing days that is filled by a straight line (rule of thumb, grade C). */
export const LONGEST_FILLED_GAP_DAYS = 3;

export interface Gap {
  readonly from: CivilDate;
  readonly to: CivilDate;
}

export interface CompletedSeries {
  /** Consecutive days with no hole, ending before the first refused gap. */
  readonly days: readonly PlacedDay[];
  /** All days measured or bridged, those beyond a refused gap too. */
  readonly across: readonly PlacedDay[];
  readonly filled: readonly Gap[];
  /** Gaps too long to fill, or days missing at either end; empty when the series is whole. */
  readonly refused: readonly Gap[];
}

/**
 * Lays measured days out as consecutive days from `from` to `to`, filling gaps of up to
 * {@link LONGEST_FILLED_GAP_DAYS} days on a straight line between their neighbours (marked
 * `interpolated`, rain and wind left unknown). Longer gaps, and missing first or last days, are
 * refused by name. `measured` is sorted by date without repeats.
 */
export function completeSeries(
  measured: readonly StandInDay[],
  from: CivilDate,
  to: CivilDate,
): CompletedSeries {
  const days: PlacedDay[] = [];
  const across: PlacedDay[] = [];
  const filled: Gap[] = [];
  const refused: Gap[] = [];
  const last = dayNumber(to);
  let expected = dayNumber(from);
  let previous: WeatherDay | undefined;
  for (const day of measured) {
    const number = dayNumber(day.date);
    if (number < expected) {
      previous = day;
      continue;
    }
    if (number > last) break;
    const missing = number - expected;
    if (missing > 0) {
      const gap = { from: addDays(day.date, -missing), to: addDays(day.date, -1) };
      const line = previous && missing <= LONGEST_FILLED_GAP_DAYS ? interpolate(previous, day) : [];
      (line.length ? filled : refused).push(gap);
      const bridged = line.filter((d) => d.date >= from);
      across.push(...bridged);
      if (!refused.length) days.push(...bridged);
    }
    const placed: PlacedDay = { origin: 'measured', ...day };
    across.push(placed);
    if (!refused.length) days.push(placed);
    previous = day;
    expected = number + 1;
  }
  if (expected <= last) {
    refused.push({ from: addDays(to, expected - last), to });
  }
  return { days, across, filled, refused };
}

function interpolate(before: WeatherDay, after: WeatherDay): PlacedDay[] {
  const span = dayNumber(after.date) - dayNumber(before.date);
  return Array.from({ length: span - 1 }, (_, i) => {
    const part = (i + 1) / span;
    return {
      date: addDays(before.date, i + 1),
      minC: before.minC + part * (after.minC - before.minC),
      maxC: before.maxC + part * (after.maxC - before.maxC),
      rainMm: null,
      windMs: null,
      origin: 'interpolated' as const,
    };
  });
}
