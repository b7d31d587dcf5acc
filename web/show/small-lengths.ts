const MM_PER_INCH = 25.4;
/** Smaller than this an inch is not divided: lens scales go on in millimetres. */
const SMALLEST_PARTS = 32;

/** Marks a scale may have, mm. */
const MARKS_MM = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100];
/** Marks in parts of an inch. */
const MARKS_IN: readonly (readonly [inches: number, words: string])[] = [
  [1 / 32, '1/32 in'],
  [1 / 16, '1/16 in'],
  [1 / 8, '1/8 in'],
  [1 / 4, '1/4 in'],
  [1 / 2, '1/2 in'],
  [1, '1 in'],
  [2, '2 in'],
  [4, '4 in'],
];
/** A mark takes at most so much of what it measures. */
const WIDEST_SHARE = 0.34;

export interface ScaleMark {
  readonly mm: number;
  readonly words: string;
}

/** The longest round mark that fits a picture so many millimetres across. */
export function scaleMark(acrossMm: number, inches: boolean): ScaleMark {
  const fits = (mm: number) => mm <= acrossMm * WIDEST_SHARE;
  const inInches = inches ? MARKS_IN.filter(([size]) => fits(size * MM_PER_INCH)).at(-1) : undefined;
  if (inInches) return { mm: inInches[0] * MM_PER_INCH, words: inInches[1] };
  const mm = MARKS_MM.filter(fits).at(-1) ?? MARKS_MM[0]!;
  return { mm, words: `${mm} mm` };
}

/** "1.5–2 mm", and for those who measure in inches how much of an inch the longest is: "(to 3/32 in)". */
export function smallLengthWords([shortest, longest]: readonly [number, number], inches: boolean): string {
  const metric = shortest === longest ? `${longest} mm` : `${shortest}–${longest} mm`;
  const parts = Math.round((longest / MM_PER_INCH) * SMALLEST_PARTS);
  return inches && parts > 0 ? `${metric} (to ${inchWords(parts)})` : metric;
}

function inchWords(parts: number): string {
  const whole = Math.floor(parts / SMALLEST_PARTS);
  const rest = parts % SMALLEST_PARTS;
  if (rest === 0) return `${whole} in`;
  const shared = largestShared(rest, SMALLEST_PARTS);
  const fraction = `${rest / shared}/${SMALLEST_PARTS / shared}`;
  return `${whole > 0 ? `${whole} ` : ''}${fraction} in`;
}

const largestShared = (a: number, b: number): number => (b === 0 ? a : largestShared(b, a % b));
