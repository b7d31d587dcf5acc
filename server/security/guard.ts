import type { Context, MiddlewareHandler } from 'hono';
import { getCookie } from 'hono/cookie';
import { secureHeaders } from 'hono/secure-headers';
import { Problem } from '#answers';
import type { LetInDevice } from '../store/session-store.ts';
import type { Store } from '../store/store.ts';
import { isOwnName, nameInHost } from './own-address.ts';

export const PASSPHRASE_KEY = 'passphrase';

/**
 * What a browser may do with our pages: nothing from elsewhere, no script within the page, no frame
 * around it.
 */
const setHeaders = secureHeaders({
  contentSecurityPolicy: {
    defaultSrc: ["'none'"],
    scriptSrc: ["'self'"],
    styleSrc: ["'self'"],
    imgSrc: ["'self'", 'blob:', 'data:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    workerSrc: ["'self'"],
    manifestSrc: ["'self'"],
    baseUri: ["'none'"],
    formAction: ["'self'"],
    frameAncestors: ["'none'"],
    objectSrc: ["'none'"],
  },
  referrerPolicy: 'no-referrer',
  xFrameOptions: 'DENY',
  crossOriginResourcePolicy: 'same-origin',
  crossOriginOpenerPolicy: 'same-origin',
  permissionsPolicy: { camera: ['self'], geolocation: ['self'], microphone: [] },
  // A certificate made here is trusted by nobody else: a browser must not be told to insist on it.
  strictTransportSecurity: false,
});

/** Sets them on every answer; one that brought a policy of its own, stricter still, keeps it. */
export function strictHeaders(): MiddlewareHandler {
  return async (c, next) => {
    let ownHost: string | null = null;
    await setHeaders(c, async () => {
      await next();
      ownHost = c.res.headers.get(POLICY);
    });
    if (ownHost !== null) c.res.headers.set(POLICY, ownHost);
  };
}

const POLICY = 'content-security-policy';

/** Refuses requests that reached us under another name (DNS rebinding). */
export function rightHost(): MiddlewareHandler {
  return async (c, next) => {
    const name = nameInHost(c.req.header('host') ?? new URL(c.req.url).host);
    if (name === null || !isOwnName(name)) throw new Problem(421, 'This computer is not known by that name.');
    return next();
  };
}

const CHANGES = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);
/** Reads that make a file first: another site's link must not set them going. */
const MAKES_A_FILE = /^\/api\/(export\.zip$|backups\/)/;

/** Refuses changes, and files made for it, that another site's page asks for. */
export function rightOrigin(): MiddlewareHandler {
  return async (c, next) => {
    if (CHANGES.has(c.req.method) || MAKES_A_FILE.test(c.req.path)) {
      const origin = c.req.header('origin');
      const site = c.req.header('sec-fetch-site');
      const host = c.req.header('host') ?? new URL(c.req.url).host;
      const foreign = origin !== undefined && originHost(origin) !== host.toLowerCase();
      if (foreign || (site !== undefined && site !== 'same-origin' && site !== 'none'))
        throw new Problem(403, 'Another site asked for this. It was not done.');
    }
    return next();
  };
}

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

/** Open to all: whether it runs, the door, what a phone is to trust, the calendar at its secret address. */
const OPEN = /^\/api\/(health|door|authority\.crt|calendar\/[0-9a-f]+\.ics)$/;

declare module 'hono' {
  interface ContextVariableMap {
    device: LetInDevice | null;
  }
}

/**
 * A browser keeps one cookie of a name for all ports of a computer, and lets no page without https write over
 * one from https: so each door has a name of its own, and the made-up garden one apart from one's own.
 */
export function cookieName(c: Context): string {
  const { protocol, port } = new URL(c.req.url);
  const https = protocol === 'https:';
  return `juglans-${https ? 'https' : 'http'}-${port || (https ? '443' : '80')}`;
}

/** The device that asks; null when it was not let in. */
export function askingDevice(store: Store, c: Context, nowMs: number): LetInDevice | null {
  const token = getCookie(c, cookieName(c));
  return token ? store.deviceOf(token, nowMs) : null;
}

/** Once a passphrase is set only devices that said it get past, from this computer too. */
export function onlyLetIn(store: Store, now: () => number): MiddlewareHandler {
  return async (c, next) => {
    const device = askingDevice(store, c, now());
    c.set('device', device);
    if (device || OPEN.test(c.req.path) || !store.meta(PASSPHRASE_KEY)) return next();
    throw new Problem(401, 'Say the passphrase first.');
  };
}
