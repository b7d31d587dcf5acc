import { existsSync, mkdirSync, readdirSync, statSync, type Stats } from 'node:fs';
import { basename, join } from 'node:path';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { watch } from 'chokidar';
import { fileStart } from '#core/formats';
import type { Clock } from '../clock.ts';
import type { StationSummary } from '#answers';
import type { FileOutcome } from '../store/weather-in-store.ts';
import type { Store } from '../store/store.ts';
import type { ReadFile } from './read-apart.ts';

/** A folder a station or logger drops its files into. */
export interface WatchedFolder {
  readonly folder: string;
  /** Reads every file that is new or has changed since it was last read. */
  readNow(): Promise<void>;
  /** The file that is being read, and how far. */
  reading(): Reading | null;
  /** Begins to watch; new files are read within seconds. */
  start(): void;
  close(): Promise<void>;
}

export interface Reading {
  readonly name: string;
  /** 0 to 1. */
  readonly share: number;
}

const READABLE = /\.(csv|tsv|txt)$/i;
/** Forty years of hours are about 12 MB. */
const LARGEST_BYTES = 20_000_000;
/** How long a file must have stood still before it is read: its station may still be writing. */
const SETTLED_MS = 1500;
/** So many days are written in one go, in a few milliseconds; then others have their turn. */
const DAYS_AT_ONCE = 200;
/** Of a file's work, the part that is reading; the rest is writing. */
const READING_SHARE = 0.8;

/**
 * Watches `folder`. A file goes to the station whose name, written small with dashes, it begins
 * with: `garden-station-2026.csv`. Days already there are never changed: a folder asks nobody.
 */
export function watchedFolder(
  store: Store,
  clock: Clock,
  folder: string,
  readFile: ReadFile,
  logError: (error: unknown) => void,
): WatchedFolder {
  mkdirSync(folder, { recursive: true });
  const closing = new AbortController();
  let reading: Reading | null = null;

  const takeIn = async (name: string, { size }: Stats): Promise<FileOutcome> => {
    const station = stationOf(store.stations(), name);
    if (!station) return { kind: 'refused', reason: "its name begins with no station's name" };
    if (size > LARGEST_BYTES) return { kind: 'refused', reason: `it has ${Math.round(size / 1e6)} MB` };
    const at = (share: number) => {
      reading = { name, share };
    };
    at(0);
    const read = await readFile(
      {
        path: join(folder, name),
        today: clock.today(),
        kept: store.rawDays(station.id, '0001-01-01', '9999-12-31'),
      },
      (share) => at(share * READING_SHARE),
      closing.signal,
    );
    if (read.kind === 'refused') return read;
    const { fresh, ...told } = read;
    let added = 0;
    for (let from = 0; from < fresh.length; from += DAYS_AT_ONCE) {
      closing.signal.throwIfAborted();
      added += store.addDays(station.id, fresh.slice(from, from + DAYS_AT_ONCE));
      at(READING_SHARE + (1 - READING_SHARE) * (from / fresh.length));
      await nextTurn();
    }
    return { ...told, stationId: station.id, added };
  };

  /** Reads what is new; what one file does is no other's concern. */
  const readAll = async () => {
    if (!existsSync(folder)) return;
    for (const name of readdirSync(folder)
      .filter((entry) => READABLE.test(entry))
      .sort()) {
      const lying = lookAt(join(folder, name));
      const stampSeen = store.weatherFiles().find((file) => file.name === name)?.stamp;
      if (!lying || closing.signal.aborted || stampSeen === lying.stamp) continue;
      try {
        const outcome: FileOutcome =
          'stats' in lying ? await takeIn(name, lying.stats) : { kind: 'refused', reason: lying.reason };
        store.putWeatherFile({ name, stamp: lying.stamp, readOn: clock.today(), outcome });
      } catch (error) {
        // It is not noted, and is read again the next time.
        if (!closing.signal.aborted) logError(error);
      } finally {
        reading = null;
      }
    }
  };

  let watcher: ReturnType<typeof watch> | null = null;
  let underWay = Promise.resolve();
  /** One reading after another: two would read the same file. */
  const readNow = () => (underWay = underWay.then(readAll).catch(logError));
  return {
    folder,
    readNow,
    reading: () => reading,
    start() {
      watcher = watch(folder, {
        ignoreInitial: false,
        depth: 0,
        awaitWriteFinish: { stabilityThreshold: SETTLED_MS },
      });
      watcher.on('all', (event) => {
        if (event === 'add' || event === 'change' || event === 'addDir') void readNow();
      });
      watcher.on('error', logError);
    },
    close: async () => {
      closing.abort();
      await watcher?.close();
      await underWay;
    },
  };
}

/** What lies at a path: a file to read, something that cannot be read and why, or nothing any more. */
type Found =
  { readonly stamp: string; readonly stats: Stats } | { readonly stamp: string; readonly reason: string };

function lookAt(path: string): Found | null {
  try {
    const stats = statSync(path);
    const stamp = `${stats.size}-${Math.round(stats.mtimeMs)}`;
    if (stats.isFile()) return { stamp, stats };
    return { stamp, reason: stats.isDirectory() ? 'it is a folder' : 'it is no file' };
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    const stillListed = readdirSync(join(path, '..')).includes(basename(path));
    if (!stillListed) return null;
    return {
      stamp: String(code),
      reason: code === 'ENOENT' ? 'it is a link that leads nowhere' : `it cannot be opened (${code})`,
    };
  }
}

/** The station with the longest name the file begins with. */
function stationOf(stations: readonly StationSummary[], name: string): StationSummary | undefined {
  const file = basename(name).toLowerCase();
  return stations
    .filter((station) => fileStart(station.name) !== '' && file.startsWith(fileStart(station.name)))
    .sort((a, b) => b.name.length - a.name.length)[0];
}
