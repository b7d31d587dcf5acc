import { pointFrom, type Point } from './point.ts';

const STEP_M = 0.5;
const MOST_RINGS = 80;
const TURNS_A_RING = 12;

/**
 * The nearest point to a wanted one at which nothing reaches within a radius, looked for ring by ring; the wanted
 * one itself where all is full.
 * @param isFree whether a thing of that radius has room there.
 */
export function freeSpot(wanted: Point, isFree: (point: Point) => boolean): Point {
  if (isFree(wanted)) return wanted;
  for (let ring = 1; ring <= MOST_RINGS; ring++)
    for (let turn = 0; turn < TURNS_A_RING; turn++) {
      const point = pointFrom(wanted, ring * STEP_M, (360 / TURNS_A_RING) * turn);
      if (isFree(point)) return point;
    }
  return wanted;
}
