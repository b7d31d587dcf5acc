import { qt } from 'lib-r-math.js';
import type { Estimate } from './interval.ts';
import type { Measure } from './summarise.ts';

/**
 * Difference of two independent shares, later − earlier (−1 to 1), with Newcombe's 95 % hybrid
 * score interval (Newcombe 1998, Stat. Med. 17:873, method 10) from each share's own Wilson interval.
 */
export function differenceOfShares(earlier: Estimate, later: Estimate): Estimate {
  const value = later.value - earlier.value;
  return {
    value,
    low: value - Math.hypot(later.value - later.low, earlier.high - earlier.value),
    high: value + Math.hypot(later.high - later.value, earlier.value - earlier.low),
  };
}

/**
 * Difference of two means or areas, later − earlier, with Welch's 95 % interval; a mean of none has no
 * scatter and lends its upper bound.
 */
export function differenceOfMeans(earlier: Measure, later: Measure): Estimate {
  const value = later.value - earlier.value;
  const parts = [earlier, later].map((measure) => ({
    error:
      measure.logStandardError === null
        ? measure.high / qt(0.975, measure.units - 1)
        : measure.logStandardError * measure.value,
    freedom: measure.units - 1,
  }));
  const variance = parts.reduce((sum, { error }) => sum + error ** 2, 0);
  const freedom = variance ** 2 / parts.reduce((sum, part) => sum + part.error ** 4 / part.freedom, 0);
  const half = qt(0.975, freedom) * Math.sqrt(variance);
  return { value, low: value - half, high: value + half };
}
