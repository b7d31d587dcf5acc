import { qt } from 'lib-r-math.js';
import { type CivilDate, dayOfYear } from '#core/calendar';
import { differenceOfShares, type Measure, type Protocol } from '#core/sampling';

/** A count of one season: how, when, and what it came to. */
export interface SeasonCount {
  readonly on: CivilDate;
  readonly protocol: Protocol;
  readonly measure: Measure;
  /** The same tagged units every time: never compared with units picked afresh. */
  readonly tagged: boolean;
}

/** Counts further apart than this in the year stand at different stages (rule of thumb, grade C). */
export const SAME_STAGE_DAYS = 45;

/**
 * How far it moved: a mean or area as later over earlier, a share as later − earlier in points of 1,
 * each with its 95 % interval.
 */
export interface Move {
  readonly as: 'ratio' | 'points';
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

export type Change =
  | { readonly kind: 'fell' | 'rose' | 'no-change-shown'; readonly by: Move }
  /** One of the two found nothing; a ratio cannot be had. */
  | { readonly kind: 'gone' | 'appeared' | 'none-both-times' }
  /** One found nothing and too few were counted to call it a change. */
  | { readonly kind: 'no-change-shown-none' }
  | { readonly kind: 'not-comparable'; readonly why: 'protocol' | 'stage' };

/**
 * What changed between two counts of the same thing. The ratio of two means or areas is taken on
 * the logarithm with Welch's degrees of freedom; shares are compared by their difference. A change
 * is only claimed when the 95 % interval leaves out "none". Different protocols, or times of year
 * more than {@link SAME_STAGE_DAYS} days apart, are not compared.
 */
export function compareCounts(earlier: SeasonCount, later: SeasonCount): Change {
  if (earlier.protocol !== later.protocol || earlier.tagged !== later.tagged)
    return { kind: 'not-comparable', why: 'protocol' };
  if (daysApartInYear(earlier.on, later.on) > SAME_STAGE_DAYS)
    return { kind: 'not-comparable', why: 'stage' };
  const [before, after] = [earlier.measure, later.measure];
  if (before.value === 0 && after.value === 0) return { kind: 'none-both-times' };
  if (before.kind === 'share') return sharesMoved(before, after);
  if (before.logStandardError === null)
    return { kind: after.low > before.high ? 'appeared' : 'no-change-shown-none' };
  if (after.logStandardError === null)
    return { kind: after.high < before.low ? 'gone' : 'no-change-shown-none' };
  return ratioOfMeans(before, before.logStandardError, after, after.logStandardError);
}

function sharesMoved(before: Measure, after: Measure): Change {
  const by: Move = { as: 'points', ...differenceOfShares(before, after) };
  if (by.high < 0) return after.value === 0 ? { kind: 'gone' } : { kind: 'fell', by };
  if (by.low > 0) return before.value === 0 ? { kind: 'appeared' } : { kind: 'rose', by };
  return { kind: 'no-change-shown', by };
}

function ratioOfMeans(before: Measure, beforeError: number, after: Measure, afterError: number): Change {
  const variance = beforeError ** 2 + afterError ** 2;
  const freedom =
    variance ** 2 / (beforeError ** 4 / (before.units - 1) + afterError ** 4 / (after.units - 1));
  // Units that are all alike have no scatter: their ratio is as exact as it looks.
  const factor = variance === 0 ? 1 : Math.exp(qt(0.975, freedom) * Math.sqrt(variance));
  const value = after.value / before.value;
  const by: Move = { as: 'ratio', value, low: value / factor, high: value * factor };
  if (by.high < 1) return { kind: 'fell', by };
  return { kind: by.low > 1 ? 'rose' : 'no-change-shown', by };
}

function daysApartInYear(a: CivilDate, b: CivilDate): number {
  const apart = Math.abs(dayOfYear(a) - dayOfYear(b));
  return Math.min(apart, 365 - apart);
}
