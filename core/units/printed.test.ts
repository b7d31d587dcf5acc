import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  plainNumber,
  readQuantity,
  readRate,
  typedNumber,
  type MeasureSystem,
  type QuantityReading,
} from './index.ts';

const amount = (text: string, system: MeasureSystem = 'us', more: Partial<QuantityReading> = {}) => {
  const read = readQuantity(text, { system, plain: null, ounce: 'volume', ...more });
  return read.ok ? [read.quantity.dimension, Number(read.quantity.amount.toPrecision(6))] : read.fault;
};
const rate = (text: string, system: MeasureSystem = 'us', ounce: 'volume' | 'mass' | null = 'volume') => {
  const read = readRate(text, { system, ounce });
  if (!read.ok) return read.fault;
  const { by, low, high } = read.rate;
  const ends = [low, high].map((end) => Number(end.toPrecision(4)));
  return ends[0] === ends[1] ? [by, ends[0]] : [by, ...ends];
};

describe('numbers in the habits of many languages', () => {
  test.each<[string, number]>([
    ['1/2', 0.5],
    ['½', 0.5],
    ['1 1/2', 1.5],
    ['1½', 1.5],
    ['1 ½', 1.5],
    ['1-1/2', 1.5],
    ['2¾', 2.75],
    ['⅓', 1 / 3],
    ['3⁄4', 0.75],
    ['1 234', 1234],
    ['1\u2009234', 1234],
    ['1\u202f234,5', 1234.5],
    ['1\u00a0000', 1000],
    ['12 000', 12_000],
    ["1'250", 1250],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['1,234', 1.234],
    ['1.234', 1.234],
    ['-½', -0.5],
    ['− 3', Number.NaN],
  ])('"%s"', (text, value) => {
    expect(typedNumber(text) ?? Number.NaN).toBe(value);
  });

  test.each(['1/0', '1 23', '12 34 567', '1,23,4', '1/2/3', '1 2', '½½', '1.234.5'])(
    '"%s" is none',
    (text) => {
      expect(typedNumber(text)).toBeNull();
    },
  );

  test('tables are read strictly: a half may be a day there', () => {
    expect(plainNumber('1/2')).toBeNull();
    expect(plainNumber('1 234')).toBeNull();
    expect(plainNumber('−1,5')).toBe(-1.5);
  });

  test('every number comes back from how six languages write it', () => {
    const languages = ['en-US', 'de-DE', 'fr-FR', 'de-CH', 'sv-SE', 'en-GB'];
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 9_999_999 }),
        fc.integer({ min: 1, max: 99 }),
        fc.constantFrom(...languages),
        (whole, part, language) => {
          const value = whole + part / 100;
          const text = new Intl.NumberFormat(language, { minimumFractionDigits: 2 }).format(value);
          expect([language, text, typedNumber(text)?.toFixed(2)]).toEqual([language, text, value.toFixed(2)]);
        },
      ),
    );
  });
});

/** Printed amounts, whose, and what they are in ml, g or m. Definitions; spoons as `SPOONS` has them. */
const AMOUNTS: readonly (readonly [string, MeasureSystem, string, number])[] = [
  ['16 fl oz', 'us', 'volume', 473.176],
  ['16 fl. oz.', 'us', 'volume', 473.176],
  ['16 FL OZ', 'us', 'volume', 473.176],
  ['16fl oz', 'us', 'volume', 473.176],
  ['16 fluid ounces', 'us', 'volume', 473.176],
  ['16 fl oz', 'imperial', 'volume', 454.609],
  ['16 US fl oz', 'imperial', 'volume', 473.176],
  ['16 U.S. fl oz', 'metric', 'volume', 473.176],
  ['1 imp gal', 'us', 'volume', 4546.09],
  ['1 gal', 'us', 'volume', 3785.41],
  ['1 gallon', 'imperial', 'volume', 4546.09],
  ['1 US gallon', 'imperial', 'volume', 3785.41],
  ['2.5 gal', 'us', 'volume', 9463.53],
  ['1 quart', 'us', 'volume', 946.353],
  ['1 qt.', 'us', 'volume', 946.353],
  ['1 pint', 'us', 'volume', 473.176],
  ['1 pt', 'imperial', 'volume', 568.261],
  ['½ pint', 'us', 'volume', 236.588],
  ['1 cup', 'us', 'volume', 236.588],
  ['1 cup', 'metric', 'volume', 250],
  ['1 tbsp', 'us', 'volume', 14.7868],
  ['1 Tbsp.', 'metric', 'volume', 15],
  ['1 tablespoon', 'australian', 'volume', 20],
  ['2 tablespoons', 'imperial', 'volume', 30],
  ['1 US tbsp', 'metric', 'volume', 14.7868],
  ['1 tsp', 'us', 'volume', 4.92892],
  ['1 1/2 tsp', 'metric', 'volume', 7.5],
  ['1½ teaspoons', 'metric', 'volume', 7.5],
  ['a teaspoon', 'metric', 'volume', 5],
  ['one gallon', 'us', 'volume', 3785.41],
  ['500 ml', 'metric', 'volume', 500],
  ['500ml', 'us', 'volume', 500],
  ['500 mL', 'us', 'volume', 500],
  ['500 cc', 'us', 'volume', 500],
  ['5 cl', 'metric', 'volume', 50],
  ['2 dl', 'metric', 'volume', 200],
  ['1 l', 'metric', 'volume', 1000],
  ['1,5 l', 'metric', 'volume', 1500],
  ['1.5 L', 'metric', 'volume', 1500],
  ['1 000 ml', 'metric', 'volume', 1000],
  ['1\u2009000 ml', 'metric', 'volume', 1000],
  ['1 litre', 'metric', 'volume', 1000],
  ['3 liters', 'us', 'volume', 3000],
  ['100 g', 'metric', 'mass', 100],
  ['100 grams', 'metric', 'mass', 100],
  ['2,5 kg', 'metric', 'mass', 2500],
  ['1 lb', 'us', 'mass', 453.592],
  ['1 lb.', 'us', 'mass', 453.592],
  ['2 lbs', 'us', 'mass', 907.185],
  ['4 dry oz', 'us', 'mass', 113.398],
  ['8 oz wt', 'us', 'mass', 226.796],
  ['250 mg', 'metric', 'mass', 0.25],
  ['6 ft', 'us', 'length', 1.8288],
  ['18 in', 'us', 'length', 0.4572],
  ['120 cm', 'metric', 'length', 1.2],
  ['1.8 m', 'metric', 'length', 1.8],
  ['2 yd', 'us', 'length', 1.8288],
  ["6'", 'us', 'length', 1.8288],
  ['5\'6"', 'us', 'length', 1.6764],
  ['5 ft 6 in', 'us', 'length', 1.6764],
  ['5′ 6″', 'us', 'length', 1.6764],
  ["5' 6", 'us', 'length', 1.6764],
  ['18"', 'us', 'length', 0.4572],
  ['1 1/2"', 'us', 'length', 0.0381],
  ['1 lb 8 oz', 'us', 'mass', 680.389],
  ['2 lbs. 3 oz.', 'us', 'mass', 992.233],
  ['1 gal 2 qt', 'us', 'volume', 5678.12],
  ['1 pt 4 fl oz', 'us', 'volume', 591.471],
  ['1 l 500 ml', 'metric', 'volume', 1500],
  ['16 fl oz (473 ml)', 'us', 'volume', 473.176],
  ['16 FL OZ (1 PT) 473 mL', 'us', 'volume', 473.176],
  ['473 ml / 16 fl oz', 'us', 'volume', 473],
  ['1 US gal = 3.785 l', 'us', 'volume', 3785.41],
  ['1 lb (454 g)', 'us', 'mass', 453.592],
  ['20 kg', 'metric', 'mass', 20_000],
  ['0,75 l', 'metric', 'volume', 750],
  ['¾ l', 'metric', 'volume', 750],
  ['1 1/4 cups', 'us', 'volume', 295.735],
  ['1.250 ml', 'metric', 'volume', 1.25],
  ["1'250 ml", 'metric', 'volume', 1250],
  ['1 250,5 ml', 'metric', 'volume', 1250.5],
  ['2 ℓ', 'metric', 'volume', 2000],
  ['500 cm³', 'metric', 'volume', 500],
  ['3 quarts', 'imperial', 'volume', 3409.57],
  ['an ounce dry', 'us', 'mass', 28.3495],
  ['2 UK gallons', 'us', 'volume', 9092.18],
];

test.each(AMOUNTS)('"%s" (%s) is a %s of %p', (text, system, dimension, value) => {
  expect(amount(text, system)).toEqual([dimension, value]);
});

describe('what is no amount says why', () => {
  test.each([
    ['', 'nothing'],
    ['much', 'no-number'],
    ['16', 'no-unit'],
    ['16 bottles', 'unknown-unit'],
    ['0 ml', 'not-above-0'],
    ['-3 ml', 'not-above-0'],
    ['1.2.3 ml', 'no-number'],
    ['8 fl oz 1 gal', 'unknown-unit'],
    ['3 l 4 kg', 'unknown-unit'],
    ['5 ft 6 lb', 'unknown-unit'],
    ['()', 'nothing'],
    ["6' or so", 'no-number'],
  ])('"%s": %s', (text, fault) => {
    expect(amount(text)).toBe(fault);
  });

  test('an ounce is a volume, a weight, or asked about; a weight is no volume; a bare number is what the field says', () => {
    expect(amount('16 oz', 'us', { ounce: 'volume' })).toEqual(['volume', 473.176]);
    expect(amount('16 oz', 'us', { ounce: 'mass' })).toEqual(['mass', 453.592]);
    expect(amount('16 oz', 'us', { ounce: null })).toBe('an-ounce-of-what');
    expect(amount('2 lb', 'us', { dimension: 'volume' })).toBe('wrong-dimension');
    expect(amount('12', 'us', { plain: { dimension: 'volume', amount: 29.5735 } })).toEqual([
      'volume',
      354.882,
    ]);
  });
});

/** Printed rates, whose, and product in a litre of spray (worked by hand: 1 tbsp a US gallon is 14.787/3.785). */
const RATES: readonly (readonly [string, MeasureSystem, string, number, number?])[] = [
  ['2 tbsp per gallon', 'us', 'volume', 7.812],
  ['2 Tbsp. per gallon of water', 'us', 'volume', 7.812],
  ['2 tablespoons/gal', 'us', 'volume', 7.812],
  ['2-3 tbsp per gallon', 'us', 'volume', 7.812, 11.72],
  ['2–3 tbsp per gallon', 'us', 'volume', 7.812, 11.72],
  ['2 to 3 tbsp per gallon', 'us', 'volume', 7.812, 11.72],
  ['1 tbsp to 2 tbsp per gallon', 'us', 'volume', 3.906, 7.812],
  ['1 tsp - 1 tbsp per gallon', 'us', 'volume', 1.302, 3.906],
  ['1.5 fl oz/gal', 'us', 'volume', 11.72],
  ['1 1/2 fl oz per gallon', 'us', 'volume', 11.72],
  ['1½ fl oz per gallon', 'us', 'volume', 11.72],
  ['2 1/2 to 5 fl oz per gallon', 'us', 'volume', 19.53, 39.06],
  ['½ pint per gallon', 'us', 'volume', 62.5],
  ['1 pint per 100 gallons', 'us', 'volume', 1.25],
  ['1 qt/100 gal', 'us', 'volume', 2.5],
  ['1 gal per 100 gal', 'us', 'volume', 10],
  ['2 tsp per quart', 'us', 'volume', 10.42],
  ['1 tsp per pint', 'us', 'volume', 10.42],
  ['1 tsp per 16 fl oz', 'us', 'volume', 10.42],
  ['1 tsp in 16 oz of water', 'us', 'volume', 10.42],
  ['4 fl oz per gallon', 'imperial', 'volume', 25],
  ['1 fl oz per US gallon', 'imperial', 'volume', 7.813],
  ['1 tbsp per gallon', 'imperial', 'volume', 3.3],
  ['1 tablespoon per litre', 'australian', 'volume', 20],
  ['5 ml per l', 'metric', 'volume', 5],
  ['5 ml/l', 'metric', 'volume', 5],
  ['5ml/L', 'metric', 'volume', 5],
  ['5 ml per litre of water', 'metric', 'volume', 5],
  ['5–10 ml / 10 l', 'metric', 'volume', 0.5, 1],
  ['25 ml per 5 l', 'metric', 'volume', 5],
  ['25 ml in 5 l', 'metric', 'volume', 5],
  ['2 ml per 100 ml', 'metric', 'volume', 20],
  ['200 ml per 100 l', 'metric', 'volume', 2],
  ['1,5 l per 100 l', 'metric', 'volume', 15],
  ['0,5 l in 100 l', 'metric', 'volume', 5],
  ['2 % ', 'metric', 'volume', 20],
  ['0,5 %', 'metric', 'volume', 5],
  ['1-2 %', 'metric', 'volume', 10, 20],
  ['1 to 2%', 'us', 'volume', 10, 20],
  ['1½ percent', 'us', 'volume', 15],
  ['1:200', 'metric', 'volume', 5],
  ['1 in 50', 'metric', 'volume', 20],
  ['3 g per l', 'metric', 'weight', 3],
  ['3 g/l', 'metric', 'weight', 3],
  ['30 g per 10 l', 'metric', 'weight', 3],
  ['20–30 g / 10 l', 'metric', 'weight', 2, 3],
  ['1 kg per 100 l', 'metric', 'weight', 10],
  ['2 lb per 100 gallons', 'us', 'weight', 2.397],
  ['1/2 lb/100 gal', 'us', 'weight', 0.5991],
  ['1 dry oz per gallon', 'us', 'weight', 7.489],
  ['2 cups per gallon', 'us', 'volume', 125],
  ['1 000 ml per 100 l', 'metric', 'volume', 10],
  ['2½ tbsp per gal.', 'us', 'volume', 9.766],
  ['¾–1 ½ fl oz per gallon', 'us', 'volume', 5.859, 11.72],
  ['1 cup per 5 gallons', 'us', 'volume', 12.5],
  ['7,5 ml/l', 'metric', 'volume', 7.5],
  ['15 ml per 750 ml', 'metric', 'volume', 20],
  ['1 tbsp per 2 l', 'metric', 'volume', 7.5],
  ['4 tsp per 10 litres', 'metric', 'volume', 2],
  ['1 in 100', 'metric', 'volume', 10],
  ['1:50', 'us', 'volume', 20],
  ['¼ %', 'metric', 'volume', 2.5],
  ['2.5 kg / 1 000 l', 'metric', 'weight', 2.5],
  ['4 oz wt per 25 gal', 'us', 'weight', 1.198],
];

test.each(RATES.map((row) => [`"${row[0]}" (${row[1]})`, row] as const))(
  '%s',
  (_, [text, system, by, ...ends]) => {
    const read = readRate(text, { system, ounce: 'volume' });
    const { rate: printed } = read as { rate: { by: string; low: number; high: number } };
    expect(printed.by).toBe(by);
    const [low, high = low] = ends;
    expect(Math.abs(printed.low / low! - 1)).toBeLessThan(1e-3);
    expect(Math.abs(printed.high / high! - 1)).toBeLessThan(1e-3);
  },
);

describe('what is no rate says why', () => {
  test.each([
    ['', 'nothing'],
    ['2 tbsp', 'in-how-much-water'],
    ['25 ml auf 5', 'in-how-much-water'],
    ['2 tbsp per', 'in-how-much-water'],
    ['2 per gallon', 'no-unit'],
    ['some per gallon', 'no-number'],
    ['2 drops per gallon', 'unknown-unit'],
    ['2 tbsp per bucket', 'unknown-unit'],
    ['3-2 tbsp per gallon', 'low-above-high'],
    ['2 ft per gallon', 'wrong-dimension'],
    ['1 g to 2 ml per l', 'wrong-dimension'],
    ['0 %', 'not-above-0'],
    ['lots %', 'no-number'],
    ['10 ml per m²', 'not-a-rate-by-spray'],
    ['3 fl oz per 1000 sq ft', 'not-a-rate-by-spray'],
    ['1 oz per inch of trunk diameter', 'not-a-rate-by-spray'],
  ])('"%s": %s', (text, fault) => {
    expect(rate(text)).toBe(fault);
  });

  test('an ounce in a gallon is asked about, where the product may be either', () => {
    expect(rate('2 oz per gallon', 'us', null)).toBe('an-ounce-of-what');
    expect(rate('2 oz per gallon', 'us', 'mass')).toEqual(['weight', 14.98]);
  });
});

test('a rate means the same in whatever volume of water it is printed for', () => {
  const waters = [
    ['l', 1000],
    ['ml', 1],
    ['gal', 3785.411784],
    ['quart', 946.352946],
    ['pint', 473.176473],
    ['fl oz', 29.5735295625],
  ] as const;
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 500 }),
      fc.constantFrom(...waters),
      fc.integer({ min: 1, max: 200 }),
      (product, [unit, ml], water) => {
        const read = readRate(`${product} ml per ${water} ${unit}`, { system: 'us', ounce: null });
        expect(read.ok && read.rate.low).toBeCloseTo((1000 * product) / (water * ml), 6);
      },
    ),
  );
});
