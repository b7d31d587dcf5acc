import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readRate } from '#core/units';
import { perLitre, rateOfPrinted } from './index.ts';

const inUnit = (text: string, ounce: 'volume' | 'mass' = 'volume') => {
  const read = readRate(text, { system: 'us', ounce });
  return read.ok ? rateOfPrinted(read.rate) : read.fault;
};

test.each([
  ['1–2 %', { rateLow: 1, rateHigh: 2, rateUnit: 'percent' }],
  ['5 ml per l', { rateLow: 5, rateHigh: 5, rateUnit: 'ml-per-l' }],
  ['1 1/2 fl oz per gal', { rateLow: 3, rateHigh: 3, rateUnit: 'tbsp-per-us-gal' }],
  ['2 to 3 tbsp per gallon', { rateLow: 2, rateHigh: 3, rateUnit: 'tbsp-per-us-gal' }],
  ['7 ml per 3 l', { rateLow: 2.33333333, rateHigh: 2.33333333, rateUnit: 'ml-per-l' }],
] as const)('%s', (text, expected) => {
  expect(inUnit(text)).toEqual(expected);
});

test('a weight stays a weight', () => {
  expect(inUnit('2 lb per 100 gallons')).toMatchObject({ rateLow: 2, rateUnit: 'lb-per-100-us-gal' });
  expect(inUnit('3 oz per gallon', 'mass')).toMatchObject({ rateLow: 3, rateUnit: 'oz-per-us-gal' });
});

test('whatever the unit, it is the same product in a litre', () => {
  const rates = fc.record({
    by: fc.constantFrom('volume' as const, 'weight' as const),
    low: fc.double({ min: 0.05, max: 100, noNaN: true }),
    more: fc.double({ min: 1, max: 3, noNaN: true }),
  });
  fc.assert(
    fc.property(rates, ({ by, low, more }) => {
      const { rateLow, rateHigh, rateUnit } = rateOfPrinted({ by, low, high: low * more });
      const [least, most] = [perLitre(rateLow, rateUnit), perLitre(rateHigh, rateUnit)];
      expect(least.by).toBe(by);
      expect(least.amount / low).toBeCloseTo(1, 6);
      expect(most.amount / (low * more)).toBeCloseTo(1, 6);
    }),
  );
});
