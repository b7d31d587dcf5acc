import type { CivilDate } from '#core/calendar';
import type { InfectionWord } from '#core/infection';

/** Work against what a fungus winters on. */
export type HabitCode = 'leaves' | 'urea' | 'mummies' | 'canes' | 'crown' | 'shelter' | 'water' | 'strip';

/** A wet time that got through what covered. */
export interface SpellFacts {
  readonly on: CivilDate;
  readonly word: InfectionWord;
  /** First and last day on which its spots show; null where nobody can tell. */
  readonly spots: { readonly from: CivilDate; readonly to: CivilDate } | null;
  /** Somebody counted on those days. */
  readonly looked: boolean;
  /** Last day on which something on the shelf still reaches it by its label; null where nothing does. */
  readonly reachBackUntil: CivilDate | null;
}

/** A wet time the forecast tells of. */
export interface AheadFacts {
  readonly on: CivilDate;
  /** Last day on which a cover would be dry before it. */
  readonly coverBy: CivilDate;
  /** Chance that it infects what is bare, 0–1. */
  readonly chance: number;
  /** Share of what can be infected that nothing covers then, 0–1. */
  readonly bare: number;
  /** Chance × bare × host × stage × what last year left, 0–1. */
  readonly worth: number;
}

/** What decides about a fungus whose infections the weather tells. */
export interface InfectionFacts {
  readonly school: 'by-forecast' | 'by-calendar' | 'habits-only';
  /** Days in which it can infect: the season that is on, or the next; null where none is in sight. */
  readonly season: { readonly from: CivilDate; readonly to: CivilDate } | null;
  /** Somebody tells of rain, read of late or forecast; or none falls where the plant stands. */
  readonly isTold: boolean;
  readonly ahead: readonly AheadFacts[];
  /** Infections of this season that nothing kept off, in order. */
  readonly through: readonly SpellFacts[];
  /** What was last sprayed against it this season; its rain is null where nobody tells of any. */
  readonly lastCover: {
    readonly on: CivilDate;
    readonly rainMm: number | null;
    readonly newLeaves: number;
  } | null;
  /** Day on which the calendar renews its cover; null out of season. */
  readonly renewOn: CivilDate | null;
  /** Habits with the days they are done in, and those of them nobody has done yet. */
  readonly habits: readonly {
    readonly from: CivilDate;
    readonly to: CivilDate;
    readonly ids: readonly HabitCode[];
  }[];
}
