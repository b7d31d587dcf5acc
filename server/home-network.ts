import { createServer as createHttp } from 'node:http';
import { createServer as createHttps, Server as HttpsServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { hostname } from 'node:os';
import { createAdaptorServer } from '@hono/node-server';
import type { Hono } from 'hono';
import { type Certificate, certificateFor } from './security/certificate.ts';
import { homeAddresses } from './security/own-address.ts';

export interface Opened {
  readonly https: boolean;
  /** Where phones find it, the likeliest first. */
  readonly addresses: readonly string[];
  /** SHA-256 of the certificate; null over http. */
  readonly fingerprint: string | null;
  /** SHA-256 of the authority that phones may be asked to trust; null over http and with one's own certificate. */
  readonly authorityFingerprint: string | null;
}

/**
 * The second door: listening on the home network beside this computer's own address, opened and shut
 * while running.
 */
export interface HomeNetwork {
  state(): Opened | null;
  /** The authority's certificate as phones install it; null where there is none to install. */
  authority(): Buffer | null;
  /** @throws Error when the port is taken or a certificate cannot be read. */
  open(app: Pick<Hono, 'fetch'>, https: boolean): Promise<Opened>;
  close(): Promise<void>;
}

/** A program that runs for months renews its certificate by itself. */
const RENEWAL_LOOK_MS = 12 * 3600_000;

/** Serves what is valid now: the same certificate, or the one made in its place. */
async function renewed(server: HttpsServer, certificateNow: () => Promise<Certificate>): Promise<void> {
  const { key, cert } = await certificateNow();
  server.setSecureContext({ key, cert, minVersion: 'TLSv1.2' });
}

interface HomeNetworkParts {
  readonly port: number;
  /** Where a certificate made here is kept. */
  readonly folder: string;
  readonly certFile: string | undefined;
  readonly keyFile: string | undefined;
  /** Every address; tests listen on loopback only. */
  readonly host?: string;
  /** Told when a certificate could not be renewed; what is served goes on. */
  readonly onTrouble?: (error: Error) => void;
}

export function homeNetwork({
  port,
  folder,
  certFile,
  keyFile,
  host = '0.0.0.0',
  onTrouble = () => undefined,
}: HomeNetworkParts): HomeNetwork {
  let opened: {
    readonly state: Opened;
    readonly authority: Buffer | null;
    readonly close: () => Promise<void>;
  } | null = null;
  const certificateNow = () => certificateFor(folder, { certFile, keyFile });
  const close = async () => {
    const was = opened;
    opened = null;
    await was?.close();
  };
  return {
    state: () => opened?.state ?? null,
    authority: () => opened?.authority ?? null,
    close,
    async open(app, https) {
      await close();
      const certificate = https ? await certificateNow() : null;
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
        authorityFingerprint: certificate?.authority?.fingerprint ?? null,
      };
      const renewing = setInterval(() => {
        if (server instanceof HttpsServer)
          void renewed(server, certificateNow).catch((error: Error) => onTrouble(error));
      }, RENEWAL_LOOK_MS).unref();
      opened = {
        state,
        authority: certificate?.authority?.der ?? null,
        close: () =>
          new Promise((resolve) => {
            clearInterval(renewing);
            server.close(() => resolve());
            if ('closeAllConnections' in server) server.closeAllConnections();
          }),
      };
      return state;
    },
  };
}
