import type { NextQuestion } from './next-question.ts';
import { FEWEST_ANSWERS, type NamingVerdict } from './verdict.ts';

/** What to do next about the name: look on, stop, or ask those who can tell. */
export type NextStep = 'look-on' | 'enough' | 'lab';

/**
 * Enough when a species is named, or its group is and no question left would tell more; a diagnostic
 * lab when neither is settled and no question is left that would settle it.
 */
export function nextStep(verdict: NamingVerdict, question: NextQuestion | null, answered: number): NextStep {
  if (verdict.kind === 'named' || verdict.kind === 'alike') return 'enough';
  if (verdict.kind === 'none-of-these') return 'lab';
  if (question !== null || answered < FEWEST_ANSWERS) return 'look-on';
  return verdict.kind === 'group' ? 'enough' : 'lab';
}
