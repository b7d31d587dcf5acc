import type { Unit } from './protocol.ts';

/** Fewer units come to nothing. */
const FEWEST_UNITS = 2;

/** The units of a count that are treated, and those whose tags say that they are left alone for comparison. */
export interface UnitsApart {
  readonly treated: readonly Unit[];
  /** Empty where too few of either kind were counted to stand by themselves. */
  readonly leftAlone: readonly Unit[];
}

export function unitsApart(units: readonly Unit[], aloneTagIds: readonly string[]): UnitsApart {
  const isAlone = ({ tagId }: Unit) => tagId !== undefined && aloneTagIds.includes(tagId);
  const leftAlone = units.filter(isAlone);
  if (Math.min(leftAlone.length, units.length - leftAlone.length) < FEWEST_UNITS)
    return { treated: units, leftAlone: [] };
  return { treated: units.filter((unit) => !isAlone(unit)), leftAlone };
}
