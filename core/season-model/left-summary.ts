import { quantileSorted } from 'simple-statistics';

/** What is left over all draws, of 100 left alone: the middle, the ends that hold eight in ten, and the mean. */
export interface LeftSummary {
  readonly median: number;
  readonly low: number;
  readonly high: number;
  readonly mean: number;
}

/** Of at least one draw. */
export function summariseLeft(left: ArrayLike<number>): LeftSummary {
  const sorted = Float64Array.from(left).sort();
  const at = (share: number) => quantileSorted(sorted as unknown as number[], share);
  return {
    median: at(0.5),
    low: at(0.1),
    high: at(0.9),
    mean: sorted.reduce((sum, value) => sum + value, 0) / sorted.length,
  };
}
