import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { rename } from 'node:fs/promises';
import { join } from 'node:path';
import type { Clock } from '../clock.ts';
import { oneAtATime } from '../one-at-a-time.ts';
import type { Store } from '../store/store.ts';
import { asItStood, type Moment } from './as-it-stood.ts';
import { type ReadArchive, readArchive } from './read-archive.ts';
import { newBackupName, readBackupName, toLetGo } from './rotation.ts';
import { writeArchive } from './write-archive.ts';

/** A backup as it lies in the folder. */
export interface Backup {
  readonly name: string;
  readonly bytes: number;
  readonly writtenAtMs: number;
}

/** Makes, verifies, lists and rotates backups. */
export interface BackupKeeper {
  readonly folder: string;
  list(): Backup[];
  /** A backup now, read back whole before it counts. */
  make(label?: string | null): Promise<Backup>;
  fileOf(name: string): string | null;
  read(file: string): Promise<ReadArchive>;
  /** The garden as it stood at a moment, UTC in ISO 8601, by its change log. */
  asItStood(at: string): Promise<Moment>;
  /** A place for a file that is being brought in. */
  workFile(name: string): string;
  lastTrouble(): string | null;
  /** Resolves when none is being made. */
  idle(): Promise<void>;
  /** One a day from now on, if the garden changed since the last. */
  startDaily(onError: (error: unknown) => void): void;
  stop(): void;
}

interface BackupFolders {
  readonly folder: string;
  /** Where archives are unpacked to be checked. */
  readonly work: string;
  readonly migrations?: string;
}

const LOOK_EVERY_MS = 30 * 60 * 1000;

export function backupKeeper(
  store: Store,
  clock: Clock,
  { folder, work, migrations = join(process.cwd(), 'server/migrations') }: BackupFolders,
): BackupKeeper {
  let timer: ReturnType<typeof setInterval> | null = null;
  const inTurn = oneAtATime();
  let trouble: string | null = null;
  let writesAtLast = -1;
  const list = (): Backup[] =>
    (existsSync(folder) ? readdirSync(folder) : [])
      .filter((name) => readBackupName(name) !== null)
      .map((name) => {
        const { size, mtimeMs } = statSync(join(folder, name));
        return { name, bytes: size, writtenAtMs: mtimeMs };
      })
      .sort((a, b) => b.writtenAtMs - a.writtenAtMs || (a.name < b.name ? 1 : -1));
  const read = (file: string) => readArchive(file, work, migrations);
  const makeNow = async (label: string | null): Promise<Backup> => {
    try {
      mkdirSync(folder, { recursive: true });
      const name = newBackupName(clock.today(), label, existsSync(folder) ? readdirSync(folder) : []);
      const file = join(folder, name);
      await writeArchive(store.db, `${file}.new.zip`, clock.today());
      const verified = await read(`${file}.new.zip`);
      verified.discard();
      // Only what was read back whole takes the place of another.
      await rename(`${file}.new.zip`, file);
      for (const old of toLetGo(
        list().map((backup) => backup.name),
        clock.today(),
      ))
        rmSync(join(folder, old), { force: true });
      trouble = null;
      return list().find((backup) => backup.name === name)!;
    } catch (error) {
      trouble = troubleWords(error);
      throw error;
    }
  };
  const make = (label: string | null = null) => inTurn.run(() => makeNow(label));
  return {
    folder,
    list,
    make,
    read,
    asItStood: (at) => asItStood(store, at, work, migrations),
    lastTrouble: () => trouble,
    idle: inTurn.idle,
    fileOf: (name) => (readBackupName(name) && existsSync(join(folder, name)) ? join(folder, name) : null),
    workFile(name) {
      mkdirSync(work, { recursive: true });
      return join(work, name);
    },
    startDaily(onError) {
      const look = () => {
        const today = clock.today();
        const madeToday = list().some(({ name }) => readBackupName(name)!.on === today);
        if (madeToday || store.garden() === null || store.writes() === writesAtLast) return;
        writesAtLast = store.writes();
        make().catch(onError);
      };
      look();
      timer = setInterval(look, LOOK_EVERY_MS);
      timer.unref();
    },
    stop() {
      if (timer) clearInterval(timer);
    },
  };
}

function troubleWords(error: unknown): string {
  const code = (error as { code?: string }).code ?? '';
  if (code === 'ENOSPC' || code === 'SQLITE_FULL') return 'the disk is full';
  if (code === 'EACCES' || code === 'EROFS' || code === 'EPERM') return 'the folder cannot be written to';
  if (code === 'EEXIST' || code === 'ENOTDIR') return 'a file lies where the folder should be';
  return error instanceof Error ? error.message : 'it is not known why';
}
