import { type CivilDate, daysBetween } from '#core/calendar';
import type { GardenDay } from './garden-day.ts';
import { type SprayWeather, sprayWeather } from './spray-weather.ts';
import type { WatchPicture } from './watch-picture.ts';
import { pictureOf } from './watch-pictures.ts';
import { daysNeeded } from './years/failure-facts.ts';
import { type TagStanding, tagStanding } from './years/tag-standing.ts';
import { treatedStretch, workFailed } from './years/treated-stretch.ts';

/** A watch's own page: its picture, and how its sprays fared in their weather. */
export interface WatchAnswer extends WatchPicture {
  readonly sprayWeathers: readonly SprayWeather[];
  readonly tagStanding: TagStanding;
  /** The last work a count looked at afterwards shows no fall; null where none did. */
  readonly noFallSince: CivilDate | null;
}

/** Undefined when there is no such watch. */
export function watchAnswer(day: GardenDay, watchId: string): WatchAnswer | undefined {
  const picture = pictureOf(day, watchId);
  return (
    picture && {
      ...picture,
      tagStanding: tagStanding(day, picture),
      noFallSince: noFallSince(day, picture),
      sprayWeathers: picture.sprays.map((spray) => sprayWeather(day, picture.plant, spray)),
    }
  );
}

/** The first day of work that a count judged afterwards, where no fall can be shown; null where it fell. */
function noFallSince(day: GardenDay, picture: WatchPicture): CivilDate | null {
  const stretch = picture.watch.outcome === 'open' ? treatedStretch(picture) : null;
  if (!stretch || !workFailed(stretch)) return null;
  const { after, firstOn, lastOn, sprays } = stretch;
  // Counted before the work could show, nothing is said of it yet.
  const isTooEarly = daysBetween(lastOn, after.on) < daysNeeded(day, picture.watch, sprays, lastOn);
  return isTooEarly ? null : firstOn;
}
