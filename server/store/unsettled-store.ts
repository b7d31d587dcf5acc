import type { CivilDate } from '#core/calendar';
import type { Db } from './database.ts';
import type { KindTable } from './kinds.ts';

/** A field two devices changed to different values: one stands in the record, this is the other. */
export interface Unsettled {
  readonly id: string;
  /** Which kind of record; the garden itself is one too. */
  readonly kind: KindTable | 'garden';
  readonly recordId: string;
  readonly field: string;
  readonly value: unknown;
  /** The day it was entered, by the device; null where it did not say. */
  readonly enteredOn: CivilDate | null;
}

/** What two devices changed differently, until somebody chooses. */
export function unsettledStore(db: Db) {
  return {
    unsettled: (): Unsettled[] =>
      (
        db
          .prepare(
            'SELECT came_as AS id, kind, record_id AS recordId, field, value, entered_on AS enteredOn FROM unsettled ORDER BY came_as',
          )
          .all() as (Unsettled & { value: string })[]
      ).map((row) => ({ ...row, value: JSON.parse(row.value) as unknown })),
    putUnsettled: ({ value, ...row }: Unsettled): void =>
      void db
        .prepare(
          `INSERT INTO unsettled (came_as, kind, record_id, field, value, entered_on)
          VALUES (@id, @kind, @recordId, @field, @value, @enteredOn)
          ON CONFLICT (came_as) DO UPDATE SET value = @value`,
        )
        .run({ ...row, value: JSON.stringify(value) }),
    /** Lets go of a value of a device's own that it has changed again since: the later one is kept in its stead. */
    superseded: (device: string, { kind, recordId, field }: Unsettled, value: unknown): void =>
      void db
        .prepare(
          `DELETE FROM unsettled WHERE kind = ? AND record_id = ? AND field = ? AND value = ?
            AND substr(came_as, 1, length(?)) = ?`,
        )
        .run(kind, recordId, field, JSON.stringify(value ?? null), `${device}-`, `${device}-`),
    removeUnsettled: (id: string): boolean =>
      db.prepare('DELETE FROM unsettled WHERE came_as = ?').run(id).changes > 0,
  };
}

export type UnsettledStore = ReturnType<typeof unsettledStore>;
