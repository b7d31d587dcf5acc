import { expect, test } from '@jest/globals';
import { partMeasures } from './part-measures.ts';

test('a part is typed in the units of the garden, or with its own', () => {
  const { volume, weight } = partMeasures('us');
  expect([volume.words, weight.words]).toEqual(['fl oz in a gallon', 'oz in a gallon']);
  // A fluid ounce is a 128th of a gallon; a tablespoon half of one.
  expect(volume.typedPerLitre('1')).toBeCloseTo(1000 / 128, 9);
  expect(volume.typedPerLitre('2 tbsp')).toBeCloseTo(1000 / 128, 9);
  expect(volume.typedPerLitre('½')).toBeCloseTo(500 / 128, 9);
  expect(weight.typedPerLitre('1 lb')).toBeCloseTo(453.59237 / 3.785411784, 9);
  expect(volume.perLitre * 128).toBeCloseTo(1000, 9);
});

test('by the litre elsewhere, and nothing for what is no amount', () => {
  const { volume, weight } = partMeasures('metric');
  expect([volume.words, weight.words]).toEqual(['ml in a litre', 'g in a litre']);
  expect(volume.typedPerLitre('7,5')).toBe(7.5);
  expect(volume.typedPerLitre('1 tsp')).toBe(5);
  expect(partMeasures('australian').volume.typedPerLitre('1 tbsp')).toBe(20);
  expect(partMeasures('imperial').volume.typedPerLitre('160')).toBeCloseTo(1000, 9);
  for (const text of ['', 'some', '0', '-2', '3 g']) expect(volume.typedPerLitre(text)).toBeNaN();
  expect(weight.typedPerLitre('3 ml')).toBeNaN();
});
