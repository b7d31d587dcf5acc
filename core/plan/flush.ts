import { addDays, type CivilDate } from '#core/calendar';
import type { LoggedStage } from './logged-stage.ts';

/** Days from the start of a flush (leaves about 1 cm) to leaves too hard to mine: rule of thumb, grade C. */
export const FLUSH_HARDENS_DAYS = { early: 21, usual: 30, late: 42 } as const;

/** New growth of an evergreen that is soft enough to be mined. */
export interface SoftFlush {
  readonly since: CivilDate;
  /** When it should be hard, by rule of thumb, unless that is logged. */
  readonly hardBy: CivilDate;
  readonly hardEarly: CivilDate;
  readonly hardLate: CivilDate;
}

/**
 * The flush that is soft on `date`, by the log: begun, not logged hard, and not so long ago that it
 * must be. Null when none is.
 */
export function softFlush(log: readonly LoggedStage[], date: CivilDate): SoftFlush | null {
  const loggedSoFar = log.filter(({ on }) => on <= date);
  const since = loggedSoFar
    .filter(({ stage }) => stage === 'flush-start')
    .map(({ on }) => on)
    .sort()
    .at(-1);
  if (!since || loggedSoFar.some(({ stage, on }) => stage === 'flush-hard' && on >= since)) return null;
  const after = (days: number) => addDays(since, days);
  const flush = {
    since,
    hardBy: after(FLUSH_HARDENS_DAYS.usual),
    hardEarly: after(FLUSH_HARDENS_DAYS.early),
    hardLate: after(FLUSH_HARDENS_DAYS.late),
  };
  return date > flush.hardLate ? null : flush;
}
