import { qt } from 'lib-r-math.js';
import { mean, sampleVariance } from 'simple-statistics';

/**
 * Student's t for 95 %, with the degrees of freedom a variance estimated from these values really
 * has: 2 / (g/n + 2/(n − 1)), g the values' excess kurtosis, at least 0. A few large values among
 * many small ones say little about the variance, and the interval must own up to that. At least 1.
 */
export function t95For(values: readonly number[]): number {
  const n = values.length;
  const centre = mean([...values]);
  const square = sampleVariance([...values]) * ((n - 1) / n);
  if (square === 0) return qt(0.975, n - 1);
  const fourth = values.reduce((sum, value) => sum + (value - centre) ** 4, 0) / n;
  const excess = Math.max(0, fourth / square ** 2 - 3);
  return qt(0.975, Math.max(1, 2 / (excess / n + 2 / (n - 1))));
}
