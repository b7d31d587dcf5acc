import { shiftSeason, type CivilDate } from '#core/calendar';
import type { LeafState } from '#core/materials';
import { leafStateOn, loggedLeafState, seasonStages, type LoggedLeafState } from '#core/plan';
import type { Plant } from '#core/records';
import { hostById } from '#knowledge';
import type { Store } from '../store/store.ts';
import type { SeasonReader } from './plant-season.ts';

/** Leaf state by the log, else by the time of year where it stands. */
export function leafStateOf(
  store: Store,
  reader: SeasonReader,
  plant: Plant,
  today: CivilDate,
): { readonly leafState: LeafState; readonly logged: LoggedLeafState | null } {
  const { pastSeasons } = reader.ofPlant(plant);
  const { evergreen } = hostById(plant.hostId);
  // A winter's leaf fall still holds after the turn of the year.
  const logged = evergreen
    ? null
    : loggedLeafState(store.growth.by('plant_id', plant.id), shiftSeason(reader.start, -1), today);
  const stages = pastSeasons.length > 0 ? seasonStages(reader.start, pastSeasons) : null;
  return { leafState: logged?.leafState ?? leafStateOn(stages, today, evergreen), logged };
}
