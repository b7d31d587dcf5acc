const { ceil, floor, max, min } = Math;

/**
 * Quantile of a few equally likely members, `sorted` rising, at the expected rank p·(n + 1)
 * (Weibull 1939), held to the outermost members. With few members this covers what it claims,
 * where the usual sample quantile is too narrow.
 */
export function ensembleQuantile(sorted: readonly number[], p: number): number {
  const rank = min(sorted.length, max(1, p * (sorted.length + 1)));
  const below = sorted[floor(rank) - 1]!;
  const above = sorted[ceil(rank) - 1]!;
  if (below === above || Number.isInteger(rank)) return below;
  return below + (rank - floor(rank)) * (above - below);
}
