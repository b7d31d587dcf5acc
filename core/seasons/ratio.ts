import { qt } from 'lib-r-math.js';
import { JUDGED_LOG_DEVIATION, type MeasureKind } from '#core/sampling';
import {
  criticalOfGroups,
  criticalOfPairs,
  type Moments,
  momentsOf,
  type Statistic,
  type Studentised,
} from './critical.ts';

const { log, max, sqrt } = Math;

/** Later over earlier, with its 95 % interval; all above 0. */
export interface Ratio {
  /** With half a one added to either sum, so that none found has a ratio too. */
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** Added to every sum so that none found has a logarithm (Anscombe's half). */
const HALF = 0.5;

/** So that a difference just as large as its critical size is not claimed for a rounding error. */
const HAIR = 1 + 1e-9;

/**
 * Ratio of two means of units picked afresh each time, at least 2 of either. The interval is symmetric on the
 * logarithm; its width is the standard error from the units' own scatter times the larger of two critical
 * values: the one by shuffling (see {@link criticalOfGroups}), and Student's t, since few values that agree
 * do not say that all do.
 */
export function ratioOfGroups(kind: MeasureKind, before: readonly number[], after: readonly number[]): Ratio {
  const statistic: Statistic = (a, b) => ({
    difference: log(meanOf(b) / meanOf(a)),
    error: sqrt(squaredErrorOf(kind, a) + squaredErrorOf(kind, b)),
  });
  const critical = max(
    criticalOfGroups(before, after, statistic),
    qt(0.975, before.length + after.length - 2),
  );
  return around(statistic(momentsOf(before), momentsOf(after)), critical);
}

/**
 * Ratio of two means of the same units counted twice, at least 2 of them; `before[i]` and `after[i]` are one
 * unit's. What sets the units apart for good falls out. As {@link ratioOfGroups}, by changing places within
 * pairs: with fewer than six of them nothing can be claimed.
 */
export function ratioOfPairs(kind: MeasureKind, before: readonly number[], after: readonly number[]): Ratio {
  // Changing places leaves the products of pairs as they are.
  const products = before.reduce((sum, value, i) => sum + value * after[i]!, 0);
  const statistic: Statistic = (a, b) => {
    const [first, second] = [meanOf(a), meanOf(b)];
    const squares = b.squares / second ** 2 - (2 * products) / (first * second) + a.squares / first ** 2;
    return {
      difference: log(second / first),
      error: sqrt(max(squares / (a.n - 1) / a.n, leastSquaredError(kind, a) + leastSquaredError(kind, b))),
    };
  };
  const critical = max(criticalOfPairs(before, after, statistic), qt(0.975, before.length - 1));
  return around(statistic(momentsOf(before), momentsOf(after)), critical);
}

function around({ difference, error }: Studentised, critical: number): Ratio {
  const half = critical * HAIR * error;
  return {
    value: Math.exp(difference),
    low: Math.exp(difference - half),
    high: Math.exp(difference + half),
  };
}

const meanOf = ({ n, sum }: Moments): number => (sum + HALF) / n;

/** Of the logarithm of a mean. */
function squaredErrorOf(kind: MeasureKind, moments: Moments): number {
  const { n, sum, squares } = moments;
  const variance = (squares - sum ** 2 / n) / (n - 1);
  return max(variance / (n * meanOf(moments) ** 2), leastSquaredError(kind, moments));
}

/** Less than this it cannot be: counting by chance alone, there or not, and judging an area by eye. */
function leastSquaredError(kind: MeasureKind, { n, sum }: Moments): number {
  if (kind === 'mean') return 1 / (sum + HALF);
  if (kind === 'area') return JUDGED_LOG_DEVIATION ** 2 / n;
  const share = (sum + HALF) / (n + 2 * HALF);
  return (1 - share) / (n * share);
}
