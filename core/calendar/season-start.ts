import { type CivilDate, monthOf, yearOf } from './civil-date.ts';

export type Hemisphere = 'north' | 'south';

/** The hemisphere of a latitude in degrees, north positive; the equator counts as north. */
export function hemisphereOf(latitudeDeg: number): Hemisphere {
  return latitudeDeg < 0 ? 'south' : 'north';
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
