export { CLUES, cluesIn, type Clue } from './clues.ts';
export {
  type ClueWeights,
  type Evidence,
  type ExplainedBy,
  explanationOdds,
  type FailureCase,
  type Said,
  saidOf,
  weighed,
} from './explanation-odds.ts';
export {
  EXPLANATIONS,
  explanationsFor,
  type Explanation,
  type Shows,
  type ThoughtOf,
  type Thoughts,
} from './explanation.ts';
export type { FailureFacts } from './failure-facts.ts';
export { lookedAt, tellingLook, type TellingLook } from './telling-look.ts';
