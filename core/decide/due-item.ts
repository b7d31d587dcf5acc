import type { CivilDate } from '#core/calendar';

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
  | { readonly kind: 'counts'; readonly values: readonly number[] }
  | { readonly kind: 'share'; readonly value: number }
  | { readonly kind: 'days'; readonly value: number }
  | { readonly kind: 'words'; readonly text: string };

export interface Fact {
  readonly label: string;
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
  | 'growth-regulator';

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
  readonly standing: 'late' | 'open' | 'soon';
  readonly facts: readonly Fact[];
  /** Which rule of the knowledge base speaks. */
  readonly ruleId: string;
  /** Which published figure it uses, if one. */
  readonly eventId: string | null;
}
