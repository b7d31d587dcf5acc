/** A name that wants to stand somewhere in the frame. */
export interface WantedLabel {
  readonly id: string;
  readonly text: string;
  /** Where its middle and its line may lie, px, the best first. */
  readonly places: readonly (readonly [xPx: number, yPx: number])[];
  /** What matters more finds room first. */
  readonly weight: number;
}

/** A name at its place. */
export type PlacedLabel<T> = T & { readonly xPx: number; readonly yPx: number };

const LETTER_PX = 6.6;
const LINE_PX = 14;

interface Taken {
  readonly xPx: number;
  readonly yPx: number;
  readonly halfPx: number;
}

/**
 * The names that find room without covering each other or what is `taken`, by weight, each at the first of its
 * places that is free; the rest show when one looks nearer.
 */
export function labelsThatFit<T extends WantedLabel>(
  wanted: readonly T[],
  taken: readonly Taken[] = [],
): PlacedLabel<T>[] {
  const standing: Taken[] = [...taken];
  const placed: PlacedLabel<T>[] = [];
  for (const label of wanted.toSorted((a, b) => b.weight - a.weight)) {
    const halfPx = (label.text.length * LETTER_PX) / 2;
    const free = label.places.find(([xPx, yPx]) =>
      standing.every((other) => !cover({ xPx, yPx, halfPx }, other)),
    );
    if (!free) continue;
    const [xPx, yPx] = free;
    standing.push({ xPx, yPx, halfPx });
    placed.push({ ...label, xPx, yPx });
  }
  return placed;
}

const cover = (a: Taken, b: Taken): boolean =>
  Math.abs(a.yPx - b.yPx) < LINE_PX && Math.abs(a.xPx - b.xPx) < a.halfPx + b.halfPx + 4;
