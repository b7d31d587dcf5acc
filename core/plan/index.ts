export {
  dormantPlan,
  type DormantPlace,
  type DormantPlan,
  type DormantPlant,
  type DormantReason,
  type DormantSchool,
  type DormantSpray,
  type DormantStep,
  type SpurSample,
  type WinterSpray,
} from './dormant.ts';
export {
  winterAfter,
  winterOf,
  type StageByHeat,
  type Winter,
  type WinterBasis,
  type WinterDate,
} from './winter.ts';
export { seasonStages, STAGE_TEMPERATURES_C, type Stage, type StageSpan } from './season-stages.ts';
export { isOverdue, OVERDUE_DAYS, walkOrder, type WalkStop } from './walk.ts';
export { leafSignsOf, loggedBloom, type LoggedBloom, type LoggedStage } from './logged-stage.ts';
export {
  leafStanding,
  type LeafEvidence,
  type LeafFacts,
  type LeafQuestion,
  type LeafSign,
  type LeafStanding,
} from './leaf-standing.ts';
export { MARGIN_DAYS, nextTurn, type Turn, usualYearAt, usualYearOf, type UsualYear } from './usual-year.ts';
export { FLUSH_HARDENS_DAYS, softFlush, type SoftFlush } from './flush.ts';
export {
  feedingPlan,
  feedingsAhead,
  lastDayOf,
  type Feeding,
  type FeedingSchool,
  type FeedingStages,
} from './feeding.ts';
