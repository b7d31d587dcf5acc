import { keptWith } from '#core/caches';
import { addDays, type CivilDate, shiftSeason } from '#core/calendar';
import { type ColdNights, firstColdNights, lastColdNights } from '#core/moving';
import type { GardenDay } from '../garden-day.ts';
import type { SeasonWeather } from '../season-weather.ts';

/** When nights of the open garden fall below a cold, or no longer do. */
export interface ColdDate {
  /** One winter in ten is so cold by then; in spring nine in ten are no longer. */
  readonly on: CivilDate;
  /** Half of them; null where fewer ever are. */
  readonly middle: CivilDate | null;
  /** Share of winters that are so cold at all, 0–1, of so many. */
  readonly share: number;
  readonly winters: number;
  /** The forecast has such a night: then that is the day. */
  readonly isForecast: boolean;
}

/** A date stays this year's for so long after it; while a pot still stands out, until the cold is over. */
const STAYS_DAYS = 45;
const STAYS_OUT_DAYS = 200;
/** A forecast night errs by degrees: one this near counts, °C. */
const FORECAST_NEAR_C = 1;

/** The same for every plant of a limit. */
const firsts = keptWith<SeasonWeather, number, ColdNights | null>();
const lasts = keptWith<SeasonWeather, number, ColdNights | null>();

/**
 * The day a plant of a limit must be in by; null where no winter is so cold, or nobody knows. While it stands
 * outside a day that is over is not next autumn's: it is late.
 */
export function backBy(day: GardenDay, leastC: number, isInside: boolean): ColdDate | null {
  const outdoors = outdoorsOf(day);
  if (!outdoors) return null;
  const { forecast, pastSeasons } = outdoors;
  const cold = firsts(outdoors, leastC, () => firstColdNights(pastSeasons, leastC));
  const expected = cold && dated(day, cold, cold.earlyDay, isInside ? STAYS_DAYS : STAYS_OUT_DAYS);
  const night = forecast.find(({ date, minC }) => date >= day.today && minC <= leastC + FORECAST_NEAR_C);
  if (!night || (expected && expected.on <= night.date)) return expected;
  return { on: night.date, middle: null, share: 1, winters: cold?.winters ?? 0, isForecast: true };
}

/** The day from which nights are warm enough for it in spring; null where they always are, or nobody knows. */
export function outFrom(day: GardenDay, leastC: number): ColdDate | null {
  const outdoors = outdoorsOf(day);
  const cold = outdoors && lasts(outdoors, leastC, () => lastColdNights(outdoors.pastSeasons, leastC));
  return cold && dated(day, cold, (cold.lateDay ?? cold.earlyDay) + 1, STAYS_DAYS);
}

/** Whether anything tells of the cold of the open garden. */
export const knowsCold = (day: GardenDay): boolean => (outdoorsOf(day)?.pastSeasons.length ?? 0) > 0;

function outdoorsOf(day: GardenDay) {
  const place = day.books.state.places.find(({ kind }) => kind === 'outdoors');
  return place ? day.ofPlace(place) : null;
}

/** In this season, or the next where this one's is long over. */
function dated(day: GardenDay, cold: ColdNights, firstDay: number, staysDays: number): ColdDate {
  const start = [-1, 0, 1]
    .map((years) => shiftSeason(day.start, years))
    .find((first) => addDays(first, firstDay + staysDays) >= day.today)!;
  return {
    on: addDays(start, firstDay),
    middle: cold.middleDay === null ? null : addDays(start, cold.middleDay),
    share: cold.share,
    winters: cold.winters,
    isForecast: false,
  };
}
