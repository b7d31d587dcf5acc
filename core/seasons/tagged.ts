import { qt } from 'lib-r-math.js';
import { mean, sampleVariance } from 'simple-statistics';
import type { Estimate } from '#core/sampling';

/** One tagged leaf or twig counted twice. */
export interface TaggedPair {
  readonly before: number;
  readonly after: number;
  /** Left alone, as the comparison. */
  readonly untouched: boolean;
}

export interface TaggedEffect {
  readonly treated: number;
  readonly untouched: number;
  /**
   * Share taken away by the treatment, beyond what happened on the untouched; at most 1, negative when
   * it did worse.
   */
  readonly takenAway: Estimate;
}

/** Added to every count so that none has a logarithm (Anscombe's half). */
const HALF = 0.5;

/**
 * What a treatment did, from tagged units counted before and after of which some were left alone:
 * Henderson and Tilton's share (1955) with the ratio taken tag by tag, and Welch's 95 % interval on
 * the logarithm. Tags on one plant show what the treatment did on that plant.
 * Returns null with fewer than 2 treated or 2 untouched tags.
 */
export function taggedEffect(pairs: readonly TaggedPair[]): TaggedEffect | null {
  const logRatios = (untouched: boolean) =>
    pairs
      .filter((pair) => pair.untouched === untouched)
      .map(({ before, after }) => Math.log((after + HALF) / (before + HALF)));
  const [treated, untouched] = [logRatios(false), logRatios(true)];
  if (treated.length < 2 || untouched.length < 2) return null;
  const difference = mean(treated) - mean(untouched);
  const errors = [treated, untouched].map((ratios) => ({
    squared: sampleVariance(ratios) / ratios.length,
    freedom: ratios.length - 1,
  }));
  const variance = errors.reduce((sum, { squared }) => sum + squared, 0);
  const half =
    variance === 0
      ? 0
      : qt(
          0.975,
          variance ** 2 / errors.reduce((sum, { squared, freedom }) => sum + squared ** 2 / freedom, 0),
        ) * Math.sqrt(variance);
  return {
    treated: treated.length,
    untouched: untouched.length,
    takenAway: {
      value: 1 - Math.exp(difference),
      low: 1 - Math.exp(difference + half),
      high: 1 - Math.exp(difference - half),
    },
  };
}
