/** How many leaves of a shoot somebody counted, on a day of the frame. */
export interface LeafCount {
  readonly day: number;
  readonly leaves: number;
}

/** How a plant unfolds its leaves: days of the frame, and days to a leaf. */
export interface LeafGrowth {
  /** First leaves out; null where it keeps its leaves or nobody can tell. */
  readonly from: number | null;
  readonly daysALeaf: number;
  /** Leaves of a grown shoot: then it stops (rule of thumb, grade C). */
  readonly most: number;
  readonly counts: readonly LeafCount[];
}

/** What a bud opens with. */
const FIRST_LEAVES = 2;

/**
 * Leaves open on a shoot on a day: counted ones, on a straight line between two counts; before and after them one
 * more for every few days from the first leaves on, until the shoot is grown. Never fewer than the day before
 * (leaves that fell are not covered anew). Grade C.
 */
export function leavesOpen({ from, daysALeaf, most, counts }: LeafGrowth, day: number): number {
  const before = counts.findLast((count) => count.day <= day);
  const after = counts.find((count) => count.day > day);
  if (before && after)
    return (
      before.leaves +
      ((day - before.day) / (after.day - before.day)) * Math.max(0, after.leaves - before.leaves)
    );
  if (before) return Math.max(before.leaves, Math.min(most, before.leaves + (day - before.day) / daysALeaf));
  if (after) return Math.max(0, after.leaves - (after.day - day) / daysALeaf);
  if (from === null) return most;
  if (day < from) return 0;
  return Math.min(most, FIRST_LEAVES + (day - from) / daysALeaf);
}
