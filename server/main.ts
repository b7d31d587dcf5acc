import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { pino } from 'pino';
import { listen } from './listen.ts';
import { StartError } from './running.ts';
import { PASSPHRASE_KEY } from './security/guard.ts';
import { hashPassphrase, LONGEST_PASSPHRASE, SHORTEST_PASSPHRASE } from './security/passphrase.ts';
import { openRecords, serveRecords } from './serve-records.ts';
import type { Store } from './store/store.ts';

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
  if (process.argv.includes('--set-passphrase')) return setPassphrase(openRecords(root, data));
  const served = await serveRecords({
    root,
    host,
    port,
    data,
    weatherFolder: process.env.WEATHER_FOLDER ?? join(data, 'weather-in'),
    log,
  });
  const { address } = await listen(served, served, host, port);
  log.info(`Juglans is at ${address}`);
}

/**
 * Takes a passphrase from the terminal, for computers without a screen. It is set beside a program that runs,
 * which asks for it anew each time.
 */
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

main().catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error);
  process.exit(1);
});
