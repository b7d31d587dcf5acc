import type { GardenState } from './garden-state.ts';

/** Lists whose records are kept one by one, and what each is ordered by: its day, its name, its size. */
const ORDERED_BY = {
  places: 'name',
  plants: 'name',
  moves: 'movedOn',
  watches: 'openedOn',
  clocks: 'id',
  seasonPlans: 'id',
  inspections: 'on',
  samples: 'on',
  tapes: 'takenOff',
  traps: 'takenOff',
  devices: 'hungOn',
  tags: 'taggedOn',
  sightings: 'on',
  sprays: 'on',
  handwork: 'on',
  series: 'startedOn',
  ticks: 'on',
  growth: 'on',
  care: 'on',
  products: 'name',
  sprayers: 'capacityMl',
  localAdvice: 'on',
  wetLooks: 'on',
  yearReviews: 'on',
  plantSpots: 'id',
  groundShapes: 'id',
  groundPictures: 'id',
  spreadLooks: 'on',
} as const;

export type EnteredList = keyof typeof ORDERED_BY;

export const isEnteredList = (name: string): name is EnteredList => Object.hasOwn(ORDERED_BY, name);

interface Kept {
  readonly id: string;
}

/** Records in their order with one put in at its place, instead of one of the same id. */
export function recordsWith<T extends Kept>(
  records: readonly T[],
  record: T,
  orderedBy: keyof T | undefined,
): T[] {
  const others = records.filter(({ id }) => id !== record.id);
  const at =
    orderedBy === undefined
      ? others.length
      : others.findLastIndex((entry) => entry[orderedBy] <= record[orderedBy]) + 1;
  return [...others.slice(0, at), record, ...others.slice(at)];
}

export const recordsWithout = <T extends Kept>(records: readonly T[], gone: string): T[] =>
  records.filter(({ id }) => id !== gone);

/** The garden with a record put in at its place, instead of one of the same id. */
export function withRecord(state: GardenState, list: EnteredList, record: Kept): GardenState {
  const orderedBy = ORDERED_BY[list] as string as keyof Kept;
  return { ...state, [list]: recordsWith(state[list] as readonly Kept[], record, orderedBy) };
}

/** The garden without the record of that id. */
export function withoutRecord(state: GardenState, list: EnteredList, id: string): GardenState {
  return { ...state, [list]: recordsWithout(state[list] as readonly Kept[], id) };
}
