import { groupBy } from 'es-toolkit';
import type { Estimate } from './interval.ts';
import { type LevelBounds, type LevelRange, levelRange } from './level.ts';
import { meanArea } from './mean-area.ts';
import { meanCount } from './mean-count.ts';
import { type MeasureKind, type Protocol, PROTOCOL_SHAPES, type Unit } from './protocol.ts';
import { clusteredShare, type ItemsOfUnit, type Share, shareOverTrees, wilson } from './share.ts';

/**
 * What a sample comes to: a mean a unit, a share of units (0–1) or a mean area (0–100 %), with its 95 %
 * interval.
 */
export interface Measure extends Estimate {
  readonly kind: MeasureKind;
  readonly units: number;
  /** Standard error of the logarithm of a mean or an area; null for a share, and when nothing was found. */
  readonly logStandardError: number | null;
  /** How many units say as much as one picked by itself; 1 when each stands for itself. */
  readonly itemsALook: number;
}

export interface SampleSummary {
  readonly protocol: Protocol;
  readonly measure: Measure;
  /** Null under a protocol that measures no infestation. */
  readonly level: LevelRange | null;
  /**
   * Covers with a wasp's exit hole among all covers; of spurs, those with a holed one among those with any scale.
   * Null when the protocol has none or none were found.
   */
  readonly holedShare: Share | null;
  readonly covers: number;
  /** Share of units on which each item was found. */
  readonly found: Readonly<Record<string, Share>>;
}

/**
 * Sums up units counted under one protocol. Levels carry the interval through. A share over
 * several trees is widened by how far trees differ ({@link shareOverTrees}); on one plant each
 * unit is taken to have been picked by itself.
 * @throws RangeError for fewer than 2 units, or numbers their protocol does not allow.
 */
export function summarise(
  protocol: Protocol,
  units: readonly Unit[],
  bounds: LevelBounds | null,
): SampleSummary {
  const {
    items,
    measure: { kind, item },
  } = PROTOCOL_SHAPES[protocol];
  if (units.length < 2) throw new RangeError('a sample needs at least 2 units');
  const measure = measureOf(kind, item, units);
  const covers = units.map(coversOf);
  return {
    protocol,
    measure,
    level: bounds && levelRange(measure, bounds),
    holedShare: 'holed' in items || 'holedScale' in items ? clusteredShare(covers) : null,
    covers: covers.reduce((sum, { outOf }) => sum + outOf, 0),
    found: Object.fromEntries(Object.keys(items).map((id) => [id, shareOfUnits(units, id)])),
  };
}

/** How many of the covers on a unit are holed; a spur counts as one, whatever number it holds. */
function coversOf({ counts }: Unit): ItemsOfUnit {
  if (counts.holedScale !== undefined)
    return { hits: counts.holedScale, outOf: Math.max(counts.holedScale, counts.liveScale ?? 0) };
  const hits = counts.holed ?? 0;
  return { hits, outOf: (counts.live ?? 0) + (counts.dead ?? 0) + hits };
}

function measureOf(kind: MeasureKind, item: string, units: readonly Unit[]): Measure {
  const values = units.map(({ counts }) => counts[item]!);
  if (kind === 'mean') return { kind, ...meanCount(values), itemsALook: 1 };
  if (kind === 'area') return { kind, ...meanArea(values), itemsALook: 1 };
  const { value, low, high, itemsALook } = shareOfUnits(units, item);
  return { kind, value, low, high, itemsALook, units: units.length, logStandardError: null };
}

function shareOfUnits(units: readonly Unit[], item: string): Share {
  const hits = (some: readonly Unit[]) => some.filter(({ counts }) => counts[item]! > 0).length;
  if (units.every(({ tree }) => tree !== undefined)) {
    const trees = Object.values(groupBy(units, ({ tree }) => tree!));
    return shareOverTrees(trees.map((some) => ({ hits: hits(some), outOf: some.length })));
  }
  return { ...wilson(hits(units), units.length), outOf: units.length, itemsALook: 1 };
}
