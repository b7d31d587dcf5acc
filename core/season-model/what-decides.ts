import { summariseLeft } from './left-summary.ts';
import { type Doubted, DOUBTED, type DrawsAsked, drawSeasons } from './season-draws.ts';
import { leftInDraws } from './season-outcome.ts';
import type { PlannedTreatment } from './treatment.ts';

/** How much narrower the range of what is left would be if one figure were certain. */
export interface Decider {
  readonly figure: Doubted;
  /** Share of the range's width that goes with it, 0–1. */
  readonly share: number;
}

/**
 * Which figures widen the result of a plan most, in order: each is held at its middle in turn and the rest drawn
 * as before. Empty where the result is certain.
 */
export function whatDecides(asked: DrawsAsked, plan: readonly PlannedTreatment[]): Decider[] {
  const width = widthOf(asked, plan);
  if (width === 0) return [];
  return DOUBTED.map((figure) => ({
    figure,
    share: Math.max(
      0,
      1 - widthOf({ ...asked, fixed: new Set([...(asked.fixed ?? []), figure]) }, plan) / width,
    ),
  }))
    .filter(({ share }) => share > 0)
    .sort((a, b) => b.share - a.share);
}

function widthOf(asked: DrawsAsked, plan: readonly PlannedTreatment[]): number {
  const { low, high } = summariseLeft(leftInDraws(drawSeasons(asked), plan));
  return high - low;
}
