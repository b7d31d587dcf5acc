import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { accumulateDegreeDays, dailyDegreeDays, type DegreeDayModel } from './index.ts';

const MODEL: DegreeDayModel = { lowerC: 10, upperC: null, method: 'double-sine', cutoff: 'none' };

test('the running sum is the sum of single days, each with the following night', () => {
  const reading = fc.double({ min: -20, max: 40, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(reading, reading), { minLength: 1, maxLength: 40 }), (pairs) => {
      const minC = pairs.map(([a, b]) => Math.min(a, b));
      const maxC = pairs.map(([a, b]) => Math.max(a, b));
      const sums = accumulateDegreeDays(minC, maxC, MODEL);
      let total = 0;
      minC.forEach((low, i) => {
        total += dailyDegreeDays({ minC: low, maxC: maxC[i]!, nextMinC: minC[i + 1] ?? low }, MODEL);
        expect(sums[i]).toBeCloseTo(total, 9);
      });
    }),
    { seed: 3 },
  );
});

test('a bad day is named by its index', () => {
  expect(() => accumulateDegreeDays([1, 5], [3, 4], MODEL)).toThrow('day 1');
  expect(() => accumulateDegreeDays([1, NaN], [3, 4], MODEL)).toThrow('day 1');
  expect(() => accumulateDegreeDays([1], [Infinity], MODEL)).toThrow('finite');
  expect(() => accumulateDegreeDays([1], [3, 4], MODEL)).toThrow('equally many');
});
