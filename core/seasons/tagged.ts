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
 * the logarithm. Tags that happen to agree are no certainty: their ratio varies at least as that of two sums
 * counted by chance. Tags on one plant show what the treatment did on that plant.
 * Returns null with fewer than 2 treated or 2 untouched tags.
 */
export function taggedEffect(pairs: readonly TaggedPair[]): TaggedEffect | null {
  const [treated, untouched] = [false, true].map((alone) => pairs.filter((pair) => pair.untouched === alone));
  if (treated!.length < 2 || untouched!.length < 2) return null;
  const [a, b] = [logRatioOf(treated!), logRatioOf(untouched!)];
  const variance = a.squaredError + b.squaredError;
  const freedom =
    variance ** 2 /
    (a.squaredError ** 2 / (treated!.length - 1) + b.squaredError ** 2 / (untouched!.length - 1));
  const difference = a.mean - b.mean;
  const half = qt(0.975, freedom) * Math.sqrt(variance);
  return {
    treated: treated!.length,
    untouched: untouched!.length,
    takenAway: {
      value: 1 - Math.exp(difference),
      low: 1 - Math.exp(difference + half),
      high: 1 - Math.exp(difference - half),
    },
  };
}

function logRatioOf(pairs: readonly TaggedPair[]): { mean: number; squaredError: number } {
  const ratios = pairs.map(({ before, after }) => Math.log((after + HALF) / (before + HALF)));
  const sum = (counted: (pair: TaggedPair) => number) => pairs.reduce((so, pair) => so + counted(pair), HALF);
  const byChance = 1 / sum(({ before }) => before) + 1 / sum(({ after }) => after);
  return { mean: mean(ratios), squaredError: Math.max(sampleVariance(ratios) / pairs.length, byChance) };
}
