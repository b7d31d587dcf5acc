import { mean, sampleVariance } from 'simple-statistics';
import type { Estimate } from './interval.ts';
import { t95For } from './spread.ts';

/** A mean count with what is needed to compare it with another. */
export interface MeanCount extends Estimate {
  readonly units: number;
  /** Standard error of the natural logarithm of the mean; null when nothing was counted. */
  readonly logStandardError: number | null;
}

/**
 * Mean count per unit with a 95 % interval that allows for clumping. The interval is symmetric on
 * the logarithm (counts are skewed), its width from the units' own scatter, never less than a
 * Poisson count would have, with Student's t for few units. When nothing was counted the upper
 * bound is Poisson's exact −ln(0.025) over the units; clumped pests may exceed it.
 * @throws RangeError for fewer than 2 units or a count that is not a whole number from 0.
 */
export function meanCount(counts: readonly number[]): MeanCount {
  if (counts.length < 2) throw new RangeError('a mean with an interval needs at least 2 units');
  if (!counts.every((count) => Number.isInteger(count) && count >= 0)) {
    throw new RangeError('counts are whole numbers from 0');
  }
  const units = counts.length;
  const value = mean([...counts]);
  if (value === 0) return { value, low: 0, high: -Math.log(0.025) / units, units, logStandardError: null };
  const variance = Math.max(value, sampleVariance([...counts]));
  const logStandardError = Math.sqrt(variance / units) / value;
  const factor = Math.exp(t95For(counts) * logStandardError);
  return { value, low: value / factor, high: value * factor, units, logStandardError };
}
