import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { labelsThatFit } from './labels.ts';

const label = (id: string, xPx: number, yPx: number, weight = 1) => ({ id, text: id, xPx, yPx, weight });

test('of two that cover each other the weightier stands', () => {
  expect(labelsThatFit([label('Lilac', 10, 10), label('Holly', 20, 12, 5)]).map(({ id }) => id)).toEqual([
    'Holly',
  ]);
  expect(labelsThatFit([label('Lilac', 10, 10), label('Holly', 20, 30, 5)])).toHaveLength(2);
});

test('what stands never covers another, and what is left out is covered by one that stands', () => {
  const any = fc.array(
    fc.record({
      id: fc.uuid(),
      text: fc.string({ minLength: 3, maxLength: 20 }),
      xPx: fc.integer({ min: 0, max: 400 }),
      yPx: fc.integer({ min: 0, max: 200 }),
      weight: fc.integer({ min: 0, max: 9 }),
    }),
    { maxLength: 40 },
  );
  fc.assert(
    fc.property(any, (wanted) => {
      const standing = labelsThatFit(wanted);
      for (const one of standing)
        for (const other of standing) if (one !== other) expect(labelsThatFit([one, other])).toHaveLength(2);
      for (const left of wanted.filter((one) => !standing.includes(one)))
        expect(standing.some((one) => labelsThatFit([one, left]).length === 1)).toBe(true);
    }),
  );
});
