import { addDays, type CivilDate, shiftSeason } from '#core/calendar';
import { FEWEST_PAST_YEARS, type TemperaturePair } from '#core/phenology';
import { type ClimateNormals, normalsFromTable, normalsOf } from '#core/weather';
import type { Store } from '../store/store.ts';
import type { SeasonReader } from './plant-season.ts';
import type { WatchPicture } from './watch-picture.ts';

/**
 * What many futures are drawn from: the season as known, and the place's normals fitted to its years or
 * taken from its usual months.
 */
export interface FuturesMaterial {
  readonly start: CivilDate;
  readonly end: CivilDate;
  readonly measured: readonly TemperaturePair[];
  readonly forecast: readonly TemperaturePair[];
  readonly normals: ClimateNormals | null;
  /** Years the normals were fitted to; 0 where they come from the usual months. */
  readonly fittedToYears: number;
}

export function futuresMaterial(store: Store, reader: SeasonReader, picture: WatchPicture): FuturesMaterial {
  const weather = reader.ofPlant(picture.plant);
  const years = weather.pastYears.length;
  const table = store.normals();
  const normals =
    years >= FEWEST_PAST_YEARS
      ? normalsOf(weather.pastSeasons.flat())
      : table.length === 12
        ? normalsFromTable(table)
        : null;
  const bare = ({ minC, maxC }: TemperaturePair): TemperaturePair => ({ minC, maxC });
  return {
    start: weather.start,
    end: addDays(shiftSeason(weather.start, 1), -1),
    measured: weather.measured.map(bare),
    forecast: weather.forecast.map(bare),
    normals,
    fittedToYears: years >= FEWEST_PAST_YEARS ? years : 0,
  };
}
