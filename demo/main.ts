import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pino } from 'pino';
import { createApp } from '#server/app';
import { listen } from '#server/listen';
import { openRunning, refuseOpenDoor } from '#server/running';
import { readApart } from '#server/sources/read-apart';
import { watchedFolder } from '#server/sources/watched-folder';
import { holdRecords } from '#server/store/hold-records';
import { openStore } from '#server/store/store';
import { OPENING_DAY, passDays, seedFallowBank } from './seed.ts';
import { gardenStation, STATION_TO, sunroomLogger } from './stations.ts';
import { steppedClock } from './stepped-clock.ts';

/** An empty garden's day may be stepped for as long as anybody would. */
const EMPTY_TO = '2099-12-31';

/**
 * Starts the made-up garden. PORT, HOST and DATA from the environment; `--fresh` begins it anew. With EMPTY_ON, a
 * day such as 2026-05-02, it is a garden without anything in it, whose day stands still until it is stepped.
 */
async function main(): Promise<void> {
  const log = pino({ level: 'warn' });
  const root = process.cwd();
  const folder = process.env.DATA ?? join(root, '.demo');
  const file = join(folder, 'fallow-bank.sqlite');
  if (process.argv.includes('--fresh'))
    for (const old of [file, `${file}-wal`, `${file}-shm`, join(folder, 'weather-in')])
      rmSync(old, { force: true, recursive: true });
  holdRecords(file);
  const isNew = !existsSync(file);
  const store = openStore(file, join(root, 'server/migrations'));
  refuseOpenDoor(process.env.HOST ?? '127.0.0.1', store);
  const emptyOn = process.env.EMPTY_ON;
  const sources = emptyOn ? [] : [gardenStation(), sunroomLogger()];
  if (!emptyOn && (isNew || store.garden() === null)) seedFallowBank(store, sources);
  const clock = emptyOn
    ? steppedClock(store, emptyOn, EMPTY_TO)
    : steppedClock(store, OPENING_DAY, STATION_TO);
  const logError = (error: unknown) => log.error(error);
  const weatherFolder = watchedFolder(
    store,
    clock,
    join(folder, 'weather-in'),
    readApart(join(root, 'dist/server/weather-file-worker.js')),
    logError,
  );
  weatherFolder.start();
  const running = openRunning({
    store,
    clock,
    data: folder,
    port: Number(process.env.PORT ?? 4173),
    log,
    daily: false,
  });
  const app = createApp(
    {
      store,
      clock,
      demo: true,
      weatherFolder,
      ...running.parts,
      ...(emptyOn ? {} : { onStep: (from, to) => passDays(store, sources, weatherFolder, from, to) }),
    },
    join(root, 'dist/web'),
    logError,
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
    process.env.HOST ?? '127.0.0.1',
    Number(process.env.PORT ?? 4173),
  );
  console.log(`${emptyOn ? 'An empty garden' : 'Fallow Bank, a made-up garden,'} is at ${address}`);
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
