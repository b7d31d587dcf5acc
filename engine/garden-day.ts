import type { CivilDate } from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import type { SeasonEnsemble } from '#core/phenology';
import type { Garden, Place, Plant } from '#core/records';
import { type GardenBooks, openBooks } from './garden-books.ts';
import type { GardenState } from './garden-state.ts';
import { gardenWeather, type GardenWeather, type SeasonWeather, staysOf } from './season-weather.ts';

/** A garden on one day: what is recorded of it, and the weather it has had. Every judgement starts here. */
export interface GardenDay {
  readonly today: CivilDate;
  /** First day of the season today lies in. */
  readonly start: CivilDate;
  readonly garden: Garden;
  readonly books: GardenBooks;
  readonly weather: GardenWeather;
  ofPlant(plant: Plant): SeasonWeather;
  ofPlace(place: Place): SeasonWeather;
  ensemble(weather: SeasonWeather, model: DegreeDayModel): SeasonEnsemble;
}

/**
 * The garden of a state on a day. Given the garden `before` something was written, what that did not
 * touch is taken over, so that what was worked out from it stays.
 */
export function gardenDay(state: GardenState, today: CivilDate, before: GardenDay | null = null): GardenDay {
  const books = before?.books.state === state ? before.books : openBooks(state, before?.books ?? null);
  const weather = before && sameWeather(state, today, before) ? before.weather : gardenWeather(state, today);
  return {
    today,
    start: weather.start,
    garden: state.garden,
    books,
    weather,
    ofPlant: (plant) => weather.ofStays(staysOf(books.plantBook(plant.id))),
    ofPlace: (place) => weather.ofStays([{ placeId: place.id, from: '1900-01-01' }]),
    ensemble: weather.ensemble,
  };
}

const MAKES_THE_WEATHER = ['garden', 'places', 'normals', 'days', 'forecasts', 'wetLooks'] as const;

function sameWeather(state: GardenState, today: CivilDate, before: GardenDay): boolean {
  return (
    today === before.today && MAKES_THE_WEATHER.every((part) => state[part] === before.books.state[part])
  );
}
