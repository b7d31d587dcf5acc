/** Half of what covers is gone after this much rain (rule of thumb, grade C). */
const RAIN_HALVES_MM = 25;

/** What has come over a cover since it was sprayed and had dried. */
export interface SinceSprayed {
  readonly days: number;
  readonly rainMm: number;
  /** Leaves on a shoot when it was sprayed, and now; what has unfolded since was never covered. */
  readonly leavesThen: number;
  readonly leavesNow: number;
}

/**
 * Share of a shoot's leaves' protection that is left, 0–1: half gone for each 25 mm of rain, half for each half-
 * life, times the share of leaves that were there. A half-life of 0 covers nothing once it is dry. Grade C.
 * @throws RangeError for less than nothing of anything.
 */
export function coverLeft(
  { days, rainMm, leavesThen, leavesNow }: SinceSprayed,
  halfLifeDays: number,
): number {
  if (days < 0 || rainMm < 0 || leavesThen < 0 || leavesNow < 0 || halfLifeDays < 0)
    throw new RangeError('days, rain, leaves and half-life are not below 0');
  if (halfLifeDays === 0) return 0;
  const thereThen = leavesNow > leavesThen ? leavesThen / leavesNow : 1;
  return 0.5 ** (rainMm / RAIN_HALVES_MM) * 0.5 ** (days / halfLifeDays) * thereThen;
}
