import { addDays, type CivilDate } from '#core/calendar';
import type { HabitCode, InfectionFacts } from '#core/decide';
import type { Plant } from '#core/records';
import { type Disease, evergreenOf, type HabitTime } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { plantWinters } from '../plant-winter.ts';
import { diseaseSpans } from './disease-spans.ts';

/** Work done a little before its time is done. */
const DONE_EARLY_DAYS = 21;
/** A habit's time is never shorter than this. */
const LEAST_DAYS = 21;
/** What never sheds is cleared and opened before its rains: from so long before a season to so far into it (C). */
const BEFORE_SEASON_DAYS = 45,
  INTO_SEASON_DAYS = 14;

/** Days in which habits of some times of the year are done. */
interface HabitDays {
  readonly times: readonly HabitTime[];
  readonly from: CivilDate;
  readonly to: CivilDate;
}

/** Habits of a watched disease in the order of their days, without those done since each time began. */
export function habitsOf(
  day: GardenDay,
  { handwork, plantBook }: WatchBook,
  disease: Disease,
): InfectionFacts['habits'] {
  return habitDays(day, plantBook.plant, disease).map(({ times, from, to }) => ({
    from,
    to,
    ids: disease.habits
      .filter(({ time, hand }) => hand !== null && times.includes(time))
      .filter(
        ({ hand }) =>
          !handwork.some(
            ({ kind, on }) => kind === hand && on >= addDays(from, -DONE_EARLY_DAYS) && on <= to,
          ),
      )
      .map(({ id }) => id as HabitCode),
  }));
}

/** When each kind of habit is done on a plant, this winter and the next; in order. */
function habitDays(day: GardenDay, plant: Plant, disease: Disease): HabitDays[] {
  if (evergreenOf(plant)) return beforeItsSeasons(day, plant, disease);
  const longer = (from: CivilDate, to: CivilDate) =>
    to < addDays(from, LEAST_DAYS) ? addDays(from, LEAST_DAYS) : to;
  const one = (time: HabitTime, from: CivilDate, to: CivilDate): HabitDays => ({ times: [time], from, to });
  return plantWinters(day, plant)
    .slice(1)
    .flatMap(({ leafFall, budSwell, greenTip }) => [
      // Leaves that still lie there are worth clearing until spores ripen in them.
      one('leaf-fall', leafFall.on, longer(leafFall.on, budSwell.on)),
      one('winter', addDays(leafFall.on, 30), budSwell.on),
      one('before-swell', addDays(budSwell.on, -30), budSwell.on),
      one('spring', addDays(greenTip.on, 30), addDays(greenTip.on, 75)),
    ])
    .toSorted((a, b) => (a.from < b.from ? -1 : 1));
}

const beforeItsSeasons = (day: GardenDay, plant: Plant, disease: Disease): HabitDays[] =>
  diseaseSpans(day, plant, disease).map(({ from }) => ({
    times: ['leaf-fall', 'winter', 'before-swell', 'spring'],
    from: addDays(from, -BEFORE_SEASON_DAYS),
    to: addDays(from, INTO_SEASON_DAYS),
  }));
