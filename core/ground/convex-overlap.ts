import type { Point } from './point.ts';

/**
 * The ground two convex outlines share, as the corners of a convex outline; none where they share nothing.
 * Sutherland & Hodgman 1974 (Commun. ACM 17:32): one is cut along each side of the other in turn. Both go round
 * clockwise on the drawing.
 */
export function convexOverlap(one: readonly Point[], other: readonly Point[]): Point[] {
  return other.reduce<Point[]>(
    (left, from, i) => keptOf(left, from, other[(i + 1) % other.length]!),
    [...one],
  );
}

/** The part of an outline to the right of the line from one point to another, as one walks along it. */
function keptOf(outline: readonly Point[], from: Point, to: Point): Point[] {
  return outline.flatMap((point, i) => {
    const next = outline[(i + 1) % outline.length]!;
    const [here, there] = [rightOf(from, to, point), rightOf(from, to, next)];
    const crossing = here < 0 !== there < 0 ? [crossingOf(point, next, here / (here - there))] : [];
    return here >= 0 ? [point, ...crossing] : crossing;
  });
}

/** Twice the area of the triangle a line makes with a point, m²; above 0 to its right on the drawing. */
const rightOf = (from: Point, to: Point, { xM, yM }: Point): number =>
  (to.xM - from.xM) * (yM - from.yM) - (to.yM - from.yM) * (xM - from.xM);

const crossingOf = (from: Point, to: Point, share: number): Point => ({
  xM: from.xM + share * (to.xM - from.xM),
  yM: from.yM + share * (to.yM - from.yM),
});
