import type { Point } from './point.ts';

/** What a drawn thing is pulled to while it is moved. */
export interface Snapping {
  /** Lines of a net so far apart, m. */
  readonly netM: number;
  /**
   * Middles of other things: one moved to within reach of the same height or the same distance lines up
   * with them.
   */
  readonly middles: readonly Point[];
  readonly reachM: number;
}

/** A point pulled to line up with others within reach, in each direction by itself, else to the net. */
export function snapped({ xM, yM }: Point, { netM, middles, reachM }: Snapping): Point {
  const pulled = (value: number, lines: readonly number[]) => {
    const near = lines.filter((line) => Math.abs(line - value) <= reachM);
    if (near.length === 0) return Math.round(value / netM) * netM;
    return near.reduce((best, line) => (Math.abs(line - value) < Math.abs(best - value) ? line : best));
  };
  return {
    xM: pulled(
      xM,
      middles.map((middle) => middle.xM),
    ),
    yM: pulled(
      yM,
      middles.map((middle) => middle.yM),
    ),
  };
}

/** A turn pulled to the nearest step, 0 up to 360. */
export const turned = (turnDeg: number, stepDeg: number): number =>
  (((Math.round(turnDeg / stepDeg) * stepDeg) % 360) + 360) % 360;
