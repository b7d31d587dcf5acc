import { shiftSeason } from '#core/calendar';
import type { LeafState } from '#core/materials';
import { leafStateOn, loggedLeafState, seasonStages, type LoggedLeafState } from '#core/plan';
import type { Plant } from '#core/records';
import { hostById } from '#knowledge';
import type { GardenDay } from './garden-day.ts';

/** Leaf state by the log, else by the time of year where it stands. */
export function leafStateOf(
  day: GardenDay,
  plant: Plant,
): { readonly leafState: LeafState; readonly logged: LoggedLeafState | null } {
  const { pastSeasons } = day.ofPlant(plant);
  const { evergreen } = hostById(plant.hostId);
  // A winter's leaf fall still holds after the turn of the year.
  const logged = evergreen
    ? null
    : loggedLeafState(day.books.plantBook(plant.id).growth, shiftSeason(day.start, -1), day.today);
  const stages = pastSeasons.length > 0 ? seasonStages(day.start, pastSeasons) : null;
  return { leafState: logged?.leafState ?? leafStateOn(stages, day.today, evergreen), logged };
}
