import { addDays, type CivilDate } from '#core/calendar';
import { gapM } from '#core/ground';
import { makesHoneydew } from '#core/identify';
import type { Watch } from '#core/records';
import type { Pathway, SpreadQuestion } from '#core/spread';
import { ANT_REACH_M } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { drawnCrowns } from '../ground/drawn-crowns.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { inTheWind } from './crawler-wind.ts';

export type LinkedPlants = SpreadQuestion['linked'];

/** Ids of the plants a watch's plant is linked to, along each way that is not in their records. */
export function linkedPlants(day: GardenDay, picture: WatchPicture): LinkedPlants {
  return {
    touches: day.books.plantBook(picture.plant.id).touching,
    downwind: inTheWind(day, picture).downwind,
    ants: withinAnts(day, picture),
    tools: workedTogether(day, picture.watch),
  };
}

/** Plants near enough for the ants that were seen to carry what they tend. */
function withinAnts(day: GardenDay, { watch, plant, answers }: WatchPicture): string[] {
  if (!makesHoneydew(watch.group) || answers.ants !== 'yes') return [];
  const crowns = drawnCrowns(day.books.state);
  const here = crowns.find((drawn) => drawn.plant.id === plant.id);
  if (!here) return [];
  return crowns
    .filter((other) => other !== here && gapM(here.crown, other.crown) <= ANT_REACH_M.value)
    .map((other) => other.plant.id);
}

/** Work in which tools and hands go from leaf to leaf. */
const HANDLED = new Set(['prune', 'pinch', 'strip', 'brush', 'wipe']);
const WITHIN_DAYS = 1;

/** Plants worked on by hand on the day the watch's plant was, or the day after, since the watch was opened. */
function workedTogether({ books }: GardenDay, { plantId, openedOn }: Watch): string[] {
  const handled = (id: string): CivilDate[] =>
    books
      .plantBook(id)
      .handwork.filter(({ kind, on }) => HANDLED.has(kind) && on >= openedOn)
      .map(({ on }) => on);
  const here = handled(plantId);
  if (here.length === 0) return [];
  return books.plantBooks
    .filter(
      ({ plant }) =>
        plant.id !== plantId &&
        handled(plant.id).some((on) => here.some((day) => on >= day && on <= addDays(day, WITHIN_DAYS))),
    )
    .map(({ plant }) => plant.id);
}

/** Which pathways link a plant to others, by the other's id. */
export const pathwaysOf = (linked: LinkedPlants, plantId: string): Pathway[] =>
  (Object.keys(linked) as (keyof LinkedPlants)[]).filter((pathway) => linked[pathway].includes(plantId));
