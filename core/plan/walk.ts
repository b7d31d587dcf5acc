import { type CivilDate, daysBetween } from '#core/calendar';

/** One plant, or one watch on it, as a round may stop at it. */
export interface WalkStop {
  readonly plantId: string;
  readonly watchId: string | null;
  readonly name: string;
  /** Order of its place in the garden. */
  readonly place: number;
  /** Something asks to be looked at, and how urgently. */
  readonly due: 'late' | 'open' | null;
  /** Last time it was counted or looked at. */
  readonly lookedOn: CivilDate | null;
}

/** A watched plant not looked at for this long is overdue (rule of thumb, grade C). */
export const OVERDUE_DAYS = 42;

export function isOverdue(stop: WalkStop, today: CivilDate): boolean {
  if (stop.due === 'late') return true;
  if (stop.watchId === null) return false;
  return stop.lookedOn === null || daysBetween(stop.lookedOn, today) > OVERDUE_DAYS;
}

/**
 * The order to walk in: place by place, what is overdue first in each, then what is due, then watched
 * plants, then the rest by name.
 */
export function walkOrder<Stop extends WalkStop>(stops: readonly Stop[], today: CivilDate): Stop[] {
  const rank = (stop: Stop) =>
    isOverdue(stop, today) ? 0 : stop.due === 'open' ? 1 : stop.watchId !== null ? 2 : 3;
  return stops.toSorted(
    (a, b) =>
      a.place - b.place ||
      rank(a) - rank(b) ||
      a.name.localeCompare(b.name) ||
      ((a.watchId ?? '') < (b.watchId ?? '') ? -1 : 1),
  );
}
