import type { Answers, Candidate, Check } from './evidence.ts';
import { likelihoodTable, weighedAnswers } from './likelihood.ts';

/** Two troubles that together explain the answers far better than any one. */
export interface TwoTroubles {
  readonly targetIds: readonly [string, string];
  /** Probability that two are there rather than one. */
  readonly probability: number;
}

/** Share of troubled plants with two troubles at once before anything is seen (rule of thumb, grade C). */
const TWO_AT_ONCE = 0.25;
/**
 * Said when two are nearly as probable as one, and this pair stands out among the pairs: a second look
 * is cheap.
 */
const SAID_FROM = 0.4;
const SHARE_OF_PAIRS = 0.3;

/**
 * Whether the answers point to two troubles of different groups on one plant. A sign shows if
 * either makes it; all tests are made on one insect, which is either with even chance. `priors` as from
 * `scenePriors`, "something else" last.
 */
export function twoTroubles(
  candidates: readonly Candidate[],
  checks: readonly Check[],
  priors: readonly number[],
  answers: Answers,
): TwoTroubles | null {
  const table = likelihoodTable(candidates, checks);
  const weighed = weighedAnswers(checks, answers).map(({ check, index }) => ({
    kind:
      check.kind === 'test'
        ? ('test' as const)
        : check.answers[index]!.id === 'yes'
          ? ('seen' as const)
          : ('absent' as const),
    chances: table.get(check.id)!.map((perAnswer) => perAnswer[index]!),
  }));
  const linesOf = (kind: 'test' | 'seen' | 'absent') =>
    weighed.filter((answer) => answer.kind === kind).map((answer) => answer.chances);
  const product = (chances: readonly (readonly number[])[], i: number) =>
    chances.reduce((all, perCandidate) => all * perCandidate[i]!, 1);
  const [tests, absent, seen] = [linesOf('test'), linesOf('absent'), linesOf('seen')];
  // What does not depend on the other of a pair is worked out once a candidate.
  const alone = priors.map((prior, i) => ({ prior, tests: product(tests, i), absent: product(absent, i) }));
  const one = alone.reduce(
    (sum, { prior, tests: ofTests, absent: ofAbsent }, i) =>
      sum + prior * ofTests * ofAbsent * product(seen, i),
    0,
  );
  let pairs = 0;
  let best: { a: number; b: number; weight: number } | null = null;
  for (let a = 0; a < candidates.length; a++) {
    for (let b = a + 1; b < candidates.length; b++) {
      if (candidates[a]!.group === candidates[b]!.group) continue;
      const [first, second] = [alone[a]!, alone[b]!];
      const weight =
        2 *
        first.prior *
        second.prior *
        first.absent *
        second.absent *
        ((first.tests + second.tests) / 2) *
        eitherShows(seen, a, b);
      pairs += weight;
      if (!best || weight > best.weight) best = { a, b, weight };
    }
  }
  if (!best) return null;
  const probability = (TWO_AT_ONCE * pairs) / (TWO_AT_ONCE * pairs + (1 - TWO_AT_ONCE) * one);
  if (probability < SAID_FROM || best.weight < SHARE_OF_PAIRS * pairs) return null;
  return { targetIds: [candidates[best.a]!.id, candidates[best.b]!.id], probability };
}

/** Chance that every sign seen is made by at least one of the two. */
function eitherShows(seen: readonly (readonly number[])[], a: number, b: number): number {
  let chance = 1;
  for (const chances of seen) chance *= 1 - (1 - chances[a]!) * (1 - chances[b]!);
  return chance;
}
