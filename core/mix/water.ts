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

/** Spray to drip per m³ of plant in leaf, ml (tree-row volume, Sutton & Unrath 1984, Plant Dis. 68:480; grade B). */
const IN_LEAF_LOW_ML_PER_M3 = 90;
const IN_LEAF_HIGH_ML_PER_M3 = 130;
/** Bare wood holds less, though all bark is to be wet (rule of thumb, grade C). */
const BARE_WOOD_SHARE = 0.7;

/**
 * Finished spray to wet a whole plant to the point of dripping, from the box it fills.
 * @throws RangeError for a measure that is not above 0.
 */
export function waterForPlant(box: PlantBox, leafState: LeafState): WaterNeed {
  if (![box.heightM, box.spreadM, box.lengthM].every((m) => m > 0 && Number.isFinite(m))) {
    throw new RangeError('height, spread and length are needed, each above 0 m');
  }
  const share = leafState === 'in-leaf' ? 1 : BARE_WOOD_SHARE;
  const volumeM3 = box.heightM * box.spreadM * box.lengthM;
  const lowMl = volumeM3 * IN_LEAF_LOW_ML_PER_M3 * share;
  const highMl = volumeM3 * IN_LEAF_HIGH_ML_PER_M3 * share;
  return { lowMl, middleMl: (lowMl + highMl) / 2, highMl };
}
