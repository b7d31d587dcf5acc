import { existsSync, mkdirSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { watch } from 'chokidar';
import { fileStart, readUnattended } from '#core/formats';
import type { Clock } from '../clock.ts';
import type { StationSummary } from '../store/weather-store.ts';
import type { FileOutcome } from '../store/weather-in-store.ts';
import type { Store } from '../store/store.ts';
import { fileWords } from '#knowledge';

/** A folder a station or logger drops its files into. */
export interface WatchedFolder {
  readonly folder: string;
  /** Reads every file that is new or has changed since it was last read. */
  readNow(): void;
  /** Begins to watch; new files are read within seconds. */
  start(): void;
  close(): Promise<void>;
}

const READABLE = /\.(csv|tsv|txt)$/i;
/** Forty years of hours are about 12 MB. */
const LARGEST_BYTES = 20_000_000;
/** How long a file must have stood still before it is read: its station may still be writing. */
const SETTLED_MS = 1500;

/**
 * Watches `folder`. A file goes to the station whose name, written small with dashes, it begins
 * with: `garden-station-2026.csv`. Days already there are never changed: a folder asks nobody.
 */
export function watchedFolder(
  store: Store,
  clock: Clock,
  folder: string,
  logError: (error: unknown) => void,
): WatchedFolder {
  mkdirSync(folder, { recursive: true });
  const readNow = () => {
    const stampsSeen = new Map(store.weatherFiles().map((file) => [file.name, file.stamp]));
    for (const name of readdirSync(folder)
      .filter((entry) => READABLE.test(entry))
      .sort()) {
      const { size, mtimeMs } = statSync(join(folder, name));
      const stamp = `${size}-${Math.round(mtimeMs)}`;
      if (stampsSeen.get(name) === stamp) continue;
      store.putWeatherFile({
        name,
        stamp,
        readOn: clock.today(),
        outcome: takeIn(store, clock, folder, name, size),
      });
    }
  };
  let watcher: ReturnType<typeof watch> | null = null;
  return {
    folder,
    readNow,
    start() {
      watcher = watch(folder, {
        ignoreInitial: false,
        depth: 0,
        awaitWriteFinish: { stabilityThreshold: SETTLED_MS },
      });
      watcher.on('all', (event) => {
        if (event !== 'add' && event !== 'change') return;
        try {
          if (existsSync(folder)) readNow();
        } catch (error) {
          logError(error);
        }
      });
    },
    close: async () => {
      await watcher?.close();
    },
  };
}

function takeIn(store: Store, clock: Clock, folder: string, name: string, size: number): FileOutcome {
  const station = stationOf(store.stations(), name);
  if (!station) return { kind: 'refused', reason: "its name begins with no station's name" };
  if (size > LARGEST_BYTES) return { kind: 'refused', reason: `it has ${Math.round(size / 1e6)} MB` };
  try {
    const read = readUnattended(readFileSync(join(folder, name), 'utf8'));
    const days = read.days.filter(({ date }) => date <= clock.today());
    const preview = store.importDays(station.id, days, false, true);
    if (preview.looksFahrenheit)
      return { kind: 'refused', reason: 'its temperatures look like °F under a name for °C' };
    const outcome = store.importDays(station.id, days, false, false);
    return {
      kind: 'read',
      stationId: station.id,
      added: outcome.added,
      unchanged: outcome.unchanged,
      differing: outcome.changed.length,
      doubts: outcome.doubts.length,
      problems: read.problems.length + read.days.length - days.length,
    };
  } catch (error) {
    if (error instanceof RangeError) return { kind: 'refused', reason: fileWords(error.message) };
    throw error;
  }
}

/** The station with the longest name the file begins with. */
function stationOf(stations: readonly StationSummary[], name: string): StationSummary | undefined {
  const file = basename(name).toLowerCase();
  return stations
    .filter((station) => fileStart(station.name) !== '' && file.startsWith(fileStart(station.name)))
    .sort((a, b) => b.name.length - a.name.length)[0];
}
