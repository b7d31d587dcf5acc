import { addDays, type CivilDate, daysBetween, hemisphereOf } from '#core/calendar';
import type { WatchPicture } from '../watch-picture.ts';

const MAY_TO_JULY = [5, 6, 7] as const;
const NOVEMBER_TO_JANUARY = [11, 12, 1] as const;

/**
 * Months in which a watch's crawlers are about: those of its windows this season, else the months in which most
 * hatch (rule of thumb, grade C).
 */
export function crawlerMonths(
  { windows }: Pick<WatchPicture, 'windows'>,
  latitudeDeg: number,
): readonly number[] {
  const days = windows.flatMap(({ opens, closes }) =>
    monthsFrom(opens.median, closes?.median ?? opens.median),
  );
  if (days.length > 0) return [...new Set(days)];
  return hemisphereOf(latitudeDeg) === 'north' ? MAY_TO_JULY : NOVEMBER_TO_JANUARY;
}

function monthsFrom(from: CivilDate, to: CivilDate): number[] {
  if (to < from) return [];
  return Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => Number(addDays(from, i).slice(5, 7)));
}
