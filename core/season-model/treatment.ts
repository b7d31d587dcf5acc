import type { ByStage } from './life-stage.ts';
import type { FigureRange } from './figure-range.ts';

/** The weather a treatment can be done in; a null limit does not matter to it. */
export interface FitWeather {
  readonly leastC: number | null;
  /** Neither that day nor the next may be warmer, °C. */
  readonly greatestC: number | null;
  /** No rain to speak of that day. */
  readonly dry: boolean;
}

/** One way of treating, with what it takes. Kill is of what it reaches, 0–1. */
export interface TreatmentKind {
  readonly id: string;
  /**
   * Contact sprays take what is there, and meet what hatches later as long as a residue lasts; what is given at
   * the roots works later and for long; hand work takes a share of all there is, mothers and young alike.
   */
  readonly acts: 'contact' | 'systemic' | 'hand';
  readonly kill: ByStage<FigureRange>;
  /** Of the stage that winters, on leafless or hardened wood; null where it is not for winter. */
  readonly winterKill: FigureRange | null;
  /** Share of them it wets, or that hands come to. */
  readonly coverage: FigureRange;
  readonly residueHalfLifeDays: FigureRange;
  /** Days until it works, and how long it does then; sharp zeros for what works where it lands. */
  readonly onsetDays: FigureRange;
  readonly lastsDays: FigureRange;
  /** Share of the helpers it kills. */
  readonly helpersKilled: FigureRange;
  readonly fits: FitWeather;
}

/** A treatment on a day of the frame. */
export interface PlannedTreatment {
  readonly day: number;
  readonly kind: TreatmentKind;
  /** Done already: on that very day, whatever the weather. */
  readonly done?: true;
}

/** Helpers a broad spray killed are half back after so many days (grade C). */
export const HELPERS_HALF_BACK_DAYS = 28;
/** Half of what covers is gone after this much rain (grade C). */
export const RAIN_HALVES_MM = 25;
/** A planned treatment waits so long for a fit day; later it is left out. */
export const WAITS_DAYS = 7;
