import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { pino } from 'pino';
import { createApp } from './app.ts';
import { systemClock } from './clock.ts';
import { listen } from './listen.ts';
import { openRunning, refuseOpenDoor, StartError } from './running.ts';
import { PASSPHRASE_KEY } from './security/guard.ts';
import { hashPassphrase, LONGEST_PASSPHRASE, SHORTEST_PASSPHRASE } from './security/passphrase.ts';
import { readApart } from './sources/read-apart.ts';
import { watchedFolder } from './sources/watched-folder.ts';
import { NewerDatabaseError } from './store/database.ts';
import { holdRecords, RecordsInUseError } from './store/hold-records.ts';
import { openStore, type Store } from './store/store.ts';

/**
 * Starts the app on a person's own records. PORT, HOST, DATA and others come from the environment; see
 * docs/running.md.
 */
async function main(): Promise<void> {
  const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
  const root = process.cwd();
  const host = process.env.HOST ?? '127.0.0.1';
  const port = Number(process.env.PORT ?? 4173);
  const data = process.env.DATA ?? join(root, 'data');
  // A passphrase is set beside a program that runs, which asks for it anew each time.
  const settingPassphrase = process.argv.includes('--set-passphrase');
  const store = openOrSay(join(data, 'juglans.sqlite'), join(root, 'server/migrations'), !settingPassphrase);
  if (settingPassphrase) return setPassphrase(store);
  refuseOpenDoor(host, store);
  const clock = systemClock(() => store.garden()?.timeZone ?? 'UTC');
  const logError = (error: unknown) => log.error(withoutContent(error));
  const weatherFolder = watchedFolder(
    store,
    clock,
    process.env.WEATHER_FOLDER ?? join(data, 'weather-in'),
    readApart(join(root, 'dist/server/weather-file-worker.js')),
    logError,
  );
  weatherFolder.start();
  const running = openRunning({ store, clock, data, port, log, daily: true });
  const app = createApp(
    { store, clock, demo: false, weatherFolder, ...running.parts },
    join(root, 'dist/web'),
    logError,
    (entry) => log.debug(entry),
  );
  await running.serve(app);
  const { address } = await listen(
    app,
    {
      close: async () => {
        await running.close();
        await weatherFolder.close();
        store.close();
      },
    },
    host,
    port,
  );
  log.info(`Juglans is at ${address}`);
}

function openOrSay(file: string, migrations: string, alone: boolean): Store {
  try {
    if (alone) holdRecords(file);
    return openStore(file, migrations);
  } catch (error) {
    const code = (error as { code?: string }).code ?? '';
    if (error instanceof NewerDatabaseError || error instanceof RecordsInUseError)
      throw new StartError(error.message);
    if (/^SQLITE_(NOTADB|CORRUPT)/.test(code))
      throw new StartError(
        `The records in ${file} are damaged (${code}). Nothing was changed. Put a backup in their place: see docs/running.md, "When something is wrong".`,
      );
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

/** Takes a passphrase from the terminal, for computers without a screen. */
async function setPassphrase(store: Store): Promise<void> {
  const asked = createInterface({ input: process.stdin, output: process.stderr });
  const typed = (await asked.question('New passphrase: ')).trim();
  asked.close();
  if (typed.length < SHORTEST_PASSPHRASE)
    throw new StartError(`At least ${SHORTEST_PASSPHRASE} characters. Nothing was changed.`);
  if (typed.length > LONGEST_PASSPHRASE)
    throw new StartError(`At most ${LONGEST_PASSPHRASE} characters. Nothing was changed.`);
  store.putMeta(PASSPHRASE_KEY, await hashPassphrase(typed));
  store.shutOutAllBut(null);
  store.close();
  console.error('The passphrase is set. Every device has to say it once.');
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

main().catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error);
  process.exit(1);
});
