import { type Answers, type Candidate, type Check, EFFORT_MINUTES, NOT_SURE } from './evidence.ts';
import { likelihoodTable } from './likelihood.ts';

export interface SuggestedCheck {
  readonly checkId: string;
  /** What the answer is expected to tell, in bits of Shannon information about which trouble it is. */
  readonly expectedBits: number;
  /** Bits per rough minute of effort; the list is in this order. */
  readonly bitsPerMinute: number;
}

/**
 * The checks not yet answered, most telling for their effort first. The expected information is
 * the mutual information between the answer and the trouble under the present probabilities
 * (Shannon 1948). `probabilities` as from `posterior`.
 */
export function suggestChecks(
  candidates: readonly Candidate[],
  checks: readonly Check[],
  answers: Answers,
  probabilities: readonly number[],
): SuggestedCheck[] {
  const table = likelihoodTable(candidates, checks);
  return checks
    .filter((check) => answers[check.id] === undefined || answers[check.id] === NOT_SURE)
    .map((check) => {
      const expectedBits = mutualInformation(table.get(check.id)!, probabilities);
      return { checkId: check.id, expectedBits, bitsPerMinute: expectedBits / EFFORT_MINUTES[check.effort] };
    })
    .sort((a, b) => b.bitsPerMinute - a.bitsPerMinute);
}

function mutualInformation(
  perCandidate: readonly (readonly number[])[],
  probabilities: readonly number[],
): number {
  let bits = 0;
  for (let answer = 0; answer < perCandidate[0]!.length; answer++) {
    const overall = probabilities.reduce((sum, p, i) => sum + p * perCandidate[i]![answer]!, 0);
    bits += probabilities.reduce((sum, p, i) => {
      const likelihood = perCandidate[i]![answer]!;
      return p > 0 ? sum + p * likelihood * Math.log2(likelihood / overall) : sum;
    }, 0);
  }
  return bits;
}
