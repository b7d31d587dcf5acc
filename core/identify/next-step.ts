import { type SuggestedCheck, WORTH_LOOKING_BITS } from './next-check.ts';
import { FEWEST_ANSWERS, type NamingVerdict } from './verdict.ts';

/** What to do next about the name: look on, stop, or ask those who can tell. */
export type NextStep = 'look-on' | 'enough' | 'lab';

/**
 * Enough when a species is named, or its group is and no cheap look would tell more; a diagnostic
 * lab when neither is settled and nothing left to look at would settle it.
 */
export function nextStep(
  verdict: NamingVerdict,
  nextChecks: readonly SuggestedCheck[],
  answered: number,
): NextStep {
  if (verdict.kind === 'named' || verdict.kind === 'alike') return 'enough';
  if (verdict.kind === 'none-of-these') return 'lab';
  const worthLooking = nextChecks.some((check) => check.expectedBits >= WORTH_LOOKING_BITS);
  if (worthLooking || answered < FEWEST_ANSWERS) return 'look-on';
  return verdict.kind === 'group' ? 'enough' : 'lab';
}
