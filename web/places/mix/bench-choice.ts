import { misfits, type LeafState, type Misfit } from '#core/materials';
import { waterForPlant, type WaterNeed } from '#core/mix';
import type { Plant, ProductRecord } from '#core/records';
import { hostById } from '#knowledge';
import type { WatchPicture } from '#server/answers/watch-picture';

export interface LineChoice {
  readonly product: ProductRecord;
  readonly line: ProductRecord['lines'][number];
  readonly misfits: readonly Misfit[];
}

/** Every label line on the shelf with what keeps it from this watch in this leaf state, fitting ones first. */
export function lineChoices(products: readonly ProductRecord[], { watch, plant }: WatchPicture, leafState: LeafState): LineChoice[] {
  const host = hostById(plant.hostId);
  const sprayCase = { hostId: host.id, evergreen: host.evergreen, leafState, group: watch.group };
  return products
    .flatMap((product) => product.lines.map((line) => ({ product, line, misfits: misfits(line, sprayCase) })))
    .sort((a, b) => a.misfits.length - b.misfits.length);
}

/** Water for all of a plant, hedge or group of single plants. */
export function waterFor(plant: Plant, leafState: LeafState): WaterNeed {
  const box = { heightM: plant.heightM, spreadM: plant.spreadM, lengthM: plant.lengthM ?? plant.spreadM };
  const one = waterForPlant(box, leafState);
  const times = plant.lengthM === null ? plant.count : 1;
  return { lowMl: one.lowMl * times, middleMl: one.middleMl * times, highMl: one.highMl * times };
}
