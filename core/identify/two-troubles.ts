import { type Belief, chancesOf } from './posterior.ts';

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
 * either makes it; all tests are made on one insect, which is either with even chance. Only listed troubles that
 * live on this host are paired.
 */
export function twoTroubles(belief: Belief): TwoTroubles | null {
  const { hypotheses, priors } = belief;
  const weighed = belief.weighed.map(({ check, index }) => ({
    kind:
      check.kind === 'test'
        ? ('test' as const)
        : check.answers[index]!.id === 'yes'
          ? ('seen' as const)
          : ('absent' as const),
    chances: chancesOf(belief, check, index),
  }));
  const linesOf = (kind: 'test' | 'seen' | 'absent') =>
    weighed.filter((answer) => answer.kind === kind).map((answer) => answer.chances);
  const product = (chances: readonly Float64Array[], i: number) =>
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
  const paired = hypotheses.flatMap(({ candidate }, i) => (candidate && priors[i]! > 0 ? [i] : []));
  for (const [n, a] of paired.entries()) {
    for (let m = n + 1; m < paired.length; m++) {
      const b = paired[m]!;
      if (hypotheses[a]!.group === hypotheses[b]!.group) continue;
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
  return { targetIds: [hypotheses[best.a]!.id, hypotheses[best.b]!.id], probability };
}

/** Chance that every sign seen is made by at least one of the two. */
function eitherShows(seen: readonly Float64Array[], a: number, b: number): number {
  let chance = 1;
  for (const chances of seen) chance *= 1 - (1 - chances[a]!) * (1 - chances[b]!);
  return chance;
}
