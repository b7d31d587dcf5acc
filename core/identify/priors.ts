import { type Scene, WORD_PROBABILITY } from './evidence.ts';
import type { Hypothesis } from './hypotheses.ts';

/**
 * Share of first suspicions that turn out to be none of the listed troubles: weather, roots, cankers and borers
 * make up a good part of what is brought to be named (rule of thumb, grade C).
 */
const SOMETHING_ELSE_PRIOR = 0.2;

/**
 * How much less likely a trouble's signs are out of their months, or under glass when it lives outdoors
 * (grade C).
 */
const OUT_OF_SEASON = 0.2;
const OUT_OF_PLACE = 0.1;

/** Kinds of plant that stand for all that are not on the list: anything may live on them. */
const anyHost = (hostId: string) => hostId.startsWith('other-');

/**
 * What is probable before anything is looked at: each trouble by how usual it is on this host, in this month
 * and place, and by what the garden's records say; those that never live on it not at all. What belongs to no
 * group gets a fixed share. Probabilities in the order of `hypotheses`, summing to 1.
 */
export function scenePriors(hypotheses: readonly Hypothesis[], scene: Scene): number[] {
  const weights = hypotheses.map((hypothesis) => weightOf(hypothesis, scene));
  const isElse = ({ candidate, group }: Hypothesis) => candidate === null && group === null;
  const total = (elsewhere: boolean) =>
    weights.reduce((sum, weight, i) => (isElse(hypotheses[i]!) === elsewhere ? sum + weight : sum), 0);
  const [listed, unlisted] = [total(false), total(true)];
  const elseShare = unlisted === 0 ? 0 : listed === 0 ? 1 : SOMETHING_ELSE_PRIOR;
  return weights.map((weight, i) =>
    isElse(hypotheses[i]!) ? (elseShare * weight) / unlisted : ((1 - elseShare) * weight) / (listed || 1),
  );
}

function weightOf({ candidate, unlisted }: Hypothesis, scene: Scene): number {
  if (candidate === null) return WORD_PROBABILITY[unlisted!.usual];
  const { hostId, month, sheltered, leanings } = scene;
  const word = candidate.hosts[hostId] ?? candidate.elsewhere ?? (anyHost(hostId) ? 'never' : null);
  if (word === null) return 0;
  return (
    WORD_PROBABILITY[word] *
    (sheltered || candidate.months.length === 0 || candidate.months.includes(month) ? 1 : OUT_OF_SEASON) *
    (sheltered && candidate.shelter === 'outdoors' ? OUT_OF_PLACE : 1) *
    (leanings?.[candidate.id] ?? 1)
  );
}
