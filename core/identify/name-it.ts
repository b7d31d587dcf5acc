import { contradictions, type Contradiction } from './contradictions.ts';
import type { Answers, Key, Scene } from './evidence.ts';
import { suggestChecks, type SuggestedCheck } from './next-check.ts';
import { nextQuestion, type NextQuestion } from './next-question.ts';
import {
  type Belief,
  believe,
  type GroupStanding,
  rank,
  rankDecisions,
  rankGroups,
  type Standing,
} from './posterior.ts';
import { fieldOf, reasonsFor, type Reasons } from './reasons.ts';
import { nextStep, type NextStep } from './next-step.ts';
import { twoTroubles, type TwoTroubles } from './two-troubles.ts';
import { verdict, type NamingVerdict } from './verdict.ts';

export interface Naming {
  readonly verdict: NamingVerdict;
  readonly standings: readonly (Standing & { readonly reasons: Reasons | null })[];
  readonly groups: readonly GroupStanding[];
  readonly nextChecks: readonly SuggestedCheck[];
  /** What to ask next; null where nothing left would tell. */
  readonly question: NextQuestion | null;
  readonly answered: number;
  readonly two: TwoTroubles | null;
  /** Pairs of answers that no one trouble gives together. */
  readonly contradictions: readonly Contradiction[];
  /** Probability, 0–1, that the answers are those of somebody seldom wrong. */
  readonly trust: number;
  /** How far the decision is settled, 0 at the start to 1: the share of its uncertainty that is gone. */
  readonly settled: number;
  /** If it is in no list: the kind of trouble it looks most like, as the id of an unlisted one. */
  readonly likeUnlisted: string | null;
  readonly step: NextStep;
}

/** Only so many leading standings come with their reasons; nobody reads those of the hundredth. */
const REASONED = 10;

/**
 * The whole naming step: what it most probably is, why and why not, and what to look at next.
 * Reasons are null for "something else", which has no looks of its own, and for those far down.
 * @throws RangeError for an answer its check does not have.
 */
export function nameIt(key: Key, scene: Scene, answers: Answers): Naming {
  const belief = believe(key, scene, answers);
  const { hypotheses, probabilities, weighed } = belief;
  const places = new Map(hypotheses.map((hypothesis, i) => [hypothesis.id, i]));
  const ranked = rank(hypotheses, probabilities);
  const groups = rankGroups(hypotheses, probabilities);
  const answered = weighed.length;
  const said = verdict(ranked, groups, answered, hypotheses);
  const nextChecks = suggestChecks(key.checks, answers, belief);
  const question = nextQuestion(key.checks, nextChecks, answered);
  const field = fieldOf(key.checks, belief);
  return {
    verdict: said,
    two: twoTroubles(belief),
    contradictions: contradictions(key.candidates, key.checks, answers),
    trust: belief.trust,
    settled: settled(belief),
    likeUnlisted: likeUnlisted(belief),
    step: nextStep(said, question, answered),
    standings: ranked.map((standing, i) => {
      const place = places.get(standing.targetId);
      return { ...standing, reasons: place === undefined || i >= REASONED ? null : reasonsFor(place, field) };
    }),
    groups,
    nextChecks,
    question,
    answered,
  };
}

function settled({ hypotheses, priors, probabilities }: Belief): number {
  const start = entropy(hypotheses, priors);
  return start === 0 ? 1 : Math.max(0, 1 - entropy(hypotheses, probabilities) / start);
}

function entropy(hypotheses: Belief['hypotheses'], probabilities: readonly number[]): number {
  return rankDecisions(hypotheses, probabilities).reduce(
    (bits, { probability }) => (probability > 0 ? bits - probability * Math.log2(probability) : bits),
    0,
  );
}

function likeUnlisted({ hypotheses, probabilities }: Belief): string | null {
  let best: number | null = null;
  hypotheses.forEach(({ candidate, group }, i) => {
    if (candidate !== null || group !== null) return;
    if (best === null || probabilities[i]! > probabilities[best]!) best = i;
  });
  return best === null ? null : hypotheses[best]!.id;
}
