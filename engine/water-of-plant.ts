import { waterForPlant } from '#core/mix';
import type { Plant } from '#core/records';
import type { GardenDay } from './garden-day.ts';
import { leavesOf } from './leaf-state.ts';

/** Water to wet the whole of a plant, or of a row of them, to drip, by its size and leaves today. ml. */
export function waterMlOf(day: GardenDay, plant: Plant): number {
  const { heightM, spreadM, lengthM, count } = plant;
  const one = waterForPlant({ heightM, spreadM, lengthM: lengthM ?? spreadM }, leavesOf(day, plant).value);
  return one.middleMl * (lengthM === null ? count : 1);
}
