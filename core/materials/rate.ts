import {
  CM_PER_INCH,
  GRAMS_PER_OUNCE,
  M2_PER_SQUARE_FOOT,
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_IMPERIAL_GALLON,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  SPOONS,
} from '#core/units';

/**
 * Product by volume (ml) or by weight (g): in a litre of finished spray, on a square metre, or for a
 * centimetre of trunk.
 */
export interface RateMeaning {
  readonly per: 'litre' | 'square-metre' | 'trunk-diameter-cm' | 'trunk-circumference-cm';
  readonly by: 'volume' | 'weight';
  readonly amount: number;
}

/** Product in one litre of finished spray, by volume (ml) or by weight (g). */
export type PerLitre = Pick<RateMeaning, 'by' | 'amount'>;

const [US_TABLESPOON_ML, US_TEASPOON_ML] = SPOONS.us.map(({ volumeMl }) => volumeMl) as [number, number];
const [METRIC_TABLESPOON_ML, TEASPOON_ML] = SPOONS.metric.map(({ volumeMl }) => volumeMl) as [number, number];
const AUSTRALIAN_TABLESPOON_ML = SPOONS.australian[0]!.volumeMl;
const US_PINT_ML = ML_PER_US_GALLON / 8;
const GRAMS_PER_POUND = 16 * GRAMS_PER_OUNCE;

const litre = (by: RateMeaning['by'], amount: number): RateMeaning => ({ per: 'litre', by, amount });
const inUsGallon = (ml: number) => litre('volume', (1000 * ml) / ML_PER_US_GALLON);
const inImperialGallon = (ml: number) => litre('volume', (1000 * ml) / ML_PER_IMPERIAL_GALLON);
const weighed = (grams: number, inMl: number) => litre('weight', (1000 * grams) / inMl);
const area = (by: RateMeaning['by'], amount: number, m2: number): RateMeaning => ({
  per: 'square-metre',
  by,
  amount: amount / m2,
});
const trunk = (
  measured: 'diameter' | 'circumference',
  by: RateMeaning['by'],
  amount: number,
  cm: number,
): RateMeaning => ({ per: `trunk-${measured}-cm`, by, amount: amount / cm });

/** What 1 of each unit means. A dry ounce is a weight, a fluid ounce a volume; the two never meet here. */
const MEANINGS = {
  // 1 % is 10 ml in a litre filled to the mark.
  percent: litre('volume', 10),
  'ml-per-l': litre('volume', 1),
  'ml-per-10-l': litre('volume', 0.1),
  'ml-per-100-l': litre('volume', 0.01),
  'tsp-per-l': litre('volume', TEASPOON_ML),
  'tbsp-metric-per-l': litre('volume', METRIC_TABLESPOON_ML),
  'tbsp-australian-per-l': litre('volume', AUSTRALIAN_TABLESPOON_ML),
  'floz-per-us-gal': inUsGallon(ML_PER_US_FLUID_OUNCE),
  'tbsp-per-us-gal': inUsGallon(US_TABLESPOON_ML),
  'tsp-per-us-gal': inUsGallon(US_TEASPOON_ML),
  'floz-per-100-us-gal': inUsGallon(ML_PER_US_FLUID_OUNCE / 100),
  'pint-per-100-us-gal': inUsGallon(US_PINT_ML / 100),
  'quart-per-100-us-gal': inUsGallon((2 * US_PINT_ML) / 100),
  'floz-per-imperial-gal': inImperialGallon(ML_PER_IMPERIAL_FLUID_OUNCE),
  'tbsp-per-imperial-gal': inImperialGallon(METRIC_TABLESPOON_ML),
  'tsp-per-imperial-gal': inImperialGallon(TEASPOON_ML),
  'g-per-l': litre('weight', 1),
  'g-per-10-l': litre('weight', 0.1),
  'g-per-100-l': litre('weight', 0.01),
  'oz-per-us-gal': weighed(GRAMS_PER_OUNCE, ML_PER_US_GALLON),
  'oz-per-100-us-gal': weighed(GRAMS_PER_OUNCE / 100, ML_PER_US_GALLON),
  'lb-per-100-us-gal': weighed(GRAMS_PER_POUND / 100, ML_PER_US_GALLON),
  'oz-per-imperial-gal': weighed(GRAMS_PER_OUNCE, ML_PER_IMPERIAL_GALLON),
  'ml-per-m2': area('volume', 1, 1),
  'ml-per-100-m2': area('volume', 1, 100),
  'g-per-m2': area('weight', 1, 1),
  'g-per-100-m2': area('weight', 1, 100),
  'floz-per-1000-ft2': area('volume', ML_PER_US_FLUID_OUNCE, 1000 * M2_PER_SQUARE_FOOT),
  'oz-per-1000-ft2': area('weight', GRAMS_PER_OUNCE, 1000 * M2_PER_SQUARE_FOOT),
  'ml-per-cm-diameter': trunk('diameter', 'volume', 1, 1),
  'ml-per-cm-circumference': trunk('circumference', 'volume', 1, 1),
  'ml-per-inch-diameter': trunk('diameter', 'volume', 1, CM_PER_INCH),
  'ml-per-inch-circumference': trunk('circumference', 'volume', 1, CM_PER_INCH),
  'floz-per-inch-diameter': trunk('diameter', 'volume', ML_PER_US_FLUID_OUNCE, CM_PER_INCH),
  'floz-per-inch-circumference': trunk('circumference', 'volume', ML_PER_US_FLUID_OUNCE, CM_PER_INCH),
  'g-per-cm-diameter': trunk('diameter', 'weight', 1, 1),
  'g-per-cm-circumference': trunk('circumference', 'weight', 1, 1),
  'g-per-inch-diameter': trunk('diameter', 'weight', 1, CM_PER_INCH),
  'g-per-inch-circumference': trunk('circumference', 'weight', 1, CM_PER_INCH),
  'oz-per-inch-diameter': trunk('diameter', 'weight', GRAMS_PER_OUNCE, CM_PER_INCH),
  'oz-per-inch-circumference': trunk('circumference', 'weight', GRAMS_PER_OUNCE, CM_PER_INCH),
} as const satisfies Readonly<Record<string, RateMeaning>>;

/** The unit a label writes its rate in. */
export type RateUnit = keyof typeof MEANINGS;
export const RATE_UNIT_IDS = Object.keys(MEANINGS) as [RateUnit, ...RateUnit[]];

/**
 * What a label rate means in SI.
 * @throws RangeError for a rate that is not a positive number.
 */
export function rateMeaning(rate: number, unit: RateUnit): RateMeaning {
  if (!(rate > 0 && Number.isFinite(rate))) throw new RangeError('a rate is a number above 0');
  const { per, by, amount } = MEANINGS[unit];
  return { per, by, amount: rate * amount };
}

/** What a rate is reckoned by: finished spray, ground, or trunk. */
export const rateIsPer = (unit: RateUnit): RateMeaning['per'] => MEANINGS[unit].per;

/**
 * A label rate as product in one litre of finished spray.
 * @throws RangeError for a rate that is not a positive number or is reckoned by ground or trunk.
 */
export function perLitre(rate: number, unit: RateUnit): PerLitre {
  const { per, by, amount } = rateMeaning(rate, unit);
  if (per !== 'litre') throw new RangeError('this rate goes by ground or trunk, not by spray');
  return { by, amount };
}
