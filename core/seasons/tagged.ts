import { qt } from 'lib-r-math.js';
import { mean } from 'simple-statistics';
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

/** Added to every sum so that none has a logarithm (Anscombe's half). */
const HALF = 0.5;

/** Counts above this say little more of their tag: it lets no single crowded twig decide (grade C). */
const CROWDED = 10;

/**
 * What a treatment did, from tagged units counted before and after of which some were left alone: Henderson and
 * Tilton's share (1955) of the two groups' sums, in which crowded tags weigh less than their numbers (by the count
 * before, so that the weight knows nothing of what came after). The 95 % interval is Welch's on the logarithm, by
 * the scatter of the tags round their group's ratio (Cochran 1977, Sampling Techniques, ch. 6). Tags that happen to
 * agree are no certainty: a ratio varies at least as that of two sums counted by chance. Tags on one plant show
 * what the treatment did on that plant.
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
  const difference = a.log - b.log;
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

function logRatioOf(pairs: readonly TaggedPair[]): { log: number; squaredError: number } {
  const n = pairs.length;
  const raw = pairs.map(({ before }) => 1 / (1 + before / CROWDED));
  const usual = mean(raw);
  const weighed = pairs.map(({ before, after }, i) => ({ before, after, weight: raw[i]! / usual }));
  const sum = (part: (pair: (typeof weighed)[number]) => number) =>
    weighed.reduce((so, pair) => so + part(pair), 0);
  const before = sum((pair) => pair.weight * pair.before) + HALF;
  const after = sum((pair) => pair.weight * pair.after) + HALF;
  const ratio = after / before;
  const scatter =
    (sum((pair) => (pair.weight * (pair.after - ratio * pair.before)) ** 2) * n) / (n - 1) / after ** 2;
  const byChance =
    (sum((pair) => pair.weight ** 2 * pair.after) + HALF) / after ** 2 +
    (sum((pair) => pair.weight ** 2 * pair.before) + HALF) / before ** 2;
  return { log: Math.log(ratio), squaredError: Math.max(scatter, byChance) };
}
