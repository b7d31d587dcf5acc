import { guessMapping, type ColumnMapping } from './daily-columns.ts';
import { guessHourly, type HourlyMapping } from './hourly-columns.ts';
import { readDailyRows, type ReadDays } from './read-daily.ts';
import { ghcnLayout, readGhcn } from './read-ghcn.ts';
import { readHourlyRows } from './read-hourly.ts';
import { readTable } from './table.ts';

/**
 * Reads a weather file with nobody there to ask: GHCN-Daily, an hourly logger's or a table of days.
 * `onShare` is told the share of rows read, now and then.
 * @throws RangeError when it is none of them, or leaves open what only a person can say; its message is
 * the reason's code.
 */
export function readUnattended(text: string, onShare: (share: number) => void = () => {}): ReadDays {
  if (ghcnLayout(text)) return readGhcn(text);
  const { header, rows } = readTable(text, 2);
  const hourly = guessHourly(header, rows);
  if (hourly) return readHourlyRows(rows, settled(hourly) as HourlyMapping, onShare);
  const daily = guessMapping(header, rows);
  if (daily.date === null || daily.minTemperature === null || daily.maxTemperature === null)
    throw new RangeError('columns-not-named');
  return readDailyRows(rows, settled(daily) as ColumnMapping, onShare);
}

/** A guess that leaves neither the unit nor the order of dates open. */
function settled<
  Guess extends { readonly temperatureUnit: string | null; readonly dateOrder: string | null },
>(guess: Guess): Guess {
  if (guess.temperatureUnit === null) throw new RangeError('temperature-unit-open');
  if (guess.dateOrder === null) throw new RangeError('date-order-open');
  return guess;
}
