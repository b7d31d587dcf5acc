import { qt } from 'lib-r-math.js';
import { wilson, Z95 } from './share.ts';
import type { Measure } from './summarise.ts';

/** More than this nobody counts; it is said instead. */
const MOST_UNITS = 2000;

/** How many units more it would take; `beyond` when no sensible number does it. */
export type MoreUnits =
  | { readonly kind: 'enough' }
  | { readonly kind: 'more'; readonly units: number }
  | { readonly kind: 'beyond' };

/**
 * Units still to count, like those counted, until the 95 % interval's half width is at most
 * `precision` of the value (for a mean or area), or `precision` itself (for a share, 0–1).
 * Scatter is taken as seen so far, so the answer is itself rough.
 */
export function unitsForPrecision(measure: Measure, precision: number): MoreUnits {
  if (measure.kind === 'share') {
    const halfWidth = (n: number) => {
      const { low, high } = wilson((measure.value * n) / measure.itemsALook, n / measure.itemsALook);
      return (high - low) / 2;
    };
    return firstThatDoes(measure.units, (n) => halfWidth(n) <= precision);
  }
  if (measure.logStandardError === null) return { kind: 'beyond' };
  const perUnit = measure.logStandardError * Math.sqrt(measure.units);
  return firstThatDoes(
    measure.units,
    (n) => qt(0.975, n - 1) * (perUnit / Math.sqrt(n)) <= Math.log(1 + precision),
  );
}

/**
 * Units still to count until the interval would lie on one side of `threshold`, if what was seen so far
 * is the truth.
 */
export function unitsToDecide(measure: Measure, threshold: number): MoreUnits {
  if (measure.low > threshold || measure.high < threshold) return { kind: 'enough' };
  if (measure.value === threshold) return { kind: 'beyond' };
  if (measure.kind === 'share') {
    return firstThatDoes(measure.units, (n) => {
      const { low, high } = wilson((measure.value * n) / measure.itemsALook, n / measure.itemsALook);
      return low > threshold || high < threshold;
    });
  }
  if (measure.logStandardError === null || threshold <= 0) return { kind: 'beyond' };
  const perUnit = measure.logStandardError * Math.sqrt(measure.units);
  const needed = Math.ceil(((Z95 * perUnit) / Math.log(measure.value / threshold)) ** 2);
  return firstThatDoes(measure.units, (n) => n >= needed);
}

function firstThatDoes(from: number, does: (units: number) => boolean): MoreUnits {
  if (does(from)) return { kind: 'enough' };
  for (let n = from + 1; n <= MOST_UNITS; n++) if (does(n)) return { kind: 'more', units: n - from };
  return { kind: 'beyond' };
}
