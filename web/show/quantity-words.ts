import type { ReadQuantity, ReadRate } from '#core/units';

type Refused = Exclude<ReadRate | ReadQuantity, { readonly ok: true }>;

/** Why what was typed is no amount or no rate, with what would be one. */
export function quantityFault({ fault, what }: Refused): string {
  switch (fault) {
    case 'nothing':
      return 'type it as it is printed';
    case 'no-number':
      return `no number is read in “${what}”`;
    case 'no-unit':
      return 'of what? add its unit, such as ml, fl oz or g';
    case 'unknown-unit':
      return `“${what}” is no measure known here`;
    case 'an-ounce-of-what':
      return 'a fluid ounce or an ounce of weight? write fl oz or dry oz';
    case 'not-above-0':
      return 'must be above 0';
    case 'wrong-dimension':
      return `“${what}” measures something else`;
    case 'in-how-much-water':
      return 'in how much water? such as 2 tbsp per gallon, or 5 ml per l';
    case 'not-a-rate-by-spray':
      return 'by ground or trunk: choose its unit below';
    case 'low-above-high':
      return 'the lower figure comes first';
  }
}
