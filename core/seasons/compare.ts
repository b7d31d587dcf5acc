import { groupBy } from 'es-toolkit';
import { type CivilDate, dayOfYear } from '#core/calendar';
import {
  differenceOfPairs,
  differenceOfShares,
  differenceOverTrees,
  type ItemsOfUnit,
  type Measure,
  type Protocol,
} from '#core/sampling';
import { type Ratio, ratioOfGroups, ratioOfPairs } from './ratio.ts';

/** What one unit of a count showed of the thing its measure is of. */
export interface UnitValue {
  readonly value: number;
  /** The tag it carries, when the same unit is counted again and again. */
  readonly tagId?: string | undefined;
  /** Which tree of several it comes from. */
  readonly tree?: number | undefined;
}

/** A count of one season: how, when, what it came to, and from which units. */
export interface SeasonCount {
  readonly on: CivilDate;
  readonly protocol: Protocol;
  readonly measure: Measure;
  /** The same tagged units every time: never compared with units picked afresh. */
  readonly tagged: boolean;
  /** At least 2, those of `measure`. */
  readonly units: readonly UnitValue[];
}

/** Counts further apart than this in the year stand at different stages (rule of thumb, grade C). */
export const SAME_STAGE_DAYS = 45;

/**
 * How far it moved: a mean or area as later over earlier, a share as later − earlier in points of 1,
 * each with its 95 % interval.
 */
export interface Move {
  readonly as: 'ratio' | 'points';
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

export type Change =
  | { readonly kind: 'fell' | 'rose' | 'no-change-shown'; readonly by: Move }
  /** One of the two found nothing; a ratio cannot be had. */
  | { readonly kind: 'gone' | 'appeared' | 'none-both-times' }
  /** One found nothing and too few were counted to call it a change. */
  | { readonly kind: 'no-change-shown-none' }
  | { readonly kind: 'not-comparable'; readonly why: 'protocol' | 'stage' };

/**
 * What changed between two counts of the same thing. Tags that were counted both times, and trees that gave
 * spurs both times, are compared with themselves; other units as picked afresh. Means and areas by their ratio,
 * shares by their difference. A change is only claimed when the 95 % interval leaves out "none". Different
 * protocols, or times of year more than {@link SAME_STAGE_DAYS} days apart, are not compared.
 */
export function compareCounts(earlier: SeasonCount, later: SeasonCount): Change {
  const why = notComparable(earlier, later);
  if (why) return { kind: 'not-comparable', why };
  const [before, after] = [earlier.measure.value, later.measure.value];
  if (before === 0 && after === 0) return { kind: 'none-both-times' };
  if (earlier.measure.kind === 'share') return sharesMoved(earlier, later);
  const ratio = ratioOf(earlier, later);
  if (before === 0) return { kind: ratio.low > 1 ? 'appeared' : 'no-change-shown-none' };
  if (after === 0) return { kind: ratio.high < 1 ? 'gone' : 'no-change-shown-none' };
  const by: Move = { as: 'ratio', ...ratio, value: after / before };
  if (by.high < 1) return { kind: 'fell', by };
  return { kind: by.low > 1 ? 'rose' : 'no-change-shown', by };
}

/** Why two counts may not be compared; null where they may. */
export function notComparable(
  a: Pick<SeasonCount, 'on' | 'protocol' | 'tagged'>,
  b: Pick<SeasonCount, 'on' | 'protocol' | 'tagged'>,
): 'protocol' | 'stage' | null {
  if (a.protocol !== b.protocol || a.tagged !== b.tagged) return 'protocol';
  return daysApartInYear(a.on, b.on) > SAME_STAGE_DAYS ? 'stage' : null;
}

/** Later over earlier of what both counts measured: tag by tag where the same tags were counted. */
export function ratioOf(earlier: SeasonCount, later: SeasonCount): Ratio {
  const { kind } = earlier.measure;
  const tags = tagsCountedTwice(earlier, later);
  if (kind !== 'share' && tags.length >= FEWEST_PAIRS)
    return ratioOfPairs(
      kind,
      tags.map(({ before }) => before),
      tags.map(({ after }) => after),
    );
  return ratioOfGroups(kind, valuesOf(earlier), valuesOf(later));
}

const valuesOf = ({ units }: SeasonCount): number[] => units.map(({ value }) => value);

/** Fewer tags, or trees, in both counts are no pairs to speak of. */
const FEWEST_PAIRS = 2;
const FEWEST_TREES = 3;

function sharesMoved(earlier: SeasonCount, later: SeasonCount): Change {
  const by: Move = { as: 'points', ...shareDifference(earlier, later) };
  if (by.high < 0) return later.measure.value === 0 ? { kind: 'gone' } : { kind: 'fell', by };
  if (by.low > 0) return earlier.measure.value === 0 ? { kind: 'appeared' } : { kind: 'rose', by };
  return { kind: 'no-change-shown', by };
}

function shareDifference(earlier: SeasonCount, later: SeasonCount) {
  const tags = tagsCountedTwice(earlier, later);
  if (tags.length >= FEWEST_PAIRS)
    return differenceOfPairs(tags.map(({ before, after }) => ({ before: before > 0, after: after > 0 })));
  const trees = sameTrees(earlier, later);
  if (trees.length >= FEWEST_TREES) return differenceOverTrees(trees);
  return differenceOfShares(earlier.measure, later.measure);
}

function tagsCountedTwice(earlier: SeasonCount, later: SeasonCount): { before: number; after: number }[] {
  const after = new Map(later.units.map(({ tagId, value }) => [tagId, value]));
  return earlier.units.flatMap(({ tagId, value }) =>
    tagId !== undefined && after.has(tagId) ? [{ before: value, after: after.get(tagId)! }] : [],
  );
}

/** Tree by tree where both counts are of the same trees; empty where they are not. */
function sameTrees(earlier: SeasonCount, later: SeasonCount): { before: ItemsOfUnit; after: ItemsOfUnit }[] {
  const [before, after] = [treesOf(earlier), treesOf(later)];
  const trees = Object.keys(before);
  if (trees.join() !== Object.keys(after).join() || 'untold' in before) return [];
  return trees.map((tree) => ({ before: before[tree]!, after: after[tree]! }));
}

function treesOf({ units }: SeasonCount): Record<string, ItemsOfUnit> {
  const trees = groupBy(units, ({ tree }) => String(tree ?? 'untold'));
  return Object.fromEntries(
    Object.entries(trees).map(([tree, some]) => [
      tree,
      { hits: some.filter(({ value }) => value > 0).length, outOf: some.length },
    ]),
  );
}

function daysApartInYear(a: CivilDate, b: CivilDate): number {
  const apart = Math.abs(dayOfYear(a) - dayOfYear(b));
  return Math.min(apart, 365 - apart);
}
