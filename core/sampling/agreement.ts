import { mean, variance } from 'simple-statistics';

export interface GuessedAgainstTrue {
  readonly truth: number;
  readonly guess: number;
}

export interface Agreement {
  readonly pairs: number;
  /** Mean of guess − truth: above 0, the eye sees too much. */
  readonly bias: number;
  /** Standard deviation of guess − truth. */
  readonly spread: number;
  /** Lin's concordance, −1 to 1; null when truth and guesses do not vary. */
  readonly concordance: number | null;
  /** Share of guesses that are whole fives or tens. */
  readonly roundShare: number;
}

/**
 * How well an eye agrees with the truth. Lin's concordance is
 * 2·s_xy / (s_x² + s_y² + (mean x − mean y)²), with variances over n (Lin 1989, Biometrics 45:255).
 * @throws RangeError for fewer than 2 pairs.
 */
export function agreement(pairs: readonly GuessedAgainstTrue[]): Agreement {
  if (pairs.length < 2) throw new RangeError('agreement needs at least 2 pairs');
  const truths = pairs.map(({ truth }) => truth),
    guesses = pairs.map(({ guess }) => guess);
  const [meanTruth, meanGuess] = [mean(truths), mean(guesses)];
  const differences = pairs.map(({ truth, guess }) => guess - truth);
  const covariance = mean(pairs.map(({ truth, guess }) => (truth - meanTruth) * (guess - meanGuess)));
  const below = variance(truths) + variance(guesses) + (meanTruth - meanGuess) ** 2;
  return {
    pairs: pairs.length,
    bias: mean(differences),
    spread: Math.sqrt((variance(differences) * pairs.length) / (pairs.length - 1)),
    concordance: below === 0 ? null : (2 * covariance) / below,
    roundShare: guesses.filter((guess) => guess > 0 && guess % 5 === 0).length / pairs.length,
  };
}
