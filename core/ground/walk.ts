import { between, type Point } from './point.ts';

/** Something to be walked past. */
export interface WalkPoint extends Point {
  readonly id: string;
}

/**
 * An order in which to walk past points from a start: always to the nearest left, then turned about wherever that
 * shortens it (2-opt; Croes 1958, Oper. Res. 6:791). Not the shortest there is, but no crossing is left in it.
 */
export function walkPast<T extends WalkPoint>(points: readonly T[], start: Point): T[] {
  const left = [...points];
  const walk: T[] = [];
  let at: Point = start;
  while (left.length > 0) {
    const here = at;
    const next = left.reduce((best, point) => (between(here, point) < between(here, best) ? point : best));
    left.splice(left.indexOf(next), 1);
    walk.push(next);
    at = next;
  }
  return uncrossed(walk, start);
}

/** Metres of a walk from its start past every point. */
export const walkLengthM = (walk: readonly Point[], start: Point): number =>
  walk.reduce((sum, point, i) => sum + between(i === 0 ? start : walk[i - 1]!, point), 0);

function uncrossed<T extends Point>(walk: T[], start: Point): T[] {
  let best = walk;
  for (let improved = true; improved;) {
    improved = false;
    for (let i = 0; i < best.length - 1; i++)
      for (let j = i + 1; j < best.length; j++) {
        if (savedByTurning(best, start, i, j) <= 1e-9) continue;
        best = [...best.slice(0, i), ...best.slice(i, j + 1).reverse(), ...best.slice(j + 1)];
        improved = true;
      }
  }
  return best;
}

/** Metres saved by walking the stretch from `i` to `j` the other way about; the end is open. */
function savedByTurning(walk: readonly Point[], start: Point, i: number, j: number): number {
  const before = i === 0 ? start : walk[i - 1]!;
  const after = walk[j + 1];
  const now = between(before, walk[i]!) + (after ? between(walk[j]!, after) : 0);
  const then = between(before, walk[j]!) + (after ? between(walk[i]!, after) : 0);
  return now - then;
}
