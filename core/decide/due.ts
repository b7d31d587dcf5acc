import type { CivilDate } from '#core/calendar';
import type { DueItem } from './due-item.ts';
import {
  adultFlight,
  allStages,
  checkAfterTreatment,
  countFirst,
  crawlerWindow,
  growthRegulator,
  hangTrap,
  nameFirst,
  tapes,
  type DueRule,
} from './due-rules.ts';
import { clearLeaves, coverFlush } from './season-rules.ts';
import type { WatchFacts } from './watch-facts.ts';

const RULES: readonly DueRule[] = [
  nameFirst,
  allStages,
  crawlerWindow,
  growthRegulator,
  adultFlight,
  checkAfterTreatment,
  hangTrap,
  tapes,
  countFirst,
  coverFlush,
  clearLeaves,
];

/** Everything due on `today`, what closes first on top; what never closes comes last. */
export function whatIsDue(watches: readonly WatchFacts[], today: CivilDate): DueItem[] {
  return byClosing(
    watches.filter((watch) => watch.open).flatMap((watch) => RULES.flatMap((rule) => rule(watch, today))),
  );
}

/** What closes first on top; what never closes comes last. */
export function byClosing(items: readonly DueItem[]): DueItem[] {
  return items.toSorted((a, b) => compareClosing(a.closes, b.closes) || (a.id < b.id ? -1 : 1));
}

function compareClosing(a: CivilDate | null, b: CivilDate | null): number {
  if (a === b) return 0;
  if (a === null) return 1;
  if (b === null) return -1;
  return a < b ? -1 : 1;
}
