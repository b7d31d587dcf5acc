import type { Estimate } from './fit.ts';

/**
 * One opinion on a point of the emergence: its heat and how sure it is of it, as a standard deviation.
 * °C·days.
 */
export interface Opinion {
  readonly valueCd: number;
  readonly spreadCd: number;
}

/** A published figure's spread from garden to garden, as a share of it (grade C). */
export const BOOK_SPREAD = 0.15;
/** How far one season of a garden lies from the next, as a share (grade C). */
export const SEASON_SPREAD = 0.05;

/** 80 % of a normal distribution lie within this many standard deviations. */
const Z80 = 1.2816;

export interface Blend extends Opinion {
  /** How much of it is the garden's own, 0–1. */
  readonly gardenShare: number;
  readonly lowCd: number;
  readonly highCd: number;
}

/** A published point as an opinion. */
export function bookOpinion(publishedCd: number): Opinion {
  return { valueCd: publishedCd, spreadCd: BOOK_SPREAD * publishedCd };
}

/**
 * A season's fitted point as an opinion on coming seasons; null while its interval is open. An
 * interval cut off on one side weighs by the other.
 */
export function seasonOpinion({ valueCd, lowCd, highCd }: Estimate): Opinion | null {
  if (lowCd === null || highCd === null) return null;
  return { valueCd, spreadCd: Math.hypot((highCd - lowCd) / (2 * Z80), SEASON_SPREAD * valueCd) };
}

/**
 * Blends the book with a garden's seasons, like with like: each weighs by the inverse of its
 * variance, so a few tapes nudge and a few whole seasons own it. Without any opinion, null.
 */
export function blend(book: Opinion | null, seasons: readonly Opinion[]): Blend | null {
  const all = book ? [book, ...seasons] : [...seasons];
  if (all.length === 0) return null;
  const weight = ({ spreadCd }: Opinion) => 1 / spreadCd ** 2;
  const whole = all.reduce((sum, opinion) => sum + weight(opinion), 0);
  const valueCd = all.reduce((sum, opinion) => sum + weight(opinion) * opinion.valueCd, 0) / whole;
  const spreadCd = Math.sqrt(1 / whole);
  return {
    valueCd,
    spreadCd,
    gardenShare: book ? 1 - weight(book) / whole : 1,
    lowCd: valueCd - Z80 * spreadCd,
    highCd: valueCd + Z80 * spreadCd,
  };
}
