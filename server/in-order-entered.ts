import type { MiddlewareHandler } from 'hono';
import type { Store } from './store/store.ts';

/** Milliseconds since 1970 by the device's clock; entries without it are taken as they come. */
const HEADER = 'entered-at';

/**
 * Entries that waited on a device carry the moment they were entered. One that arrives after a
 * newer entry for the same record, or again, is acknowledged and changes nothing: a retry or a
 * request that hung in the network never undoes what was done since.
 */
export function inOrderEntered(store: Store): MiddlewareHandler {
  return async (c, next) => {
    const enteredAt = Number(c.req.header(HEADER));
    const keeps = c.req.method === 'PUT' || c.req.method === 'DELETE';
    if (!keeps || !Number.isSafeInteger(enteredAt) || enteredAt <= 0) return next();
    // A picture and its words are one record.
    const address = c.req.path.replace(/\/image$/, '');
    const last = store.lastDelivery(address);
    if (last !== null && enteredAt <= last) return c.json({ alreadyKept: true });
    await next();
    // A device whose clock runs ahead must not lock the record for the others.
    if (c.res.ok) store.noteDelivery(address, Math.min(enteredAt, Date.now()));
    return undefined;
  };
}
