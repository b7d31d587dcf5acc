import { type Footprint, footprintOf } from '#core/ground';
import type { Plant, PlantSpot } from '#core/records';
import type { GardenState } from '../garden-state.ts';

/** A growing plant that stands on the plan. */
export interface DrawnCrown {
  readonly plant: Plant;
  readonly spot: PlantSpot;
  readonly crown: Footprint;
}

type Drawn = Pick<GardenState, 'plants' | 'moves' | 'plantSpots'>;

/** The place each plant stands in now: its first, or where its latest move took it. */
export function placesStoodIn({
  plants,
  moves,
}: Pick<Drawn, 'plants' | 'moves'>): ReadonlyMap<string, string> {
  const moved = new Map(
    moves
      .toSorted((a, b) => (a.movedOn < b.movedOn ? -1 : 1))
      .map(({ plantId, placeId }) => [plantId, placeId]),
  );
  return new Map(plants.map(({ id, placeId }) => [id, moved.get(id) ?? placeId]));
}

/** Growing plants with a spot in the place they stand in; where two devices gave one two spots the later holds. */
export function drawnCrowns(state: Drawn): DrawnCrown[] {
  const stands = placesStoodIn(state);
  const spots = new Map(
    state.plantSpots
      .toSorted((a, b) => (a.id < b.id ? -1 : 1))
      .filter(({ plantId, placeId }) => stands.get(plantId) === placeId)
      .map((spot) => [spot.plantId, spot]),
  );
  return state.plants
    .filter(({ retiredOn }) => retiredOn === null)
    .flatMap((plant) => {
      const spot = spots.get(plant.id);
      return spot ? [{ plant, spot, crown: footprintOf(plant.id, plant, spot) }] : [];
    });
}
