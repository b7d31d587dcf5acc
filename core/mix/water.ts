import type { LeafState } from '#core/materials';

/** Outer measures of what is to be sprayed, in metres. */
export interface PlantBox {
  readonly heightM: number;
  readonly spreadM: number;
  /** Length of the row; for a single plant its spread again. */
  readonly lengthM: number;
}

export interface WaterNeed {
  readonly lowMl: number;
  readonly middleMl: number;
  readonly highMl: number;
}

/** What of the plant is wetted. */
export const SPRAY_SCOPES = ['whole', 'newest-growth', 'undersides', 'bare-stems-and-ground'] as const;
export type SprayScope = (typeof SPRAY_SCOPES)[number];

/**
 * Spray to drip per m³ of plant in leaf, ml (tree-row volume, Sutton & Unrath 1984, Plant Dis. 68:480;
 * grade B).
 */
const IN_LEAF_LOW_ML_PER_M3 = 90;
const IN_LEAF_HIGH_ML_PER_M3 = 130;
/** Bare wood holds less, though all bark is to be wet (rule of thumb, grade C). */
const BARE_WOOD_SHARE = 0.7;
/** Parts of the plant as a share of all of it (rules of thumb, grade C). */
const SCOPE_SHARE: Readonly<Record<SprayScope, number>> = {
  whole: 1,
  'newest-growth': 0.3,
  undersides: 0.6,
  'bare-stems-and-ground': BARE_WOOD_SHARE,
};
/** Wetting the ground beneath, ml per m² (rule of thumb, grade C). */
const GROUND_ML_PER_M2 = 100;

/**
 * Finished spray to wet a plant, or the part of it in scope, to the point of dripping, from the box it fills.
 * @throws RangeError for a measure that is not above 0.
 */
export function waterForPlant(box: PlantBox, leafState: LeafState, scope: SprayScope = 'whole'): WaterNeed {
  if (![box.heightM, box.spreadM, box.lengthM].every((m) => m > 0 && Number.isFinite(m))) {
    throw new RangeError('height, spread and length are needed, each above 0 m');
  }
  const bare = leafState !== 'in-leaf' && scope !== 'bare-stems-and-ground' ? BARE_WOOD_SHARE : 1;
  const volumeM3 = box.heightM * box.spreadM * box.lengthM;
  const groundMl = scope === 'bare-stems-and-ground' ? box.spreadM * box.lengthM * GROUND_ML_PER_M2 : 0;
  const lowMl = volumeM3 * IN_LEAF_LOW_ML_PER_M3 * bare * SCOPE_SHARE[scope] + groundMl;
  const highMl = volumeM3 * IN_LEAF_HIGH_ML_PER_M3 * bare * SCOPE_SHARE[scope] + groundMl;
  return { lowMl, middleMl: (lowMl + highMl) / 2, highMl };
}

/** How grown, and how the plant is dressed, when an amount was really used. */
export interface WaterUsed {
  readonly sprayMl: number;
  readonly bare: boolean;
  readonly scope: SprayScope;
}

/** What was really used says more than a box: this many past sprays are looked at. */
const LOOKED_AT = 3;

/**
 * Finished spray by what the same plant really took before, in the same dress and scope; null when
 * it was never sprayed so. `past` runs from oldest to newest.
 */
export function waterLearned(
  past: readonly WaterUsed[],
  leafState: LeafState,
  scope: SprayScope,
): WaterNeed | null {
  const alike = past
    .filter((used) => used.scope === scope && used.bare === (leafState !== 'in-leaf'))
    .slice(-LOOKED_AT)
    .map(({ sprayMl }) => sprayMl);
  if (alike.length === 0) return null;
  return {
    lowMl: Math.min(...alike),
    middleMl: alike.reduce((sum, ml) => sum + ml, 0) / alike.length,
    highMl: Math.max(...alike),
  };
}
