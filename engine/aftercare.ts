import { addDays, type CivilDate } from '#core/calendar';
import type { GardenDay } from './garden-day.ts';

/** What is to be kept off a plant, or left on it, after a spray. */
export interface Aftercare {
  readonly plantId: string;
  readonly plantName: string;
  readonly sprayedOn: CivilDate;
  readonly productName: string;
  /** First day it may be picked; null where the label names no days or nothing of it is eaten. */
  readonly pickFrom: CivilDate | null;
  /** Hours children, pets and bare hands stay off it, or until it is dry if that is longer; null when not named. */
  readonly offHours: number | null;
  /** The last day on which that may matter. */
  readonly offUntil: CivilDate;
}

/** Hours in which a spray dries on any but a wet day (rule of thumb, grade C). */
const DRY_HOURS = 4;

/** What earlier sprays still ask for today: days to harvest, and keeping off until dry and the hours are over. */
export function aftercare(day: GardenDay): Aftercare[] {
  return day.books.plantBooks
    .filter(({ plant }) => plant.retiredOn === null)
    .flatMap(({ plant, sprays }) =>
      sprays
        .filter(({ on }) => on <= day.today)
        .flatMap(({ on, parts }) =>
          parts.map(({ productId, lineId }): Aftercare => {
            const product = day.books.product(productId);
            const line = product.lines.find(({ id }) => id === lineId);
            const days = line?.daysToHarvest ?? null;
            const hours = line?.reentryHours ?? null;
            return {
              plantId: plant.id,
              plantName: plant.name,
              sprayedOn: on,
              productName: product.name,
              pickFrom: plant.edible && days !== null && days > 0 ? addDays(on, days) : null,
              offHours: hours,
              offUntil: addDays(on, Math.floor(Math.max(DRY_HOURS, hours ?? 0) / 24)),
            };
          }),
        )
        .filter(({ pickFrom, offUntil }) => (pickFrom ?? '') > day.today || offUntil >= day.today),
    )
    .reduce<Aftercare[]>(
      (one, entry) => (one.some((other) => isSame(other, entry)) ? one : [...one, entry]),
      [],
    );
}

/** What one tank did for two watches of a plant is told once. */
const isSame = (a: Aftercare, b: Aftercare): boolean =>
  a.plantId === b.plantId && a.sprayedOn === b.sprayedOn && a.productName === b.productName;
