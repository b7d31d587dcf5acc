import type { GroundKind } from '#core/records';

/** What stands or lies in a garden besides plants. */
export const SHAPE_WORDS: Readonly<Record<GroundKind, string>> = {
  house: 'house',
  shed: 'shed',
  glass: 'glass: sunroom, greenhouse',
  fence: 'fence',
  wall: 'wall',
  path: 'path',
  bed: 'bed or lawn',
  water: 'water',
  other: 'something else',
};

/** The size one is first drawn in, m: long, deep, high where it throws a shadow. */
export const FIRST_SIZE: Readonly<
  Record<GroundKind, readonly [lengthM: number, depthM: number, heightM: number | null]>
> = {
  house: [10, 7, 6],
  shed: [3, 2, 2.5],
  glass: [4, 3, 3],
  fence: [10, 0.15, 1.5],
  wall: [10, 0.3, 2],
  path: [10, 1, null],
  bed: [4, 2, null],
  water: [3, 2, null],
  other: [2, 2, null],
};
