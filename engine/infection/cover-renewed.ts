import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { InfectionFacts } from '#core/decide';
import type { Disease } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import type { LeafWeather } from './leaf-weather.ts';
import { plantLeaves } from './plant-leaves.ts';
import { type WatchCover, watchCovers } from './watch-covers.ts';

const HOURS = 24;
/** The calendar renews a cover after so many days, sooner after an inch of rain (grade C). */
const RENEW_DAYS = 8,
  RENEW_AFTER_MM = 25;

/** The last cover of this season and the day the calendar renews it: that day itself where there is none. */
export interface CoverRenewed {
  readonly last: InfectionFacts['lastCover'];
  readonly renewOn: CivilDate;
}

/** What was last sprayed against a disease, and what has come over it; no rain is told of where no weather is. */
export function coverRenewed(
  day: GardenDay,
  { plantBook, sprays }: WatchBook,
  disease: Disease,
  weather: LeafWeather | null,
): CoverRenewed {
  const from = weather?.from ?? day.start;
  const covers = watchCovers(
    day,
    sprays.filter(({ on }) => on >= day.start && on <= day.today),
    disease.targetId,
    from,
  );
  const last = covers.at(-1);
  if (!last) return { last: null, renewOn: day.today };
  const leavesOn = plantLeaves(day, plantBook.plant, from);
  const leavesAt = (on: CivilDate) => leavesOn(daysBetween(from, on));
  return {
    last: {
      on: last.on,
      rainMm: weather && rainBetween(weather, last, daysBetween(from, day.today) * HOURS - 1),
      newLeaves: Math.max(0, Math.round(leavesAt(day.today) - leavesAt(last.on))),
    },
    renewOn: renewOn(last, weather),
  };
}

/** Rain from a spray's day up to the end of an hour, mm. */
function rainBetween({ hours: { rainSumMm } }: LeafWeather, { sprayedAt }: WatchCover, hour: number): number {
  const last = Math.min(hour, rainSumMm.length - 1);
  return Math.max(0, (rainSumMm[last] ?? 0) - (rainSumMm[sprayedAt - 1] ?? 0));
}

/** Eight days on, or the day by which an inch of rain has come over it. */
function renewOn(last: WatchCover, weather: LeafWeather | null): CivilDate {
  for (let days = 1; weather && days < RENEW_DAYS; days++) {
    const hour = last.sprayedAt + days * HOURS - 1;
    if (hour < weather.hours.rainSumMm.length && rainBetween(weather, last, hour) >= RENEW_AFTER_MM)
      return addDays(last.on, days);
  }
  return addDays(last.on, RENEW_DAYS);
}
