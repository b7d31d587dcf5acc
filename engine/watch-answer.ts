import type { GardenDay } from './garden-day.ts';
import { type SprayWeather, sprayWeather } from './spray-weather.ts';
import type { WatchPicture } from './watch-picture.ts';
import { pictureOf } from './watch-pictures.ts';
import { type TagStanding, tagStanding } from './years/tag-standing.ts';

/** A watch's own page: its picture, and how its sprays fared in their weather. */
export interface WatchAnswer extends WatchPicture {
  readonly sprayWeathers: readonly SprayWeather[];
  readonly tagStanding: TagStanding;
}

/** Undefined when there is no such watch. */
export function watchAnswer(day: GardenDay, watchId: string): WatchAnswer | undefined {
  const picture = pictureOf(day, watchId);
  return (
    picture && {
      ...picture,
      tagStanding: tagStanding(day, picture),
      sprayWeathers: picture.sprays.map((spray) => sprayWeather(day, picture.plant, spray)),
    }
  );
}
