import type { CivilDate } from '#core/calendar';
import { inspectNext, type SpreadPlant, type SpreadReason } from '#core/decide';
import type { Watch } from '#core/records';
import { placeOn } from '#core/weather';
import { targetById } from '#knowledge';
import type { Store } from '../store/store.ts';
import { staysOf, type SeasonReader } from './plant-season.ts';
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
export function spreadAnswer(store: Store, reader: SeasonReader, watch: Watch, today: CivilDate): SpreadList {
  const kinds = new Map(store.places().map((place) => [place.id, place.kind]));
  const pictures = watchPictures(store, reader, today);
  const plants = store.plants().filter((plant) => plant.retiredOn === null || plant.id === watch.plantId);
  const spreading: SpreadPlant[] = plants.map((plant) => {
    const placeId = placeOn(staysOf(store, plant), today);
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
    touching: store.touching(watch.plantId),
    hosts: watch.targetId ? targetById(watch.targetId).hosts : {},
    today,
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
