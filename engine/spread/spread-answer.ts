import { middleOf, walkPast } from '#core/ground';
import type { Watch } from '#core/records';
import { inspectNext, type InspectNext, type SpreadPlant } from '#core/spread';
import { placeOn } from '#core/weather';
import { targetById } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { drawnCrowns } from '../ground/drawn-crowns.ts';
import { staysOf } from '../season-weather.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { pictureOf, watchPictures } from '../watch-pictures.ts';
import { type CameFrom, cameFrom } from './came-from.ts';
import { crawlerWindDeg } from './crawler-wind.ts';
import { linkedPlants } from './linked-plants.ts';
import { type PathwayChance, pathwayChances } from './pathway-chances.ts';

/** A plant to look over, and why. */
export interface ToInspect extends InspectNext {
  readonly plantName: string;
  readonly outOfReach: boolean;
}

export interface SpreadList {
  readonly from: readonly CameFrom[];
  /** Likeliest first. */
  readonly inspect: readonly ToInspect[];
  /** Those of them that stand on the plan, in the order of a walk from the plant. */
  readonly walk: readonly string[];
  readonly setApart: readonly { readonly plantId: string; readonly plantName: string }[];
  /** What this garden's looks made of each pathway. */
  readonly chances: readonly PathwayChance[];
  /** The turn on the plan into which its crawlers are blown; null where they are not, or nobody knows. */
  readonly windTurnDeg: number | null;
}

/** Where a watch's trouble came from and may be besides: what to inspect next, which pots to set apart. */
export function spreadAnswer(day: GardenDay, watch: Watch): SpreadList {
  const picture = pictureOf(day, watch.id)!;
  const plants = day.books.state.plants.filter(
    (plant) => plant.retiredOn === null || plant.id === watch.plantId,
  );
  const chances = pathwayChances(day);
  const answer = inspectNext(spreadPlants(day, watch), {
    plantId: watch.plantId,
    sourcePlantId: watch.sourcePlantId,
    linked: linkedPlants(day, picture),
    chances: Object.fromEntries(chances.map(({ pathway, chance }) => [pathway, chance])) as never,
    hosts: watch.targetId ? targetById(watch.targetId).hosts : {},
    today: day.today,
  });
  const byId = new Map(plants.map((plant) => [plant.id, plant]));
  const inspect = answer.inspect.map((next): ToInspect => {
    const { name, outOfReach } = byId.get(next.plantId)!;
    return { ...next, plantName: name, outOfReach };
  });
  return {
    from: cameFrom(day, picture),
    inspect,
    walk: walkTo(day, picture, inspect),
    setApart: answer.setApart.map((plantId) => ({ plantId, plantName: byId.get(plantId)!.name })),
    chances,
    windTurnDeg: crawlerWindDeg(day, picture),
  };
}

function spreadPlants(day: GardenDay, watch: Watch): SpreadPlant[] {
  const kinds = new Map(day.books.state.places.map((place) => [place.id, place.kind]));
  const pictures = watchPictures(day);
  const lookedFor = day.books.state.spreadLooks.filter((look) => look.watchId === watch.id);
  return day.books.state.plants
    .filter((plant) => plant.retiredOn === null || plant.id === watch.plantId)
    .map((plant): SpreadPlant => {
      const placeId = placeOn(staysOf(day.books.plantBook(plant.id)), day.today);
      const onPlant = pictures.filter((picture) => picture.plant.id === plant.id);
      const looked = [
        ...onPlant.flatMap(({ inspections, samples }) => [...inspections, ...samples]),
        ...lookedFor.filter(({ plantId }) => plantId === plant.id),
        ...day.books.plantBook(plant.id).care.filter(({ kind }) => kind === 'looked-over'),
      ];
      return {
        id: plant.id,
        hostId: plant.hostId,
        placeId,
        sheltered: kinds.get(placeId) !== 'outdoors',
        lookedOn:
          looked
            .map(({ on }) => on)
            .sort()
            .at(-1) ?? null,
        watched: onPlant.some(
          (picture) =>
            picture.watch.outcome === 'open' &&
            watch.targetId !== null &&
            picture.watch.targetId === watch.targetId,
        ),
      };
    });
}

function walkTo(day: GardenDay, { plant }: WatchPicture, inspect: readonly ToInspect[]): string[] {
  const crowns = drawnCrowns(day.books.state);
  const here = crowns.find((drawn) => drawn.plant.id === plant.id);
  if (!here) return [];
  const stops = crowns
    .filter((drawn) => inspect.some(({ plantId }) => plantId === drawn.plant.id))
    .map((drawn) => ({ id: drawn.plant.id, ...middleOf(drawn.crown) }));
  return walkPast(stops, middleOf(here.crown)).map(({ id }) => id);
}
