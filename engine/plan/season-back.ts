import { keptWhile } from '#core/caches';
import { addDays, type CivilDate } from '#core/calendar';
import type { WatchBook } from '../garden-books.ts';
import { gardenDay, type GardenDay } from '../garden-day.ts';
import type { GardenWeather } from '../season-weather.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { pictureOf } from '../watch-pictures.ts';
import { planFrom, type PlanMaterial } from './plan-answer.ts';
import { type PlanFrame, seasonFrame } from './plan-frame.ts';

/** A season of a watch as it can be looked back on: laid out whole, by what is known of it now. */
export interface SeasonBack {
  /** The garden on its last day, or today. */
  readonly then: GardenDay;
  readonly frame: PlanFrame;
  readonly picture: WatchPicture;
  readonly material: PlanMaterial;
}

const kept = keptWhile<GardenWeather, string, WatchBook, SeasonBack | null>();
const daysBack = keptWhile<GardenWeather, CivilDate, unknown, GardenDay>();

/**
 * The season of a watch that begins on `season`, up to its last day or today; null where there is nothing to lay it
 * out by.
 */
export function seasonBack(day: GardenDay, watchId: string, season: CivilDate): SeasonBack | null {
  const book = day.books.watchBook(watchId);
  if (!book) return null;
  return kept(day.weather, `${watchId} ${season}`, book, () => laidOut(day, watchId, season));
}

function laidOut(day: GardenDay, watchId: string, season: CivilDate): SeasonBack | null {
  const { start, days } = seasonFrame(season, season);
  const over = addDays(start, days);
  const end = over < day.today ? over : day.today;
  const frame = seasonFrame(season, end);
  const then = dayBack(day, end);
  const picture = pictureOf(then, watchId);
  if (!picture) return null;
  // Whatever became of the watch since, that season it was there.
  const asOpen: WatchPicture = { ...picture, watch: { ...picture.watch, outcome: 'open' } };
  const answer = planFrom(then, asOpen, frame);
  return answer.kind === 'plan' ? { then, frame, picture, material: answer } : null;
}

/** The garden as it stood on an earlier day, by what is recorded now. */
export function dayBack(day: GardenDay, on: CivilDate): GardenDay {
  return daysBack(day.weather, on, day.books.state, () => gardenDay(day.books.state, on));
}
