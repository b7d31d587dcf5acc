import { mean, sampleVariance } from 'simple-statistics';
import type { MeanCount } from './mean-count.ts';
import { wilson } from './share.ts';
import { t95For } from './spread.ts';

/**
 * Part of a leaf that the faintest overlooked spots are taken to cover, in per cent (rule of thumb,
 * grade C).
 */
const OVERLOOKED_PERCENT = 2;

/**
 * Standard deviation of the logarithm of one leaf's area as it is judged: pictures of a key that each show
 * twice the last leave half a doubling open either way (a flat spread over ln 2; the key's steps are a rule
 * of thumb, grade C).
 */
export const JUDGED_LOG_DEVIATION = Math.LN2 / Math.sqrt(12);

/**
 * Mean share of leaf area affected, in per cent (0–100), with a 95 % interval. Shares of area are
 * not binomial: the interval comes from the leaves' own scatter, never less than that of judging them,
 * symmetric on the logarithm, with Student's t. When no leaf showed anything the upper bound is Wilson's
 * for the share of leaves, each taken to hide {@link OVERLOOKED_PERCENT} %.
 * @throws RangeError for fewer than 2 leaves or a share outside 0–100.
 */
export function meanArea(percents: readonly number[]): MeanCount {
  if (percents.length < 2) throw new RangeError('a mean with an interval needs at least 2 leaves');
  if (!percents.every((percent) => percent >= 0 && percent <= 100))
    throw new RangeError('shares of area lie between 0 and 100 %');
  const units = percents.length;
  const value = mean([...percents]);
  if (value === 0)
    return { value, low: 0, high: wilson(0, units).high * OVERLOOKED_PERCENT, units, logStandardError: null };
  const scatter = Math.max(Math.sqrt(sampleVariance([...percents])) / value, JUDGED_LOG_DEVIATION);
  const logStandardError = scatter / Math.sqrt(units);
  const factor = Math.exp(t95For(percents) * logStandardError);
  return { value, low: value / factor, high: Math.min(100, value * factor), units, logStandardError };
}
