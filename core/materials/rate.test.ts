import { describe, expect, test } from '@jest/globals';
import { perLitre, RATE_UNIT_IDS, rateIsPer, rateMeaning, type RateMeaning, type RateUnit } from './index.ts';

/**
 * What 1 of each unit is, worked by hand from the definitions: US gallon 3.785411784 l, fluid ounce
 * 29.57353 ml, imperial gallon 4.54609 l, fluid ounce 28.41306 ml, ounce 28.34952 g, inch 2.54 cm,
 * 1,000 square feet 92.90304 m².
 */
const BY_HAND: Readonly<Record<RateUnit, readonly [RateMeaning['per'], RateMeaning['by'], number]>> = {
  percent: ['litre', 'volume', 10],
  'ml-per-l': ['litre', 'volume', 1],
  'ml-per-10-l': ['litre', 'volume', 0.1],
  'ml-per-100-l': ['litre', 'volume', 0.01],
  'tsp-per-l': ['litre', 'volume', 5],
  'tbsp-metric-per-l': ['litre', 'volume', 15],
  'tbsp-australian-per-l': ['litre', 'volume', 20],
  // 1/128 of the spray.
  'floz-per-us-gal': ['litre', 'volume', 7.8125],
  // 1/256 and 1/768 of it.
  'tbsp-per-us-gal': ['litre', 'volume', 3.90625],
  'tsp-per-us-gal': ['litre', 'volume', 1.3020833],
  'floz-per-100-us-gal': ['litre', 'volume', 0.078125],
  // 1/800 and 1/400.
  'pint-per-100-us-gal': ['litre', 'volume', 1.25],
  'quart-per-100-us-gal': ['litre', 'volume', 2.5],
  // 1/160.
  'floz-per-imperial-gal': ['litre', 'volume', 6.25],
  'tbsp-per-imperial-gal': ['litre', 'volume', 3.2995387],
  'tsp-per-imperial-gal': ['litre', 'volume', 1.0998462],
  'g-per-l': ['litre', 'weight', 1],
  'g-per-10-l': ['litre', 'weight', 0.1],
  'g-per-100-l': ['litre', 'weight', 0.01],
  'oz-per-us-gal': ['litre', 'weight', 7.4891517],
  'oz-per-100-us-gal': ['litre', 'weight', 0.074891517],
  'lb-per-100-us-gal': ['litre', 'weight', 1.1982643],
  'oz-per-imperial-gal': ['litre', 'weight', 6.2360233],
  'ml-per-m2': ['square-metre', 'volume', 1],
  'ml-per-100-m2': ['square-metre', 'volume', 0.01],
  'g-per-m2': ['square-metre', 'weight', 1],
  'g-per-100-m2': ['square-metre', 'weight', 0.01],
  'floz-per-1000-ft2': ['square-metre', 'volume', 0.3183268],
  'oz-per-1000-ft2': ['square-metre', 'weight', 0.3051517],
  'ml-per-cm-diameter': ['trunk-diameter-cm', 'volume', 1],
  'ml-per-cm-circumference': ['trunk-circumference-cm', 'volume', 1],
  'ml-per-inch-diameter': ['trunk-diameter-cm', 'volume', 0.3937008],
  'ml-per-inch-circumference': ['trunk-circumference-cm', 'volume', 0.3937008],
  'floz-per-inch-diameter': ['trunk-diameter-cm', 'volume', 11.6431219],
  'floz-per-inch-circumference': ['trunk-circumference-cm', 'volume', 11.6431219],
  'g-per-cm-diameter': ['trunk-diameter-cm', 'weight', 1],
  'g-per-cm-circumference': ['trunk-circumference-cm', 'weight', 1],
  'g-per-inch-diameter': ['trunk-diameter-cm', 'weight', 0.3937008],
  'g-per-inch-circumference': ['trunk-circumference-cm', 'weight', 0.3937008],
  'oz-per-inch-diameter': ['trunk-diameter-cm', 'weight', 11.1612296],
  'oz-per-inch-circumference': ['trunk-circumference-cm', 'weight', 11.1612296],
};

describe('a rate in the unit of a label', () => {
  test('no unit is left out of the table', () => {
    expect(Object.keys(BY_HAND).sort()).toEqual([...RATE_UNIT_IDS].sort());
  });

  test.each(Object.entries(BY_HAND) as [RateUnit, (typeof BY_HAND)[RateUnit]][])(
    '%s',
    (unit, [per, by, amount]) => {
      const one = rateMeaning(1, unit);
      expect([one.per, one.by]).toEqual([per, by]);
      expect(one.amount / amount).toBeCloseTo(1, 6);
      expect(rateMeaning(3, unit).amount / amount).toBeCloseTo(3, 6);
      expect(rateIsPer(unit)).toBe(per);
    },
  );

  test.each([0, -1, Number.NaN, Infinity])('%d is no rate', (rate) => {
    expect(() => rateMeaning(rate, 'percent')).toThrow(RangeError);
  });
});

describe('product in a litre of spray', () => {
  test('two percent are 20 ml; a dry ounce a gallon is about 7.5 g', () => {
    expect(perLitre(2, 'percent')).toEqual({ by: 'volume', amount: 20 });
    expect(perLitre(2, 'g-per-10-l')).toEqual({ by: 'weight', amount: 0.2 });
    expect(perLitre(1, 'oz-per-us-gal').amount).toBeCloseTo(7.49, 2);
  });

  test('a rate by ground or trunk says nothing of a litre', () => {
    expect(() => perLitre(1, 'g-per-m2')).toThrow(RangeError);
    expect(() => perLitre(1, 'ml-per-cm-diameter')).toThrow(RangeError);
    expect(() => perLitre(1, 'ml-per-cm-circumference')).toThrow(RangeError);
  });
});
