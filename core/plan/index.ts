export {
  dormantPlan,
  type DormantPlace,
  type DormantPlan,
  type DormantPlant,
  type DormantReason,
  type DormantSchool,
  type DormantSpray,
  type DormantStep,
  type WinterSpray,
} from './dormant.ts';
export { winterOf, type StageByHeat, type Winter, type WinterBasis, type WinterDate } from './winter.ts';
export {
  leafStateOn,
  seasonStages,
  STAGE_TEMPERATURES_C,
  type Stage,
  type StageSpan,
} from './season-stages.ts';
export { isOverdue, OVERDUE_DAYS, walkOrder, type WalkStop } from './walk.ts';
export {
  loggedBloom,
  loggedLeafState,
  type LoggedBloom,
  type LoggedLeafState,
  type LoggedStage,
} from './logged-stage.ts';
export { FLUSH_HARDENS_DAYS, softFlush, type SoftFlush } from './flush.ts';
export { feedingPlan, type Feeding, type FeedingSchool, type FeedingStages } from './feeding.ts';
