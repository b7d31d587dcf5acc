import type { CivilDate } from '#core/calendar';
import type { Ending, Tick, StepAction, Trigger } from '#core/records';

/** Something that was done on what a series is about. */
export interface DoneWork {
  readonly on: CivilDate;
  readonly action: StepAction;
  /** Which hand work it was; null for anything else. */
  readonly hand: string | null;
  /** Materials of a spray; empty for anything else. */
  readonly materials: readonly string[];
  /** It was aimed at the very trouble of the series: whatever was used, it stands for its step. */
  readonly aimed: boolean;
}

/** A day the garden decides, with its 80 % range, and the last day it is good for; null where none is known. */
export interface Coming {
  readonly on: CivilDate;
  readonly early: CivilDate;
  readonly late: CivilDate | null;
  readonly until: CivilDate | null;
}

/** What is awaited of the garden: everything but plain days. */
export type Awaited =
  | Exclude<Trigger, { readonly kind: 'after' | 'date' | 'yearly' }>
  | Exclude<Ending, { readonly kind: 'looks-clear' | 'tapes-empty' | 'date' }>;

/** What is known of the subject of a series on one day; nothing of it lies ahead but what `comes` expects. */
export interface SeriesFacts {
  readonly today: CivilDate;
  /** In order of their days, as are the lists below. */
  readonly done: readonly DoneWork[];
  readonly marks: readonly Pick<Tick, 'on' | 'step' | 'what'>[];
  /** Looks and counts that tell whether anything lives. */
  readonly looks: readonly { readonly on: CivilDate; readonly clear: boolean }[];
  /** Looks at tapes, several tapes of a day as one. */
  readonly tapes: readonly { readonly on: CivilDate; readonly clear: boolean }[];
  readonly rain: readonly { readonly on: CivilDate; readonly rainMm: number }[];
  /** When something awaited comes, the first time on or after a day; null where nobody can tell. */
  comes(what: Awaited, after: CivilDate): Coming | null;
}
