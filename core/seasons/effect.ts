import type { Estimate } from '#core/sampling';
import { ratioOf, type SeasonCount } from './compare.ts';
import { hendersonTilton } from './efficacy.ts';
import type { Ratio } from './ratio.ts';

/** A plant's count before and after. */
export interface CountedTwice {
  readonly before: SeasonCount;
  readonly after: SeasonCount;
}

/**
 * What treating took away from one plant beyond what happened on an untreated one: Henderson and Tilton's
 * share, at most 1 and negative where the treated did worse, with a 95 % interval put together from those of
 * the two plants' own ratios on the logarithm (Zou & Donner 2008, Stat. Med. 27:1693). It is of these two
 * plants: what sets them apart besides the treatment is not in it.
 * Returns null when a count it divides by is 0.
 */
export function effectBesideUntreated(treated: CountedTwice, untreated: CountedTwice): Estimate | null {
  const value = hendersonTilton({
    treatedBefore: treated.before.measure.value,
    treatedAfter: treated.after.measure.value,
    untreatedBefore: untreated.before.measure.value,
    untreatedAfter: untreated.after.measure.value,
  });
  if (value === null) return null;
  const [a, b] = [ratioOf(treated.before, treated.after), ratioOf(untreated.before, untreated.after)];
  const difference = Math.log(a.value / b.value);
  const half = Math.hypot(halfOf(a), halfOf(b));
  return {
    value,
    low: 1 - Math.exp(difference + half),
    high: Math.max(value, 1 - Math.exp(difference - half)),
  };
}

const halfOf = ({ low, high }: Ratio): number => Math.log(high / low) / 2;
