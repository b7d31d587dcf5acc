import { chanceAfter, type LookedAlong, type Pathway, PATHWAYS } from '#core/spread';
import { PATHWAY_BELIEFS } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { placesStoodIn } from '../ground/drawn-crowns.ts';
import { pictureOf } from '../watch-pictures.ts';
import { linkedPlants, pathwaysOf } from './linked-plants.ts';

/**
 * How likely a plant linked along a pathway bears a trouble too, by the rule of thumb and the looks of this
 * garden.
 */
export interface PathwayChance extends LookedAlong {
  readonly pathway: Pathway;
  readonly chance: number;
}

/**
 * What this garden's looks at neighbours taught of each pathway. A look counts for every pathway that links the two
 * as the garden stands now.
 */
export function pathwayChances(day: GardenDay): readonly PathwayChance[] {
  const looks = looksAlong(day);
  return PATHWAYS.map((pathway) => {
    const along = looks.filter(({ pathways }) => pathways.includes(pathway));
    const looked = { looked: along.length, bore: along.filter(({ bore }) => bore).length };
    return { pathway, ...looked, chance: chanceAfter(PATHWAY_BELIEFS[pathway].value, looked) };
  });
}

function looksAlong(day: GardenDay): { readonly pathways: readonly Pathway[]; readonly bore: boolean }[] {
  const { state } = day.books;
  const stands = placesStoodIn(state);
  const sheltered = new Set(state.places.filter(({ kind }) => kind !== 'outdoors').map(({ id }) => id));
  return state.spreadLooks
    .filter(({ on }) => on <= day.today)
    .flatMap(({ watchId, plantId, bore }) => {
      const picture = pictureOf(day, watchId);
      if (!picture) return [];
      const room = stands.get(picture.plant.id)!;
      const isSameRoom = sheltered.has(room) && stands.get(plantId) === room;
      const isSameHost = day.books.plantBook(plantId).plant.hostId === picture.plant.hostId;
      return [
        {
          bore,
          pathways: [
            ...pathwaysOf(linkedPlants(day, picture), plantId),
            ...(isSameRoom ? ['same-room' as const] : []),
            ...(isSameHost ? ['same-host' as const] : []),
          ],
        },
      ];
    });
}
