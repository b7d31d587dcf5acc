import { keptWhile } from '#core/caches';
import {
  type Answers,
  type Check,
  type FrequencyWord,
  type Looks,
  saysNothing,
  WORD_PROBABILITY,
} from './evidence.ts';
import type { Hypothesis } from './hypotheses.ts';

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
 * How often each answer of a check is the true one if the trouble looks as `looks` say, in the order of
 * `check.answers`, summing to 1: the words as they stand, without doubt. A check nothing is said about has all
 * answers equally often.
 */
export function shownProbabilities(looks: Looks, check: Check): number[] {
  return fromWords(looks, check, WORD_PROBABILITY);
}

/** The same with the doubt about the words themselves; how often an answer is meant, by a perfect observer. */
export function meantProbabilities(looks: Looks, check: Check): number[] {
  return fromWords(looks, check, DOUBTED);
}

/** The chance that an answer is given which is meant with `meant`, if a share of answers is mere chance. */
export const answerChance = (meant: number, errorRate: number, check: Check): number =>
  (1 - errorRate) * meant + errorRate / check.answers.length;

function fromWords(looks: Looks, check: Check, worth: Readonly<Record<FrequencyWord, number>>): number[] {
  const words = looks[check.id];
  if (!words) return check.answers.map(() => 1 / check.answers.length);
  if (check.kind === 'sign') {
    // A sign is there or not: one word, for "yes", settles both.
    const yes = worth[words.yes ?? 'never'];
    return check.answers.map((answer) => (answer.id === 'yes' ? yes : 1 - yes));
  }
  // What is never seen is one small chance, shared by all such answers, however many a check has.
  const isNever = check.answers.map(({ id }) => (words[id] ?? 'never') === 'never');
  const nevers = isNever.filter(Boolean).length;
  const weights = check.answers.map(({ id }, i) => (isNever[i] ? worth.never / nevers : worth[words[id]!]));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

/** For each check: for each answer: how often it is meant under each hypothesis. */
export type MeantTable = ReadonlyMap<string, readonly Float64Array[]>;

const tables = keptWhile<readonly Hypothesis[], 'table', readonly Check[], MeantTable>();

/** All answers' probabilities under all hypotheses; kept with the list, for the checks last asked about. */
export function meantTable(hypotheses: readonly Hypothesis[], checks: readonly Check[]): MeantTable {
  return tables(
    hypotheses,
    'table',
    checks,
    () => new Map(checks.map((check) => [check.id, columns(hypotheses, check)])),
  );
}

function columns(hypotheses: readonly Hypothesis[], check: Check): Float64Array[] {
  const rows = hypotheses.map(({ looks }) => meantProbabilities(looks, check));
  return check.answers.map((_, answer) => Float64Array.from(rows, (row) => row[answer]!));
}

export interface WeighedAnswer {
  readonly check: Check;
  readonly index: number;
}

/** The given answers that carry weight, as pairs of check and position of the answer. */
export function weighedAnswers(checks: readonly Check[], answers: Answers): WeighedAnswer[] {
  return checks.flatMap((check) => {
    const answerId = answers[check.id];
    if (saysNothing(answerId)) return [];
    const index = check.answers.findIndex((answer) => answer.id === answerId);
    if (index < 0) throw new RangeError(`"${answerId}" is not an answer to the check "${check.id}"`);
    return [{ check, index }];
  });
}
