/** A name that wants to stand somewhere in the frame, px. */
export interface WantedLabel {
  readonly id: string;
  readonly text: string;
  /** Its middle, and the line it stands on. */
  readonly xPx: number;
  readonly yPx: number;
  /** What matters more finds room first; nothing above 0 is left out only for want of importance. */
  readonly weight: number;
}

const LETTER_PX = 6.6;
const LINE_PX = 15;

/** The names that find room without covering each other, by weight; the rest show when one looks nearer. */
export function labelsThatFit<T extends WantedLabel>(wanted: readonly T[]): T[] {
  const standing: T[] = [];
  for (const label of wanted.toSorted((a, b) => b.weight - a.weight))
    if (standing.every((other) => !cover(label, other))) standing.push(label);
  return standing;
}

const cover = (a: WantedLabel, b: WantedLabel): boolean =>
  Math.abs(a.yPx - b.yPx) < LINE_PX &&
  Math.abs(a.xPx - b.xPx) < ((a.text.length + b.text.length) * LETTER_PX) / 2 + 4;
