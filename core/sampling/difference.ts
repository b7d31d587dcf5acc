import type { Estimate } from './interval.ts';

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
