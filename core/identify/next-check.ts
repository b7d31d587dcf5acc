import { type Answers, type Check, EFFORT_MINUTES, NOT_SURE } from './evidence.ts';
import { answerChance } from './likelihood.ts';
import type { Hypothesis } from './hypotheses.ts';
import type { Belief } from './posterior.ts';

const { log2, max } = Math;

/** Below this no remaining look is expected to settle anything (bits; rule of thumb, grade C). */
export const WORTH_LOOKING_BITS = 0.02;

export interface SuggestedCheck {
  readonly checkId: string;
  /** Asked before and answered "not sure". */
  readonly again: boolean;
  /**
   * What the answer is expected to tell in bits of Shannon information: the mean of what it tells about the
   * group and about what is to be done.
   */
  readonly expectedBits: number;
  /** Bits per rough minute of effort; the list is in this order. */
  readonly bitsPerMinute: number;
}

/** Below this a first look waits until what one was not sure of was looked at again (bits; grade C). */
const BEFORE_SECOND_LOOKS = 0.1;

/** First looks that tell come first, then second looks, then what hardly tells. */
const turn = ({ again, expectedBits }: SuggestedCheck): number =>
  expectedBits < WORTH_LOOKING_BITS ? 3 : again ? 1 : expectedBits >= BEFORE_SECOND_LOOKS ? 0 : 2;

/** A second look at what one was not sure of takes so many times the effort of the first (grade C). */
const SECOND_LOOK = 2;

/**
 * The checks not yet asked, most telling for their effort first. What was answered "not sure" comes once more,
 * at twice the effort and after all that tells more than a little; then never again. The expected information is
 * the mutual information between the answer and the group, and between the answer and the decision, under the
 * present probabilities (Shannon 1948).
 */
export function suggestChecks(checks: readonly Check[], answers: Answers, belief: Belief): SuggestedCheck[] {
  const alive = stillPossible(belief);
  const groups = numbered(alive, ({ group }) => group ?? '');
  const decisions = numbered(alive, ({ decision }) => decision);
  return checks
    .filter(({ id }) => answers[id] === undefined || answers[id] === NOT_SURE)
    .map((check): SuggestedCheck => {
      const again = answers[check.id] === NOT_SURE;
      const minutes = EFFORT_MINUTES[check.effort] * (again ? SECOND_LOOK : 1);
      const expectedBits = (bitsAbout(groups, alive, check) + bitsAbout(decisions, alive, check)) / 2;
      return { checkId: check.id, again, expectedBits, bitsPerMinute: expectedBits / minutes };
    })
    .sort((a, b) => turn(a) - turn(b) || b.bitsPerMinute - a.bitsPerMinute);
}

/** The hypotheses that still count, with their places in the table. */
interface Possible {
  readonly belief: Belief;
  readonly places: Int32Array;
  readonly probabilities: Float64Array;
}

/** Less probable ones than this decide no question. */
const NEGLIGIBLE = 1e-6;

function stillPossible(belief: Belief): Possible {
  const places = Int32Array.from(
    belief.probabilities.flatMap((probability, i) => (probability > NEGLIGIBLE ? [i] : [])),
  );
  return { belief, places, probabilities: Float64Array.from(places, (i) => belief.probabilities[i]!) };
}

interface Kinds {
  /** The kind of each possible hypothesis, as a number from 0. */
  readonly kinds: Int32Array;
  readonly weights: Float64Array;
}

function numbered(possible: Possible, kindOf: (hypothesis: Hypothesis) => string): Kinds {
  const numbers = new Map<string, number>();
  const kinds = Int32Array.from(possible.places, (place) => {
    const kind = kindOf(possible.belief.hypotheses[place]!);
    if (!numbers.has(kind)) numbers.set(kind, numbers.size);
    return numbers.get(kind)!;
  });
  const weights = new Float64Array(numbers.size);
  possible.probabilities.forEach((probability, i) => (weights[kinds[i]!]! += probability));
  return { kinds, weights };
}

/** Mutual information in bits between a check's answer and the kinds. */
function bitsAbout(
  { kinds, weights }: Kinds,
  { belief, places, probabilities }: Possible,
  check: Check,
): number {
  let bits = 0;
  for (const meant of belief.table.get(check.id)!) {
    const joint = new Float64Array(weights.length);
    let overall = 0;
    for (let i = 0; i < places.length; i++) {
      const together = probabilities[i]! * answerChance(meant[places[i]!]!, belief.errorRate, check);
      joint[kinds[i]!]! += together;
      overall += together;
    }
    for (let kind = 0; kind < joint.length; kind++)
      if (joint[kind]! > 0) bits += joint[kind]! * log2(joint[kind]! / (weights[kind]! * overall));
  }
  // What tells nothing comes out as a rounding error on either side of it.
  return max(0, bits);
}
