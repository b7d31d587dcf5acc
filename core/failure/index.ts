export { CLUES, cluesIn, type Clue } from './clues.ts';
export {
  type ClueWeights,
  type ExplainedBy,
  explanationOdds,
  type FailureCase,
  type Said,
  saidOf,
} from './explanation-odds.ts';
export { EXPLANATIONS, type Explanation, type Shows, type ThoughtOf, type Thoughts } from './explanation.ts';
export type { FailureFacts } from './failure-facts.ts';
export { tellingLook, type TellingLook } from './telling-look.ts';
