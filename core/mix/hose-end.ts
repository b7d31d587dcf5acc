import { perLitre, type LabelLine } from '#core/materials';
import { checkRate } from './measure-part.ts';

/** A dial on a hose-end sprayer: product per water drawn through, at each of its settings, in one unit. */
export interface Dial {
  readonly unit: LabelLine['rateUnit'];
  readonly settings: readonly number[];
}

export interface HoseEndPlan {
  /** Setting to turn to; null when none keeps within the label. */
  readonly setting: number | null;
  /** Product over finished spray at that setting, % by volume. */
  readonly percent: number | null;
  /** Concentrate for the jar, ml. */
  readonly jarMl: number | null;
}

/**
 * The dial setting nearest a rate that the label line allows, and what it then uses for `sprayMl`.
 * @throws RangeError for a rate outside the line, or one by weight, ground or trunk: a dial draws liquids.
 */
export function planHoseEnd(line: LabelLine, rate: number, sprayMl: number, dial: Dial): HoseEndPlan {
  checkRate(line, rate);
  if (!(sprayMl > 0)) throw new RangeError('there must be more than 0 ml to spray');
  const wanted = perLitre(rate, line.rateUnit);
  if (wanted.by === 'weight')
    throw new RangeError('a hose-end jar draws liquids; dissolve what is weighed in a tank');
  const [low, high] = [line.rateLow, line.rateHigh].map((value) => perLitre(value, line.rateUnit).amount) as [
    number,
    number,
  ];
  const allowed = dial.settings
    .map((setting) => ({ setting, amount: perLitre(setting, dial.unit).amount }))
    .filter(({ amount }) => amount >= low * (1 - NEAR) && amount <= high * (1 + NEAR));
  const best = allowed.toSorted(
    (a, b) => Math.abs(a.amount - wanted.amount) - Math.abs(b.amount - wanted.amount),
  )[0];
  if (!best) return { setting: null, percent: null, jarMl: null };
  return { setting: best.setting, percent: best.amount / 10, jarMl: (best.amount * sprayMl) / 1000 };
}

/** Units are printed rounded: 1 fl oz and 2 tbsp per gallon must count as the same. */
const NEAR = 1e-6;
