import { randomBytes } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import type { Context, MiddlewareHandler } from 'hono';
import type { GardenDay } from '#engine';
import { type AppParts, presentDay } from './context.ts';
import { canUnpack, LEAST_PACKED_BYTES } from './packed.ts';

/** Answers that follow from the garden's state and its day; the whole of the records, from every write. */
const FROM_THE_STATE =
  /^\/api\/(now|state|hour|band|dormant|bench|walk|spray-hours|shelf\/state|plants(\/[^/]+\/feeding)?|seasons(\/[^/]+)?|watches(\/[^/]+(\/(clock|hatch|futures|weigh|spread|season-days))?)?)$/;

/** Everything a device takes along: too large to be kept beside the records. */
const WHOLE = '/api/state';

/** More addresses than this on one day are not a person's: they are worked out again. */
const MOST_BODIES = 500;

/** An answer as text, and packed once somebody asked for it again. */
interface KeptBody {
  readonly text: string;
  packed?: Uint8Array<ArrayBuffer>;
}

interface Kept {
  readonly version: number;
  /** Answers worked out on this day, by address. */
  readonly bodies: Map<string, KeptBody>;
}

/** A kept answer, packed where the one who asks can unpack it: packing anew for each costs more than all else. */
function sent(c: Context, kept: KeptBody, tag: string): Response {
  const headers = { 'content-type': 'application/json', etag: tag, vary: 'accept-encoding' };
  if (!canUnpack(c) || kept.text.length < LEAST_PACKED_BYTES)
    return c.body(kept.text, 200, { ...headers, 'content-length': String(Buffer.byteLength(kept.text)) });
  kept.packed ??= new Uint8Array(gzipSync(kept.text));
  return c.body(kept.packed, 200, { ...headers, 'content-encoding': 'gzip' });
}

/**
 * Answers carry the version of the garden they were worked out from. Asked again with that version they are not
 * worked out, nor sent; asked by another they are sent as they were, until something of the garden is written or
 * its day changes.
 */
export function unchanged(parts: AppParts): MiddlewareHandler {
  // Versions of one run of the program say nothing to the next.
  const run = randomBytes(6).toString('base64url');
  const byDay = new WeakMap<GardenDay, Kept>();
  let versions = 0;
  const keptOf = (day: GardenDay): Kept => {
    const before = byDay.get(day);
    if (before) return before;
    const fresh: Kept = { version: ++versions, bodies: new Map() };
    byDay.set(day, fresh);
    return fresh;
  };
  /** What besides the garden shows at an address: the house, so to speak, and records no judgement rests on. */
  const house = (path: string, day: GardenDay) => {
    if (path === WHOLE) return String(parts.store.writes());
    if (path !== '/api/now') return '';
    const told = [parts.backups?.lastTrouble(), parts.store.daysAhead(day.today)];
    return Buffer.from(JSON.stringify(told)).toString('base64url');
  };
  return async (c, next) => {
    if (c.req.method !== 'GET' || !FROM_THE_STATE.test(c.req.path) || !parts.store.gardenState())
      return next();
    const day = presentDay(parts);
    const { version, bodies } = keptOf(day);
    const told = house(c.req.path, day);
    const tag = `W/"${run}.${version}.${told}"`;
    if (c.req.header('if-none-match')?.includes(tag)) return c.body(null, 304, { etag: tag });
    if (c.req.path === WHOLE) {
      await next();
      return c.header('etag', tag);
    }
    const address = `${c.req.url} ${told}`;
    const before = bodies.get(address);
    if (before !== undefined) return sent(c, before, tag);
    await next();
    if (c.res.status !== 200) return;
    if (bodies.size >= MOST_BODIES) bodies.clear();
    bodies.set(address, { text: await c.res.clone().text() });
    c.header('etag', tag);
  };
}
