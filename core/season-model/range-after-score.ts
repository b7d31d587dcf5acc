import { figureAt, type FigureRange } from './figure-range.ts';

const Z80 = 1.2816;

/**
 * A doubtful figure after something told where in its range it lies: `mean` and `deviation` of its standard normal
 * score, 0 and 1 where nothing was told. Cut off at `bounds`.
 */
export function rangeAfterScore(
  range: FigureRange,
  { mean, deviation }: { readonly mean: number; readonly deviation: number },
  bounds: Parameters<typeof figureAt>[2],
): FigureRange {
  const at = (score: number) => figureAt(range, mean + score * deviation, bounds);
  return { low: at(-Z80), middle: at(0), high: at(Z80) };
}
