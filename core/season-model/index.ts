export { bestDays, type BestAsked, type BestDays } from './best-days.ts';
export { dayDone, type DrawnKind } from './drawn-treatment.ts';
export { factorAt, figureAt, NOT_NEGATIVE, sharp, SHARE, type FigureRange } from './figure-range.ts';
export {
  beliefAfterSighting,
  beliefAfterTapes,
  hatchAt,
  hatchBelief,
  outBy,
  SCALES_IN_SPAN,
  type Hatch,
  type HatchBelief,
} from './hatch-belief.ts';
export { hatchedBetween } from './hatched-between.ts';
export { infectionSeason, type Infection } from './infection-season.ts';
export { summariseLeft, type LeftSummary } from './left-summary.ts';
export { LIFE_STAGES, type ByStage, type LifeStage, type StageLengths } from './life-stage.ts';
export { planTable, type PlanTable } from './plan-table.ts';
export {
  possibleSeason,
  type DrawnFigures,
  type Generation,
  type PossibleSeason,
} from './possible-season.ts';
export {
  followPolicy,
  type Policy,
  type PolicyResult,
  type PolicyScene,
  type TapesHung,
  type WeekRead,
} from './policy.ts';
export {
  alternating,
  atFall,
  atPeak,
  beforeLeaves,
  leaveIt,
  monthly,
  onDays,
  whileCatching,
} from './school-policies.ts';
export { FIT, fitDays, fitDaysOf, UNFIT, UNTOLD, type PossibleYear } from './possible-year.ts';
export {
  DOUBTED,
  drawsOf,
  drawSeasons,
  middleSeason,
  type Doubted,
  type DrawsAsked,
  type SeasonDraws,
} from './season-draws.ts';
export { type SeasonFigures } from './season-figures.ts';
export { endAlone, leftInDraws, leftOf, treatmentsIn, type DoneTreatment } from './season-outcome.ts';
export { possibleYears, type YearsAsked } from './possible-years.ts';
export { rangeAfterCounts } from './range-after-counts.ts';
export { rangeAfterScore } from './range-after-score.ts';
export { drawScores, mixed, type Scores } from './scores.ts';
export { shareReached, type HatchShare, type PlainSpray } from './share-reached.ts';
export { stream, type StreamDay } from './stream.ts';
export { type FitWeather, type PlannedTreatment, type TreatmentKind } from './treatment.ts';
export { MOST_CARRIED, yearsAhead, type YearsAheadAsked } from './years-ahead.ts';
export { LOOKS, whatALookTells, type Look, type LooksAsked, type LookWorth } from './what-a-look-tells.ts';
export { whatDecides, type Decider } from './what-decides.ts';
