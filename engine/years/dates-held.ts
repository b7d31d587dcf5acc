import { blend, bookOpinion, seasonOpinion } from '#core/emergence';
import type { GardenDay } from '../garden-day.ts';
import { gardenHatch } from '../garden-hatch.ts';
import type { WatchPicture } from '../watch-picture.ts';
import type { TrackRecord } from './ranges-held.ts';

const Z80 = 1.2816;

/**
 * How often a season's first hatch, by its own tapes, lay within the eight in ten that the book and the seasons
 * before it allowed, both on the scale of heat.
 */
export function datesHeld(day: GardenDay, picture: WatchPicture): TrackRecord {
  const { book, seasons } = gardenHatch(day, picture);
  const published = book && bookOpinion(book.fromCd);
  const opinions = seasons
    .toSorted((a, b) => (a.season.start < b.season.start ? -1 : 1))
    .flatMap(({ fit }) => ('curve' in fit ? (seasonOpinion(fit.first) ?? []) : []));
  const held = opinions.flatMap((seen, i) => {
    const foretold = blend(published, opinions.slice(0, i));
    if (!foretold) return [];
    return [Math.abs(seen.valueCd - foretold.valueCd) <= Z80 * Math.hypot(foretold.spreadCd, seen.spreadCd)];
  });
  return { held: held.filter(Boolean).length, of: held.length };
}
