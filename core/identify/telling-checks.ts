import { type Check, EFFORT_MINUTES, type Looks } from './evidence.ts';
import { meantProbabilities } from './likelihood.ts';

/** A look, and how much of the doubt between two troubles one answer to it takes away. */
export interface TellingCheck {
  readonly checkId: string;
  /** 0: says nothing; 1: settles which of two equally likely ones it is. */
  readonly bits: number;
}

/** What takes away less than this is not worth bending down for. */
const WORTH_BITS = 0.08;

/**
 * The looks that tell two troubles apart, the most telling first, the easier first among like ones: by the mutual
 * information of answer and trouble when both are equally likely, which is their Jensen–Shannon divergence in bits
 * (Lin 1991, IEEE Trans. Inf. Theory 37:145–151). None where all looks come out alike.
 */
export function tellingChecks(
  first: Looks,
  second: Looks,
  checks: readonly Check[],
  most = 4,
): TellingCheck[] {
  return checks
    .map((check) => ({
      check,
      bits: bitsBetween(meantProbabilities(first, check), meantProbabilities(second, check)),
    }))
    .filter(({ bits }) => bits >= WORTH_BITS)
    .sort(
      (a, b) =>
        b.bits - a.bits ||
        EFFORT_MINUTES[a.check.effort] - EFFORT_MINUTES[b.check.effort] ||
        a.check.id.localeCompare(b.check.id),
    )
    .slice(0, most)
    .map(({ check, bits }) => ({ checkId: check.id, bits }));
}

function bitsBetween(first: readonly number[], second: readonly number[]): number {
  return first.reduce((sum, p, i) => {
    const q = second[i]!;
    const middle = (p + q) / 2;
    return sum + part(p, middle) / 2 + part(q, middle) / 2;
  }, 0);
}

const part = (p: number, middle: number) => (p === 0 ? 0 : p * Math.log2(p / middle));
