import { type LabelLine, rateMeaning, type RateMeaning } from '#core/materials';
import type { Spoon } from '#core/units';
import { measureWithSpoons, type SpoonMeasure } from './spoons.ts';

/** What of one product goes into one fill (or onto one patch, or to one trunk). */
export interface PartMeasure {
  readonly by: RateMeaning['by'];
  /** ml or g. */
  readonly amount: number;
  /** The least and most the label line allows here, ml or g. */
  readonly labelLow: number;
  readonly labelHigh: number;
  /** Null for powders, which are weighed, and when no spoon comes near. */
  readonly spoons: SpoonMeasure | null;
  /**
   * Product over finished spray in the spoons' amount, %, by volume; null when there are none or
   * nothing is diluted.
   */
  readonly spoonPercent: number | null;
  /** Whether the spoons' amount stays within the label line, or within a spoon's own error of it. */
  readonly spoonWithinLabel: boolean;
}

/** How far spoons may be off a label's range before that is said: no level spoon is truer (grade C). */
const SPOON_SLACK = 0.05;
/** Rounding of decimal rates must not push a chosen end of the range outside it. */
const TOLERANCE = 1e-9;

/** @throws RangeError when the rate lies outside the label line. */
export function checkRate(line: LabelLine, rate: number): void {
  if (!(rate >= line.rateLow - TOLERANCE && rate <= line.rateHigh + TOLERANCE)) {
    throw new RangeError(`the rate must lie within the label's ${line.rateLow}–${line.rateHigh}`);
  }
}

/**
 * Product for `units` of what the rate goes by (litres, m², cm of trunk), by the scale or jug and by
 * spoon. `sprayMl` is the finished spray it is diluted in, null where it is not.
 */
export function measurePart(
  line: LabelLine,
  rate: number,
  units: number,
  sprayMl: number | null,
  spoons: readonly Spoon[],
): PartMeasure {
  checkRate(line, rate);
  if (!(units > 0 && Number.isFinite(units))) throw new RangeError('there must be more than 0 to treat');
  const amountAt = (value: number) => rateMeaning(value, line.rateUnit).amount * units;
  const { by } = rateMeaning(rate, line.rateUnit);
  const measured = {
    by,
    amount: amountAt(rate),
    labelLow: amountAt(line.rateLow),
    labelHigh: amountAt(line.rateHigh),
  };
  const spoonful = by === 'volume' ? spoonsWithinLabel(measured, spoons) : null;
  if (!spoonful) return { ...measured, spoons: null, spoonPercent: null, spoonWithinLabel: false };
  return {
    ...measured,
    ...spoonful,
    spoonPercent: sprayMl === null ? null : (100 * spoonful.spoons.volumeMl) / sprayMl,
  };
}

/**
 * Nearest spoonfuls; rounded down or up instead when the nearest would leave the label's range and the
 * other does not.
 */
function spoonsWithinLabel(
  { amount, labelLow, labelHigh }: Pick<PartMeasure, 'amount' | 'labelLow' | 'labelHigh'>,
  spoons: readonly Spoon[],
) {
  if (spoons.length === 0) return null;
  const nearest = measureWithSpoons(amount, spoons);
  const within = ({ volumeMl }: SpoonMeasure) =>
    volumeMl >= labelLow - TOLERANCE && volumeMl <= labelHigh + TOLERANCE;
  const above = measureWithSpoons(labelLow, spoons, 'up');
  const measure =
    nearest.volumeMl > labelHigh + TOLERANCE
      ? measureWithSpoons(labelHigh, spoons, 'down')
      : !within(nearest) && within(above)
        ? above
        : nearest;
  if (measure.scoops.length === 0) return null;
  const isNear =
    measure.volumeMl >= labelLow * (1 - SPOON_SLACK) && measure.volumeMl <= labelHigh * (1 + SPOON_SLACK);
  return { spoons: measure, spoonWithinLabel: isNear };
}
