import type { ByStage, StageLengths } from './life-stage.ts';
import type { FigureRange } from './figure-range.ts';

/** Everything a season is computed from but its hatch and its weather. */
export interface SeasonFigures {
  readonly stages: StageLengths<FigureRange>;
  /** Share that dies in a day with nothing done, by stage. */
  readonly lossADay: ByStage<number>;
  /** Share of the crawlers that are out which a day above {@link HOT_C} kills. */
  readonly hotLoss: FigureRange;
  /** Share taken by parasitic wasps once settled; null where nobody counted holes. */
  readonly holed: FigureRange | null;
  /** Crawlers that come over from a source plant in a generation, as a share of the untreated own; null: none. */
  readonly source: FigureRange | null;
  /** How many times as many after a year left alone. */
  readonly growthAYear: FigureRange;
  /** Most generations of a year, and from one to the next, in the unit of the hatch. */
  readonly generations: number;
  readonly generationLength: FigureRange;
}

/** Above this crawlers die in the open (rule of thumb, grade C). */
export const HOT_C = 40;
