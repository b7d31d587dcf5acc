/** How the finished spray is shared over tank fills. */
export interface Fills {
  readonly fullFills: number;
  readonly fullFillMl: number;
  /** What the last, part-filled tank holds; 0 when it comes out even. */
  readonly lastFillMl: number;
}

/** Less than this share of a tank is not worth mixing by itself; it is left off. */
const SMALLEST_LAST_FILL = 0.02;

/** @throws RangeError unless both are above 0. */
export function shareOverFills(sprayMl: number, tankMl: number): Fills {
  if (!(sprayMl > 0 && tankMl > 0)) throw new RangeError('spray and tank must both hold more than 0 ml');
  const fullFills = Math.floor(sprayMl / tankMl + SMALLEST_LAST_FILL);
  const rest = sprayMl - fullFills * tankMl;
  return {
    fullFills,
    fullFillMl: tankMl,
    lastFillMl: fullFills === 0 || rest > SMALLEST_LAST_FILL * tankMl ? rest : 0,
  };
}
