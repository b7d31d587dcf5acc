import type { WarmthOrigin } from '#core/decide';
import type { GardenDay } from './garden-day.ts';
import type { SeasonWeather } from './season-weather.ts';
import { usualMonths } from './usual-months.ts';

/** Where the warmth of most days of the season so far is from. */
export function warmthOf(day: GardenDay, { guessedDays, measured }: SeasonWeather): WarmthOrigin {
  if (guessedDays * 2 <= measured.length) return 'read';
  return usualMonths(day.books.state)?.origin === 'told'
    ? 'guessed-by-frost-and-heat'
    : 'guessed-by-usual-months';
}
