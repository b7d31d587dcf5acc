import type { Check } from './evidence.ts';
import { type SuggestedCheck, WORTH_LOOKING_BITS } from './next-check.ts';
import { FEWEST_ANSWERS } from './verdict.ts';

/** So many signs are looked for at one time: as many drawings as a phone shows at once. */
export const SIGNS_AT_ONCE = 8;

/** What to ask next: one test, or a few signs that are looked for together. */
export interface NextQuestion {
  readonly checkIds: readonly string[];
  /** It was asked before and answered "not sure". */
  readonly again: boolean;
}

/**
 * The next question: the most telling check for its effort, and if that is a sign, up to {@link SIGNS_AT_ONCE}
 * signs that are to be seen with the same look. Null where nothing left would tell; `answered` counts the answers
 * that carry weight.
 */
export function nextQuestion(
  checks: readonly Check[],
  suggested: readonly SuggestedCheck[],
  answered: number,
): NextQuestion | null {
  const checkOf = new Map(checks.map((check) => [check.id, check]));
  // What one check would hardly tell, several signs seen with one look may.
  const questions = suggested.map((first) => together(first, suggested, checkOf));
  const bits = (question: readonly SuggestedCheck[]) =>
    question.reduce((sum, { expectedBits }) => sum + expectedBits, 0);
  const worth = questions.find((question) => bits(question) >= WORTH_LOOKING_BITS);
  // Fewer answers than a name needs: the best of what is left, however little it tells.
  const asked = worth ?? (answered < FEWEST_ANSWERS ? questions[0] : undefined);
  if (!asked) return null;
  return { checkIds: asked.map(({ checkId }) => checkId), again: asked[0]!.again };
}

/** A check, and if it is a sign the next best signs of the same effort, as many as are looked for at once. */
function together(
  first: SuggestedCheck,
  suggested: readonly SuggestedCheck[],
  checkOf: ReadonlyMap<string, Check>,
): readonly SuggestedCheck[] {
  const { kind, effort } = checkOf.get(first.checkId)!;
  if (kind === 'test') return [first];
  const alike = suggested.filter(({ checkId, again }) => {
    const check = checkOf.get(checkId)!;
    return again === first.again && check.kind === 'sign' && check.effort === effort;
  });
  return alike.slice(0, SIGNS_AT_ONCE);
}
