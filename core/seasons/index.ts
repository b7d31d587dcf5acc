export { compareCounts, SAME_STAGE_DAYS, type Change, type Move, type SeasonCount } from './compare.ts';
export { abbott, hendersonTilton } from './efficacy.ts';
export { taggedEffect, type TaggedEffect, type TaggedPair } from './tagged.ts';
