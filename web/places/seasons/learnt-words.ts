import type { FigureRange } from '#core/season-model';
import type { Spread } from '#core/seasons';
import { significant } from '../../show/units.ts';

/** "1.6 times as many (1–2.7)". */
export function growthWords({ low, middle, high }: FigureRange): string {
  return `${significant(middle, 1)} times as many (${significant(low, 1)}–${significant(high, 1)})`;
}

/** Scores nearer to 0 than this, in their own deviations, lean to no side. */
const LEANS_FROM = 0.5;
/** So much of the doubt must be gone before anything is said to be learnt. */
const TAUGHT_BELOW = 0.9;

/** Whether a kind of treatment does better or worse here than the book has it. */
export function leanWords({ mean, deviation }: Spread): string {
  const leans = Math.abs(mean) / deviation >= LEANS_FROM;
  const surely = deviation < TAUGHT_BELOW ? '' : ' so far; few counts, so it may be chance';
  if (!leans)
    return deviation < TAUGHT_BELOW
      ? 'it does here what the book says.'
      : 'these counts tell too little to say whether it does better or worse here than the book has it.';
  return mean < 0
    ? `it takes more here than the book has it${surely}.`
    : `it takes less here than the book has it${surely}.`;
}
