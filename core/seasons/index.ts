export {
  compareCounts,
  notComparable,
  SAME_STAGE_DAYS,
  type Change,
  type Move,
  type SeasonCount,
  type UnitValue,
} from './compare.ts';
export { abbott, hendersonTilton } from './efficacy.ts';
export { effectBesideUntreated, type CountedTwice } from './effect.ts';
export { type Ratio } from './ratio.ts';
export { taggedEffect, type TaggedEffect, type TaggedPair } from './tagged.ts';
