import { randomLcg } from 'd3-random';

const { abs, floor, min } = Math;

/** So many are enough for a twentieth to be told from chance; always the same ones, for the same answer. */
const SHUFFLES = 399;
/** What is larger than this many of them is larger than in all but a twentieth, itself among them. */
const RANK = 380;
const SEED = 0.5;

/** What a mean and its scatter follow from: how many values, their sum, the sum of their squares. */
export interface Moments {
  readonly n: number;
  readonly sum: number;
  readonly squares: number;
}

/** A difference against its own standard error. */
export interface Studentised {
  readonly difference: number;
  readonly error: number;
}

export type Statistic = (before: Moments, after: Moments) => Studentised;

export function momentsOf(values: ArrayLike<number>): Moments {
  let sum = 0,
    squares = 0;
  for (let i = 0; i < values.length; i++) {
    sum += values[i]!;
    squares += values[i]! ** 2;
  }
  return { n: values.length, sum, squares };
}

/**
 * The size that the studentised difference of two groups exceeds in one of twenty ways of dealing the same
 * values out to them at random: what it takes to claim that the groups differ, whatever the values' spread.
 * Unlike Student's t it holds for a few crowded twigs among many empty ones (Janssen 1997, Stat. Probab.
 * Lett. 36:9). The order of values and of groups changes nothing.
 */
export function criticalOfGroups(
  before: readonly number[],
  after: readonly number[],
  statistic: Statistic,
): number {
  const all = Float64Array.from([...before, ...after]).sort();
  const whole = momentsOf(all);
  const size = min(before.length, after.length);
  const draw = randomLcg(SEED);
  return critical(() => {
    for (let i = 0; i < size; i++) {
      const j = i + floor(draw() * (all.length - i));
      [all[i], all[j]] = [all[j]!, all[i]!];
    }
    const smaller = momentsOf(all.subarray(0, size));
    return statistic(smaller, {
      n: whole.n - size,
      sum: whole.sum - smaller.sum,
      squares: whole.squares - smaller.squares,
    });
  });
}

/** The same for pairs: each pair's two values change places, or not, at random. */
export function criticalOfPairs(
  before: readonly number[],
  after: readonly number[],
  statistic: Statistic,
): number {
  const [a, b] = [Float64Array.from(before), Float64Array.from(after)];
  const draw = randomLcg(SEED);
  return critical(() => {
    for (let i = 0; i < a.length; i++) if (draw() < 0.5) [a[i], b[i]] = [b[i]!, a[i]!];
    return statistic(momentsOf(a), momentsOf(b));
  });
}

function critical(shuffled: () => Studentised): number {
  const sizes = Float64Array.from({ length: SHUFFLES }, () => {
    const { difference, error } = shuffled();
    return abs(difference) / error;
  }).sort();
  return sizes[RANK - 1]!;
}
