import { asSeenIn } from './by-season.ts';
import { contradictions, type Contradiction } from './contradictions.ts';
import { type Answers, type Candidate, type Check, type Scene } from './evidence.ts';
import { weighedAnswers } from './likelihood.ts';
import { suggestChecks, type SuggestedCheck } from './next-check.ts';
import { type GroupStanding, posterior, rank, rankGroups, scenePriors, type Standing } from './posterior.ts';
import { fieldOf, reasonsFor, type Reasons } from './reasons.ts';
import { nextStep, type NextStep } from './next-step.ts';
import { twoTroubles, type TwoTroubles } from './two-troubles.ts';
import { verdict, type NamingVerdict } from './verdict.ts';

export interface Naming {
  readonly verdict: NamingVerdict;
  readonly standings: readonly (Standing & { readonly reasons: Reasons | null })[];
  readonly groups: readonly GroupStanding[];
  readonly nextChecks: readonly SuggestedCheck[];
  readonly answered: number;
  readonly two: TwoTroubles | null;
  /** Pairs of answers that no one trouble gives together. */
  readonly contradictions: readonly Contradiction[];
  readonly step: NextStep;
}

/**
 * The whole naming step: what it most probably is, why and why not, and what to look at next.
 * Reasons are null for "something else", which has no looks of its own.
 * @throws RangeError for an answer its check does not have.
 */
export function nameIt(
  listed: readonly Candidate[],
  checks: readonly Check[],
  scene: Scene,
  answers: Answers,
): Naming {
  const candidates = asSeenIn(scene.month, listed);
  const priors = scenePriors(candidates, scene);
  const probabilities = posterior(candidates, checks, scene, answers);
  const places = new Map(candidates.map((candidate, i) => [candidate.id, i]));
  const ranked = rank(candidates, probabilities);
  const groups = rankGroups(candidates, probabilities);
  const weighed = weighedAnswers(checks, answers);
  const answered = weighed.length;
  const field = fieldOf(candidates, checks, weighed, priors);
  const said = verdict(ranked, groups, answered);
  const nextChecks = suggestChecks(candidates, checks, answers, probabilities);
  return {
    verdict: said,
    two: twoTroubles(candidates, checks, priors, answers),
    contradictions: contradictions(candidates, checks, answers),
    step: nextStep(said, nextChecks, answered),
    standings: ranked.map((standing) => {
      const place = places.get(standing.targetId);
      return { ...standing, reasons: place === undefined ? null : reasonsFor(place, candidates, field) };
    }),
    groups,
    nextChecks,
    answered,
  };
}
