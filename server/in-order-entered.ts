import type { Context, MiddlewareHandler } from 'hono';
import type { Delivery } from './store/delivery-store.ts';
import type { Store } from './store/store.ts';

/** The device's own name and its count of what was entered there; entries without them are taken as they come. */
const BY = 'entered-by';
const NUMBER = 'entered-as';

/**
 * Entries that waited on a device carry their number there. One that arrives after a later entry of the same
 * device for the same record, or again, is acknowledged and changes nothing: a retry or a request that hung in
 * the network never undoes what was done since. Entries of different devices are kept as they arrive, each
 * with what stood before it in the history: no device's clock is asked.
 */
export function inOrderEntered(store: Store): MiddlewareHandler {
  return async (c, next) => {
    const delivery = deliveryOf(c);
    if (delivery === null) return next();
    const last = store.lastDelivery(delivery);
    if (last !== null && delivery.number <= last) return c.json({ alreadyKept: true });
    await store.noting(delivery, () => next());
    // Taken out already is taken out.
    if (c.req.method === 'DELETE' && c.res.status === 404) store.noteDelivery(delivery);
    return undefined;
  };
}

function deliveryOf(c: Context): Delivery | null {
  const device = c.req.header(BY) ?? '';
  const number = Number(c.req.header(NUMBER));
  const keeps = c.req.method === 'PUT' || c.req.method === 'DELETE';
  if (!keeps || !/^[\w-]{1,64}$/.test(device) || !Number.isSafeInteger(number) || number <= 0) return null;
  // A picture and its words are one record.
  return { address: c.req.path.replace(/\/image$/, ''), device, number };
}
