import { readFileSync } from 'node:fs';
import type { CivilDate } from '#core/calendar';
import { readUnattended, sameDay, tellsMoreHours } from '#core/formats';
import { doubtfulDays, looksFahrenheit, type WeatherDay } from '#core/weather';
import { fileWords } from '#knowledge';

export interface FileAsked {
  readonly path: string;
  readonly today: CivilDate;
  /** What its station has, sorted by date. */
  readonly kept: readonly WeatherDay[];
}

/** What a file holds beside what its station has. */
export type FileRead =
  | { readonly kind: 'refused'; readonly reason: string }
  | {
      readonly kind: 'read';
      /** Days the station does not have. */
      readonly fresh: readonly WeatherDay[];
      readonly unchanged: number;
      readonly differing: number;
      readonly doubts: number;
      /** Rows that could not be used, and days that lie ahead. */
      readonly problems: number;
    };

/** Reads a file whole: seconds of work for decades of hours. `onShare` is told the share of rows read. */
export function readWeatherFile(
  { path, today, kept }: FileAsked,
  onShare: (share: number) => void = () => {},
): FileRead {
  try {
    const read = readUnattended(readFileSync(path, 'utf8'), onShare);
    const days = read.days.filter(({ date }) => date <= today);
    if (looksFahrenheit(days, kept) === true)
      return { kind: 'refused', reason: 'its temperatures look like °F under a name for °C' };
    const there = new Map(kept.map((day) => [day.date, day]));
    const fresh = days.filter((day) => {
      const before = there.get(day.date);
      return !before || tellsMoreHours(before, day);
    });
    const differing = days.filter((day) => there.has(day.date) && !sameDay(there.get(day.date)!, day)).length;
    return {
      kind: 'read',
      fresh,
      unchanged: days.length - fresh.length - differing,
      differing,
      doubts: doubtfulDays(days).length,
      problems: read.problems.length + read.days.length - days.length,
    };
  } catch (error) {
    if (error instanceof RangeError) return { kind: 'refused', reason: fileWords(error.message) };
    const { code } = error as NodeJS.ErrnoException;
    if (code !== undefined) return { kind: 'refused', reason: `it cannot be opened (${code})` };
    throw error;
  }
}
