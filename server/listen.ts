import type { AddressInfo } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';
import { serve } from '@hono/node-server';
import type { Hono } from 'hono';

export interface Listening {
  readonly address: string;
  close(): Promise<void>;
}

/** So long what is being asked may still be answered; then the line is cut, whoever holds it. */
const ANSWERING_MS = 1500;
/** After a signal the program is gone by then, whatever a client or a file does. */
const GONE_BY_MS = 4000;

/** Serves the app; on SIGINT or SIGTERM it finishes what it is answering and closes the records. */
export async function listen(
  app: Pick<Hono, 'fetch'>,
  store: { close(): void | Promise<void> },
  host: string,
  port: number,
): Promise<Listening> {
  const server = serve({ fetch: app.fetch, hostname: host, port });
  await new Promise<void>((resolve, reject) => {
    server.once('listening', resolve);
    server.once('error', reject);
  });
  const { port: actualPort } = server.address() as AddressInfo;
  const close = async () => {
    const answered = new Promise<void>((resolve) => {
      server.close(() => resolve());
    });
    if ('closeIdleConnections' in server) server.closeIdleConnections();
    await Promise.race([answered, pause(ANSWERING_MS, undefined, { ref: false })]);
    if ('closeAllConnections' in server) server.closeAllConnections();
    await store.close();
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => void Promise.race([close(), pause(GONE_BY_MS)]).then(() => process.exit(0)));
  return { address: `http://${host.includes(':') ? `[${host}]` : host}:${actualPort}`, close };
}
