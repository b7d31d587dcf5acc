/** A day's low, °C. */
interface Low {
  readonly minC: number;
}

/** When a place first freezes after midsummer, in days from a season's first day. */
export interface FirstFrost {
  /** One season in ten has frozen by then, half of them, and nine in ten; null where fewer ever do. */
  readonly earlyDay: number;
  readonly middleDay: number | null;
  readonly lateDay: number | null;
  /** Share of seasons that freeze at all, 0–1. */
  readonly share: number;
}

/** A season begins at midwinter: its second half holds its autumn. */
const AUTUMN_FROM_DAY = 183;
/** °C below which what is tender is hurt; thermometers stand above the ground (rule of thumb, grade C). */
const FROST_C = 0;

/**
 * The first frosts of past seasons, each a list of days from its own first day.
 * @returns null where fewer than a tenth of the seasons freeze, or none is known.
 */
export function firstFrost(seasons: readonly (readonly Low[])[]): FirstFrost | null {
  const days = seasons
    .map((season) => season.findIndex(({ minC }, i) => i >= AUTUMN_FROM_DAY && minC < FROST_C))
    .map((day) => (day < 0 ? Infinity : day))
    .toSorted((a, b) => a - b);
  // The least day by which the share has frozen.
  const by = (share: number) => days[Math.max(0, Math.ceil(share * days.length) - 1)] ?? Infinity;
  const earlyDay = by(0.1);
  if (!Number.isFinite(earlyDay)) return null;
  const orNull = (day: number) => (Number.isFinite(day) ? day : null);
  return {
    earlyDay,
    middleDay: orNull(by(0.5)),
    lateDay: orNull(by(0.9)),
    share: days.filter(Number.isFinite).length / days.length,
  };
}
