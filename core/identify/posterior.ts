import {
  type Answers,
  type Candidate,
  type Check,
  type Scene,
  type TargetGroup,
  WORD_PROBABILITY,
} from './evidence.ts';
import { likelihoodTable, weighedAnswers } from './likelihood.ts';

/** Stands for every trouble that is not in the list, so that a poor fit is not forced into one. */
export const SOMETHING_ELSE = 'something-else';

/** Share of first suspicions that turn out to be none of the listed troubles (rule of thumb, grade C). */
const SOMETHING_ELSE_PRIOR = 0.1;

export interface Standing {
  readonly targetId: string;
  readonly probability: number;
}

export interface GroupStanding {
  readonly group: TargetGroup | typeof SOMETHING_ELSE;
  readonly probability: number;
}

/**
 * How much less likely a trouble's signs are out of their months, or under glass when it lives outdoors
 * (grade C).
 */
const OUT_OF_SEASON = 0.2;
const OUT_OF_PLACE = 0.1;

/**
 * What is probable before anything is looked at: each trouble by how usual it is on this host, in
 * this month and place, plus a share for none of them. Probabilities 0–1 in the order of
 * `candidates`, the share last. An unlisted host counts as "never", which still leaves a little:
 * lists of hosts are not complete.
 */
export function scenePriors(candidates: readonly Candidate[], { hostId, month, sheltered }: Scene): number[] {
  const weights = candidates.map(
    (candidate) =>
      WORD_PROBABILITY[candidate.hosts[hostId] ?? 'never'] *
      (sheltered || candidate.months.length === 0 || candidate.months.includes(month) ? 1 : OUT_OF_SEASON) *
      (sheltered && candidate.shelter === 'outdoors' ? OUT_OF_PLACE : 1),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return [...weights.map((weight) => ((1 - SOMETHING_ELSE_PRIOR) * weight) / total), SOMETHING_ELSE_PRIOR];
}

/**
 * Probability of each candidate (then of "something else") given the answers, by Bayes' rule with
 * the checks taken as independent once the trouble is known.
 * @throws RangeError for an answer its check does not have.
 */
export function posterior(
  candidates: readonly Candidate[],
  checks: readonly Check[],
  scene: Scene,
  answers: Answers,
): number[] {
  const weighed = weighedAnswers(checks, answers);
  const table = likelihoodTable(candidates, checks);
  const weights = scenePriors(candidates, scene).map((prior, i) =>
    weighed.reduce((weight, { check, index }) => weight * table.get(check.id)![i]![index]!, prior),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

/** Candidates most probable first, "something else" among them. */
export function rank(candidates: readonly Candidate[], probabilities: readonly number[]): Standing[] {
  return probabilities
    .map((probability, i) => ({ targetId: candidates[i]?.id ?? SOMETHING_ELSE, probability }))
    .sort((a, b) => b.probability - a.probability);
}

/** The same by group. */
export function rankGroups(
  candidates: readonly Candidate[],
  probabilities: readonly number[],
): GroupStanding[] {
  const sums = new Map<GroupStanding['group'], number>();
  probabilities.forEach((probability, i) => {
    const group = candidates[i]?.group ?? SOMETHING_ELSE;
    sums.set(group, (sums.get(group) ?? 0) + probability);
  });
  return [...sums]
    .map(([group, probability]) => ({ group, probability }))
    .sort((a, b) => b.probability - a.probability);
}
