import type { GroundShape, PlantSpot } from '#core/records';
import { demoId, plantId } from './ids.ts';
import { OUTDOORS, P, SUNROOM } from './plants.ts';

const shape = (
  number: number,
  kind: GroundShape['kind'],
  name: string,
  [xM, yM]: readonly [number, number],
  [lengthM, depthM]: readonly [number, number],
  more: Partial<GroundShape> = {},
): GroundShape => ({
  id: demoId(11, number),
  kind,
  name,
  placeId: null,
  xM,
  yM,
  turnDeg: 0,
  lengthM,
  depthM,
  heightM: null,
  ...more,
});

/** Fallow Bank from above: x to the east, y to the south, metres from its north-west corner. */
export const GROUND_SHAPES: readonly GroundShape[] = [
  shape(1, 'house', 'House', [28, 7], [12, 7], { heightM: 7.5 }),
  shape(2, 'glass', 'Sunroom', [36.25, 7.75], [4.5, 5], { heightM: 3.2, placeId: SUNROOM }),
  shape(3, 'fence', 'Fence', [3, 12.5], [24, 0.12], { turnDeg: 90, heightM: 1.6 }),
  shape(4, 'shed', 'Shed', [25, 22.5], [4, 3], { heightM: 2.6 }),
  shape(5, 'path', 'Path', [28, 16], [10, 1.2], { turnDeg: 90 }),
];

const spot = (
  number: number,
  plant: number,
  xM: number,
  yM: number,
  turnDeg = 0,
  placeId = OUTDOORS,
): PlantSpot => ({ id: demoId(12, number), plantId: plantId(plant), placeId, xM, yM, turnDeg });

export const PLANT_SPOTS: readonly PlantSpot[] = [
  spot(1, P.hedge, 4.6, 11, 90),
  spot(2, P.fence, 3.55, 11, 90),
  spot(3, P.lilac, 6, 17.8),
  spot(4, P.apple1, 13, 8.5),
  spot(5, P.apple2, 20.5, 22),
  spot(6, P.pear, 13.5, 15),
  spot(7, P.quince, 12, 21.5),
  spot(8, 5, 38, 18.5),
  spot(9, 9, 26, 11.4),
  spot(10, 10, 30.2, 11.4),
  spot(11, P.box, 21.5, 11.6),
  spot(12, P.vine, 21, 16, 0),
  spot(13, P.rose, 33.5, 11.5),
  spot(14, 14, 35.1, 6.6, 0, SUNROOM),
  spot(15, P.kumquat, 35.85, 6.6, 0, SUNROOM),
  spot(16, P.camellia, 37.4, 9.2, 0, SUNROOM),
];
