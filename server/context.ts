import type { CivilDate } from '#core/calendar';
import { gardenDay, type GardenDay } from '#engine';
import type { BackupKeeper } from './archive/backup-keeper.ts';
import type { Clock } from './clock.ts';
import type { Damage } from './damage.ts';
import type { Opened } from './home-network.ts';
import { fieldProblem, orNotFound, Problem } from '#answers';
import type { WatchedFolder } from './sources/watched-folder.ts';
import { KINDS, type KindTable } from './store/kinds.ts';
import type { Store } from './store/store.ts';
import { StillHeldError, type TakenOut } from './store/taking-out.ts';

/** What the app is built from; the demo and the tests pass their own. */
export interface AppParts {
  readonly store: Store;
  readonly clock: Clock;
  /** Whether this is the made-up garden. */
  readonly demo: boolean;
  /** Where stations drop their files; absent in tests. */
  readonly weatherFolder?: WatchedFolder;
  /** The second door, on the home network; absent where there is only one address. */
  readonly network?: OpenableNetwork;
  /** Backups and archives; absent in tests that have no folder. */
  readonly backups?: BackupKeeper;
  /** The real time, ms since 1970; tests pass their own. */
  readonly now?: () => number;
  /** The records are damaged, and `store` is an empty one in their stead. */
  readonly damage?: Damage;
  /** Called when the records turn out to be damaged. */
  readonly onDamage?: () => void;
  /** Called after the clock was stepped, to bring in what happened meanwhile. */
  readonly onStep?: (from: CivilDate, to: CivilDate) => Promise<void>;
}

/** The home network's door, with the app behind it already known. */
export interface OpenableNetwork {
  state(): Opened | null;
  authority(): Buffer | null;
  openAgain(https: boolean): Promise<Opened>;
  close(): Promise<void>;
}

/** The last day looked at, by store: what the next write does not touch is taken over from it. */
const lastDays = new WeakMap<Store, GardenDay>();

/** The garden on its present day. */
export function presentDay({ store, clock }: AppParts): GardenDay {
  const state = store.gardenState();
  if (!state) throw new Problem(409, 'There is no garden yet. Set it up first.');
  const today = clock.today();
  const last = lastDays.get(store) ?? null;
  if (last?.books.state === state && last.today === today) return last;
  const day = gardenDay(state, today, last);
  // What is read within a transaction may yet be taken back.
  if (!store.db.inTransaction) lastDays.set(store, day);
  return day;
}

/**
 * Takes records of one kind out with what goes with them, and says how to have them back.
 * @throws Problem 404 when none of them is there, 409 when another record holds on to one.
 */
export function takenOut(store: Store, kind: KindTable, ...ids: readonly string[]): { undo: TakenOut } {
  try {
    return { undo: orNotFound(store.takeOut(kind, ...ids), KINDS[kind].called) };
  } catch (error) {
    if (error instanceof StillHeldError) throw new Problem(409, `${error.message} Take that out first.`);
    throw error;
  }
}

/** A reference in a record must lead somewhere. */
export function refersTo<T>(record: T | undefined, field: string, what: string): T {
  if (record === undefined) throw fieldProblem(field, `there is no such ${what}`);
  return record;
}

/** The address and the record must name the same thing. */
export function sameId(inAddress: string, record: { readonly id: string }): void {
  if (inAddress !== record.id) throw fieldProblem('id', 'differs from the address it was sent to');
}

/** What was seen or done cannot lie ahead of the garden's day. */
export function notInFuture(date: CivilDate, field: string, today: CivilDate): void {
  if (date > today) throw fieldProblem(field, `lies ahead of the garden's day, ${today}`);
}
