import type { Grade } from '#core/figures';
import type { InfectionRule, WetRule } from '#core/infection';
import type { HandworkKind } from '#core/records';

/** Turns of a plant's year that a disease's season is counted from. */
export type SeasonTurn = 'leaf-fall' | 'bud-swell' | 'green-tip' | 'bloom-start' | 'bloom-end';

/** From a turn, days later (or sooner). */
export interface SeasonEdge {
  readonly turn: SeasonTurn;
  readonly days: number;
}

/** When a disease can infect at all. */
export type DiseaseSeason =
  | { readonly kind: 'turns'; readonly from: SeasonEdge; readonly until: SeasonEdge }
  /** By the calendar of the northern year; half a year on in the south. */
  | { readonly kind: 'months'; readonly months: readonly number[] }
  /** Days after petals fell; by months where nobody logged the bloom. */
  | { readonly kind: 'after-bloom'; readonly days: number; readonly months: readonly number[] };

/** When a habit is done. */
export type HabitTime = 'leaf-fall' | 'winter' | 'before-swell' | 'spring';

/** Work that takes from a disease what it lives on, before anything is sprayed. */
export interface Habit {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly time: HabitTime;
  /** The hand work that does it; null where it is a way of doing things. */
  readonly hand: HandworkKind | null;
}

/** How one disease infects, when, and what takes it: everything the diary goes by. */
export interface Disease {
  readonly targetId: string;
  readonly rule: InfectionRule;
  readonly season: DiseaseSeason;
  /** Only the newest so many leaves of a shoot can be infected; null for all. */
  readonly openLeaves: number | null;
  /** What a cover has to lie on: leaves that unfold away from under it, or buds, bark and blossom. */
  readonly lands: 'leaves' | 'buds';
  /** Spores of the year come from last year's leaves, and run out (apple scab alone is told by heat). */
  readonly sporesByHeat: boolean;
  readonly habits: readonly Habit[];
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
  /** What the figures are worth, in a line. */
  readonly note: string;
}

/** A wet-hours rule with what is usual left unsaid. */
export const wet = (hours: WetRule['hours'], more: Partial<WetRule> = {}): WetRule => ({
  kind: 'wet',
  hours,
  // A dry break of so long halves an infection begun; it is known of few fungi (grade C).
  joinWithinHours: 4,
  leastRainMm: 0.2,
  coolAfterC: null,
  spores: 'any-hour',
  mayNeedMoreHours: 0,
  isFlag: false,
  ...more,
});

export const turns = (
  from: SeasonTurn,
  fromDays: number,
  until: SeasonTurn,
  untilDays: number,
): DiseaseSeason => ({
  kind: 'turns',
  from: { turn: from, days: fromDays },
  until: { turn: until, days: untilDays },
});

type Usual = Pick<Disease, 'openLeaves' | 'lands' | 'sporesByHeat'>;

/** A disease with what most have in common left unsaid: of all leaves, and of no spores that run out. */
export const disease = (said: Omit<Disease, keyof Usual> & Partial<Usual>): Disease => ({
  openLeaves: null,
  lands: 'leaves',
  sporesByHeat: false,
  ...said,
});
