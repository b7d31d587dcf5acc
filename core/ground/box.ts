import type { Spot } from './footprint.ts';
import { type Point, pointFrom } from './point.ts';

/** A house, a path or a bed from above: so long and so deep, m, about its middle. */
export interface Box extends Spot {
  readonly lengthM: number;
  readonly depthM: number;
}

/** Whether a point lies in a box, its edge included. */
export function holdsPoint(box: Box, point: Point): boolean {
  const [alongM, acrossM] = within(box, point);
  return Math.abs(alongM) <= box.lengthM / 2 && Math.abs(acrossM) <= box.depthM / 2;
}

/** Its four corners, in order round it. */
export function cornersOf(box: Box): Point[] {
  return [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([along, across]) =>
    pointFrom(
      pointFrom(box, (along! * box.lengthM) / 2, box.turnDeg),
      (across! * box.depthM) / 2,
      box.turnDeg + 90,
    ),
  );
}

/**
 * Spots for so many round things in a box, in rows from its first corner, each in the middle of a cell of its own,
 * so that none stands on another as long as they are smaller than a cell.
 */
export function spotsIn(box: Box, count: number): Spot[] {
  const columns = Math.max(1, Math.round(Math.sqrt((count * box.lengthM) / Math.max(box.depthM, 0.01))));
  const rows = Math.max(1, Math.ceil(count / columns));
  return Array.from({ length: count }, (_, i) => {
    const alongM = (((i % columns) + 0.5) / columns - 0.5) * box.lengthM;
    const acrossM = ((Math.floor(i / columns) + 0.5) / rows - 0.5) * box.depthM;
    return {
      ...pointFrom(pointFrom(box, alongM, box.turnDeg), acrossM, box.turnDeg + 90),
      turnDeg: 0,
    };
  });
}

/** A point as the box sees it: metres along its length and across it from its middle. */
function within({ xM, yM, turnDeg }: Box, point: Point): readonly [alongM: number, acrossM: number] {
  const turn = (turnDeg * Math.PI) / 180;
  const dx = point.xM - xM,
    dy = point.yM - yM;
  return [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)];
}
