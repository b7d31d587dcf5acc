import { inspectNext, type SpreadPlant, type SpreadReason } from '#core/decide';
import type { Watch } from '#core/records';
import { placeOn } from '#core/weather';
import { targetById } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { staysOf } from './season-weather.ts';
import { watchPictures } from './watch-pictures.ts';

export interface SpreadList {
  readonly inspect: readonly {
    readonly plantId: string;
    readonly plantName: string;
    readonly outOfReach: boolean;
    readonly reason: SpreadReason;
  }[];
  readonly setApart: readonly { readonly plantId: string; readonly plantName: string }[];
}

/** Where a watch's trouble may be besides: what to inspect next, which pots to set apart. */
export function spreadAnswer(day: GardenDay, watch: Watch): SpreadList {
  const kinds = new Map(day.books.state.places.map((place) => [place.id, place.kind]));
  const pictures = watchPictures(day);
  const plants = day.books.state.plants.filter(
    (plant) => plant.retiredOn === null || plant.id === watch.plantId,
  );
  const spreading: SpreadPlant[] = plants.map((plant) => {
    const placeId = placeOn(staysOf(day.books.plantBook(plant.id)), day.today);
    const onPlant = pictures.filter((picture) => picture.plant.id === plant.id);
    const looked = onPlant
      .flatMap(({ inspections, samples }) => [...inspections, ...samples].map((record) => record.on))
      .sort();
    return {
      id: plant.id,
      hostId: plant.hostId,
      placeId,
      sheltered: kinds.get(placeId) !== 'outdoors',
      lookedOn: looked.at(-1) ?? null,
      watched: onPlant.some(
        (picture) =>
          picture.watch.outcome === 'open' &&
          watch.targetId !== null &&
          picture.watch.targetId === watch.targetId,
      ),
    };
  });
  const answer = inspectNext(spreading, {
    plantId: watch.plantId,
    sourcePlantId: watch.sourcePlantId,
    touching: day.books.plantBook(watch.plantId).touching,
    hosts: watch.targetId ? targetById(watch.targetId).hosts : {},
    today: day.today,
  });
  const byId = new Map(plants.map((plant) => [plant.id, plant]));
  return {
    inspect: answer.inspect.map(({ plantId, reason }) => ({
      plantId,
      reason,
      plantName: byId.get(plantId)!.name,
      outOfReach: byId.get(plantId)!.outOfReach,
    })),
    setApart: answer.setApart.map((plantId) => ({ plantId, plantName: byId.get(plantId)!.name })),
  };
}
