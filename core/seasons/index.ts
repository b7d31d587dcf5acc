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
export { countedLevel, measureAt, type CountedLevel } from './counted-level.ts';
export { learnYears, type LearntKind, type LearntWatch, type LearntYears } from './learnt-years.ts';
export { type Spread } from './normal-belief.ts';
export type { DoneBetween, Stretch, WatchYears, YearsThought } from './watch-years.ts';
export { TOO_LITTLE, tagVerdict, type TagVerdict } from './tag-verdict.ts';
export { untouchedTags } from './untouched-tags.ts';
export { longestChain } from './longest-chain.ts';
