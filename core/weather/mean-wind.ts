import { sum } from 'simple-statistics';

/** A wind: where it blew from, degrees clockwise from north, and how strongly, m/s. */
export interface Wind {
  readonly fromDeg: number;
  readonly speedMs: number;
}

/**
 * The mean of winds as vectors, so that opposite ones cancel: its speed is what is left of them. Null of none.
 */
export function meanWind(winds: readonly Wind[]): Wind | null {
  if (winds.length === 0) return null;
  const part = (turn: (radians: number) => number) =>
    sum(winds.map(({ fromDeg, speedMs }) => speedMs * turn((fromDeg * Math.PI) / 180))) / winds.length;
  const north = part(Math.cos),
    east = part(Math.sin);
  return {
    fromDeg: ((Math.atan2(east, north) * 180) / Math.PI + 360) % 360,
    speedMs: Math.hypot(north, east),
  };
}
