import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { laidOn, type Laying, type PicturePlace } from './index.ts';

const at = ({ a, b, moveX, moveY }: Laying, { x, y }: PicturePlace): PicturePlace => ({
  x: a * x - b * y + moveX,
  y: b * x + a * y + moveY,
});

describe('laying one picture on another', () => {
  test('by hand: twice the size and a quarter turn', () => {
    const laying = laidOn(
      [
        { x: 0, y: 0 },
        { x: 10, y: 0 },
      ],
      [
        { x: 5, y: 5 },
        { x: 5, y: 25 },
      ],
    )!;
    expect(laying).toEqual({ a: 0, b: 2, moveX: 5, moveY: 5 });
  });

  test('any turn, size and move is found again from its marks', () => {
    const place = fc.record({
      x: fc.double({ min: 0, max: 2000, noNaN: true }),
      y: fc.double({ min: 0, max: 2000, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(place, { minLength: 2, maxLength: 6 }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        place,
        (places, size, turn, move) => {
          const [first] = places;
          fc.pre(places.some(({ x, y }) => Math.hypot(x - first!.x, y - first!.y) > 1));
          const laying = { a: size * Math.cos(turn), b: size * Math.sin(turn), moveX: move.x, moveY: move.y };
          const again = laidOn(
            places,
            places.map((each) => at(laying, each)),
          )!;
          expect(again.a).toBeCloseTo(laying.a, 6);
          expect(again.b).toBeCloseTo(laying.b, 6);
          expect(again.moveX).toBeCloseTo(laying.moveX, 3);
        },
      ),
    );
  });

  test('marks that do not quite fit are met as nearly as can be', () => {
    const from = [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: 0, y: 100 },
    ];
    const laying = laidOn(from, [
      { x: 0, y: 3 },
      { x: 100, y: 0 },
      { x: 0, y: 100 },
    ])!;
    const off = (by: Laying) =>
      from.reduce((sum, place, i) => {
        const to = [
          { x: 0, y: 3 },
          { x: 100, y: 0 },
          { x: 0, y: 100 },
        ][i]!;
        const { x, y } = at(by, place);
        return sum + (x - to.x) ** 2 + (y - to.y) ** 2;
      }, 0);
    for (const shift of [
      { moveX: laying.moveX + 1 },
      { moveY: laying.moveY - 1 },
      { a: laying.a * 1.02 },
      { b: laying.b + 0.02 },
    ])
      expect(off({ ...laying, ...shift })).toBeGreaterThan(off(laying));
  });

  test('needs two marks that lie apart; more on one picture than the other are left out', () => {
    expect(laidOn([{ x: 1, y: 1 }], [{ x: 1, y: 1 }])).toBeNull();
    expect(
      laidOn(
        [
          { x: 1, y: 1 },
          { x: 1, y: 1 },
        ],
        [
          { x: 1, y: 1 },
          { x: 2, y: 2 },
        ],
      ),
    ).toBeNull();
    const two = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
    ];
    expect(laidOn([...two, { x: 9, y: 9 }], two)).toEqual({ a: 1, b: 0, moveX: 0, moveY: 0 });
  });
});
