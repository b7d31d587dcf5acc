import { randomGamma, randomLcg, randomPoisson } from 'd3-random';
import { type EmergenceCurve, shareOut } from '#core/emergence';

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
  if (expected <= 0.05) return 0;
  const source = randomLcg(seed);
  const excess = overdispersion - 1;
  const mean = randomGamma.source(source)(expected / excess, excess)();
  return randomPoisson.source(source)(mean)();
}
