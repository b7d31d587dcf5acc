import { pointFrom, type Point } from './point.ts';

/** Where something lies on the drawing: its middle, and how far it is turned clockwise from lying left to right. */
export interface Spot extends Point {
  readonly turnDeg: number;
}

/** How large a plant is from above, m: one alone is as long as it is wide. */
export interface GroundSize {
  readonly spreadM: number;
  readonly lengthM: number | null;
}

/**
 * The ground a crown covers: everything within a radius of the line between two points. The line of a plant that
 * stands alone is a single point; a row's or a hedge's runs along its middle.
 */
export interface Footprint {
  readonly id: string;
  readonly from: Point;
  readonly to: Point;
  readonly radiusM: number;
}

/** What a plant of a size covers at its spot. A row shorter than it is wide is taken for a round crown. */
export function footprintOf(id: string, { spreadM, lengthM }: GroundSize, spot: Spot): Footprint {
  const axisM = Math.max(0, (lengthM ?? 0) - spreadM);
  return {
    id,
    from: pointFrom(spot, -axisM / 2, spot.turnDeg),
    to: pointFrom(spot, axisM / 2, spot.turnDeg),
    radiusM: spreadM / 2,
  };
}

/** The middle of a footprint. */
export const middleOf = ({ from, to }: Footprint): Point => ({
  xM: (from.xM + to.xM) / 2,
  yM: (from.yM + to.yM) / 2,
});

/** Corners a half circle is drawn with. */
const HALF_CIRCLE_CORNERS = 24;

/** The outline of a footprint as a polygon, clockwise, its circles drawn with corners that lie on them. */
export function outlineOf({ from, to, radiusM }: Footprint): Point[] {
  const turnDeg = (Math.atan2(to.yM - from.yM, to.xM - from.xM) * 180) / Math.PI;
  const halfCircle = (centre: Point, startDeg: number) =>
    Array.from({ length: HALF_CIRCLE_CORNERS + 1 }, (_, i) =>
      pointFrom(centre, radiusM, startDeg + (180 * i) / HALF_CIRCLE_CORNERS),
    );
  return [...halfCircle(to, turnDeg - 90), ...halfCircle(from, turnDeg + 90)];
}
