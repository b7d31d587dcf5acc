import { qt } from 'lib-r-math.js';
import type { Estimate } from './interval.ts';

const Z95 = 1.959964;

/** A share with its 95 % interval, and how far units that resemble each other widened it. */
export interface Share extends Estimate {
  readonly outOf: number;
  /** Variance over that of independent draws, at least 1. */
  readonly designEffect: number;
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

/**
 * Share over units that each hold several items (holed covers among a twig's covers): the ratio of
 * the sums, with Wilson's interval at the effective number of items. The design effect is the
 * ratio estimator's variance between units over the binomial one (Cochran 1977), at least 1. It is itself
 * estimated from few units, so Student's t with one degree of freedom less than there are units stands in
 * place of the normal's z, also where the units happen to agree: that few are alike does not say that all
 * are. The items of a single unit count as one look.
 * Returns null when there are no items.
 */
export function clusteredShare(
  units: readonly { readonly hits: number; readonly outOf: number }[],
): Share | null {
  const outOf = units.reduce((sum, unit) => sum + unit.outOf, 0);
  if (outOf === 0) return null;
  const hits = units.reduce((sum, unit) => sum + unit.hits, 0);
  const designEffect = Math.max(1, ratioVariance(units, hits / outOf, outOf) / binomialVariance(hits, outOf));
  const holding = units.filter((unit) => unit.outOf > 0).length;
  const owned = holding > 1 ? designEffect * (qt(0.975, holding - 1) / Z95) ** 2 : outOf;
  return { ...wilson(hits / owned, outOf / owned), outOf, designEffect };
}

function ratioVariance(
  units: readonly { hits: number; outOf: number }[],
  share: number,
  outOf: number,
): number {
  const n = units.length;
  if (n < 2) return 0;
  return (
    ((n / (n - 1)) * units.reduce((sum, unit) => sum + (unit.hits - share * unit.outOf) ** 2, 0)) / outOf ** 2
  );
}

/** Agresti and Coull's two added successes and failures keep it above 0 when all or none are hits. */
function binomialVariance(hits: number, outOf: number): number {
  const p = (hits + 2) / (outOf + 4);
  return (p * (1 - p)) / outOf;
}
