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
      told: { checkId: answer.check.id, answerId: answer.check.answers[answer.index]!.id },
      shownBy: showing(candidates, answer),
    }))
    .filter(({ shownBy }) => shownBy.some((word) => word !== 0));
  const pairs: Contradiction[] = [];
  weighed.forEach((first, i) => {
    for (let j = i + 1; j < weighed.length; j++) {
      const second = weighed[j]!;
      if (!shareOne(first.shownBy, second.shownBy)) pairs.push({ first: first.told, second: second.told });
    }
  });
  return pairs;
}

/** A set of candidates by their places, one bit each: pairs of answers are many. */
type Places = Uint32Array;
const BITS = 32;

const shareOne = (a: Places, b: Places): boolean => {
  for (let word = 0; word < a.length; word++) if ((a[word]! & b[word]!) !== 0) return true;
  return false;
};

const whoShows = keptWith<readonly Candidate[], string, Places>();

/** Which candidates give the answer; kept with the list. */
function showing(candidates: readonly Candidate[], answer: WeighedAnswer): Places {
  return whoShows(candidates, `${answer.check.id}/${answer.index}`, () => {
    const places = new Uint32Array(Math.ceil(candidates.length / BITS));
    candidates.forEach((candidate, i) => {
      if (canShow(candidate, answer)) places[Math.floor(i / BITS)]! |= 1 << (i % BITS);
    });
    return places;
  });
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
