import { type LabelLine, perLitre } from '#core/materials';
import type { Spoon } from '#core/units';
import { shareOverFills } from './fills.ts';
import { measureWithSpoons, type SpoonMeasure } from './spoons.ts';

/** One filling of the sprayer: pour `productAmount` in and fill to the mark with water. */
export interface FillPlan {
  readonly times: number;
  readonly sprayMl: number;
  /** ml or g, by `SprayPlan.by`. */
  readonly productAmount: number;
  /** Null for powders, which are weighed, and when no spoon comes near. */
  readonly spoons: SpoonMeasure | null;
  /** Product over finished spray in the spoons' amount, %, by volume; null when there are none. */
  readonly spoonPercent: number | null;
  /** Whether the spoons' strength stays within the label line. */
  readonly spoonWithinLabel: boolean;
}

export interface SprayPlan {
  readonly by: 'volume' | 'weight';
  readonly fills: readonly FillPlan[];
  readonly totalProduct: number;
  readonly totalSprayMl: number;
  /** The strength asked for as % by volume; null for powders. */
  readonly percent: number | null;
}

export interface SprayPlanInput {
  readonly sprayMl: number;
  readonly tankMl: number;
  readonly line: LabelLine;
  /** The rate chosen, in the line's own unit, within its range. */
  readonly rate: number;
  readonly spoons: readonly Spoon[];
}

/** Rounding of decimal rates must not push a chosen end of the range outside it. */
const TOLERANCE = 1e-9;

/**
 * What to pour for each fill.
 * @throws RangeError when the rate lies outside the label line or an amount is not above 0.
 */
export function planSpray({ sprayMl, tankMl, line, rate, spoons }: SprayPlanInput): SprayPlan {
  if (!(rate >= line.rateLow - TOLERANCE && rate <= line.rateHigh + TOLERANCE)) {
    throw new RangeError(`the rate must lie within the label's ${line.rateLow}–${line.rateHigh}`);
  }
  const strength = perLitre(rate, line.rateUnit);
  const { fullFills, fullFillMl, lastFillMl } = shareOverFills(sprayMl, tankMl);
  const plan = (times: number, fillMl: number): FillPlan => {
    const productAmount = (strength.amount * fillMl) / 1000;
    const spoonful = strength.by === 'volume' ? spoonsWithinLabel(productAmount, fillMl, line, spoons) : null;
    return { times, sprayMl: fillMl, productAmount, ...(spoonful ?? { spoons: null, spoonPercent: null, spoonWithinLabel: false }) };
  };
  const fills = [...(fullFills > 0 ? [plan(fullFills, fullFillMl)] : []), ...(lastFillMl > 0 ? [plan(1, lastFillMl)] : [])];
  return {
    by: strength.by,
    fills,
    totalProduct: fills.reduce((sum, fill) => sum + fill.times * fill.productAmount, 0),
    totalSprayMl: fills.reduce((sum, fill) => sum + fill.times * fill.sprayMl, 0),
    percent: strength.by === 'volume' ? strength.amount / 10 : null,
  };
}

/** Nearest spoonfuls; rounded down instead when the nearest would break the label's upper rate. */
function spoonsWithinLabel(productMl: number, fillMl: number, line: LabelLine, spoons: readonly Spoon[]) {
  if (spoons.length === 0) return null;
  const highestMl = (perLitre(line.rateHigh, line.rateUnit).amount * fillMl) / 1000;
  const lowestMl = (perLitre(line.rateLow, line.rateUnit).amount * fillMl) / 1000;
  const nearest = measureWithSpoons(productMl, spoons);
  const measure = nearest.volumeMl > highestMl + TOLERANCE ? measureWithSpoons(highestMl, spoons, 'down') : nearest;
  if (measure.scoops.length === 0) return null;
  return {
    spoons: measure,
    spoonPercent: (100 * measure.volumeMl) / fillMl,
    spoonWithinLabel: measure.volumeMl >= lowestMl - TOLERANCE && measure.volumeMl <= highestMl + TOLERANCE,
  };
}
