import { type CivilDate, daysBetween } from '#core/calendar';
import type { Cover } from '#core/infection';
import { coverOf, WETTED } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import type { LoggedSpray } from '../garden-state.ts';

/** A logged spray as a cover against one disease, and how far back its label lets it reach. */
export interface WatchCover extends Cover {
  readonly sprayId: string;
  readonly on: CivilDate;
  readonly materialIds: readonly string[];
  /** Hours after an infection in which it still takes it, by its label line; 0 where the label says nothing. */
  readonly reachBackHours: number;
}

const HOURS = 24;

/**
 * What sprays cover against a disease, by hour of a frame that begins `from`. Nobody logs the hour: a spray is
 * taken to be dry when its day is over, and rain of its day counts against it.
 */
export function watchCovers(
  day: GardenDay,
  sprays: readonly LoggedSpray[],
  targetId: string,
  from: CivilDate,
): WatchCover[] {
  return sprays.flatMap((spray): WatchCover[] => {
    const acting = spray.parts.flatMap(({ productId, lineId }) => {
      const product = day.books.product(productId);
      const figure = coverOf(product.materialId, targetId, spray.leafState !== 'in-leaf');
      if (!figure) return [];
      const line = product.lines.find(({ id }) => id === lineId);
      return [{ ...figure, materialId: product.materialId, reachBackHours: line?.reachBackHours ?? 0 }];
    });
    const best = acting.toSorted((a, b) => b.keepsOff - a.keepsOff || b.halfLifeDays - a.halfLifeDays)[0];
    if (!best) return [];
    const sprayedAt = daysBetween(from, spray.on) * HOURS;
    return [
      {
        sprayId: spray.id,
        on: spray.on,
        materialIds: acting.map(({ materialId }) => materialId),
        sprayedAt,
        dryAt: sprayedAt + HOURS,
        halfLifeDays: best.halfLifeDays,
        keepsOff: best.keepsOff * WETTED[spray.coverage ?? 'unsaid'],
        reachBackHours: Math.max(...acting.map(({ reachBackHours }) => reachBackHours)),
      },
    ];
  });
}
