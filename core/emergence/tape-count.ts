import { randomGamma, randomPoisson } from 'd3-random';

/**
 * A count of crawlers on a tape that should hold `expected`: negative binomial, its variance `overdispersion` times
 * its mean (above 1), drawn from a source of numbers between 0 and 1. Whole number.
 */
export function tapeCount(expected: number, overdispersion: number, source: () => number): number {
  if (expected <= 0.05) return 0;
  const excess = overdispersion - 1;
  const mean = randomGamma.source(source)(expected / excess, excess)();
  return randomPoisson.source(source)(mean)();
}
