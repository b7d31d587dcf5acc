import { clamp } from 'es-toolkit';
import type { Footprint } from './footprint.ts';
import { between, type Point } from './point.ts';

/**
 * Metres between the edges of two crowns; below 0 by as much as they reach into each other, measured across
 * their middle lines.
 */
export function gapM(a: Footprint, b: Footprint): number {
  return axesApartM(a, b) - a.radiusM - b.radiusM;
}

/** Metres from a point to the edge of a crown; below 0 under it. */
export function gapToPointM(crown: Footprint, point: Point): number {
  return between(point, nearestOnAxis(crown, point)) - crown.radiusM;
}

/** Least distance between two middle lines: 0 where they cross, else one of their four ends is nearest. */
function axesApartM(a: Footprint, b: Footprint): number {
  if (cross(a, b)) return 0;
  return Math.min(
    between(a.from, nearestOnAxis(b, a.from)),
    between(a.to, nearestOnAxis(b, a.to)),
    between(b.from, nearestOnAxis(a, b.from)),
    between(b.to, nearestOnAxis(a, b.to)),
  );
}

/** The point of a crown's middle line that is nearest to another. */
function nearestOnAxis({ from, to }: Footprint, { xM, yM }: Point): Point {
  const alongX = to.xM - from.xM,
    alongY = to.yM - from.yM;
  const squared = alongX ** 2 + alongY ** 2;
  if (squared === 0) return from;
  const share = clamp(((xM - from.xM) * alongX + (yM - from.yM) * alongY) / squared, 0, 1);
  return { xM: from.xM + share * alongX, yM: from.yM + share * alongY };
}

function cross(a: Footprint, b: Footprint): boolean {
  const sides = [side(a, b.from) * side(a, b.to), side(b, a.from) * side(b, a.to)];
  return sides.every((product) => product < 0);
}

/** Twice the area of the triangle a middle line makes with a point; its sign tells the side. m² */
const side = ({ from, to }: Footprint, { xM, yM }: Point): number =>
  (to.xM - from.xM) * (yM - from.yM) - (to.yM - from.yM) * (xM - from.xM);
