import type { CivilDate } from '#core/calendar';
import type { Product } from './label.ts';

/** Product taken from the pack on a day, ml or g. */
export interface UsedOn {
  readonly on: CivilDate;
  readonly amount: number;
}

/**
 * What a pack still holds, ml or g: as counted on a morning, less what was used since; never below 0.
 * Null when nobody counted.
 */
export function leftInPack(stock: Product['stock'], used: readonly UsedOn[]): number | null {
  if (!stock) return null;
  const since = used.filter(({ on }) => on >= stock.countedOn).reduce((sum, { amount }) => sum + amount, 0);
  return Math.max(0, stock.amount - since);
}
