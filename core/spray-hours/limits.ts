/** What a spray bears. Temperatures °C. */
export interface SprayLimits {
  readonly leastC: number;
  readonly betterC: number;
  readonly greatestC: number;
  readonly rainFreeHours: number;
}

/** What decides the limits of one product line on one plant; null where the label says nothing. */
export interface LimitsOf {
  readonly isOil: boolean;
  readonly labelLeastC: number | null;
  readonly labelGreatestC: number | null;
  readonly labelRainFreeHours: number | null;
  /** The top temperature for oil of the school the garden follows. */
  readonly schoolTopC: number;
  readonly isCitrus: boolean;
}

/** Oil: from 4 °C, better from 13, 24 dry hours (grade C). */
const OIL = { leastC: 4, betterC: 13, rainFreeHours: 24 } as const;
/** Anything else where the label is silent (rules of thumb, grade C). */
const OTHER = { leastC: 5, betterC: 10, greatestC: 30, rainFreeHours: 12 } as const;
/** Citrus burns from about this under oil. °C, grade C. */
const CITRUS_TOP_C = 29;

/** The stricter of label, school and plant, each way: a school or a plant never loosens a label. */
export function sprayLimits({
  isOil,
  labelLeastC,
  labelGreatestC,
  labelRainFreeHours,
  schoolTopC,
  isCitrus,
}: LimitsOf): SprayLimits {
  const usual = isOil
    ? { ...OIL, greatestC: Math.min(schoolTopC, isCitrus ? CITRUS_TOP_C : Infinity) }
    : OTHER;
  const leastC = Math.max(usual.leastC, labelLeastC ?? -Infinity);
  return {
    leastC,
    betterC: Math.max(usual.betterC, leastC),
    // Where a label of no oil names a top, that is the figure; the usual one only stands in for silence.
    greatestC: isOil
      ? Math.min(usual.greatestC, labelGreatestC ?? Infinity)
      : (labelGreatestC ?? usual.greatestC),
    rainFreeHours: isOil
      ? Math.max(usual.rainFreeHours, labelRainFreeHours ?? 0)
      : (labelRainFreeHours ?? usual.rainFreeHours),
  };
}
