import type { Point } from '#core/ground';

/** How the ground is looked at: pixels a metre, and where its origin lies in the frame, px. */
export interface View {
  readonly pxPerM: number;
  readonly leftPx: number;
  readonly topPx: number;
}

export interface Frame {
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A rectangle of the ground, m. */
export interface Extent {
  readonly leftM: number;
  readonly topM: number;
  readonly rightM: number;
  readonly bottomM: number;
}

export const LEAST_PX_PER_M = 1.5;
export const MOST_PX_PER_M = 250;
/** Ground shown beyond the outermost things, m. */
const MARGIN_M = 1.5;
/** What an empty plan shows, m. */
const EMPTY: Extent = { leftM: 0, topM: 0, rightM: 24, bottomM: 16 };

/** The extent of points, each with what it reaches round it. */
export function extentOf(things: readonly (Point & { readonly reachM: number })[]): Extent {
  if (things.length === 0) return EMPTY;
  return {
    leftM: Math.min(...things.map(({ xM, reachM }) => xM - reachM)),
    topM: Math.min(...things.map(({ yM, reachM }) => yM - reachM)),
    rightM: Math.max(...things.map(({ xM, reachM }) => xM + reachM)),
    bottomM: Math.max(...things.map(({ yM, reachM }) => yM + reachM)),
  };
}

/** The view that shows an extent whole, in the middle of the frame, below what lies along its upper edge. */
export function fitted(
  { leftM, topM, rightM, bottomM }: Extent,
  { widthPx, heightPx }: Frame,
  takenAbovePx = 0,
): View {
  const wideM = rightM - leftM + 2 * MARGIN_M,
    highM = bottomM - topM + 2 * MARGIN_M;
  const pxPerM = within(Math.min(widthPx / wideM, (heightPx - takenAbovePx) / highM));
  return {
    pxPerM,
    leftPx: widthPx / 2 - ((leftM + rightM) / 2) * pxPerM,
    topPx: (heightPx + takenAbovePx) / 2 - ((topM + bottomM) / 2) * pxPerM,
  };
}

/** The view so many times as near, with the ground beneath one point of the frame staying there. */
export function zoomed(view: View, times: number, atX: number, atY: number): View {
  const pxPerM = within(view.pxPerM * times);
  const by = pxPerM / view.pxPerM;
  return { pxPerM, leftPx: atX - (atX - view.leftPx) * by, topPx: atY - (atY - view.topPx) * by };
}

export const panned = (view: View, dx: number, dy: number): View => ({
  ...view,
  leftPx: view.leftPx + dx,
  topPx: view.topPx + dy,
});

/** The ground beneath a point of the frame. */
export const groundAt = ({ pxPerM, leftPx, topPx }: View, xPx: number, yPx: number): Point => ({
  xM: (xPx - leftPx) / pxPerM,
  yM: (yPx - topPx) / pxPerM,
});

/** Where a point of the ground lies in the frame, px. */
export const inFrame = ({ pxPerM, leftPx, topPx }: View, { xM, yM }: Point): readonly [number, number] => [
  leftPx + xM * pxPerM,
  topPx + yM * pxPerM,
];

/** What moves a drawing made for one view to where another shows it, with its origin at the frame's corner. */
export function moveFrom(made: View, now: View): string {
  const by = now.pxPerM / made.pxPerM;
  return `translate(${now.leftPx - by * made.leftPx}px, ${now.topPx - by * made.topPx}px) scale(${by})`;
}

const ROUND_M = [0.5, 1, 2, 5, 10, 20, 50, 100, 200] as const;

/**
 * A round length for the scale's bar, in units of so many metres, that is neither a dot nor as long as the
 * plan.
 */
export function scaleBar(
  pxPerM: number,
  unitM: number,
): { readonly units: number; readonly widthPx: number } {
  const units = ROUND_M.find((length) => length * unitM * pxPerM >= 48) ?? ROUND_M.at(-1)!;
  return { units, widthPx: units * unitM * pxPerM };
}

const within = (pxPerM: number) => Math.min(MOST_PX_PER_M, Math.max(LEAST_PX_PER_M, pxPerM));
