import { notComparable, type SeasonCount } from './compare.ts';

type Counted = Pick<SeasonCount, 'on' | 'protocol' | 'tagged'>;

/**
 * The counts of a watch that may all be laid side by side: counted one way at one stage of the year. Of several
 * such rows the longest, of equal ones the one that ends latest. `counts` in the order of their days, and so the
 * row.
 */
export function longestChain<Count extends Counted>(counts: readonly Count[]): Count[] {
  return counts
    .map((anchor) => counts.filter((count) => notComparable(anchor, count) === null))
    .reduce<Count[]>((best, row) => (row.length >= best.length ? row : best), []);
}
