import type { CivilDate } from '#core/calendar';
import type { TapeSignal } from '#core/emergence';
import type { InfectionWord } from '#core/infection';
import type { HabitCode } from './infection-facts.ts';
import type { DormantSpray } from '#core/plan';

/** What a fact is about. */
export type FactKind =
  | 'adults-first-seen'
  | 'adults-last-seen'
  | 'trap-hangs-since'
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
  | 'wet-from'
  | 'chance-it-infects'
  | 'bare'
  | 'last-cover'
  | 'rain-since-cover'
  | 'leaves-since-cover'
  | 'got-through'
  | 'infection-is'
  | 'spots-show'
  | 'habit'
  | 'warmth'
  | 'window-published-as';

/** A fact that is no figure: what the tapes say, which spray it is, and the like. */
export type FactCode =
  | TapeSignal
  | DormantSpray
  | 'first-males-trapped'
  | 'none-this-season'
  | 'matters-most'
  | WarmthOrigin
  | HabitCode
  | InfectionWord;

/** Where the warmth of most days so far is from: a thermometer, or a guess. */
export type WarmthOrigin = 'read' | 'guessed-by-usual-months' | 'guessed-by-frost-and-heat';

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
  | { readonly kind: 'rain'; readonly mm: number }
  | { readonly kind: 'code'; readonly code: FactCode };

export interface Fact {
  readonly what: FactKind;
  readonly quantity: Quantity;
}
