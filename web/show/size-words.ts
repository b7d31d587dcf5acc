import type { Plant } from '#core/records';
import { significant, type Show } from './units.ts';

/** How high, wide and long a plant is: "3.5 × 3.2 m", to a tenth as anybody measures one. */
export function sizeWords(
  { heightM, spreadM, lengthM }: Pick<Plant, 'heightM' | 'spreadM' | 'lengthM'>,
  show: Show,
): string {
  const metres = lengthM ? [heightM, spreadM, lengthM] : [heightM, spreadM];
  return `${metres.map((m) => significant(show.lengthNumber(m), 1)).join(' × ')} ${show.lengthUnit}`;
}
