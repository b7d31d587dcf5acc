import { AsyncLocalStorage } from 'node:async_hooks';
import { keysOf } from '#core/tables';
import type { Db } from './database.ts';
import { KINDS } from './kinds.ts';

/** Something entered on a device, as it arrives. */
export interface Delivery {
  readonly address: string;
  readonly device: string;
  /** Counts up on the device with everything entered there. */
  readonly number: number;
}

/**
 * Which entry of each device was kept last, by address. It is noted by triggers as the record itself is
 * written, so that neither is kept without the other.
 */
export function deliveryStore(db: Db) {
  const arriving = new AsyncLocalStorage<Delivery>();
  db.function('arriving', (part: unknown) => arriving.getStore()?.[part as keyof Delivery] ?? null);
  const note = (values: string) =>
    `INSERT INTO main.delivery (address, device, number) ${values}
      ON CONFLICT (address, device) DO UPDATE SET number = max(number, excluded.number)`;
  for (const table of keysOf(KINDS))
    for (const event of ['INSERT', 'UPDATE', 'DELETE'])
      db.exec(`CREATE TEMP TRIGGER ${table}_${event}_delivered AFTER ${event} ON main.${table}
        WHEN arriving('device') IS NOT NULL
        BEGIN ${note("VALUES (arriving('address'), arriving('device'), arriving('number'))")}; END`);
  return {
    lastDelivery: ({ address, device }: Pick<Delivery, 'address' | 'device'>) =>
      (db
        .prepare('SELECT number FROM delivery WHERE address = ? AND device = ?')
        .pluck()
        .get(address, device) ?? null) as number | null,
    /** Whatever record is written within the work is noted with the delivery. */
    noting: <T>(delivery: Delivery, work: () => Promise<T>): Promise<T> => arriving.run(delivery, work),
    /** For what arrived and had nothing left to write. */
    noteDelivery: ({ address, device, number }: Delivery): void =>
      void db.prepare(note('VALUES (?, ?, ?)')).run(address, device, number),
  };
}

export type DeliveryStore = ReturnType<typeof deliveryStore>;
