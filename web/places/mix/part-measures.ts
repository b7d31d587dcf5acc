import { GRAMS_PER_OUNCE, type MeasureSystem, readQuantity } from '#core/units';
import { ML_PER_IMPERIAL_FLUID_OUNCE, ML_PER_IMPERIAL_GALLON } from '#core/units';
import { ML_PER_US_FLUID_OUNCE, ML_PER_US_GALLON } from '#core/units';

/** How a part of a mix is measured in a garden's units. */
interface PartMeasure {
  /** "ml in a litre", "fl oz in a gallon". */
  readonly words: string;
  /** Ml or g in a litre that one of it comes to. */
  readonly perLitre: number;
  /** Ml or g in a litre of what is typed: a bare number of it, or with its unit, "2 tbsp"; NaN for what is none. */
  typedPerLitre(text: string): number;
}

export function partMeasures(system: MeasureSystem): Readonly<Record<'volume' | 'weight', PartMeasure>> {
  const inGallons = system === 'us' || system === 'imperial';
  const litres =
    (system === 'us' ? ML_PER_US_GALLON : system === 'imperial' ? ML_PER_IMPERIAL_GALLON : 1000) / 1000;
  const fluidOunce = system === 'us' ? ML_PER_US_FLUID_OUNCE : ML_PER_IMPERIAL_FLUID_OUNCE;
  const measure = (dimension: 'volume' | 'mass', one: number, unit: string): PartMeasure => ({
    words: `${unit} in a ${inGallons ? 'gallon' : 'litre'}`,
    perLitre: one / litres,
    typedPerLitre: (text) => {
      const read = readQuantity(text, {
        system,
        plain: { dimension, amount: one },
        dimension,
        ounce: dimension,
      });
      return read.ok ? read.quantity.amount / litres : Number.NaN;
    },
  });
  return inGallons
    ? { volume: measure('volume', fluidOunce, 'fl oz'), weight: measure('mass', GRAMS_PER_OUNCE, 'oz') }
    : { volume: measure('volume', 1, 'ml'), weight: measure('mass', 1, 'g') };
}
