import { qt } from 'lib-r-math.js';
import type { Estimate } from './interval.ts';

export const Z95 = 1.959964;

/** A share with its 95 % interval, and how far items that resemble each other widened it. */
export interface Share extends Estimate {
  readonly outOf: number;
  /**
   * How many items say as much as one picked by itself, at least 1: the design effect, and for few units the
   * square of Student's t over the normal's z.
   */
  readonly itemsALook: number;
}

/**
 * Wilson's 95 % interval for a share of `hits` in `outOf` (Wilson 1927, J. Am. Stat. Assoc.
 * 22:209). `outOf` may be an effective, broken number.
 * @throws RangeError unless 0 ≤ hits ≤ outOf and outOf > 0.
 */
export function wilson(hits: number, outOf: number): Estimate {
  if (!(outOf > 0 && hits >= 0 && hits <= outOf))
    throw new RangeError('a share needs 0 ≤ hits ≤ outOf and outOf > 0');
  const p = hits / outOf;
  const z2 = Z95 ** 2;
  const centre = (p + z2 / (2 * outOf)) / (1 + z2 / outOf);
  const half = (Z95 / (1 + z2 / outOf)) * Math.sqrt((p * (1 - p)) / outOf + z2 / (4 * outOf ** 2));
  return { value: p, low: Math.max(0, centre - half), high: Math.min(1, centre + half) };
}

/** Items of one unit that were looked at, and those of them with the sign. */
export interface ItemsOfUnit {
  readonly hits: number;
  readonly outOf: number;
}

/**
 * Share over units that each hold several items (holed covers among a twig's covers): the ratio of
 * the sums, with Wilson's interval at the effective number of items. The design effect is the
 * ratio estimator's variance between units over the binomial one (Cochran 1977), at least 1. It is itself
 * estimated from few units, so Student's t with one degree of freedom less than there are units stands in
 * place of the normal's z, also where the units happen to agree: that few are alike does not say that all
 * are. The items of a single unit count as one look.
 * Returns null when there are no items.
 */
export function clusteredShare(units: readonly ItemsOfUnit[]): Share | null {
  const { hits, outOf } = sumsOf(units);
  if (outOf === 0) return null;
  const designEffect = Math.max(1, unitsDiffer(units));
  const holding = units.filter((unit) => unit.outOf > 0).length;
  if (holding < 2) return { ...wilson(hits / outOf, 1), outOf, itemsALook: outOf };
  return widened(units, designEffect, holding - 1);
}

/**
 * How far the spurs of one tree resemble each other, as an intraclass correlation, before trees have told
 * (rule of thumb, grade C), and the degrees of freedom this guess stands for.
 */
const USUAL_LIKENESS = 0.2;
const GUESS_FREEDOM = 2;

/**
 * Share of spurs over trees that each gave several: trees are clusters from the first one on. The design
 * effect is the usual one for spurs of one tree, 1 + (spurs a tree − 1) · {@link USUAL_LIKENESS} (Kish 1965),
 * weighed by its degrees of freedom with what the trees tell, so that a count of one tree has a width too and
 * each tree more narrows it. Needs at least one spur.
 */
export function shareOverTrees(trees: readonly ItemsOfUnit[]): Share {
  const { outOf } = sumsOf(trees);
  const usual = 1 + (outOf / trees.length - 1) * USUAL_LIKENESS;
  const told = trees.length - 1;
  const freedom = told + GUESS_FREEDOM;
  const designEffect = Math.max(1, (told * unitsDiffer(trees) + GUESS_FREEDOM * usual) / freedom);
  return widened(trees, designEffect, freedom);
}

const sumsOf = (units: readonly ItemsOfUnit[]): ItemsOfUnit => ({
  hits: units.reduce((sum, { hits }) => sum + hits, 0),
  outOf: units.reduce((sum, { outOf }) => sum + outOf, 0),
});

function widened(units: readonly ItemsOfUnit[], designEffect: number, freedom: number): Share {
  const { hits, outOf } = sumsOf(units);
  const itemsALook = designEffect * (qt(0.975, freedom) / Z95) ** 2;
  return { ...wilson(hits / itemsALook, outOf / itemsALook), outOf, itemsALook };
}

/** The ratio estimator's variance between units over that of items picked one by one; 0 for one unit. */
function unitsDiffer(units: readonly ItemsOfUnit[]): number {
  const n = units.length;
  if (n < 2) return 0;
  const { hits, outOf } = sumsOf(units);
  const squares = units.reduce((sum, unit) => sum + (unit.hits - (hits / outOf) * unit.outOf) ** 2, 0);
  // Agresti and Coull's two added successes and failures keep it above 0 when all or none are hits.
  const p = (hits + 2) / (outOf + 4);
  return ((n / (n - 1)) * squares) / outOf / (p * (1 - p));
}
