import { addDays, type CivilDate, shiftSeason } from '#core/calendar';
import { FEWEST_PAST_YEARS, type TemperaturePair } from '#core/phenology';
import { type ClimateNormals, normalsFromTable, normalsOf } from '#core/weather';
import type { GardenDay } from './garden-day.ts';
import { followsOn } from './season-weather.ts';
import { usualMonths } from './usual-months.ts';
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

export function futuresMaterial(day: GardenDay, picture: WatchPicture): FuturesMaterial {
  const weather = day.ofPlant(picture.plant);
  const years = weather.pastYears.length;
  const usual = usualMonths(day.books.state);
  const normals =
    years >= FEWEST_PAST_YEARS
      ? normalsOf(weather.pastSeasons.flat())
      : usual && normalsFromTable(usual.months, usual.widthC);
  const bare = ({ minC, maxC }: TemperaturePair): TemperaturePair => ({ minC, maxC });
  return {
    start: weather.start,
    end: addDays(shiftSeason(weather.start, 1), -1),
    measured: weather.measured.map(bare),
    forecast: followsOn(weather).map(bare),
    normals,
    fittedToYears: years >= FEWEST_PAST_YEARS ? years : 0,
  };
}
