import { join } from 'node:path';
import { pino } from 'pino';
import { createApp } from './app.ts';
import { systemClock } from './clock.ts';
import { listen } from './listen.ts';
import { watchedFolder } from './sources/watched-folder.ts';
import { NewerDatabaseError } from './store/database.ts';
import { openStore } from './store/store.ts';

/** Starts the app on a person's own records. PORT, HOST, DATA and WEATHER_FOLDER come from the environment. */
async function main(): Promise<void> {
  const log = pino();
  const root = process.cwd();
  const host = process.env.HOST ?? '127.0.0.1';
  const data = process.env.DATA ?? join(root, 'data');
  const store = openStore(join(data, 'juglans.sqlite'), join(root, 'server/migrations'));
  const clock = systemClock(() => store.garden()?.timeZone ?? 'UTC');
  const logError = (error: unknown) => log.error(error);
  const weatherFolder = watchedFolder(store, clock, process.env.WEATHER_FOLDER ?? join(data, 'weather-in'), logError);
  weatherFolder.start();
  const app = createApp({ store, clock, demo: false, weatherFolder }, join(root, 'dist/web'), logError);
  const { address } = await listen(app, { close: () => { void weatherFolder.close(); store.close(); } }, host, Number(process.env.PORT ?? 4173));
  log.info(`Juglans is at ${address}`);
}

main().catch((error: unknown) => {
  console.error(error instanceof NewerDatabaseError ? error.message : error);
  process.exit(1);
});
