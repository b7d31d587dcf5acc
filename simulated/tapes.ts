import { randomLcg } from 'd3-random';
import { type EmergenceCurve, shareOut, tapeCount } from '#core/emergence';

/** How a simulated garden hatches. */
export interface HatchCurve extends EmergenceCurve {
  /** Crawlers one tape would catch over the whole hatch. */
  readonly totalPerTape: number;
}

/**
 * What a tape would hold after standing between two sums of heat: the share hatched between,
 * drawn from a negative binomial whose variance is `overdispersion` times its mean. Whole number.
 */
export function simulateTapeCount(
  fromCd: number,
  toCd: number,
  curve: HatchCurve,
  overdispersion: number,
  seed: number,
): number {
  const expected = curve.totalPerTape * (shareOut(toCd, curve) - shareOut(fromCd, curve));
  return tapeCount(expected, overdispersion, randomLcg(farApart(seed)));
}

/**
 * Seeds that follow each other begin a linear congruential generator almost alike, so that the tapes of a season
 * would all catch much or all little: they are spread over all seeds first (the finaliser of MurmurHash3).
 */
function farApart(seed: number): number {
  const once = Math.imul(seed ^ (seed >>> 16), 0x85ebca6b);
  const twice = Math.imul(once ^ (once >>> 13), 0xc2b2ae35);
  return (twice ^ (twice >>> 16)) >>> 0;
}
