import type { LevelRange } from '#core/sampling';
import { CAME_WITH_IT_YEARS } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { placesStoodIn } from '../ground/drawn-crowns.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { watchPictures } from '../watch-pictures.ts';
import { inTheWind } from './crawler-wind.ts';

/** How a trouble may have come: the gardener named it, it walks over, blew over, shares the room, or was bought. */
export type CameBy = 'named' | 'touches' | 'same-room' | 'upwind' | 'planted-lately';

/** A plant a watch's trouble may have come from; itself, where it came with the plant. */
export interface CameFrom {
  readonly plantId: string;
  readonly plantName: string;
  readonly by: CameBy;
  /** How bad the same trouble is there; null where nobody counted or found it. */
  readonly level: LevelRange | null;
  readonly hasIt: boolean;
}

const ORDER: readonly CameBy[] = ['named', 'touches', 'same-room', 'upwind', 'planted-lately'];

/** Where a watch's trouble may have come from, what was named and what bears the same first. */
export function cameFrom(day: GardenDay, picture: WatchPicture): CameFrom[] {
  const { watch, plant } = picture;
  const { state } = day.books;
  const stands = placesStoodIn(state);
  const room = stands.get(plant.id)!;
  const isRoom = state.places.some(({ id, kind }) => id === room && kind !== 'outdoors');
  const { touching } = day.books.plantBook(plant.id);
  const { upwind } = inTheWind(day, picture);
  const same = new Map(
    watchPictures(day)
      .filter((other) => other.watch.outcome === 'open' && other.watch.targetId === watch.targetId)
      .map((other) => [other.plant.id, other]),
  );
  const byOf = (id: string): CameBy | null => {
    if (id === watch.sourcePlantId) return 'named';
    if (!same.has(id) || watch.targetId === null) return null;
    if (touching.includes(id)) return 'touches';
    if (isRoom && stands.get(id) === room) return 'same-room';
    return upwind.includes(id) ? 'upwind' : null;
  };
  const others = state.plants
    .filter(({ id, retiredOn }) => id !== plant.id && (retiredOn === null || id === watch.sourcePlantId))
    .flatMap(({ id, name }): CameFrom[] => {
      const by = byOf(id);
      return by
        ? [{ plantId: id, plantName: name, by, level: same.get(id)?.level ?? null, hasIt: same.has(id) }]
        : [];
    });
  return [...others, ...withThePlant(picture)].sort((a, b) => ORDER.indexOf(a.by) - ORDER.indexOf(b.by));
}

/** What was planted not long before it was noticed may have brought it along. */
function withThePlant({ watch, plant, level }: WatchPicture): CameFrom[] {
  if (plant.yearPlanted === null) return [];
  const years = Number(watch.openedOn.slice(0, 4)) - plant.yearPlanted;
  if (years < 0 || years > CAME_WITH_IT_YEARS) return [];
  return [{ plantId: plant.id, plantName: plant.name, by: 'planted-lately', level, hasIt: true }];
}
