import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { labelsThatFit, type PlacedLabel, type WantedLabel } from './labels.ts';

const label = (id: string, places: WantedLabel['places'], weight = 1): WantedLabel => ({
  id,
  text: id,
  places,
  weight,
});
const ids = (labels: readonly { readonly id: string }[]) => labels.map(({ id }) => id);

test('of two that cover each other the weightier stands', () => {
  expect(ids(labelsThatFit([label('Lilac', [[10, 10]]), label('Holly', [[20, 12]], 5)]))).toEqual(['Holly']);
  expect(labelsThatFit([label('Lilac', [[10, 10]]), label('Holly', [[20, 30]], 5)])).toHaveLength(2);
});

test('one whose first place is taken stands at its second', () => {
  const places: WantedLabel['places'] = [
    [10, 10],
    [10, 60],
  ];
  const [first, second] = labelsThatFit([label('Lilac', places), label('Holly', places, 5)]);
  expect([first!.id, first!.yPx, second!.id, second!.yPx]).toEqual(['Holly', 10, 'Lilac', 60]);
});

test('nothing stands on a number', () => {
  const number = { xPx: 10, yPx: 12, halfPx: 5 };
  expect(labelsThatFit([label('Lilac', [[10, 10]], 9)], [number])).toEqual([]);
});

test('what stands never covers another', () => {
  const at = fc.tuple(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 0, max: 200 }));
  const any = fc.array(
    fc.record({
      id: fc.uuid(),
      text: fc.string({ minLength: 3, maxLength: 20 }),
      places: fc.array(at, { minLength: 1, maxLength: 3 }),
      weight: fc.integer({ min: 0, max: 9 }),
    }),
    { maxLength: 40 },
  );
  const alone = ({ xPx, yPx, ...rest }: PlacedLabel<WantedLabel>) => ({
    ...rest,
    places: [[xPx, yPx]] as const,
  });
  fc.assert(
    fc.property(any, (wanted) => {
      const standing = labelsThatFit(wanted);
      for (const one of standing)
        for (const other of standing)
          if (one !== other) expect(labelsThatFit([alone(one), alone(other)])).toHaveLength(2);
    }),
  );
});
