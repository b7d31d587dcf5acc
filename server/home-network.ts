import { createServer as createHttp } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { AddressInfo } from 'node:net';
import { hostname } from 'node:os';
import { createAdaptorServer } from '@hono/node-server';
import type { Hono } from 'hono';
import { certificateFor } from './security/certificate.ts';
import { homeAddresses } from './security/own-address.ts';

export interface Opened {
  readonly https: boolean;
  /** Where phones find it, the likeliest first. */
  readonly addresses: readonly string[];
  /** SHA-256 of the certificate; null over http. */
  readonly fingerprint: string | null;
  readonly madeHere: boolean;
}

/**
 * The second door: listening on the home network beside this computer's own address, opened and shut
 * while running.
 */
export interface HomeNetwork {
  state(): Opened | null;
  /** @throws Error when the port is taken or a certificate cannot be read. */
  open(app: Pick<Hono, 'fetch'>, https: boolean): Promise<Opened>;
  close(): Promise<void>;
}

interface HomeNetworkParts {
  readonly port: number;
  /** Where a certificate made here is kept. */
  readonly folder: string;
  readonly certFile: string | undefined;
  readonly keyFile: string | undefined;
  /** Every address; tests listen on loopback only. */
  readonly host?: string;
}

export function homeNetwork({
  port,
  folder,
  certFile,
  keyFile,
  host = '0.0.0.0',
}: HomeNetworkParts): HomeNetwork {
  let opened: { readonly state: Opened; readonly close: () => Promise<void> } | null = null;
  const close = async () => {
    const was = opened;
    opened = null;
    await was?.close();
  };
  return {
    state: () => opened?.state ?? null,
    close,
    async open(app, https) {
      await close();
      const certificate = https ? await certificateFor(folder, { certFile, keyFile }) : null;
      const server = createAdaptorServer(
        certificate
          ? {
              fetch: app.fetch,
              createServer: createHttps,
              serverOptions: { key: certificate.key, cert: certificate.cert, minVersion: 'TLSv1.2' },
            }
          : { fetch: app.fetch, createServer: createHttp },
      );
      await new Promise<void>((resolve, reject) => {
        server.once('error', reject);
        server.listen(port, host, () => resolve());
      });
      const { port: actual } = server.address() as AddressInfo;
      const scheme = https ? 'https' : 'http';
      const names = host === '0.0.0.0' ? [...homeAddresses(), `${hostname()}.local`] : [host];
      const state: Opened = {
        https,
        addresses: names.map((name) => `${scheme}://${name}:${actual}`),
        fingerprint: certificate?.fingerprint ?? null,
        madeHere: certificate?.madeHere ?? false,
      };
      opened = {
        state,
        close: () =>
          new Promise((resolve) => {
            server.close(() => resolve());
            if ('closeAllConnections' in server) server.closeAllConnections();
          }),
      };
      return state;
    },
  };
}
