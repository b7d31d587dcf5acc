import type { CivilDate } from '#core/calendar';
import type { Move, Plant } from '#core/records';
import { placeOn } from '#core/weather';

/** The place a plant stands in on a day: its first, or where its latest move took it. */
export function placeNow(plant: Plant & { readonly moves: readonly Move[] }, today: CivilDate): string {
  return placeOn(
    [
      { placeId: plant.placeId, from: '0001-01-01' },
      ...plant.moves.map((move) => ({ placeId: move.placeId, from: move.movedOn })),
    ],
    today,
  );
}
