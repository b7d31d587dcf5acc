import type { GardenDay } from './garden-day.ts';
import type { SeasonWeather } from './season-weather.ts';
import { carryAt } from './watch-clock.ts';

/** Whether winters are too mild for sums counted from a calendar day; null where nobody measured any. */
export function mildWinters(weather: SeasonWeather): boolean | null {
  return weather.pastSeasons.length === 0 ? null : carryAt(weather) === 'refused';
}

/** The same of the open garden; null where nothing stands in the open either. */
export function gardenWinters(day: GardenDay): boolean | null {
  const open = day.books.state.places.find(({ kind }) => kind === 'outdoors');
  return open ? mildWinters(day.ofPlace(open)) : null;
}
