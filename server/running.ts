import { rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Hono } from 'hono';
import type { Logger } from 'pino';
import { type BackupKeeper, backupKeeper } from './archive/backup-keeper.ts';
import type { Clock } from './clock.ts';
import type { AppParts } from './context.ts';
import { homeNetwork } from './home-network.ts';
import { NETWORK_KEY } from './routes/door-routes.ts';
import { PASSPHRASE_KEY } from './security/guard.ts';
import { isLoopback } from './security/own-address.ts';
import type { Store } from './store/store.ts';

/** What the person who starts it can put right; said without a stack. */
export class StartError extends Error {
  override readonly name = 'StartError';
}

/** @throws StartError when others could reach the program and nothing would keep them out. */
export function refuseOpenDoor(host: string, store: Store): void {
  if (isLoopback(host) || store.meta(PASSPHRASE_KEY)) return;
  throw new StartError(
    `HOST is ${host}, which others can reach, and no passphrase is set. Start on 127.0.0.1 and set one under Setup, or run: npm start -- --set-passphrase`,
  );
}

interface RunningParts {
  readonly store: Store;
  readonly clock: Clock;
  readonly data: string;
  readonly port: number;
  readonly log: Pick<Logger, 'info' | 'error'>;
  /** A made-up garden needs no backup a day. */
  readonly daily: boolean;
}

/** What a started program has and a test does not need: the door on the home network and the daily backup. */
export interface Running {
  readonly parts: Required<Pick<AppParts, 'network' | 'backups'>>;
  /** Tells what to serve there, opens it again as it was left, and begins the daily backups. */
  serve(app: Pick<Hono, 'fetch'>): Promise<void>;
  close(): Promise<void>;
}

export function openRunning({ store, clock, data, port, log, daily }: RunningParts): Running {
  const work = join(data, 'work');
  // What a program that was cut off had unpacked.
  rmSync(work, { recursive: true, force: true });
  const door = homeNetwork({
    port: Number(process.env.HOME_PORT ?? (port === 0 ? 0 : port + 1)),
    folder: join(data, 'tls'),
    certFile: process.env.TLS_CERT,
    keyFile: process.env.TLS_KEY,
    onTrouble: (error) => log.error({ err: error.message }, 'the certificate was not renewed'),
  });
  const backups: BackupKeeper = backupKeeper(store, clock, {
    folder: process.env.BACKUP_FOLDER ?? join(data, 'backups'),
    work,
  });
  let served: Pick<Hono, 'fetch'> | null = null;
  const openAgain = (https: boolean) =>
    served ? door.open(served, https) : Promise.reject(new Error('it is still starting'));
  return {
    parts: {
      network: { state: door.state, authority: door.authority, close: door.close, openAgain },
      backups,
    },
    async serve(app) {
      served = app;
      if (daily)
        backups.startDaily((error) =>
          log.error({ err: error instanceof Error ? error.message : 'unknown' }, 'the daily backup failed'),
        );
      const left = store.meta(NETWORK_KEY);
      if (!left) return;
      const opened = await openAgain(left === 'https').catch((error: Error) => {
        log.error({ err: error.message }, 'could not listen on the home network');
        return null;
      });
      if (opened) log.info(`On the home network: ${opened.addresses.join(' ')}`);
    },
    async close() {
      backups.stop();
      await door.close();
    },
  };
}
