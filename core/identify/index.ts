export { assessLife, FEWEST_COVERS_TURNED, type Life, type LifeFinding } from './alive.ts';
export { type Contradiction } from './contradictions.ts';
export {
  EFFORT_MINUTES,
  FIRST_WORD,
  NOT_SURE,
  saysNothing,
  STILL_NOT_SURE,
  TARGET_GROUPS,
  WORD_PROBABILITY,
  type Answers,
  type Candidate,
  type Check,
  type CheckAnswer,
  type Effort,
  type FirstWord,
  type FrequencyWord,
  type Key,
  type Looks,
  type Scene,
  type TargetGroup,
  type Unlisted,
} from './evidence.ts';
export { shownProbabilities } from './likelihood.ts';
export { isScaleGroup, makesHoneydew } from './groups.ts';
export { nameIt, type Naming } from './name-it.ts';
export { signsMet } from './signs-met.ts';
export { type NextStep } from './next-step.ts';
export { type TwoTroubles } from './two-troubles.ts';
export { type SuggestedCheck } from './next-check.ts';
export { type NextQuestion, SIGNS_AT_ONCE } from './next-question.ts';
export { hypothesesIn, SOMETHING_ELSE, type Hypothesis } from './hypotheses.ts';
export { believe, type Belief, type GroupStanding, type Standing } from './posterior.ts';
export { scenePriors } from './priors.ts';
export { tellingChecks, type TellingCheck } from './telling-checks.ts';
export { provingChecks, type ProvingCheck } from './proving-checks.ts';
export { type Reason, type Reasons } from './reasons.ts';
export { FEWEST_ANSWERS, GROUP_FROM, NAMED_FROM, type NamingVerdict } from './verdict.ts';
