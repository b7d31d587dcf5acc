import type { SuggestedCheck } from './next-check.ts';
import { FEWEST_ANSWERS, type NamingVerdict } from './verdict.ts';

/** What to do next about the name: look on, stop, or ask those who can tell. */
export type NextStep = 'look-on' | 'enough' | 'lab';

/** Below this no remaining look is expected to settle anything (bits; rule of thumb, grade C). */
const WORTH_LOOKING_BITS = 0.08;

/**
 * Enough when a species is named, or its group is and no cheap look would tell more; a diagnostic
 * lab when neither is settled and nothing left to look at would settle it.
 */
export function nextStep(
  verdict: NamingVerdict,
  nextChecks: readonly SuggestedCheck[],
  answered: number,
): NextStep {
  if (verdict.kind === 'named') return 'enough';
  const worthLooking = nextChecks.some((check) => check.expectedBits >= WORTH_LOOKING_BITS);
  if (worthLooking || answered < FEWEST_ANSWERS) return 'look-on';
  return verdict.kind === 'group' ? 'enough' : 'lab';
}
