import { addDays, type CivilDate, yearOf } from '#core/calendar';
import type { LabelLine } from './label.ts';
import type { UsedOn } from './stock.ts';

/** Product the label still leaves a plant this calendar year, ml or g; null when it sets no amount. */
export function amountLeft(
  line: Pick<LabelLine, 'mostPerYear'>,
  used: readonly UsedOn[],
  today: CivilDate,
): number | null {
  if (line.mostPerYear === null) return null;
  const usedThisYear = used
    .filter(({ on }) => on <= today && yearOf(on) === yearOf(today))
    .reduce((sum, { amount }) => sum + amount, 0);
  return Math.max(0, line.mostPerYear - usedThisYear);
}

export interface UseLimits {
  /** First day the label's interval allows the product again; null when it is free to use. */
  readonly notBefore: CivilDate | null;
  /** Uses left this calendar year; null when the label sets no number. */
  readonly usesLeft: number | null;
}

/**
 * What a label line's interval and yearly number leave, given the days the product was used on this
 * plant.
 */
export function useLimits(
  line: Pick<LabelLine, 'intervalDays' | 'usesPerYear'>,
  usedOn: readonly CivilDate[],
  today: CivilDate,
): UseLimits {
  const last = usedOn
    .filter((on) => on <= today)
    .toSorted()
    .at(-1);
  const free = last && line.intervalDays !== null ? addDays(last, line.intervalDays) : null;
  const usedThisYear = usedOn.filter((on) => yearOf(on) === yearOf(today)).length;
  return {
    notBefore: free !== null && free > today ? free : null,
    usesLeft: line.usesPerYear === null ? null : Math.max(0, line.usesPerYear - usedThisYear),
  };
}
