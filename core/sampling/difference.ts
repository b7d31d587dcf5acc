import { qt } from 'lib-r-math.js';
import type { Estimate } from './interval.ts';
import { type ItemsOfUnit, wilson, Z95 } from './share.ts';

/**
 * Difference of two independent shares, later − earlier (−1 to 1), with Newcombe's 95 % hybrid
 * score interval (Newcombe 1998, Stat. Med. 17:873, method 10) from each share's own Wilson interval.
 */
export function differenceOfShares(earlier: Estimate, later: Estimate): Estimate {
  return hybrid(earlier, later, 0);
}

/** One unit looked at twice: whether it had the sign the first and the second time. */
export interface LookedAtTwice {
  readonly before: boolean;
  readonly after: boolean;
}

/**
 * Difference of the shares of the same units looked at twice, with Newcombe's interval for pairs (Newcombe
 * 1998, Stat. Med. 17:2635, method 10): as {@link differenceOfShares}, narrower the more units kept what they
 * had. Needs at least one unit.
 */
export function differenceOfPairs(units: readonly LookedAtTwice[]): Estimate {
  const n = units.length;
  const both = units.filter(({ before, after }) => before && after).length;
  const before = units.filter((unit) => unit.before).length;
  const after = units.filter((unit) => unit.after).length;
  return hybrid(wilson(before, n), wilson(after, n), likenessOf(n, both, before, after));
}

/** Correlation of the two looks, held back by half the units where they agree, as Newcombe has it. */
function likenessOf(n: number, both: number, before: number, after: number): number {
  const under = before * (n - before) * after * (n - after);
  if (under === 0) return 0;
  const agreement = both * (n - before - after + both) - (before - both) * (after - both);
  const heldBack = agreement > n / 2 ? agreement - n / 2 : Math.min(agreement, 0);
  return heldBack / Math.sqrt(under);
}

function hybrid(earlier: Estimate, later: Estimate, likeness: number): Estimate {
  const value = later.value - earlier.value;
  const reach = (a: number, b: number) => Math.sqrt(a ** 2 - 2 * likeness * a * b + b ** 2);
  return {
    value,
    low: value - reach(later.value - later.low, earlier.high - earlier.value),
    high: value + reach(later.high - later.value, earlier.value - earlier.low),
  };
}

/** What one tree gave at two counts. */
export interface TreeTwice {
  readonly before: ItemsOfUnit;
  readonly after: ItemsOfUnit;
}

/**
 * Difference of two shares over the same trees, tree against tree, so that what sets trees apart for good falls
 * out: the difference of the two ratio estimators with the variance of their residuals tree by tree (Cochran
 * 1977) and Student's t with one degree of freedom less than there are trees, never narrower than spurs picked
 * by themselves would leave it.
 * @throws RangeError for fewer than 2 trees.
 */
export function differenceOverTrees(trees: readonly TreeTwice[]): Estimate {
  const n = trees.length;
  if (n < 2) throw new RangeError('trees are compared from two on');
  const [before, after] = [trees.map((tree) => tree.before), trees.map((tree) => tree.after)].map(shareOf);
  const squares = trees.reduce(
    (sum, tree) => sum + (residual(tree.after, after!) - residual(tree.before, before!)) ** 2,
    0,
  );
  const half = Math.max(
    qt(0.975, n - 1) * Math.sqrt((n / (n - 1)) * squares),
    Z95 * Math.sqrt(chanceOf(before!) + chanceOf(after!)),
  );
  const value = after!.share - before!.share;
  return { value, low: Math.max(-1, value - half), high: Math.min(1, value + half) };
}

interface ShareOfAll {
  readonly share: number;
  readonly outOf: number;
}

function shareOf(units: readonly ItemsOfUnit[]): ShareOfAll {
  const outOf = units.reduce((sum, unit) => sum + unit.outOf, 0);
  return { share: units.reduce((sum, { hits }) => sum + hits, 0) / outOf, outOf };
}

const residual = ({ hits, outOf }: ItemsOfUnit, all: ShareOfAll): number =>
  (hits - all.share * outOf) / all.outOf;

/** Variance of a share of items picked by themselves, with two successes and two failures added. */
function chanceOf({ share, outOf }: ShareOfAll): number {
  const p = (share * outOf + 2) / (outOf + 4);
  return (p * (1 - p)) / outOf;
}
