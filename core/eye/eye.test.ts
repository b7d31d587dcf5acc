import { describe, expect, test } from '@jest/globals';
import {
  DAMAGE_KINDS,
  drawLeaf,
  drawTwig,
  LEAF_BOX,
  leafEdge,
  leafExercise,
  onLeaf,
  twigExercise,
} from './index.ts';

describe('drawn leaves', () => {
  test.each(DAMAGE_KINDS.flatMap((kind) => [0.5, 2, 10, 30, 60].map((percent) => [kind, percent] as const)))(
    '%s on %d %% of a leaf are that much, measured anew',
    (kind, percent) => {
      const { patches, truthPercent } = drawLeaf(kind, percent, 7);
      expect(Math.abs(truthPercent - percent)).toBeLessThan(0.1 + percent * 0.01);
      // Measured again by random points, independent of the grid.
      let on = 0,
        hit = 0;
      for (let i = 0; i < 5000; i++) {
        const x = ((i * 0.754877666) % 1) * LEAF_BOX.width,
          y = ((i * 0.569840296) % 1) * LEAF_BOX.height;
        if (!onLeaf(x, y)) continue;
        on++;
        if (patches.some((patch) => (patch.x - x) ** 2 + (patch.y - y) ** 2 <= patch.r ** 2)) hit++;
      }
      expect(Math.abs((100 * hit) / on - truthPercent)).toBeLessThan(0.5 + truthPercent * 0.05);
    },
  );

  test('the same seed gives the same leaf, another a different one; nonsense is refused', () => {
    expect(drawLeaf('spots', 5, 3)).toEqual(drawLeaf('spots', 5, 3));
    expect(drawLeaf('spots', 5, 4)).not.toEqual(drawLeaf('spots', 5, 3));
    expect(drawLeaf('rust', 0, 1)).toMatchObject({ patches: [], truthPercent: 0 });
    expect(() => drawLeaf('rust', 95, 1)).toThrow(RangeError);
  });

  test('the edge runs round the leaf', () => {
    for (const { x, y } of leafEdge())
      expect(onLeaf(50 + (x - 50) * 0.97, 30 + (y - 30) * 0.9) || x < 6 || x > 94).toBe(true);
  });
});

test('drawn twigs hold what they say, apart from each other', () => {
  const { covers, truth } = drawTwig({ live: 12, dead: 5, holed: 3 }, 21);
  expect(covers.filter(({ kind }) => kind === 'live').length).toBe(truth.live);
  expect(truth.live + truth.dead + truth.holed).toBe(covers.length);
  for (const [i, a] of covers.entries())
    for (const b of covers.slice(i + 1)) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(2.6);
  expect(drawTwig({ live: 0, dead: 0, holed: 0 }, 1).covers).toEqual([]);
});

test('lessons dwell on small areas, between 0.5 and 60 %', () => {
  const shares = Array.from({ length: 60 }, (_, i) => leafExercise(1000 + i * 7919)).map((exercise) =>
    exercise.kind === 'leaf' ? exercise.leaf.truthPercent : NaN,
  );
  expect(Math.min(...shares)).toBeGreaterThan(0.4);
  expect(Math.max(...shares)).toBeLessThan(60.2);
  expect(shares.filter((share) => share < 6).length).toBeGreaterThan(20);
  expect(twigExercise(5).kind).toBe('twig');
});
