/** A point of the drawn garden: metres to the right and metres down the drawing. */
export interface Point {
  readonly xM: number;
  readonly yM: number;
}

export const pointAt = (xM: number, yM: number): Point => ({ xM, yM });

export const between = (a: Point, b: Point): number => Math.hypot(b.xM - a.xM, b.yM - a.yM);

/** The point so far from another, along a direction turned clockwise from the drawing's right. */
export function pointFrom({ xM, yM }: Point, distanceM: number, turnDeg: number): Point {
  const turn = (turnDeg * Math.PI) / 180;
  return { xM: xM + distanceM * Math.cos(turn), yM: yM + distanceM * Math.sin(turn) };
}
