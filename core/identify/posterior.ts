import { type Answers, type Check, FIRST_WORD, type FirstWord, type Key, type Scene } from './evidence.ts';
import type { TargetGroup } from './evidence.ts';
import { type Hypothesis, hypothesesIn, SOMETHING_ELSE } from './hypotheses.ts';
import {
  answerChance,
  type MeantTable,
  meantTable,
  type WeighedAnswer,
  weighedAnswers,
} from './likelihood.ts';
import { scenePriors } from './priors.ts';

/**
 * Two kinds of observers: those who are seldom wrong and those who often are, and how many there are of each
 * (rule of thumb, grade C). Answers that do not go together make the second likelier, and then every answer
 * weighs less.
 */
const OBSERVERS = [
  { errorRate: 0.02, share: 0.8 },
  { errorRate: 0.16, share: 0.2 },
] as const;

/** A first word is chosen for what is not there this often (grade C). */
const WRONG_WORD = 0.1;

export interface Belief {
  readonly hypotheses: readonly Hypothesis[];
  readonly table: MeantTable;
  readonly priors: readonly number[];
  /** Of each hypothesis, in their order; they sum to 1. */
  readonly probabilities: readonly number[];
  /** Probability that the answers are those of a careful observer; falls where they contradict each other. */
  readonly trust: number;
  /** Share of the answers to be taken as mere chance, as far as the answers tell. */
  readonly errorRate: number;
  readonly weighed: readonly WeighedAnswer[];
}

/**
 * Probability of each hypothesis given the answers, by Bayes' rule with the checks taken as independent once
 * the trouble and the observer are known.
 * @throws RangeError for an answer its check does not have.
 */
export function believe(key: Key, scene: Scene, answers: Answers): Belief {
  const hypotheses = hypothesesIn(key, scene.month);
  const table = meantTable(hypotheses, key.checks);
  const priors = scenePriors(hypotheses, scene);
  const weighed = weighedAnswers(key.checks, answers);
  const word = key.firstWords.find(({ id }) => id === answers[FIRST_WORD]);
  const started = priors.map((prior, i) => (word ? prior * wordChance(word, answers, table, i) : prior));
  const byObserver = OBSERVERS.map(({ errorRate, share }) => {
    const chances = chancesOfAll(weighed, table, errorRate, hypotheses.length);
    return { errorRate, weights: started.map((weight, i) => share * weight * chances[i]!) };
  });
  const sums = byObserver.map(({ weights }) => weights.reduce((sum, weight) => sum + weight, 0));
  const total = sums.reduce((sum, each) => sum + each, 0);
  return {
    hypotheses,
    table,
    priors,
    probabilities: hypotheses.map(
      (_, i) => byObserver.reduce((sum, { weights }) => sum + weights[i]!, 0) / total,
    ),
    trust: sums[0]! / total,
    errorRate: byObserver.reduce((sum, { errorRate }, r) => sum + (errorRate * sums[r]!) / total, 0),
    weighed,
  };
}

/** The chance of all answers under each hypothesis, for one kind of observer. */
function chancesOfAll(
  weighed: readonly WeighedAnswer[],
  table: MeantTable,
  errorRate: number,
  count: number,
): Float64Array {
  const chances = new Float64Array(count).fill(1);
  for (const { check, index } of weighed) {
    const meant = table.get(check.id)![index]!;
    for (let i = 0; i < count; i++) chances[i]! *= answerChance(meant[i]!, errorRate, check);
  }
  return chances;
}

/**
 * The chance that at least one of the word's signs is there. A sign that was looked at since speaks for
 * itself: seen, it explains the word; not seen, the others have to.
 */
function wordChance(word: FirstWord, answers: Answers, table: MeantTable, place: number): number {
  if (word.signs.some((id) => answers[id] === 'yes')) return 1;
  let none = 1;
  for (const id of word.signs) if (answers[id] !== 'no') none *= 1 - table.get(id)![0]![place]!;
  return WRONG_WORD + (1 - WRONG_WORD) * (1 - none);
}

export interface Standing {
  /** A listed trouble, an unlisted one of some group, or {@link SOMETHING_ELSE}. */
  readonly targetId: string;
  readonly listed: boolean;
  readonly probability: number;
}

export interface GroupStanding {
  readonly group: TargetGroup | typeof SOMETHING_ELSE;
  readonly probability: number;
}

const byProbability = <T extends { readonly probability: number }>(list: readonly T[]): T[] =>
  [...list].sort((a, b) => b.probability - a.probability);

/** Explanations most probable first; all that belong to no group stand together as {@link SOMETHING_ELSE}. */
export function rank(hypotheses: readonly Hypothesis[], probabilities: readonly number[]): Standing[] {
  const standings: Standing[] = [];
  let elsewhere = 0;
  hypotheses.forEach(({ id, group, candidate }, i) => {
    if (candidate === null && group === null) elsewhere += probabilities[i]!;
    else standings.push({ targetId: id, listed: candidate !== null, probability: probabilities[i]! });
  });
  return byProbability([...standings, { targetId: SOMETHING_ELSE, listed: false, probability: elsewhere }]);
}

/** The same by what is done about it. */
export function rankDecisions(
  hypotheses: readonly Hypothesis[],
  probabilities: readonly number[],
): { readonly decision: string; readonly probability: number }[] {
  return byProbability(
    summed(hypotheses, probabilities, ({ decision }) => decision).map(([decision, probability]) => ({
      decision,
      probability,
    })),
  );
}

/** The same by group. */
export function rankGroups(
  hypotheses: readonly Hypothesis[],
  probabilities: readonly number[],
): GroupStanding[] {
  return byProbability(
    summed(hypotheses, probabilities, ({ group }) => group ?? SOMETHING_ELSE).map(
      ([group, probability]): GroupStanding => ({ group, probability }),
    ),
  );
}

function summed<Kind>(
  hypotheses: readonly Hypothesis[],
  probabilities: readonly number[],
  kindOf: (hypothesis: Hypothesis) => Kind,
): [Kind, number][] {
  const sums = new Map<Kind, number>();
  hypotheses.forEach((hypothesis, i) => {
    const kind = kindOf(hypothesis);
    sums.set(kind, (sums.get(kind) ?? 0) + probabilities[i]!);
  });
  return [...sums];
}

/** The answer's chance under each hypothesis, chance answers among them. */
export function chancesOf(belief: Belief, check: Check, index: number): Float64Array {
  const meant = belief.table.get(check.id)![index]!;
  const chances = new Float64Array(meant.length);
  for (let i = 0; i < meant.length; i++) chances[i] = answerChance(meant[i]!, belief.errorRate, check);
  return chances;
}
