import type { GardenState } from './garden-state.ts';

/** Lists that grow by looking and working, and the day each is ordered by. */
const DAY_OF = {
  inspections: 'on',
  samples: 'on',
  tapes: 'takenOff',
  traps: 'takenOff',
  devices: 'hungOn',
  tags: 'taggedOn',
  sightings: 'on',
  handwork: 'on',
  series: 'startedOn',
  ticks: 'on',
  growth: 'on',
  care: 'on',
} as const;

export type EnteredList = keyof typeof DAY_OF;

export const isEnteredList = (name: string): name is EnteredList => Object.hasOwn(DAY_OF, name);

interface Kept {
  readonly id: string;
}

/** The garden with a record put in at its day, in place of one of the same id. */
export function withRecord(state: GardenState, list: EnteredList, record: Kept): GardenState {
  const dayOf = (entry: object) => String((entry as Record<string, unknown>)[DAY_OF[list]]);
  const others = (state[list] as readonly Kept[]).filter(({ id }) => id !== record.id);
  const at = others.findLastIndex((entry) => dayOf(entry) <= dayOf(record)) + 1;
  return { ...state, [list]: [...others.slice(0, at), record, ...others.slice(at)] };
}

/** The garden without the record of that id. */
export function withoutRecord(state: GardenState, list: EnteredList, id: string): GardenState {
  return { ...state, [list]: (state[list] as readonly Kept[]).filter((entry) => entry.id !== id) };
}
