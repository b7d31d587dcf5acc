import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { smallAmount } from './index.ts';

test.each([
  [5, null],
  [1.2, null],
  [1.19, { kind: 'syringe' }],
  [0.2, { kind: 'syringe' }],
  [0.05, { kind: 'premix', productMl: 0.2, waterMl: 1.8, takeMl: 0.5 }],
  [0.01, { kind: 'mix-more', times: 2 }],
])('%p ml', (amount, way) => {
  expect(smallAmount({ by: 'volume', amount })).toEqual(way);
});

test.each([
  [3, null],
  [1, null],
  [0.3, { kind: 'mix-more', times: 4 }],
])('%p g', (amount, way) => {
  expect(smallAmount({ by: 'weight', amount })).toEqual(way);
});

test('a premix holds what is asked for, and mixing so much more can be weighed', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 1, noNaN: true }), (amount) => {
      const wet = smallAmount({ by: 'volume', amount });
      if (wet?.kind === 'premix') expect(wet.takeMl).toBeLessThanOrEqual(wet.productMl + wet.waterMl);
      if (wet?.kind === 'mix-more') expect(wet.times * amount).toBeGreaterThanOrEqual(0.02 - 1e-9);
      if (wet?.kind === 'premix')
        expect((wet.takeMl * wet.productMl) / (wet.productMl + wet.waterMl)).toBeCloseTo(amount, 9);
      const dry = smallAmount({ by: 'weight', amount });
      if (dry?.kind === 'mix-more') expect(dry.times * amount).toBeGreaterThanOrEqual(1);
    }),
  );
});
