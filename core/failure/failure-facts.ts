/**
 * What the records of a treatment tell that bears on why it seems to have failed. Null: nobody told. Where there
 * were several treatments, each fact is of the one that stands best in it.
 */
export interface FailureFacts {
  /** How sure the name is, 0–1. */
  readonly nameProbability: number | null;
  readonly namedByLab: boolean;
  /** Share of the generation met on the days it was done, and on as many best days, 0–1. */
  readonly timing: { readonly met: number; readonly atBest: number } | null;
  /** The hatch rests on tapes or crawlers seen in this garden. */
  readonly hatchSeen: boolean;
  readonly stageSeen: 'soft' | 'hard' | null;
  readonly wettedSaid: 'everything' | 'missed-some' | null;
  /** Tagged spots looked at after spraying. */
  readonly wettedLooked: { readonly wet: number; readonly of: number } | null;
  /** Rate used ÷ the label's lowest. */
  readonly rateOfLowest: number | null;
  /** Rain on the day and the day after, beyond what the material stands. */
  readonly rainAfterMm: number | null;
  /** Warmest of that day and the next. */
  readonly hottestC: number | null;
  /** The middle share the material kills of the stage it does best on, 0–1; 0 where none is known to be reached. */
  readonly kills: number | null;
  readonly source: 'touching' | 'near' | null;
  /** What was last found on the source or the plants that touch. */
  readonly sourceFound: 'infested' | 'clear' | null;
  readonly ants: boolean | null;
  /** Share of helpers the material kills. */
  readonly helpersKilled: number | null;
  /** Treatments in a row of the same mode of action that pests grow used to; 0 for oil and soap. */
  readonly sameModeInARow: number;
  readonly newGrowth: 'live' | 'clean' | null;
  readonly pressed: 'alive' | 'dry' | null;
  /** Whether covers were turned over for the count after. */
  readonly turned: boolean | null;
  /** Days from the last treatment to the count, and how long it takes to show. */
  readonly daysSince: number;
  readonly daysNeeded: number;
  /** How probable it is that counts like these show a halving, 0–1. */
  readonly seesHalving: number;
}
