import { addDays, type CivilDate } from '#core/calendar';
import type { WatchPicture } from '#engine';
import { incubationDays } from '#knowledge';

/**
 * The day from which a treatment of a fungus can be judged: what was on its way shows until then. Null where it is
 * no fungus, nothing was done against it, or that day has come.
 */
export function judgedFrom({ watch, sprays, handwork }: WatchPicture, today: CivilDate): CivilDate | null {
  const hidden = incubationDays(watch.targetId, watch.group);
  const last = [...sprays, ...handwork]
    .map(({ on }) => on)
    .sort()
    .at(-1);
  if (hidden === null || last === undefined) return null;
  const from = addDays(last, hidden);
  return from > today ? from : null;
}
