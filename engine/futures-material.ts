import { addDays, type CivilDate, shiftSeason } from '#core/calendar';
import type { TemperaturePair } from '#core/phenology';
import type { GardenDay } from './garden-day.ts';
import { type PlaceNormals, placeNormals } from './place-normals.ts';
import { followsOn } from './season-weather.ts';
import type { WatchPicture } from './watch-picture.ts';

/**
 * What many futures are drawn from: the season as known, and the place's normals fitted to its years or
 * taken from its usual months.
 */
export interface FuturesMaterial extends PlaceNormals {
  readonly start: CivilDate;
  readonly end: CivilDate;
  readonly measured: readonly TemperaturePair[];
  readonly forecast: readonly TemperaturePair[];
}

export function futuresMaterial(day: GardenDay, picture: WatchPicture): FuturesMaterial {
  const weather = day.ofPlant(picture.plant);
  const bare = ({ minC, maxC }: TemperaturePair): TemperaturePair => ({ minC, maxC });
  return {
    start: weather.start,
    end: addDays(shiftSeason(weather.start, 1), -1),
    measured: weather.measured.map(bare),
    forecast: followsOn(weather).map(bare),
    ...placeNormals(day, weather),
  };
}
