import { qt } from 'lib-r-math.js';
import { mean, sampleVariance } from 'simple-statistics';

/** Low and high of one day in a place and at the station it leans on, °C. */
export interface OffsetPair {
  readonly placeMinC: number;
  readonly placeMaxC: number;
  readonly stationMinC: number;
  readonly stationMaxC: number;
}

/** An offset with the half width of its 95 % interval, °C. */
export interface LearnedOffset {
  readonly offsetC: number;
  readonly giveOrTakeC: number;
}

export const FEWEST_OFFSET_PAIRS = 3;

/**
 * How much warmer a place is than its station, by night and by day: the mean difference of paired
 * readings, with the interval by Student's t. Null with fewer than {@link FEWEST_OFFSET_PAIRS} pairs.
 */
export function learnOffset(pairs: readonly OffsetPair[]): { min: LearnedOffset; max: LearnedOffset } | null {
  if (pairs.length < FEWEST_OFFSET_PAIRS) return null;
  return {
    min: offsetOf(pairs.map((pair) => pair.placeMinC - pair.stationMinC)),
    max: offsetOf(pairs.map((pair) => pair.placeMaxC - pair.stationMaxC)),
  };
}

function offsetOf(differences: number[]): LearnedOffset {
  const n = differences.length;
  return {
    offsetC: mean(differences),
    giveOrTakeC: qt(0.975, n - 1) * Math.sqrt(sampleVariance(differences) / n),
  };
}
