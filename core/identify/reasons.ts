import type { Check } from './evidence.ts';
import { answerChance } from './likelihood.ts';
import { type Belief, chancesOf } from './posterior.ts';

/** Evidence weaker than this many bits is not worth naming as a reason. */
const TELLING_BITS = 0.3;
/** An answer this improbable under a trouble speaks against it, however improbable it is under others too. */
const UNLIKELY = 0.2;
/** A trouble has a clear opinion on a check when one answer is at least this probable. */
const SURE = 0.7;

export interface Reason {
  readonly checkId: string;
  readonly answerId: string;
  /**
   * Weight of evidence: log2 of how much likelier the answer is under this trouble than under the field
   * of all.
   */
  readonly bits: number;
  /** The answer is seldom seen with this trouble. */
  readonly unlikely: boolean;
}

export interface Reasons {
  readonly for: readonly Reason[];
  readonly against: readonly Reason[];
  /** Unanswered checks this trouble has a clear opinion on, most decided first. */
  readonly missing: readonly string[];
}

/** A given answer with what it weighs under each candidate. */
export interface FieldAnswer {
  readonly checkId: string;
  readonly answerId: string;
  /** Its probability under each candidate, in their order. */
  readonly chances: Float64Array;
  /** log2 of its probability over the field of all troubles before any answer was given. */
  readonly fieldBits: number;
}

/** All that reasons rest on: the answers that carry weight, and the checks still open. */
export interface Field {
  readonly weighed: readonly FieldAnswer[];
  readonly open: readonly Check[];
  readonly belief: Belief;
}

/**
 * The answers against the field of all troubles; resting on no answer, it lets no reason depend
 * on the order they came in.
 */
export function fieldOf(checks: readonly Check[], belief: Belief): Field {
  const answered = new Set(belief.weighed.map(({ check }) => check));
  return {
    weighed: belief.weighed.map(({ check, index }) => {
      const chances = chancesOf(belief, check, index);
      return {
        checkId: check.id,
        answerId: check.answers[index]!.id,
        chances,
        fieldBits: Math.log2(belief.priors.reduce((sum, p, i) => sum + p * chances[i]!, 0)),
      };
    }),
    open: checks.filter((check) => !answered.has(check)),
    belief,
  };
}

/**
 * What speaks for and against one candidate (strongest first), and which unanswered checks could.
 * `field` as from {@link fieldOf}.
 */
export function reasonsFor(place: number, { weighed, open, belief }: Field): Reasons {
  const speaking: Reason[] = [],
    against: Reason[] = [];
  for (const { checkId, answerId, chances, fieldBits } of weighed) {
    const chance = chances[place]!;
    const bits = Math.log2(chance) - fieldBits;
    const unlikely = chance <= UNLIKELY;
    if (bits >= TELLING_BITS) speaking.push({ checkId, answerId, bits, unlikely });
    else if (bits <= -TELLING_BITS || unlikely) against.push({ checkId, answerId, bits, unlikely });
  }
  return {
    for: speaking.sort((a, b) => b.bits - a.bits),
    against: against.sort((a, b) => a.bits - b.bits),
    missing: missingFor(place, open, belief),
  };
}

function missingFor(
  place: number,
  open: readonly Check[],
  { hypotheses, table, errorRate }: Belief,
): string[] {
  return open
    .filter((check) => hypotheses[place]!.looks[check.id])
    .map((check) => ({
      id: check.id,
      surest: Math.max(...table.get(check.id)!.map((meant) => answerChance(meant[place]!, errorRate, check))),
    }))
    .filter(({ surest }) => surest >= SURE)
    .sort((a, b) => b.surest - a.surest)
    .map(({ id }) => id);
}
