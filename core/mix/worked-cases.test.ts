import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { perLitre, RATE_UNIT_IDS, rateMeaning, type LabelLine, type RateUnit } from '#core/materials';
import { blankLine } from '#core/records';
import { ML_PER_IMPERIAL_GALLON, ML_PER_US_GALLON, type MeasureSystem, SPOONS } from '#core/units';
import { diameterCm, planDrench, planGround, planSpray } from './index.ts';

/**
 * Mixes worked by hand. Constants used in the working: US gal 3785.41 ml, imperial 4546.09; US fl oz
 * 29.5735, imperial 28.4131; US tbsp 14.7868, tsp 4.92892; oz 28.3495 g, lb 453.592.
 */

const lineOf = (unit: RateUnit, low: number, high = low): LabelLine =>
  blankLine({ id: 'line', crop: 'any', groups: ['soft'], rateLow: low, rateHigh: high, rateUnit: unit });
const mixed = (
  unit: RateUnit,
  rate: number,
  sprayMl: number,
  system: MeasureSystem = 'metric',
  range: readonly [number, number] = [rate, rate],
) =>
  planSpray({
    sprayMl,
    tankMl: sprayMl,
    parts: [{ line: lineOf(unit, ...range), rate }],
    spoons: SPOONS[system],
  }).fills[0]!.parts[0]!;

describe('product for a tank', () => {
  test.each<[rate: number, unit: RateUnit, sprayMl: number, by: 'volume' | 'weight', amount: number]>([
    [2, 'percent', 5000, 'volume', 100],
    [0.5, 'percent', 1000, 'volume', 5],
    [1.5, 'percent', 750, 'volume', 11.25],
    [4, 'percent', ML_PER_US_GALLON, 'volume', 151.416],
    [3, 'percent', ML_PER_IMPERIAL_GALLON, 'volume', 136.383],
    [1, 'percent', 16_000, 'volume', 160],
    [5, 'ml-per-l', 8000, 'volume', 40],
    [12.5, 'ml-per-l', 500, 'volume', 6.25],
    [25, 'ml-per-10-l', 5000, 'volume', 12.5],
    [300, 'ml-per-10-l', 15_000, 'volume', 450],
    [750, 'ml-per-100-l', 10_000, 'volume', 75],
    [2, 'tsp-per-l', 5000, 'volume', 50],
    [1, 'tbsp-metric-per-l', 5000, 'volume', 75],
    [1, 'tbsp-australian-per-l', 5000, 'volume', 100],
    [2.5, 'floz-per-us-gal', ML_PER_US_GALLON, 'volume', 73.9338],
    [2.5, 'floz-per-us-gal', 2 * ML_PER_US_GALLON, 'volume', 147.868],
    [1, 'floz-per-us-gal', 5000, 'volume', 39.0625],
    [5, 'tbsp-per-us-gal', ML_PER_US_GALLON, 'volume', 73.9338],
    [4, 'tbsp-per-us-gal', 1000, 'volume', 15.625],
    [2, 'tsp-per-us-gal', ML_PER_US_GALLON, 'volume', 9.85784],
    [6, 'tsp-per-us-gal', 1000, 'volume', 7.8125],
    [128, 'floz-per-100-us-gal', ML_PER_US_GALLON, 'volume', 37.8541],
    [2, 'pint-per-100-us-gal', ML_PER_US_GALLON, 'volume', 9.46353],
    [1, 'quart-per-100-us-gal', 10 * ML_PER_US_GALLON, 'volume', 94.6353],
    [1, 'floz-per-imperial-gal', ML_PER_IMPERIAL_GALLON, 'volume', 28.4131],
    [1, 'floz-per-imperial-gal', 4800, 'volume', 30],
    [2, 'tbsp-per-imperial-gal', ML_PER_IMPERIAL_GALLON, 'volume', 30],
    [3, 'tsp-per-imperial-gal', ML_PER_IMPERIAL_GALLON, 'volume', 15],
    [3, 'g-per-l', 5000, 'weight', 15],
    [40, 'g-per-10-l', 5000, 'weight', 20],
    [250, 'g-per-100-l', 8000, 'weight', 20],
    [1, 'oz-per-us-gal', ML_PER_US_GALLON, 'weight', 28.3495],
    [0.5, 'oz-per-us-gal', 5000, 'weight', 18.7229],
    [8, 'oz-per-100-us-gal', 5 * ML_PER_US_GALLON, 'weight', 11.3398],
    [2, 'lb-per-100-us-gal', ML_PER_US_GALLON, 'weight', 9.07185],
    [1, 'oz-per-imperial-gal', ML_PER_IMPERIAL_GALLON, 'weight', 28.3495],
  ])('%d %s in %d ml', (rate, unit, sprayMl, by, amount) => {
    const part = mixed(unit, rate, sprayMl);
    expect(part.by).toBe(by);
    expect(part.amount / amount).toBeCloseTo(1, 4);
  });
});

describe('by the spoon, and the % that gives', () => {
  test.each<
    [
      percent: number,
      range: [number, number],
      sprayMl: number,
      system: MeasureSystem,
      scoops: string,
      gives: number,
    ]
  >([
    [1.5, [1, 2], 5000, 'metric', '5 tablespoon', 1.5],
    [1.5, [1, 2], 5000, 'australian', '3 tablespoon + 3 teaspoon', 1.5],
    [1.5, [1, 2], 5000, 'imperial', '5 tablespoon', 1.5],
    // 75 ml is 60.87 US quarter-teaspoons: 61 of them, 75.166 ml.
    [1.5, [1, 2], 5000, 'us', '5 tablespoon + ¼ teaspoon', 1.5033],
    [1, [1, 2], 1000, 'metric', '2 teaspoon', 1],
    [1, [1, 2], 1000, 'australian', '2 teaspoon', 1],
    // 10 ml is 8.115 US quarter-teaspoons: 8 give 9.858 ml.
    [1, [0.9, 2], 1000, 'us', '2 teaspoon', 0.9858],
    [2, [1, 2], 1000, 'metric', '1 tablespoon + 1 teaspoon', 2],
    [2, [1, 2], 1000, 'australian', '1 tablespoon', 2],
    // 20 ml would be 16.23 quarter-teaspoons; 16 keep below the label's 2 %.
    [2, [1, 2], 1000, 'us', '1 tablespoon + 1 teaspoon', 1.9716],
    [0.5, [0.5, 1.5], 500, 'metric', '½ teaspoon', 0.5],
    [0.7, [0.5, 1.5], 750, 'metric', '1 teaspoon', 0.6667],
    [4, [2, 4], 5000, 'metric', '13 tablespoon + 1 teaspoon', 4],
    [2, [2, 4], 3785.411784, 'us', '5 tablespoon + ½ teaspoon', 2.0182],
    [3, [2, 4], 4546.09, 'imperial', '9 tablespoon + ¼ teaspoon', 2.9971],
    [1.2, [1, 2], 650, 'metric', '1 teaspoon + ½ teaspoon', 1.1538],
  ])('%d %% (label %j) of %d ml with %s spoons', (percent, range, sprayMl, system, scoops, gives) => {
    const { spoons, spoonPercent, spoonWithinLabel } = mixed('percent', percent, sprayMl, system, range);
    const said = spoons!.scoops
      .map(({ spoon, count }) =>
        spoon.name.startsWith('½') || spoon.name.startsWith('¼')
          ? count === 1
            ? spoon.name
            : `${count} × ${spoon.name}`
          : `${count} ${spoon.name}`,
      )
      .join(' + ');
    expect(said).toBe(scoops);
    expect(spoonPercent).toBeCloseTo(gives, 3);
    expect(spoonWithinLabel).toBe(true);
  });

  test('a label without play may be out of reach for spoons, and says so', () => {
    // 3 ml at exactly 0.5 % in 600 ml: two half-teaspoons overshoot, ½ + 0 undershoots.
    expect(mixed('percent', 0.5, 600, 'metric')).toMatchObject({ spoonWithinLabel: false });
  });
});

describe('part tanks', () => {
  test.each<[sprayMl: number, tankMl: number, fills: [times: number, ml: number, product: number][]]>([
    [
      7500,
      5000,
      [
        [1, 5000, 100],
        [1, 2500, 50],
      ],
    ],
    [
      12_000,
      5000,
      [
        [2, 5000, 100],
        [1, 2000, 40],
      ],
    ],
    [5000, 5000, [[1, 5000, 100]]],
    [800, 5000, [[1, 800, 16]]],
    [
      20_000,
      8000,
      [
        [2, 8000, 160],
        [1, 4000, 80],
      ],
    ],
    // 50 ml over is a hundredth of a tank: not worth mixing.
    [10_050, 5000, [[2, 5000, 100]]],
    [1000, 1000, [[1, 1000, 20]]],
    [
      2300,
      1000,
      [
        [2, 1000, 20],
        [1, 300, 6],
      ],
    ],
  ])('%d ml in a tank of %d ml at 2 %%', (sprayMl, tankMl, fills) => {
    const plan = planSpray({ sprayMl, tankMl, parts: [{ line: lineOf('percent', 2), rate: 2 }], spoons: [] });
    const shown = plan.fills.map(({ times, sprayMl: ml, parts }) => [times, ml, parts[0]!.amount]);
    shown.flat().forEach((value, i) => expect(value).toBeCloseTo(fills.flat()[i]!, 9));
    expect(shown).toHaveLength(fills.length);
  });
});

describe('ground', () => {
  test.each<[rate: number, unit: RateUnit, areaM2: number, amount: number]>([
    [2, 'ml-per-m2', 12, 24],
    [50, 'ml-per-100-m2', 30, 15],
    [3, 'g-per-m2', 4.5, 13.5],
    [200, 'g-per-100-m2', 25, 50],
    // 1000 ft² are 92.903 m².
    [6, 'floz-per-1000-ft2', 92.90304, 177.441],
    [4, 'oz-per-1000-ft2', 46.45152, 56.699],
  ])('%d %s on %d m²', (rate, unit, areaM2, amount) => {
    expect(planGround(lineOf(unit, rate), rate, areaM2, []).amount).toBeCloseTo(amount, 3);
  });
});

describe('drenches by trunk', () => {
  test.each<
    [rate: number, unit: RateUnit, measured: 'diameter' | 'circumference', cm: number, amount: number]
  >([
    [3, 'ml-per-cm-diameter', 'diameter', 20, 60],
    // 62.83 cm round are 20 cm through: the same trunk, the same amount.
    [3, 'ml-per-cm-diameter', 'circumference', 62.8319, 60],
    [1, 'ml-per-cm-circumference', 'circumference', 62.8319, 62.8319],
    [1, 'ml-per-cm-circumference', 'diameter', 20, 62.8319],
    [6, 'ml-per-inch-diameter', 'diameter', 25.4, 60],
    [6, 'ml-per-inch-diameter', 'circumference', 25.4, 19.0986],
    [1, 'ml-per-inch-circumference', 'circumference', 50.8, 20],
    [1, 'floz-per-inch-circumference', 'circumference', 50.8, 591.471],
    [1, 'floz-per-inch-circumference', 'diameter', 25.4, 929.08],
    [0.2, 'floz-per-inch-diameter', 'diameter', 30.48, 70.9765],
    [2, 'g-per-cm-diameter', 'diameter', 15, 30],
    [2, 'g-per-cm-circumference', 'circumference', 15, 30],
    [1.5, 'g-per-inch-diameter', 'diameter', 12.7, 7.5],
    [1.5, 'g-per-inch-circumference', 'circumference', 12.7, 7.5],
    [0.5, 'oz-per-inch-diameter', 'diameter', 10.16, 56.699],
    [0.1, 'oz-per-inch-circumference', 'diameter', 10.16, 35.6251],
  ])('%d %s, trunk %s %d cm', (rate, unit, measured, cm, amount) => {
    expect(planDrench(lineOf(unit, rate), rate, [{ measured, cm, atHeightM: 1.4 }], []).total).toBeCloseTo(
      amount,
      2,
    );
  });

  test('several trunks add up; mistaking round for through is 3.14-fold', () => {
    const line = lineOf('ml-per-cm-diameter', 1, 3);
    expect(
      planDrench(
        line,
        2,
        [
          { measured: 'diameter', cm: 10, atHeightM: 0.3 },
          { measured: 'circumference', cm: 10 * Math.PI, atHeightM: 0.3 },
        ],
        [],
      ).total,
    ).toBeCloseTo(40, 9);
    expect(10 / diameterCm({ measured: 'circumference', cm: 10, atHeightM: 1 })).toBeCloseTo(Math.PI, 12);
    expect(() =>
      planDrench(lineOf('percent', 1), 1, [{ measured: 'diameter', cm: 10, atHeightM: 1 }], []),
    ).toThrow(RangeError);
    expect(() => planDrench(line, 4, [{ measured: 'diameter', cm: 10, atHeightM: 1 }], [])).toThrow('label');
    expect(() => planDrench(line, 2, [], [])).toThrow(RangeError);
  });
});

describe('there and back', () => {
  test('every rate by spray comes back from what it pours into a litre', () => {
    const units = RATE_UNIT_IDS.filter((unit) => rateMeaning(1, unit).per === 'litre');
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.double({ min: 0.01, max: 500, noNaN: true }),
        (unit, rate) => {
          expect(perLitre(rate, unit).amount / perLitre(1, unit).amount).toBeCloseTo(rate, 6);
        },
      ),
      { seed: 3 },
    );
    expect(() => perLitre(0, 'percent')).toThrow(RangeError);
    expect(() => perLitre(1, 'ml-per-m2')).toThrow('ground');
  });

  test('one strength written in three systems pours the same', () => {
    const pour = (unit: RateUnit, rate: number) => perLitre(rate, unit).amount;
    expect(pour('floz-per-us-gal', 1.28)).toBeCloseTo(pour('percent', 1), 9);
    expect(pour('floz-per-imperial-gal', 1.6)).toBeCloseTo(pour('percent', 1), 9);
    expect(pour('tbsp-per-us-gal', 2)).toBeCloseTo(pour('floz-per-us-gal', 1), 9);
    expect(pour('tsp-per-us-gal', 6)).toBeCloseTo(pour('floz-per-us-gal', 1), 9);
    expect(pour('pint-per-100-us-gal', 1)).toBeCloseTo(pour('floz-per-100-us-gal', 16), 9);
  });
});
