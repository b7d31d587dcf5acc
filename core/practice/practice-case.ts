import type { CivilDate } from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import type { FigureRange, HatchBelief, SeasonFigures, TreatmentKind } from '#core/season-model';
import type { ClimateNormals } from '#core/weather';

/** A made-up plant with a trouble on it, before chance has drawn what is true of it. */
export interface PracticeCase {
  readonly id: string;
  /** First day of the frame: heat counts from it. */
  readonly start: CivilDate;
  readonly days: number;
  /** Day of the frame on which practice begins, and how many weeks it goes on. */
  readonly firstDay: number;
  readonly weeks: number;
  readonly normals: ClimateNormals;
  readonly trouble: HatchTrouble | WetTrouble;
  readonly ways: readonly PracticeWay[];
  /** What somebody who goes by the calendar alone would do. */
  readonly calendar: readonly PracticeTreatment[];
}

/** A way of treating, and how long once takes (rule of thumb, grade C). */
export interface PracticeWay {
  readonly kind: TreatmentKind;
  readonly hours: number;
  /** Fewest days from one use to the next. */
  readonly intervalDays: number;
  /** Most times it does anything; null: no limit. */
  readonly mostTimes: number | null;
}

/** A treatment by the day of the frame it is meant for. */
export interface PracticeTreatment {
  readonly day: number;
  readonly wayId: string;
}

/** An insect whose young come out by heat or by days. */
export interface HatchTrouble {
  readonly by: 'hatch';
  readonly model: DegreeDayModel;
  readonly belief: HatchBelief;
  readonly figures: SeasonFigures;
  /** Tapes or traps that can be hung, and what one catches over a whole hatch. */
  readonly hung: { readonly count: number; readonly perOne: number };
}

export const WET_DISEASES = ['peach-leaf-curl', 'apple-scab'] as const;
export type WetDisease = (typeof WET_DISEASES)[number];

/** A fungus that infects young leaves in wet spells, from when buds open. */
export interface WetTrouble {
  readonly by: 'wet-spells';
  readonly disease: WetDisease;
  /** °C·days above `baseC` from the frame's first day at which buds open. */
  readonly baseC: number;
  readonly openAtCd: FigureRange;
  /** Half of what can be infected, or of what infects, is gone so long after buds open. */
  readonly halfOpenDays: number;
  readonly reachBackDays: number;
  readonly spotsAfterDays: number;
}
