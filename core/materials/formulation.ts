import type { Formulation } from './label.ts';
import { rateMeaning, type RateUnit } from './rate.ts';

/**
 * Whether a rate unit measures a liquid by weight or a powder by volume, as happens when ounces are
 * mixed up.
 */
export function misreadAsWeight(formulation: Formulation, unit: RateUnit): boolean {
  const { by } = rateMeaning(1, unit);
  if (formulation === 'powder') return by === 'volume' && !/tsp|tbsp/.test(unit);
  return formulation !== 'soluble' && by === 'weight';
}
