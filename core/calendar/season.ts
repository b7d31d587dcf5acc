import { type CivilDate, monthOf, yearOf } from './civil-date.ts';

export type Hemisphere = 'north' | 'south';

/** The hemisphere of a latitude in degrees, north positive; the equator counts as north. */
export function hemisphereOf(latitudeDeg: number): Hemisphere {
  return latitudeDeg < 0 ? 'south' : 'north';
}

/**
 * What a month (1–12) is called in the other half of the world: a southern January is a northern July, and the
 * other way about.
 */
const acrossTheEquator = (month: number): number => ((month + 5) % 12) + 1;

/** A month as the north has it, or a northern month as it is called here: the same step does both. */
export const northernMonth = (month: number, hemisphere: Hemisphere): number =>
  hemisphere === 'north' ? month : acrossTheEquator(month);

/** Months from one to another, both among them, over New Year too; `monthsBetween(11, 2)`: 11, 12, 1, 2. */
export function monthsBetween(from: number, to: number): number[] {
  return Array.from({ length: ((to - from + 12) % 12) + 1 }, (_, i) => ((from - 1 + i) % 12) + 1);
}

/**
 * The day the growing season's count starts from: the latest 1 January (north) or
 * 1 July (south) that is not after `date`.
 */
export function seasonStart(date: CivilDate, hemisphere: Hemisphere): CivilDate {
  if (hemisphere === 'north') return `${yearOf(date)}-01-01`;
  const startYear = monthOf(date) >= 7 ? yearOf(date) : yearOf(date) - 1;
  return `${startYear}-07-01`;
}

/** The start of the season `years` seasons after (or before, if negative) the one that starts on `start`. */
export function shiftSeason(start: CivilDate, years: number): CivilDate {
  return `${yearOf(start) + years}${start.slice(4)}`;
}

/** A growing season: the calendar year in the north, July to June in the south. */
export interface Season {
  readonly start: CivilDate;
  /** '2026', or '2026/27' where it runs across New Year. */
  readonly name: string;
}

/** The season a day belongs to. */
export function seasonOf(date: CivilDate, hemisphere: Hemisphere): Season {
  const start = seasonStart(date, hemisphere);
  return { start, name: seasonName(start) };
}

/** What the season that starts on a day is called. */
export function seasonName(start: CivilDate): string {
  const year = yearOf(start);
  return monthOf(start) === 1 ? `${year}` : `${year}/${String((year + 1) % 100).padStart(2, '0')}`;
}

/** Whether two days belong to one season; in the south New Year parts none. */
export function inOneSeason(a: CivilDate, b: CivilDate, hemisphere: Hemisphere): boolean {
  return seasonStart(a, hemisphere) === seasonStart(b, hemisphere);
}
