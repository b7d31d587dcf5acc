import { mean } from 'simple-statistics';
import { dayNumber } from '#core/calendar';
import type { DayOrigin, WeatherDay } from './day.ts';

/** Fewer shared days than this do not tell how two thermometers differ (rule of thumb, grade C). */
export const FEWEST_SHARED_DAYS = 10;

/** Shared days this near a missing one speak for its season. */
const NEAR_DAYS = 45;

/** A day that may stand in for a missing one, told apart from the place's own. */
export type StandInDay = WeatherDay & { readonly origin?: DayOrigin };

/**
 * A station's days with missing ones taken from a neighbour, moved by the mean difference of the
 * two over the days both have within {@link NEAR_DAYS} days (over all shared days where those are
 * too few). Days filled carry `origin: 'neighbour'` and keep the neighbour's rain, which falls on
 * both, but not its wind. Without {@link FEWEST_SHARED_DAYS} shared days nothing is filled.
 * Both lists sorted by date without repeats.
 */
export function fillFromNeighbour(
  ownDays: readonly StandInDay[],
  neighbour: readonly WeatherDay[],
): StandInDay[] {
  const ownByDate = new Map(ownDays.map((day) => [day.date, day]));
  const shared = neighbour.filter(
    ({ date }) => ownByDate.get(date)?.origin === undefined && ownByDate.has(date),
  );
  if (shared.length < FEWEST_SHARED_DAYS) return [...ownDays];
  const missing = neighbour.filter(({ date }) => !ownByDate.has(date));
  if (missing.length === 0) return [...ownDays];
  const differences = shared.map((day) => ({
    at: dayNumber(day.date),
    minC: ownByDate.get(day.date)!.minC - day.minC,
    maxC: ownByDate.get(day.date)!.maxC - day.maxC,
  }));
  const overall = meanDifference(differences);
  const filled = missing.map((day): StandInDay => {
    const near = differences.filter(({ at }) => Math.abs(at - dayNumber(day.date)) <= NEAR_DAYS);
    const { minC, maxC } = near.length >= FEWEST_SHARED_DAYS ? meanDifference(near) : overall;
    const low = tenth(day.minC + minC);
    return {
      date: day.date,
      minC: low,
      maxC: Math.max(low, tenth(day.maxC + maxC)),
      rainMm: day.rainMm,
      windMs: null,
      origin: 'neighbour',
    };
  });
  return [...ownDays, ...filled].sort((a, b) => (a.date < b.date ? -1 : 1));
}

function meanDifference(differences: readonly { minC: number; maxC: number }[]): {
  minC: number;
  maxC: number;
} {
  return {
    minC: mean(differences.map((entry) => entry.minC)),
    maxC: mean(differences.map((entry) => entry.maxC)),
  };
}

const tenth = (value: number) => Math.round(value * 10) / 10;
