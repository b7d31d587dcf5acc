import type { CivilDate } from '#core/calendar';
import { nameHeld, type NameHeld } from '#core/decide';
import type { Watch } from '#core/records';
import type { GardenDay } from './garden-day.ts';
import { nameOf } from './watch-picture.ts';

/** One watch's name as it was first given and as it stands. */
export interface NamedWatch {
  readonly watchId: string;
  readonly plantName: string;
  readonly openedOn: CivilDate;
  readonly firstName: string | null;
  readonly name: string;
  readonly namedBy: Watch['namedBy'];
  readonly held: NameHeld;
}

/** How the names given here held, newest first. */
export function namesRecord(day: GardenDay): NamedWatch[] {
  return day.books.state.watches
    .filter(({ openedOn }) => openedOn <= day.today)
    .map((watch) => {
      const { firstTargetId, firstGroup } = watch;
      return {
        watchId: watch.id,
        plantName: day.books.plantBook(watch.plantId).plant.name,
        openedOn: watch.openedOn,
        firstName:
          firstTargetId === null && firstGroup === null
            ? null
            : nameOf({ targetId: firstTargetId, group: firstGroup }),
        name: nameOf(watch),
        namedBy: watch.namedBy,
        held: nameHeld(watch),
      };
    })
    .toSorted((a, b) => (a.openedOn < b.openedOn ? 1 : -1));
}
