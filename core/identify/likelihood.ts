import { keptWhile } from '#core/caches';
import {
  type Answers,
  type Candidate,
  type Check,
  type FrequencyWord,
  NOT_SURE,
  WORD_PROBABILITY,
} from './evidence.ts';

/**
 * How often a sign shows in a trouble that is in no list: about as often as in those that are (five of
 * some forty; grade C).
 */
const SIGN_IN_THE_UNKNOWN = 0.12;

/** Share of answers taken to be mere chance (rule of thumb, grade C). */
const WRONG_ANSWERS = 0.05;

/**
 * What a word is worth when the word itself may be a step off: the mean of its own probability and
 * its two neighbours'. Without this the key would be surer than its words deserve.
 */
const DOUBTED: Readonly<Record<FrequencyWord, number>> = doubtedWords();

function doubtedWords(): Record<FrequencyWord, number> {
  const order: readonly FrequencyWord[] = ['never', 'rarely', 'sometimes', 'usually', 'always'];
  const at = (i: number) => WORD_PROBABILITY[order[Math.min(order.length - 1, Math.max(0, i))]!];
  return Object.fromEntries(order.map((word, i) => [word, (at(i - 1) + at(i) + at(i + 1)) / 3])) as Record<
    FrequencyWord,
    number
  >;
}

/**
 * How often each answer of a check is the true one if the trouble is `candidate`, in the order of
 * `check.answers`, summing to 1: the words as they stand, without doubt. A check the candidate says
 * nothing about has all answers equally often.
 */
export function shownProbabilities(candidate: Pick<Candidate, 'looks'>, check: Check): number[] {
  return fromWords(candidate, check, WORD_PROBABILITY);
}

/**
 * How likely each answer is to be given if the trouble is `candidate` (null: one in no list): the
 * words with their doubt, and a share of answers that is mere chance. In the order of `check.answers`,
 * summing to 1.
 */
export function answerProbabilities(candidate: Pick<Candidate, 'looks'> | null, check: Check): number[] {
  const meant = candidate ? fromWords(candidate, check, DOUBTED) : unknownTrouble(check);
  return meant.map((probability) => (1 - WRONG_ANSWERS) * probability + WRONG_ANSWERS / check.answers.length);
}

function unknownTrouble(check: Check): number[] {
  if (check.kind === 'sign')
    return check.answers.map((answer) =>
      answer.id === 'yes' ? SIGN_IN_THE_UNKNOWN : 1 - SIGN_IN_THE_UNKNOWN,
    );
  return check.answers.map(() => 1 / check.answers.length);
}

function fromWords(
  candidate: Pick<Candidate, 'looks'>,
  check: Check,
  worth: Readonly<Record<FrequencyWord, number>>,
): number[] {
  const words = candidate.looks[check.id];
  if (!words) return check.answers.map(() => 1 / check.answers.length);
  if (check.kind === 'sign') {
    // A sign is there or not: one word, for "yes", settles both.
    const yes = worth[words.yes ?? 'never'];
    return check.answers.map((answer) => (answer.id === 'yes' ? yes : 1 - yes));
  }
  const weights = check.answers.map((answer) => worth[words[answer.id] ?? 'never']);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

/** For each check: for each candidate, then "something else": the probability of each answer. */
export type LikelihoodTable = ReadonlyMap<string, readonly (readonly number[])[]>;

const tables = keptWhile<readonly Candidate[], 'table', readonly Check[], LikelihoodTable>();

/** All answers' probabilities under all candidates; kept with the list, for the checks last asked about. */
export function likelihoodTable(candidates: readonly Candidate[], checks: readonly Check[]): LikelihoodTable {
  return tables(
    candidates,
    'table',
    checks,
    () =>
      new Map(
        checks.map((check) => [
          check.id,
          [...candidates, null].map((candidate) => answerProbabilities(candidate, check)),
        ]),
      ),
  );
}

export interface WeighedAnswer {
  readonly check: Check;
  readonly index: number;
}

/** The given answers that carry weight, as pairs of check and position of the answer. */
export function weighedAnswers(checks: readonly Check[], answers: Answers): WeighedAnswer[] {
  return checks.flatMap((check) => {
    const answerId = answers[check.id];
    if (answerId === undefined || answerId === NOT_SURE) return [];
    const index = check.answers.findIndex((answer) => answer.id === answerId);
    if (index < 0) throw new RangeError(`"${answerId}" is not an answer to the check "${check.id}"`);
    return [{ check, index }];
  });
}
