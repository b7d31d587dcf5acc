/** A leaf lies in a box 100 wide and 60 high, its tip to the right. */
export const LEAF_BOX = { width: 100, height: 60 } as const;

/** Half the leaf's width at a share of its length, in box units. */
function halfWidth(along: number): number {
  return 27 * Math.sin(Math.PI * along) ** 0.75 * (1.1 - 0.35 * along);
}

const LEFT = 4;
const LENGTH = 92;

/** Whether a point of the box lies on the leaf. */
export function onLeaf(x: number, y: number): boolean {
  const along = (x - LEFT) / LENGTH;
  return along > 0 && along < 1 && Math.abs(y - LEAF_BOX.height / 2) < halfWidth(along);
}

/** The leaf's edge as points, all the way round. */
export function leafEdge(steps = 40): { readonly x: number; readonly y: number }[] {
  const side = (sign: 1 | -1) =>
    Array.from({ length: steps + 1 }, (_, i) => ({
      x: LEFT + (LENGTH * i) / steps,
      y: LEAF_BOX.height / 2 + sign * halfWidth(i / steps),
    }));
  return [...side(-1), ...side(1).toReversed()];
}
