import { LIFE_STAGES, type LifeStage, type StreamDay } from '#core/season-model';
import type { PlanCut } from '#engine';
import { type StreamScale, sumBefore, TOP_PX, totalOf } from './stream-scale.ts';

interface Placed {
  readonly stage: LifeStage;
  readonly x: number;
  readonly y: number;
  readonly half: number;
  /** Where a line from the name ends in its band; null where the name stands in it. */
  readonly leader: number | null;
}

/** Half a word's width by its letters, and the least height of a band that holds it. */
const HALF_LETTER_PX = 3.4;
const LEAST_PX = 17;
const LINE_PX = 14;
/** A band thinner than this everywhere has no name. */
const LEAST_SHOWN_PX = 5;

/** Where each band's name goes; a band too thin for its name along the whole word has none. */
export function bandLabels(
  scale: StreamScale,
  stream: readonly StreamDay[],
  names: Readonly<Record<LifeStage, string>>,
  cuts: readonly Pick<PlanCut, 'day'>[],
): readonly Placed[] {
  const drawn = stream.filter(({ day }) => day >= scale.from && day <= scale.to);
  const placed: Placed[] = [];
  LIFE_STAGES.forEach((stage, place) => {
    const half = names[stage].length * HALF_LETTER_PX;
    let best: (Placed & { readonly room: number }) | null = null;
    for (const day of drawn) {
      const x = scale.x(day.day);
      if (x - half < 4 || x + half > scale.width - 4) continue;
      if (cuts.some((cut) => Math.abs(scale.x(cut.day) - x) < half + 4)) continue;
      const room = roomAlong(scale, drawn, place, x, half);
      if (room < LEAST_PX || (best && room <= best.room)) continue;
      const y =
        scale.middle -
        totalOf(day) * scale.perOne +
        2 * (sumBefore(day, place) + day[stage] / 2) * scale.perOne;
      const isClear = placed.every(
        (other) => Math.abs(other.x - x) > other.half + half + 6 || Math.abs(other.y - y) > LINE_PX,
      );
      if (isClear) best = { stage, x, y, half, leader: null, room };
    }
    const named = best ?? besideBand(scale, drawn, stage, place, half, placed);
    if (named) placed.push(named);
  });
  return placed;
}

/** Above the stream, with a line to the band where it is thickest; null for a band that hardly shows. */
function besideBand(
  scale: StreamScale,
  drawn: readonly StreamDay[],
  stage: LifeStage,
  place: number,
  half: number,
  placed: readonly Placed[],
): Placed | null {
  const thickest = drawn.reduce<StreamDay | null>(
    (best, day) => (best === null || day[stage] > best[stage] ? day : best),
    null,
  );
  if (!thickest || thickest[stage] * 2 * scale.perOne < LEAST_SHOWN_PX) return null;
  const top = scale.middle - totalOf(thickest) * scale.perOne;
  const x = Math.min(scale.width - half - 4, Math.max(half + 4, scale.x(thickest.day)));
  const y = top - 24;
  const isClear = placed.every(
    (other) => Math.abs(other.x - x) > other.half + half + 6 || Math.abs(other.y - y) > LINE_PX,
  );
  const leader = top + 2 * (sumBefore(thickest, place) + thickest[stage] / 2) * scale.perOne;
  return isClear && y > TOP_PX ? { stage, x, y, half, leader } : null;
}

/** The height all points under a word share of one band. */
function roomAlong(
  scale: StreamScale,
  drawn: readonly StreamDay[],
  stage: number,
  x: number,
  half: number,
): number {
  let upper = -Infinity,
    lower = Infinity;
  for (const day of drawn) {
    if (Math.abs(scale.x(day.day) - x) > half) continue;
    const top = scale.middle - totalOf(day) * scale.perOne;
    upper = Math.max(upper, top + 2 * sumBefore(day, stage) * scale.perOne);
    lower = Math.min(lower, top + 2 * sumBefore(day, stage + 1) * scale.perOne);
  }
  return lower - upper;
}
