import { type Answers, type Check, EFFORT_MINUTES, type Key, type Scene } from './evidence.ts';
import { type Belief, believe, chancesOf } from './posterior.ts';

/** A look that would prove a name wrong, and the answers that would. */
export interface ProvingCheck {
  readonly checkId: string;
  readonly against: readonly string[];
}

/** An answer this many times likelier under the others speaks against the name. */
const SPEAKS_AGAINST = 3;
/** Looks that take weeks prove nothing now. */
const WITHIN_MINUTES = EFFORT_MINUTES.knife;

/**
 * For somebody who says what it is: the looks, at most `most`, that would tell best for their effort if it were
 * something else, each with the answers that speak against the name. None for an unknown id.
 */
export function provingChecks(
  key: Key,
  scene: Scene,
  answers: Answers,
  targetId: string,
  most = 2,
): ProvingCheck[] {
  const belief = believe(key, scene, answers);
  const place = belief.hypotheses.findIndex(({ candidate }) => candidate?.id === targetId);
  if (place < 0) return [];
  return key.checks
    .filter((check) => answers[check.id] === undefined && EFFORT_MINUTES[check.effort] <= WITHIN_MINUTES)
    .map((check) => tellingAgainst(check, place, belief))
    .filter(({ against }) => against.length > 0)
    .sort((a, b) => b.bitsPerMinute - a.bitsPerMinute)
    .slice(0, most)
    .map(({ checkId, against }) => ({ checkId, against }));
}

function tellingAgainst(check: Check, place: number, belief: Belief) {
  const othersTotal = 1 - belief.probabilities[place]!;
  let bits = 0;
  const against: string[] = [];
  check.answers.forEach(({ id }, index) => {
    const chances = chancesOf(belief, check, index);
    const byName = chances[place]!;
    const others =
      chances.reduce((sum, chance, i) => (i === place ? sum : sum + chance * belief.probabilities[i]!), 0) /
      othersTotal;
    const overall = (byName + others) / 2;
    bits += (byName / 2) * Math.log2(byName / overall) + (others / 2) * Math.log2(others / overall);
    if (others >= SPEAKS_AGAINST * byName) against.push(id);
  });
  return { checkId: check.id, against, bitsPerMinute: bits / EFFORT_MINUTES[check.effort] };
}
