export { assessLife, FEWEST_COVERS_TURNED, type Life, type LifeFinding } from './alive.ts';
export { asSeenIn } from './by-season.ts';
export { type Contradiction } from './contradictions.ts';
export {
  EFFORT_MINUTES,
  NOT_SURE,
  TARGET_GROUPS,
  WORD_PROBABILITY,
  type Answers,
  type Candidate,
  type Check,
  type CheckAnswer,
  type Effort,
  type FrequencyWord,
  type Looks,
  type Scene,
  type TargetGroup,
} from './evidence.ts';
export { shownProbabilities } from './likelihood.ts';
export { isScaleGroup, makesHoneydew } from './groups.ts';
export { nameIt, type Naming } from './name-it.ts';
export { type NextStep } from './next-step.ts';
export { type TwoTroubles } from './two-troubles.ts';
export { type SuggestedCheck } from './next-check.ts';
export { SOMETHING_ELSE, type GroupStanding, type Standing } from './posterior.ts';
export { type Reason, type Reasons } from './reasons.ts';
export { FEWEST_ANSWERS, GROUP_FROM, NAMED_FROM, type NamingVerdict } from './verdict.ts';
