import type { CivilDate } from '#core/calendar';
import type { TapeSignal } from '#core/emergence';
import type { DormantSpray, LeafQuestion } from '#core/plan';
import type { WatchFacts, WatchToday } from './watch-facts.ts';

/** What a fact is about. */
export type FactKind =
  | 'caught-first'
  | 'caught-last'
  | 'last-look'
  | 'soft-until'
  | 'usual-months'
  | 'all-stages-seen'
  | 'buds-swell'
  | 'counted-from'
  | 'expected-on'
  | 'first-crawlers-published-at'
  | 'first-green'
  | 'first-hatch-published-at'
  | 'hard-by-by-rule-of-thumb'
  | 'heat-so-far-of-the-way-there'
  | 'last-spray'
  | 'last-tapes-crawlers-a-week'
  | 'leaves-down'
  | 'leaves-mined-last-count'
  | 'of-this-winters-sprays'
  | 'opened'
  | 'reached-on'
  | 'since-then'
  | 'soft-since'
  | 'tapes'
  | 'the-tapes-say'
  | 'treated'
  | 'what'
  | 'window-published-as';

/** A fact that is no figure: what the tapes say, which spray it is, and the like. */
export type FactCode =
  TapeSignal | DormantSpray | 'first-males-trapped' | 'none-this-season' | 'matters-most';

/** A figure a decision rests on, with its unit in its kind; shown as the user's units ask. */
export type Quantity =
  | { readonly kind: 'heat'; readonly cd: number }
  | { readonly kind: 'heat-range'; readonly fromCd: number; readonly toCd: number }
  | {
      readonly kind: 'date';
      readonly on: CivilDate;
      readonly early?: CivilDate;
      readonly late?: CivilDate | null;
    }
  | { readonly kind: 'days-between'; readonly from: CivilDate; readonly to: CivilDate }
  | { readonly kind: 'counts'; readonly values: readonly number[] }
  | { readonly kind: 'share'; readonly value: number }
  | { readonly kind: 'days'; readonly value: number }
  | { readonly kind: 'code'; readonly code: FactCode };

export interface Fact {
  readonly what: FactKind;
  readonly quantity: Quantity;
}

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
  | 'cover-flush'
  | 'clear-leaves'
  | 'dormant-spray'
  | 'wait-for-tapes'
  | 'growth-regulator'
  | 'say-leaves'
  | 'next-look';

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
