/** Median milliseconds of many runs, after some that are not counted. */
export function medianTime(run: () => unknown, runs: number, warmUp = 1): number {
  for (let i = 0; i < warmUp; i++) run();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)]!;
}
