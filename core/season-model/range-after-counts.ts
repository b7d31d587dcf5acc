import { type FigureRange } from './figure-range.ts';

const POINTS = 199;
const Z80 = 1.2816;

/**
 * A doubtful share after some were looked at one by one: `hits` of `looked` had it. The range before weighs as a
 * two-piece normal between 0 and 1, the look as a binomial; what comes out is again a middle and eight in ten.
 * @throws RangeError when more hits than looks are told.
 */
export function rangeAfterCounts(range: FigureRange, hits: number, looked: number): FigureRange {
  if (hits < 0 || hits > looked) throw new RangeError('hits lie between none and all');
  if (looked === 0) return range;
  const shares = Array.from({ length: POINTS }, (_, i) => (i + 1) / (POINTS + 1));
  const logs = shares.map((share) => {
    const spread = (share < range.middle ? range.middle - range.low : range.high - range.middle) / Z80;
    const before = spread > 0 ? -0.5 * ((share - range.middle) / spread) ** 2 - Math.log(spread) : -1e9;
    return before + hits * Math.log(share) + (looked - hits) * Math.log(1 - share);
  });
  const best = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - best));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  const at = (share: number) => {
    let through = 0;
    const place = weights.findIndex((weight) => (through += weight) >= share * sum);
    return shares[place]!;
  };
  return { low: at(0.1), middle: at(0.5), high: at(0.9) };
}
