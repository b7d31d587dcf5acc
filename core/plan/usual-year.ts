import { addDays, type CivilDate, daysBetween, shiftSeason } from '#core/calendar';
import type { StageSpan } from './season-stages.ts';

/** The three turns of a deciduous plant's year. */
export type Turn = 'budSwell' | 'greenTip' | 'leafFall';

/**
 * When a place's deciduous plants usually turn, in days from the season's first day (1 January in the
 * north, 1 July in the south), and how far a year may lie from it.
 */
export interface UsualYear extends Readonly<Record<Turn, number>> {
  readonly marginDays: number;
  readonly basis: 'measured' | 'calendar';
}

/**
 * How far a year may lie from the usual: of a place's own years, of its usual months, of the calendar of
 * its latitude, and under a roof, where the calendar tells little (rules of thumb, grade C).
 */
export const MARGIN_DAYS = { measured: 14, months: 20, latitude: 25, sheltered: 60 } as const;

/** The usual year by the temperatures of past seasons. */
export function usualYearOf(
  stages: readonly StageSpan[],
  seasonStart: CivilDate,
  from: 'own-years' | 'usual-months',
): UsualYear | null {
  const first = (stage: StageSpan['stage']) => stages.findLast((span) => span.stage === stage)?.from;
  const [leafFall, budSwell, greenTip] = [first('dormant'), first('bud-swell'), first('in-leaf')];
  if (!leafFall || !budSwell || !greenTip) return null;
  const offset = (date: CivilDate) => daysBetween(seasonStart, date);
  return {
    budSwell: offset(budSwell),
    greenTip: offset(greenTip),
    leafFall: offset(leafFall),
    marginDays: from === 'own-years' ? MARGIN_DAYS.measured : MARGIN_DAYS.months,
    basis: from === 'own-years' ? 'measured' : 'calendar',
  };
}

/** At 45°, in days from the season's first day, and days later (or sooner) for a degree nearer the pole. */
const AT_45 = { budSwell: 90, leafFall: 314 } as const;
const PER_DEGREE = { budSwell: 3.5, leafFall: -2.2 } as const;
const LIMITS = { budSwell: [20, 135], leafFall: [270, 360] } as const;
const SWELL_TO_GREEN_DAYS = 20;

/**
 * The usual year by latitude alone: spring moves about four days a degree (after Hopkins 1920), autumn
 * back by less. A rule of thumb, grade C, weeks wide; nearness to a sea, height and variety move it as
 * much again.
 */
export function usualYearAt(latitudeDeg: number, sheltered = false): UsualYear {
  const turn = (which: 'budSwell' | 'leafFall') => {
    const [least, most] = LIMITS[which];
    const day = AT_45[which] + PER_DEGREE[which] * (Math.abs(latitudeDeg) - 45);
    return Math.round(Math.min(most, Math.max(least, day)));
  };
  const budSwell = turn('budSwell');
  return {
    budSwell,
    greenTip: budSwell + SWELL_TO_GREEN_DAYS,
    leafFall: turn('leafFall'),
    marginDays: sheltered ? MARGIN_DAYS.sheltered : MARGIN_DAYS.latitude,
    basis: 'calendar',
  };
}

/** The first usual day of a turn on or after `date`; `seasonStart` is that of any season. */
export function nextTurn(year: UsualYear, turn: Turn, seasonStart: CivilDate, date: CivilDate): CivilDate {
  const yearsOn = Math.floor(daysBetween(seasonStart, date) / 365.25) - 1;
  for (let years = yearsOn; ; years++) {
    const on = addDays(shiftSeason(seasonStart, years), year[turn]);
    if (on >= date) return on;
  }
}
