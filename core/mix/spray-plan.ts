import type { LabelLine, RateMeaning } from '#core/materials';
import { perLitre } from '#core/materials';
import type { Spoon } from '#core/units';
import { shareOverFills } from './fills.ts';
import { measurePart, type PartMeasure } from './measure-part.ts';

/** One product of a tank: which label line, and the rate chosen in the line's own unit, within its range. */
export interface TankPart {
  readonly line: LabelLine;
  readonly rate: number;
}

/** One filling of the sprayer: pour the parts in, in their order, and fill to the mark with water. */
export interface FillPlan {
  readonly times: number;
  readonly sprayMl: number;
  /** As the tank's parts, in their order. */
  readonly parts: readonly PartMeasure[];
}

export interface PartTotal {
  readonly by: RateMeaning['by'];
  /** ml or g over all fills. */
  readonly amount: number;
  /** The strength asked for as % by volume; null for what is weighed. */
  readonly percent: number | null;
}

export interface SprayPlan {
  readonly fills: readonly FillPlan[];
  readonly totals: readonly PartTotal[];
  readonly totalSprayMl: number;
}

export interface SprayPlanInput {
  readonly sprayMl: number;
  readonly tankMl: number;
  readonly parts: readonly TankPart[];
  readonly spoons: readonly Spoon[];
}

/**
 * What to pour for each fill of a tank of one product or several.
 * @throws RangeError when a rate lies outside its label line or does not go by spray, when nothing is
 * mixed, or an amount is not above 0.
 */
export function planSpray({ sprayMl, tankMl, parts, spoons }: SprayPlanInput): SprayPlan {
  if (parts.length === 0) throw new RangeError('a tank needs at least one product');
  const { fullFills, fullFillMl, lastFillMl } = shareOverFills(sprayMl, tankMl);
  const plan = (times: number, fillMl: number): FillPlan => ({
    times,
    sprayMl: fillMl,
    parts: parts.map(({ line, rate }) => {
      // Refuses rates by ground or trunk, which no tank answers.
      perLitre(rate, line.rateUnit);
      return measurePart(line, rate, fillMl / 1000, fillMl, spoons);
    }),
  });
  const fills = [
    ...(fullFills > 0 ? [plan(fullFills, fullFillMl)] : []),
    ...(lastFillMl > 0 ? [plan(1, lastFillMl)] : []),
  ];
  return {
    fills,
    totals: parts.map(({ line, rate }, i) => {
      const { by, amount } = perLitre(rate, line.rateUnit);
      return {
        by,
        amount: fills.reduce((sum, fill) => sum + fill.times * fill.parts[i]!.amount, 0),
        percent: by === 'volume' ? amount / 10 : null,
      };
    }),
    totalSprayMl: fills.reduce((sum, fill) => sum + fill.times * fill.sprayMl, 0),
  };
}
