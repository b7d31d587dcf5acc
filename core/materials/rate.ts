import { ML_PER_IMPERIAL_FLUID_OUNCE, ML_PER_IMPERIAL_GALLON, ML_PER_US_FLUID_OUNCE, ML_PER_US_GALLON, SPOONS } from '#core/units';
import type { RateUnit } from './label.ts';

/** Product in one litre of finished spray, by volume (ml) or by weight (g). */
export interface PerLitre {
  readonly by: 'volume' | 'weight';
  readonly amount: number;
}

const GRAMS_PER_OUNCE = 28.349523125;
const [US_TABLESPOON, US_TEASPOON] = SPOONS.us;

const PER_LITRE: Readonly<Record<RateUnit, PerLitre>> = {
  // 1 % is 10 ml in a litre filled to the mark.
  percent: { by: 'volume', amount: 10 },
  'ml-per-l': { by: 'volume', amount: 1 },
  'ml-per-10-l': { by: 'volume', amount: 0.1 },
  'floz-per-us-gal': { by: 'volume', amount: (1000 * ML_PER_US_FLUID_OUNCE) / ML_PER_US_GALLON },
  'tbsp-per-us-gal': { by: 'volume', amount: (1000 * US_TABLESPOON!.volumeMl) / ML_PER_US_GALLON },
  'tsp-per-us-gal': { by: 'volume', amount: (1000 * US_TEASPOON!.volumeMl) / ML_PER_US_GALLON },
  'floz-per-imperial-gal': { by: 'volume', amount: (1000 * ML_PER_IMPERIAL_FLUID_OUNCE) / ML_PER_IMPERIAL_GALLON },
  'g-per-l': { by: 'weight', amount: 1 },
  'oz-per-us-gal': { by: 'weight', amount: (1000 * GRAMS_PER_OUNCE) / ML_PER_US_GALLON },
};

/**
 * A label rate as product in one litre of finished spray. A dry ounce is a weight, a fluid ounce a
 * volume; the two never meet here.
 * @throws RangeError for a rate that is not a positive number.
 */
export function perLitre(rate: number, unit: RateUnit): PerLitre {
  if (!(rate > 0 && Number.isFinite(rate))) throw new RangeError('a rate is a number above 0');
  const { by, amount } = PER_LITRE[unit];
  return { by, amount: rate * amount };
}
