import { keptWith } from '#core/caches';
import { FEWEST_PAST_YEARS } from '#core/phenology';
import { type ClimateNormals, normalsFromTable, normalsOf } from '#core/weather';
import type { GardenDay } from './garden-day.ts';
import type { SeasonWeather } from './season-weather.ts';
import { usualMonths } from './usual-months.ts';

/** What possible years of a place are drawn from. */
export interface PlaceNormals {
  /** Fitted to its years, else taken from its usual months; null where nobody told what it is like. */
  readonly normals: ClimateNormals | null;
  /** Years the normals were fitted to; 0 where they come from the usual months. */
  readonly fittedToYears: number;
}

const fitted = keptWith<SeasonWeather, 'normals', ClimateNormals>();

/** Of a place's weather; without one, of the usual months alone. */
export function placeNormals(day: GardenDay, weather: SeasonWeather | null): PlaceNormals {
  const years = weather?.pastYears.length ?? 0;
  if (weather && years >= FEWEST_PAST_YEARS)
    return {
      normals: fitted(weather, 'normals', () => normalsOf(weather.pastSeasons.flat())),
      fittedToYears: years,
    };
  const usual = usualMonths(day.books.state);
  return { normals: usual && normalsFromTable(usual.months, usual.widthC), fittedToYears: 0 };
}
