import { keptWith } from '#core/caches';
import type { Answers, Candidate, Check } from './evidence.ts';
import { type WeighedAnswer, weighedAnswers } from './likelihood.ts';

/** Two answers of which every trouble in the list never shows one or the other. */
export interface Contradiction {
  readonly first: { readonly checkId: string; readonly answerId: string };
  readonly second: { readonly checkId: string; readonly answerId: string };
}

/**
 * Pairs of answers that no one trouble is known to give together: one of the two wants another
 * look, or two troubles are there. An answer that nothing in the list gives is left out; it would
 * contradict everything.
 * @throws RangeError for an answer its check does not have.
 */
export function contradictions(
  candidates: readonly Candidate[],
  checks: readonly Check[],
  answers: Answers,
): Contradiction[] {
  const weighed = weighedAnswers(checks, answers)
    .map((answer) => ({
      checkId: answer.check.id,
      answerId: answer.check.answers[answer.index]!.id,
      shownBy: showing(candidates, answer),
    }))
    .filter(({ shownBy }) => shownBy.includes(true));
  return weighed.flatMap(({ shownBy, ...first }, i) =>
    weighed
      .slice(i + 1)
      .filter((other) => !shownBy.some((shown, j) => shown && other.shownBy[j]))
      .map(({ shownBy: _, ...second }) => ({ first, second })),
  );
}

const whoShows = keptWith<readonly Candidate[], string, readonly boolean[]>();

/** Which candidates give the answer; kept with the list. */
function showing(candidates: readonly Candidate[], answer: WeighedAnswer): readonly boolean[] {
  return whoShows(candidates, `${answer.check.id}/${answer.index}`, () =>
    candidates.map((candidate) => canShow(candidate, answer)),
  );
}

/** Whether the candidate gives the answer at all; a check it says nothing about may come out any way. */
function canShow(candidate: Candidate, { check, index }: WeighedAnswer): boolean {
  const words = candidate.looks[check.id];
  if (!words) return true;
  const answerId = check.answers[index]!.id;
  if (check.kind === 'sign')
    return answerId === 'yes' ? (words.yes ?? 'never') !== 'never' : words.yes !== 'always';
  return (words[answerId] ?? 'never') !== 'never';
}
