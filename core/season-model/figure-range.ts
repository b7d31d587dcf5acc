/** A figure that is not sharp: its middle, and the ends that hold eight in ten (a tenth lies beyond each). */
export interface FigureRange {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

/** A standard normal leaves a tenth beyond this on each side. */
const Z80 = 1.2816;

/** A figure that is taken as sharp. */
export const sharp = (value: number): FigureRange => ({ low: value, middle: value, high: value });

/** Between 0 and 1, where a figure is a share. */
export const SHARE: Bounds = [0, 1];
export const NOT_NEGATIVE: Bounds = [0, Infinity];
type Bounds = readonly [least: number, most: number];

/**
 * The figure at a standard normal score: each half of a normal distribution is stretched to its own end, so the
 * middle stays the median and the ends keep their tenths. Cut off at `bounds`.
 */
export function figureAt({ low, middle, high }: FigureRange, score: number, [least, most]: Bounds): number {
  const value = middle + (score / Z80) * (score < 0 ? middle - low : high - middle);
  return Math.min(most, Math.max(least, value));
}

/** As {@link figureAt} on a logarithmic scale, for figures that multiply; low, middle and high must be above 0. */
export function factorAt({ low, middle, high }: FigureRange, score: number): number {
  return middle * (score < 0 ? middle / low : high / middle) ** (score / Z80);
}
