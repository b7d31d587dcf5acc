import type { AddressInfo } from 'node:net';
import { serve } from '@hono/node-server';
import type { Hono } from 'hono';

export interface Listening {
  readonly address: string;
  close(): Promise<void>;
}

/** Serves the app; on SIGINT or SIGTERM it finishes what it is answering and closes the records. */
export async function listen(
  app: Hono,
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
  const close = () =>
    new Promise<void>((resolve) => {
      server.close(() => void Promise.resolve(store.close()).then(resolve));
      if ('closeIdleConnections' in server) server.closeIdleConnections();
    });
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => void close().then(() => process.exit(0)));
  return { address: `http://${host.includes(':') ? `[${host}]` : host}:${actualPort}`, close };
}
