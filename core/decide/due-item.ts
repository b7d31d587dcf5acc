import type { CivilDate } from '#core/calendar';
import type { LeafQuestion } from '#core/plan';
import type { Fact } from './fact.ts';
import type { WatchFacts, WatchToday } from './watch-facts.ts';

export type DueKind =
  | 'name-it'
  | 'count-first'
  | 'hang-tapes'
  | 'change-tape'
  | 'treat-now'
  | 'treat-soon'
  | 'second-pass'
  | 'hatch-passing'
  | 'window-disputed'
  | 'look-alive'
  | 'adults-soon'
  | 'adults-now'
  | 'check-after-treatment'
  | 'all-stages'
  | 'hang-trap'
  | 'read-trap'
  | 'cover-flush'
  | 'clear-leaves'
  | 'dormant-spray'
  | 'wait-for-tapes'
  | 'growth-regulator'
  | 'say-leaves'
  | 'next-look'
  | 'cover-before-rain'
  | 'renew-cover'
  | 'reach-back'
  | 'look-for-spots'
  | 'habits-first';

/** One thing to do, with the days it may be done on and everything it rests on. */
export interface DueItem {
  /** Stable over days: the watch, the kind and what it is about. */
  readonly id: string;
  readonly watchId: string;
  readonly kind: DueKind;
  /** First day it makes sense; null when that was always so. */
  readonly opens: CivilDate | null;
  readonly opensRange: readonly [CivilDate, CivilDate | null] | null;
  /** Last good day; null when it does not run out. */
  readonly closes: CivilDate | null;
  readonly closesRange: readonly [CivilDate, CivilDate | null] | null;
  /** `later`: nothing to do yet, but the day is named. */
  readonly standing: 'late' | 'open' | 'soon' | 'later';
  readonly facts: readonly Fact[];
  /** What the gardener is asked, where that is what is due; null otherwise. */
  readonly asks: LeafQuestion | null;
  /** Which rule of the knowledge base speaks. */
  readonly ruleId: string;
  /** Which published figure it uses, if one. */
  readonly eventId: string | null;
}

/** A rule looks at one watch and says what is due of its kind, if anything. */
export type DueRule = (facts: WatchToday, today: CivilDate) => DueItem[];

type ItemParts = Pick<DueItem, 'opens' | 'closes' | 'standing' | 'facts'> &
  Partial<Pick<DueItem, 'opensRange' | 'closesRange' | 'eventId'>>;

/** One thing due on a watch, with a stable id. */
export function dueItem(
  facts: Pick<WatchFacts, 'watchId'>,
  kind: DueKind,
  ruleId: string,
  parts: ItemParts,
): DueItem {
  const { opensRange = null, closesRange = null, eventId = null } = parts;
  return {
    id: `${facts.watchId}:${kind}:${eventId ?? ''}`,
    watchId: facts.watchId,
    kind,
    ruleId,
    ...parts,
    opensRange,
    closesRange,
    eventId,
    asks: null,
  };
}
