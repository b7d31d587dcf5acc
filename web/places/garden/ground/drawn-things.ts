import { cornersOf, type Footprint, footprintOf, type Spot } from '#core/ground';
import type { GroundShape } from '#core/records';
import type { GroundAnswer, GroundPlant } from '#engine';
import { type Extent, extentOf } from './view.ts';

/** What can be taken hold of on the plan. */
export interface Held {
  readonly kind: 'plant' | 'shape' | 'picture';
  readonly id: string;
}

/** A plant that has its spot. */
export interface StandingPlant {
  readonly plant: GroundPlant;
  readonly spot: Spot;
  readonly isSet: boolean;
  readonly crown: Footprint;
}

/** Plants with their spots as they are, or as they were just laid down or are being moved. */
export function standingPlants(
  plants: readonly GroundPlant[],
  laid: ReadonlyMap<string, Spot | null>,
): StandingPlant[] {
  return plants.flatMap((plant) => {
    const over = laid.get(plant.id);
    const spot = over === undefined ? plant.spot : over;
    if (!spot) return [];
    const isSet = over ? true : plant.spot!.isSet;
    return [{ plant, spot, isSet, crown: footprintOf(plant.id, plant, spot) }];
  });
}

/** Shapes as they are, or as they were just laid down or are being changed. */
export function standingShapes(
  shapes: readonly GroundShape[],
  laid: ReadonlyMap<string, GroundShape | null>,
): GroundShape[] {
  const news = [...laid.values()].filter(
    (shape): shape is GroundShape => shape !== null && shapes.every(({ id }) => id !== shape.id),
  );
  return [...shapes, ...news].flatMap((shape) => {
    const over = laid.get(shape.id);
    return over === undefined ? [shape] : over === null ? [] : [over];
  });
}

/** Everything drawn, as a rectangle of ground. */
export function drawnExtent({ shapes, plants, pictures }: GroundAnswer): Extent {
  return extentOf([
    ...shapes.flatMap((shape) => cornersOf(shape).map((corner) => ({ ...corner, reachM: 0 }))),
    ...pictures.map(({ xM, yM, widthM }) => ({ xM, yM, reachM: widthM / 2 })),
    ...plants.flatMap((plant) => {
      if (!plant.spot) return [];
      const { from, to, radiusM } = footprintOf(plant.id, plant, plant.spot);
      return [from, to].map((end) => ({ ...end, reachM: radiusM }));
    }),
  ]);
}
