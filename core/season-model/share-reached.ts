/** Crawlers that hatch on one day: the day's number, and their share of the whole hatch, 0–1. */
export interface HatchShare {
  readonly day: number;
  readonly share: number;
}

/** A spray on a day, what it takes of every cohort that is soft (0–1), and the half-life of what stays. */
export interface PlainSpray {
  readonly day: number;
  readonly reach: number;
  /** Days; 0 for what does nothing once dry. */
  readonly residueHalfLifeDays: number;
}

/**
 * Share (0–1) of a hatch that sprays take. A cohort hatched on day h is soft on days h ≤ t < h + `softDays`; a
 * spray on day t takes the fraction `reach` of what is left of every cohort soft on t. With a half-life above 0 a
 * cohort that hatches later, at h > t, loses the fraction reach · 0.5^((h − t) ÷ half-life) on its first day.
 * Survival of a cohort is a product, so the order of the sprays does not matter.
 * @throws RangeError when a reach lies outside 0–1, or a soft time or half-life is negative.
 */
export function shareReached(
  hatch: readonly HatchShare[],
  softDays: number,
  sprays: readonly PlainSpray[],
): number {
  if (!(softDays >= 0)) throw new RangeError('a soft time is 0 days or more');
  for (const { reach, residueHalfLifeDays } of sprays) {
    if (!(reach >= 0 && reach <= 1)) throw new RangeError('a reach lies between 0 and 1');
    if (!(residueHalfLifeDays >= 0)) throw new RangeError('a half-life is 0 days or more');
  }
  const left = (hatchedOn: number) =>
    sprays.reduce((survival, spray) => survival * (1 - takenFrom(hatchedOn, softDays, spray)), 1);
  return hatch.reduce((sum, { day, share }) => sum + share * (1 - left(day)), 0);
}

function takenFrom(
  hatchedOn: number,
  softDays: number,
  { day, reach, residueHalfLifeDays }: PlainSpray,
): number {
  if (day >= hatchedOn) return day < hatchedOn + softDays ? reach : 0;
  return residueHalfLifeDays > 0 ? reach * 0.5 ** ((hatchedOn - day) / residueHalfLifeDays) : 0;
}
