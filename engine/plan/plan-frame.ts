import { addDays, type CivilDate, daysBetween, shiftSeason } from '#core/calendar';

/** The days a plan is laid out over: from leaf fall before a season to the next. */
export interface PlanFrame {
  readonly start: CivilDate;
  readonly days: number;
  /** First day of the season planned for: heat counts from it. */
  readonly season: CivilDate;
  /** Today's place among the days. */
  readonly today: number;
}

/** A plan begins so long before its season, so that winter work has its place in it. */
export const BEFORE_SEASON_DAYS = 75;

/** By then leaves are down where they fall: early November in the north, early May in the south. */
const SEASON_DAYS = 310;

/**
 * The frame today lies in: this season's, until its last weeks, when the coming one is what can still be planned.
 */
export function planFrame(seasonStart: CivilDate, today: CivilDate): PlanFrame {
  const next = shiftSeason(seasonStart, 1);
  return seasonFrame(daysBetween(today, next) <= BEFORE_SEASON_DAYS ? next : seasonStart, today);
}

/** The frame of one season. */
export function seasonFrame(season: CivilDate, today: CivilDate): PlanFrame {
  const start = addDays(season, -BEFORE_SEASON_DAYS);
  return { start, season, days: BEFORE_SEASON_DAYS + SEASON_DAYS, today: daysBetween(start, today) };
}

/** The place of a date among a frame's days. */
export const placeOf = ({ start }: Pick<PlanFrame, 'start'>, date: CivilDate): number =>
  daysBetween(start, date);
