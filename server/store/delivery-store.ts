import type { Db } from './database.ts';

/** When the last entry kept for each address was entered on its device. */
export function deliveryStore(db: Db) {
  return {
    lastDelivery: (address: string) =>
      (
        db.prepare('SELECT entered_at AS enteredAt FROM delivery WHERE address = ?').get(address) as
          { enteredAt: number } | undefined
      )?.enteredAt ?? null,
    noteDelivery(address: string, enteredAt: number): void {
      db.prepare(
        'INSERT INTO delivery (address, entered_at) VALUES (?, ?) ON CONFLICT (address) DO UPDATE SET ' +
          'entered_at = max(entered_at, excluded.entered_at)',
      ).run(address, enteredAt);
    },
  };
}

export type DeliveryStore = ReturnType<typeof deliveryStore>;
