/** A day's low, °C. */
interface Low {
  readonly minC: number;
}

/** When nights begin or end to fall below some cold, in days from the first day of a season. */
export interface ColdNights {
  /** One winter in ten, half, and nine in ten have come to it; null where fewer ever do. */
  readonly earlyDay: number;
  readonly middleDay: number | null;
  readonly lateDay: number | null;
  /** Share of winters that come to it at all, 0–1. */
  readonly share: number;
  readonly winters: number;
}

/** A season begins at midwinter; from here on its nights lead into the next winter. */
const MIDSUMMER_DAY = 183;

/**
 * The first nights below a cold after midsummer, through the winter to the next midsummer, from past or possible
 * seasons one after the other, each a list of days from its midwinter. Null where fewer than one winter in ten is
 * so cold, or none is known.
 */
export function firstColdNights(seasons: readonly (readonly Low[])[], belowC: number): ColdNights | null {
  const days = seasons.map((season, i) => {
    const winter = [...season.slice(MIDSUMMER_DAY), ...(seasons[i + 1] ?? []).slice(0, MIDSUMMER_DAY)];
    const day = winter.findIndex(({ minC }) => minC < belowC);
    return day < 0 ? Infinity : MIDSUMMER_DAY + day;
  });
  return spreadOf(days);
}

/**
 * The last nights below a cold before midsummer: after `lateDay` nine seasons in ten have none. Null where fewer
 * than one season in ten has such a night.
 */
export function lastColdNights(seasons: readonly (readonly Low[])[], belowC: number): ColdNights | null {
  const days = seasons.map((season) =>
    season.slice(0, MIDSUMMER_DAY).findLastIndex(({ minC }) => minC < belowC),
  );
  const cold = days.filter((day) => day >= 0);
  if (cold.length < days.length / 10 || days.length === 0) return null;
  const sorted = days.toSorted((a, b) => a - b);
  const by = (share: number) => sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)]!;
  const orNull = (day: number) => (day >= 0 ? day : null);
  return {
    earlyDay: Math.max(0, by(0.1)),
    middleDay: orNull(by(0.5)),
    lateDay: orNull(by(0.9)),
    share: cold.length / days.length,
    winters: days.length,
  };
}

function spreadOf(days: readonly number[]): ColdNights | null {
  const sorted = days.toSorted((a, b) => a - b);
  // The least day by which the share of winters has come to it.
  const by = (share: number) => sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)] ?? Infinity;
  const earlyDay = by(0.1);
  if (!Number.isFinite(earlyDay)) return null;
  const orNull = (day: number) => (Number.isFinite(day) ? day : null);
  return {
    earlyDay,
    middleDay: orNull(by(0.5)),
    lateDay: orNull(by(0.9)),
    share: days.filter(Number.isFinite).length / days.length,
    winters: days.length,
  };
}
