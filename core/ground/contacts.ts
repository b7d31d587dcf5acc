import { convexOverlap } from './convex-overlap.ts';
import { type Footprint, middleOf, outlineOf } from './footprint.ts';
import { gapM } from './gap.ts';
import { between, type Point } from './point.ts';

/** Two crowns that touch, or nearly. */
export interface Contact {
  readonly a: string;
  readonly b: string;
  /** Metres between them; below 0 where they reach into each other. */
  readonly gapM: number;
  /** How far they touch, m: along the longer of two rows, across what two round crowns share. */
  readonly alongM: number;
  /** The middle of the ground they share, and the turn along it, degrees clockwise from the drawing's right. */
  readonly middle: Point;
  readonly turnDeg: number;
}

/** Crowns so near touch in a breeze, and shoots close the rest within a summer: m, a rule of thumb, grade C. */
export const TOUCH_GAP_M = 0.15;

/** Every pair of crowns no farther apart than a gap, each once, the smaller id first. */
export function contactsOf(crowns: readonly Footprint[], touchGapM = TOUCH_GAP_M): Contact[] {
  return touchingPairs(crowns, touchGapM)
    .map(([one, other]) => contactBetween(one, other, touchGapM)!)
    .sort((one, other) => (one.a + one.b < other.a + other.b ? -1 : 1));
}

/** The pairs alone: much quicker where how far they touch is not asked. */
export function touchingPairs(
  crowns: readonly Footprint[],
  touchGapM = TOUCH_GAP_M,
): (readonly [Footprint, Footprint])[] {
  const fromLeft = crowns
    .map((crown) => ({ crown, left: leftOf(crown), right: rightOf(crown) }))
    .sort((one, other) => one.left - other.left);
  const pairs: (readonly [Footprint, Footprint])[] = [];
  fromLeft.forEach(({ crown, right }, at) => {
    for (let next = at + 1; next < fromLeft.length; next++) {
      const { crown: other, left } = fromLeft[next]!;
      // What begins right of where this one ends cannot touch it, nor can anything after it.
      if (left > right + touchGapM) break;
      if (gapM(crown, other) <= touchGapM) pairs.push(crown.id < other.id ? [crown, other] : [other, crown]);
    }
  });
  return pairs;
}

/** Two crowns as they touch; null where they are farther apart. */
export function contactBetween(one: Footprint, other: Footprint, touchGapM = TOUCH_GAP_M): Contact | null {
  const [a, b] = one.id < other.id ? [one, other] : [other, one];
  const gap = gapM(a, b);
  return gap > touchGapM ? null : { a: a.id, b: b.id, gapM: gap, ...sharedGround(a, b, touchGapM) };
}

const leftOf = ({ from, to, radiusM }: Footprint) => Math.min(from.xM, to.xM) - radiusM;
const rightOf = ({ from, to, radiusM }: Footprint) => Math.max(from.xM, to.xM) + radiusM;

/**
 * The ground both crowns cover, each grown by half the gap at which they still touch: how long it is and how it
 * lies, along the longer middle line, or for two round crowns across the line between their middles.
 */
function sharedGround(
  a: Footprint,
  b: Footprint,
  touchGapM: number,
): Pick<Contact, 'alongM' | 'middle' | 'turnDeg'> {
  const corners = convexOverlap(grown(a, touchGapM / 2), grown(b, touchGapM / 2));
  const [ux, uy] = directionOf(a, b);
  const turnDeg = (Math.atan2(uy, ux) * 180) / Math.PI;
  // Just at the gap rounding may leave them no ground at all.
  if (corners.length === 0) return { alongM: 0, middle: halfway(middleOf(a), middleOf(b)), turnDeg };
  const along = extentOf(corners.map(({ xM, yM }) => xM * ux + yM * uy));
  const across = extentOf(corners.map(({ xM, yM }) => yM * ux - xM * uy));
  const s = (along.least + along.most) / 2,
    t = (across.least + across.most) / 2;
  return { alongM: along.most - along.least, middle: { xM: s * ux - t * uy, yM: s * uy + t * ux }, turnDeg };
}

const extentOf = (values: readonly number[]) => ({ least: Math.min(...values), most: Math.max(...values) });
const halfway = (a: Point, b: Point): Point => ({ xM: (a.xM + b.xM) / 2, yM: (a.yM + b.yM) / 2 });

const grown = (crown: Footprint, byM: number) => outlineOf({ ...crown, radiusM: crown.radiusM + byM });

function directionOf(a: Footprint, b: Footprint): readonly [x: number, y: number] {
  const longer = between(a.from, a.to) >= between(b.from, b.to) ? a : b;
  const lengthM = between(longer.from, longer.to);
  if (lengthM > 0)
    return [(longer.to.xM - longer.from.xM) / lengthM, (longer.to.yM - longer.from.yM) / lengthM];
  const apartM = between(a.from, b.from);
  return apartM === 0 ? [1, 0] : [-(b.from.yM - a.from.yM) / apartM, (b.from.xM - a.from.xM) / apartM];
}
