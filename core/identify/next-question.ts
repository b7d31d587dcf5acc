import type { Check } from './evidence.ts';
import { type SuggestedCheck, WORTH_LOOKING_BITS } from './next-check.ts';

/** So many signs are looked for at one time: as many drawings as a phone shows at once. */
export const SIGNS_AT_ONCE = 6;

/** What to ask next: one test, or a few signs that are looked for together. */
export interface NextQuestion {
  readonly checkIds: readonly string[];
  /** It was asked before and answered "not sure". */
  readonly again: boolean;
}

/**
 * The next question: the most telling check for its effort, and if that is a sign, up to {@link SIGNS_AT_ONCE}
 * signs that are to be seen with the same look. Null where nothing left would tell.
 */
export function nextQuestion(
  checks: readonly Check[],
  suggested: readonly SuggestedCheck[],
): NextQuestion | null {
  const telling = suggested.filter(({ expectedBits }) => expectedBits >= WORTH_LOOKING_BITS);
  const [first] = telling;
  if (!first) return null;
  const { again } = first;
  const checkOf = new Map(checks.map((check) => [check.id, check]));
  const { kind, effort } = checkOf.get(first.checkId)!;
  if (kind === 'test') return { checkIds: [first.checkId], again };
  const together = telling.filter(({ checkId, again: too }) => {
    const check = checkOf.get(checkId)!;
    return too === again && check.kind === 'sign' && check.effort === effort;
  });
  return { checkIds: together.slice(0, SIGNS_AT_ONCE).map(({ checkId }) => checkId), again };
}
