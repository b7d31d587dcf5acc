import type { CivilDate } from '#core/calendar';
import type { DueItem, DueRule } from './due-item.ts';
import { checkAfterTreatment, nameFirst, nextLook } from './check-rules.ts';
import { isScaleGroup } from '#core/identify';
import { crawlerWindows } from './crawler-windows.ts';
import { infections } from './infection-rules.ts';
import { adultFlight } from './flight-rules.ts';
import { clearLeaves, coverFlush } from './season-rules.ts';
import { countFirst, countToWeigh, hangTrap, readTrap, tapes, tapesAhead } from './tape-rules.ts';
import type { WatchFacts } from './watch-facts.ts';
import { allStages, crawlerWindow, growthRegulator } from './window-rules.ts';

const RULES: readonly DueRule[] = [
  nameFirst,
  allStages,
  crawlerWindow,
  growthRegulator,
  adultFlight,
  checkAfterTreatment,
  hangTrap,
  tapes,
  readTrap,
  countFirst,
  coverFlush,
  clearLeaves,
  infections,
];

/** Everything due on `today`, what closes first on top; what never closes comes last. */
export function whatIsDue(watches: readonly WatchFacts[], today: CivilDate): DueItem[] {
  return byClosing(watches.filter(({ open }) => open).flatMap((watch) => ofWatch(watch, today)));
}

/** What its rules ask for; where none does, what comes next, so that no open watch is without a day. */
function ofWatch(facts: WatchFacts, today: CivilDate): DueItem[] {
  const watch = { ...facts, windows: isScaleGroup(facts.group) ? crawlerWindows(facts, today) : [] };
  const rules = facts.reachable ? RULES : [nameFirst];
  const asked = withoutDoubles(rules.flatMap((rule) => rule(watch, today)));
  const count = asked.some(({ kind }) => kind === 'count-first') ? [] : countToWeigh(watch, today);
  if (asked.length > 0) return [...asked, ...count];
  return [...count, ...firstToOpen([...tapesAhead(watch, today), ...nextLook(watch, today)])];
}

/** A look for spots on their day is the look at a treatment too. */
function withoutDoubles(items: readonly DueItem[]): DueItem[] {
  const looks = items.some(({ kind }) => kind === 'look-for-spots');
  return items.filter(({ kind }) => !looks || kind !== 'check-after-treatment');
}

/** The item of the earliest day. */
function firstToOpen(items: readonly DueItem[]): DueItem[] {
  return items.toSorted((a, b) => (a.opens! < b.opens! ? -1 : 1)).slice(0, 1);
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
