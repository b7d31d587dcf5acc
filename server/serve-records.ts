import { join } from 'node:path';
import type { Hono } from 'hono';
import type { Logger } from 'pino';
import { createApp } from './app.ts';
import { takeIn } from './archive/take-in.ts';
import { systemClock } from './clock.ts';
import { isSound, setAside, settingsOf, tellsOfDamage } from './damage.ts';
import { oneAtATime } from './one-at-a-time.ts';
import { openRunning, refuseOpenDoor, StartError } from './running.ts';
import { isLoopback } from './security/own-address.ts';
import { readApart } from './sources/read-apart.ts';
import { watchedFolder } from './sources/watched-folder.ts';
import { NewerDatabaseError } from './store/database.ts';
import { holdRecords, RecordsInUseError } from './store/hold-records.ts';
import { openStore, type Store } from './store/store.ts';

interface Where {
  readonly root: string;
  readonly host: string;
  readonly port: number;
  readonly data: string;
  readonly weatherFolder: string;
  readonly log: Pick<Logger, 'info' | 'error' | 'debug'>;
}

/** The app over some records. */
interface Served {
  readonly app: Hono;
  close(): Promise<void>;
}

/** What is listened to, whichever records stand behind it. */
export interface Answering {
  readonly fetch: Hono['fetch'];
  close(): Promise<void>;
}

const recordsOf = (data: string) => join(data, 'juglans.sqlite');
const migrationsOf = (root: string) => join(root, 'server/migrations');

/**
 * Serves a person's records. Where they are damaged, at the start or later, an app that only brings a backup
 * in answers in their stead, on this computer alone; once one is in, its records are served.
 * @throws StartError when they cannot be opened, or are damaged and others could reach the program.
 */
export async function serveRecords(where: Where): Promise<Answering> {
  const file = recordsOf(where.data);
  sayWhy(file, () => holdRecords(file));
  const inTurn = oneAtATime();
  let served: Served;
  /** Lets go of what was served before its file is touched, and never of what is served now. */
  const serve = (next: () => Promise<Served>) =>
    inTurn.run(async () => {
      const was = served;
      served = await next();
      await was.close().catch(where.log.error);
    });
  const bringIn = (archiveFile: string) =>
    serve(async () => {
      const settings = settingsOf(file);
      where.log.error({ aside: setAside(file, new Date()) }, 'the damaged records were set aside');
      const store = openStore(file, migrationsOf(where.root));
      try {
        takeIn(store, archiveFile, 'replace');
        settings.forEach(([key, value]) => store.putMeta(key, value));
        return await overRecords(where, store, onDamage);
      } catch (error) {
        store.close();
        throw error;
      }
    });
  const rescue = () => inStead(where, settingsOf(file), bringIn);
  const onDamage = () => {
    where.log.error('the records are damaged');
    void serve(rescue);
  };
  const store = openRecords(where.root, where.data, { ifDamaged: isLoopback(where.host) ? 'null' : 'throw' });
  served = store ? await overRecords(where, store, onDamage) : await rescue();
  return {
    fetch: (...asked) => served.app.fetch(...asked),
    close: () => inTurn.run(() => served.close()),
  };
}

/** The whole app, with the door on the home network, daily backups and the watched folder. */
async function overRecords(where: Where, store: Store, onDamage: () => void): Promise<Served> {
  const { root, data, port, log } = where;
  refuseOpenDoor(where.host, store);
  const logError = (error: unknown) => log.error(withoutContent(error));
  const clock = systemClock(() => store.garden()?.timeZone ?? 'UTC');
  const weatherFolder = watchedFolder(
    store,
    clock,
    where.weatherFolder,
    readApart(join(root, 'dist/server/weather-file-worker.js')),
    logError,
  );
  weatherFolder.start();
  const running = openRunning({ store, clock, data, port, log, daily: true });
  const app = createApp(
    { store, clock, demo: false, weatherFolder, onDamage: once(onDamage), ...running.parts },
    join(root, 'dist/web'),
    logError,
    (entry) => log.debug(entry),
  );
  await running.serve(app);
  return {
    app,
    close: async () => {
      await running.close();
      await weatherFolder.close();
      store.close();
    },
  };
}

/** An empty garden in memory, behind the same passphrase as far as it is known, that only takes a backup in. */
async function inStead(
  where: Where,
  settings: ReturnType<typeof settingsOf>,
  bringIn: (archiveFile: string) => Promise<void>,
): Promise<Served> {
  const { root, data, port, log } = where;
  const store = openStore(':memory:', migrationsOf(root));
  settings.forEach(([key, value]) => store.putMeta(key, value));
  const clock = systemClock(() => 'UTC');
  const running = openRunning({ store, clock, data, port, log, daily: false });
  const app = createApp(
    { store, clock, demo: false, damage: { bringIn }, backups: running.parts.backups },
    join(root, 'dist/web'),
    (error) => log.error(withoutContent(error)),
  );
  return {
    app,
    close: async () => {
      await running.close();
      store.close();
    },
  };
}

function once(work: () => void): () => void {
  let done = false;
  return () => {
    if (done) return;
    done = true;
    work();
  };
}

export function openRecords(root: string, data: string): Store;
export function openRecords(root: string, data: string, how: { ifDamaged: 'null' | 'throw' }): Store | null;
/**
 * Opens the records and looks whether they are sound.
 * @throws StartError when they cannot be opened.
 */
export function openRecords(
  root: string,
  data: string,
  { ifDamaged } = { ifDamaged: 'throw' },
): Store | null {
  const file = recordsOf(data);
  const damaged = () => {
    if (ifDamaged === 'null') return null;
    throw new StartError(
      `The records in ${file} are damaged. Nothing was changed. Start it with HOST=127.0.0.1 and bring a backup in on its first page.`,
    );
  };
  return sayWhy(file, () => {
    let store: Store;
    try {
      store = openStore(file, migrationsOf(root));
    } catch (error) {
      if (tellsOfDamage(error)) return damaged();
      throw error;
    }
    if (isSound(store.db)) return store;
    store.close();
    return damaged();
  });
}

/** Tells what the person who starts it can put right without a stack. */
function sayWhy<T>(file: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    const code = (error as { code?: string }).code ?? '';
    if (error instanceof NewerDatabaseError || error instanceof RecordsInUseError)
      throw new StartError(error.message);
    if (
      /^SQLITE_(CANTOPEN|READONLY|FULL|IOERR|BUSY|LOCKED)/.test(code) ||
      code === 'EACCES' ||
      code === 'EROFS' ||
      code === 'ENOSPC'
    )
      throw new StartError(
        `The records in ${file} cannot be opened for writing (${code}). Is the folder writable, the disk full, or another copy of the program running on it?`,
      );
    throw error;
  }
}

/** An error for the log: what kind and where, never what a record holds. */
function withoutContent(error: unknown): { err: string; code?: unknown; at: string[] } {
  if (!(error instanceof Error)) return { err: typeof error, at: [] };
  return {
    err: error.name,
    code: (error as { code?: unknown }).code,
    at: (error.stack ?? '')
      .split('\n')
      .filter((line) => line.trim().startsWith('at '))
      .slice(0, 6)
      .map((line) => line.trim()),
  };
}
