import { type LabelLine, rateIsPer } from '#core/materials';
import type { Spoon } from '#core/units';
import { measurePart, type PartMeasure } from './measure-part.ts';

/** A trunk as measured: which way round always has to be said, for one is 3.14 times the other. */
export interface TrunkMeasure {
  readonly measured: 'diameter' | 'circumference';
  readonly cm: number;
  /** Height on the trunk it was measured at, m. */
  readonly atHeightM: number;
}

export interface DrenchPlan {
  readonly trunks: readonly PartMeasure[];
  /** ml or g. */
  readonly total: number;
}

/** A trunk's diameter, cm. */
export function diameterCm({ measured, cm }: TrunkMeasure): number {
  return measured === 'diameter' ? cm : cm / Math.PI;
}

/**
 * Product for each trunk of a drench, by the label's rate per width of trunk.
 * @throws RangeError when the line does not go by trunk, the rate lies outside it, or a trunk is not
 * above 0 cm.
 */
export function planDrench(
  line: LabelLine,
  rate: number,
  trunks: readonly TrunkMeasure[],
  spoons: readonly Spoon[],
): DrenchPlan {
  const per = rateIsPer(line.rateUnit);
  if (per !== 'trunk-diameter-cm' && per !== 'trunk-circumference-cm')
    throw new RangeError('this label line does not go by trunk');
  if (trunks.length === 0) throw new RangeError('no trunk to drench');
  const parts = trunks.map((trunk) => {
    const diameter = diameterCm(trunk);
    return measurePart(line, rate, per === 'trunk-diameter-cm' ? diameter : diameter * Math.PI, null, spoons);
  });
  return { trunks: parts, total: parts.reduce((sum, { amount }) => sum + amount, 0) };
}

/**
 * Product for a patch of ground.
 * @throws RangeError when the line does not go by ground, the rate lies outside it, or the patch is not
 * above 0 m².
 */
export function planGround(
  line: LabelLine,
  rate: number,
  areaM2: number,
  spoons: readonly Spoon[],
): PartMeasure {
  if (rateIsPer(line.rateUnit) !== 'square-metre')
    throw new RangeError('this label line does not go by ground');
  return measurePart(line, rate, areaM2, null, spoons);
}
