export { hatchDays, hiddenTruth, type HiddenTruth } from './hidden-truth.ts';
export {
  WET_DISEASES,
  type HatchTrouble,
  type PracticeCase,
  type PracticeTreatment,
  type PracticeWay,
  type WetDisease,
  type WetTrouble,
} from './practice-case.ts';
export { hungSince, sourceClearedOn, WEEK_DAYS, type PracticeAct, type PracticeLog } from './practice-log.ts';
export { BUD_STAGES, practiceSights, type BudStage, type PracticeSight } from './practice-sights.ts';
export { practiceResult, type Helped, type PracticeOutcome, type PracticeResult } from './practice-result.ts';
export { usualDayOfHeat } from './usual-day.ts';
export { practisedLeft, practisedStream, treatmentsDone } from './practised-season.ts';
