import { keptWhile } from '#core/caches';
import type { CivilDate } from '#core/calendar';
import type { Garden } from '#core/records';
import { seasonReader, type SeasonReader } from './answers/plant-season.ts';
import type { BackupKeeper } from './archive/backup-keeper.ts';
import type { Clock } from './clock.ts';
import type { Damage } from './damage.ts';
import type { Opened } from './home-network.ts';
import { fieldProblem, Problem } from './problem.ts';
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
  openAgain(https: boolean): Promise<Opened>;
  close(): Promise<void>;
}

export interface Season {
  readonly garden: Garden;
  readonly today: CivilDate;
  readonly reader: SeasonReader;
}

/** The last season read, good until the day or anything that makes the weather changes. */
const seasons = keptWhile<Store, 'present', string, Season>();

/** The garden on its present day. */
export function presentSeason({ store, clock }: AppParts): Season {
  const today = clock.today();
  return seasons(store, 'present', `${today} ${store.weatherWrites()}`, () => {
    const garden = store.garden();
    if (!garden) throw new Problem(409, 'There is no garden yet. Set it up first.');
    return { garden, today, reader: seasonReader(store, garden, today) };
  });
}

/** @throws Problem 404 when it is not there. */
export function orNotFound<T>(record: T | undefined | null, what: string): T {
  if (record === undefined || record === null) throw new Problem(404, `There is no such ${what}.`);
  return record;
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
