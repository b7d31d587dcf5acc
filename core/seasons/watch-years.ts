import type { FigureRange } from '#core/season-model';
import type { CountedLevel } from './counted-level.ts';

/** Something done between two counts, with what it was thought to leave. */
export interface DoneBetween {
  readonly id: string;
  /** Treatments of one kind share part of what is learnt of them. */
  readonly kindId: string;
  /** Share it leaves of as many with nothing done, before anything was counted; above 0. */
  readonly left: FigureRange;
}

/** From one count of a watch to its next. */
export interface Stretch {
  /** Above 0. */
  readonly years: number;
  readonly done: readonly DoneBetween[];
  /** How many times as many there are for what came over from a source; null without one. */
  readonly source: FigureRange | null;
}

/** A watch's comparable counts in order, and what lies between them: one stretch fewer than counts. */
export interface WatchYears {
  readonly id: string;
  readonly levels: readonly CountedLevel[];
  readonly stretches: readonly Stretch[];
}

/** What is thought before anything is counted. */
export interface YearsThought {
  /** How many times as many after a year left alone. */
  readonly growth: FigureRange;
}
