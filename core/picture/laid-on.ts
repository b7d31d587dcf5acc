/** A place in a picture, in pixels. */
export interface PicturePlace {
  readonly x: number;
  readonly y: number;
}

/** Turns, sizes and moves a picture: x' = a·x − b·y + moveX, y' = b·x + a·y + moveY. */
export interface Laying {
  readonly a: number;
  readonly b: number;
  readonly moveX: number;
  readonly moveY: number;
}

/**
 * How a picture is laid on another so that its marked places fall on those of the other, in their order: the turn,
 * size and move with the least squared distance (Umeyama 1991, IEEE Trans. Pattern Anal. 13:376, in the plane and
 * without mirroring). Of unequal numbers the first ones of both count. Null with fewer than two, or where all of
 * `places` are one.
 */
export function laidOn(places: readonly PicturePlace[], onto: readonly PicturePlace[]): Laying | null {
  const n = Math.min(places.length, onto.length);
  if (n < 2) return null;
  const [from, to] = [places.slice(0, n), onto.slice(0, n)];
  const [middle, target] = [centreOf(from), centreOf(to)];
  let along = 0,
    across = 0,
    size = 0;
  for (let i = 0; i < n; i++) {
    const [px, py] = [from[i]!.x - middle.x, from[i]!.y - middle.y];
    const [qx, qy] = [to[i]!.x - target.x, to[i]!.y - target.y];
    along += px * qx + py * qy;
    across += px * qy - py * qx;
    size += px * px + py * py;
  }
  if (size === 0) return null;
  const [a, b] = [along / size, across / size];
  return {
    a,
    b,
    moveX: target.x - a * middle.x + b * middle.y,
    moveY: target.y - b * middle.x - a * middle.y,
  };
}

function centreOf(places: readonly PicturePlace[]): PicturePlace {
  const sum = places.reduce((so, { x, y }) => ({ x: so.x + x, y: so.y + y }), { x: 0, y: 0 });
  return { x: sum.x / places.length, y: sum.y / places.length };
}
