import { ensembleQuantile } from './quantile.ts';

export interface SpreadPoint {
  readonly low: number;
  readonly median: number;
  readonly high: number;
}

/** For each day of the season, the 10th, 50th and 90th percentile over past seasons' heat sums, °C·days. */
export function pastSpread(pastSums: readonly ArrayLike<number>[], days: number): SpreadPoint[] {
  return Array.from({ length: days }, (_, i) => {
    const values = pastSums.map((sums) => sums[Math.min(i, sums.length - 1)]!).sort((a, b) => a - b);
    return {
      low: ensembleQuantile(values, 0.1),
      median: ensembleQuantile(values, 0.5),
      high: ensembleQuantile(values, 0.9),
    };
  });
}
