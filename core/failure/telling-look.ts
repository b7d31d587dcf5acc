import type { Evidence, ExplainedBy } from './explanation-odds.ts';
import type { Explanation } from './explanation.ts';

/** A look that would tell one explanation from the others. */
export interface TellingLook<Id extends string = string> {
  readonly id: Id;
  readonly of: Explanation;
  /** How often it finds what it looks for where the explanation holds, and where it does not; 0–1. */
  readonly finds: number;
  readonly findsElse: number;
}

/**
 * The look that is expected to narrow the odds most, in bits of entropy (Shannon 1948, Bell Syst. Tech. J. 27:379);
 * null without a look to take.
 */
export function tellingLook<Id extends string>(
  explained: readonly ExplainedBy[],
  looks: readonly TellingLook<Id>[],
): { readonly look: TellingLook<Id>; readonly bits: number } | null {
  const before = entropyOf(explained.map(({ odds }) => odds));
  return looks
    .map((look) => ({ look, bits: before - entropyAfter(explained, look) }))
    .reduce<{ look: TellingLook<Id>; bits: number } | null>(
      (best, each) => (best === null || each.bits > best.bits ? each : best),
      null,
    );
}

function entropyAfter(explained: readonly ExplainedBy[], { of: its, finds, findsElse }: TellingLook): number {
  const finding = explained.map(({ id, odds }) => odds * (id === its ? finds : findsElse));
  const missing = explained.map(({ odds }, i) => odds - finding[i]!);
  return [finding, missing].reduce((total, parts) => {
    const sum = parts.reduce((so, part) => so + part, 0);
    return sum > 0 ? total + sum * entropyOf(parts.map((part) => part / sum)) : total;
  }, 0);
}

const entropyOf = (shares: readonly number[]): number =>
  shares.reduce((total, share) => (share > 0 ? total - share * Math.log2(share) : total), 0);

/** What a look that was taken weighs. */
export function lookedAt<Id extends string>(
  look: TellingLook<Id>,
  wasFound: boolean,
): Evidence<`${Id} ${'yes' | 'no'}`> {
  const { id, finds, findsElse } = look;
  return {
    code: `${id} ${wasFound ? 'yes' : 'no'}`,
    of: look.of,
    times: wasFound ? finds / findsElse : (1 - finds) / (1 - findsElse),
  };
}
