import { mean as meanOf } from 'simple-statistics';
import { meanWind, type Wind } from '#core/weather';
import type { Point } from './point.ts';

/** A day's wind. */
export interface WindDay extends Wind {
  readonly month: number;
}

/** The wind of some months. */
export interface WindOfMonths {
  /** Degrees clockwise from north. */
  readonly fromDeg: number;
  readonly speedMs: number;
  /** How much it keeps to that direction, 0 from everywhere alike, 1 always the same. */
  readonly steadiness: number;
  readonly days: number;
}

/** Fewer days than these are no picture of the months they lie in (grade C). */
export const FEWEST_WIND_DAYS = 10;
/** A wind less steady than this has no direction worth an arrow (grade C). */
export const LEAST_STEADINESS = 0.2;

/**
 * The wind of months: the mean of its days as vectors, so that opposite winds cancel; null where too few days are
 * known. Steadiness is the length of that mean over the mean speed.
 */
export function windOfMonths(days: readonly WindDay[], months: readonly number[]): WindOfMonths | null {
  const then = days.filter(({ month }) => months.includes(month));
  if (then.length < FEWEST_WIND_DAYS) return null;
  const mean = meanWind(then)!;
  const speedMs = meanOf(then.map((day) => day.speedMs));
  return {
    fromDeg: mean.fromDeg,
    speedMs,
    steadiness: speedMs === 0 ? 0 : mean.speedMs / speedMs,
    days: then.length,
  };
}

/** The turn on the drawing, clockwise from its right, into which a wind from a direction blows. */
export const blowsToDeg = (fromDeg: number, upBearingDeg: number): number =>
  // A bearing of 0 is up when up is north: a quarter turn before the drawing's right.
  (((fromDeg + 180 - upBearingDeg - 90) % 360) + 360) % 360;

/** Half the width of the wedge that counts as downwind, degrees (grade C). */
export const DOWNWIND_HALF_DEG = 45;

/** Whether a point lies downwind of another, within a wedge about the wind and no farther than a reach. */
export function isDownwind(from: Point, point: Point, turnDeg: number, reachM: number): boolean {
  const dx = point.xM - from.xM,
    dy = point.yM - from.yM;
  const apartM = Math.hypot(dx, dy);
  if (apartM === 0 || apartM > reachM) return false;
  const offDeg = Math.abs((((Math.atan2(dy, dx) * 180) / Math.PI - turnDeg + 540) % 360) - 180);
  return offDeg <= DOWNWIND_HALF_DEG;
}
