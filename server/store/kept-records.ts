import type { Db } from './database.ts';
import { onWrite } from './on-write.ts';
import type { RecordTable } from './record-table.ts';

/** All records of a table, read again only where they were written. */
export interface KeptRecords<T> {
  /** In the table's order; the same list, with the same records in it, until one is written. */
  all(): readonly T[];
  /** Says that they may have changed by other ways than writes of this connection. */
  forget(): void;
}

/** More records than this changed at once are read faster with all the others. */
const MOST_READ_SINGLY = 200;

/**
 * Keeps a table's records in memory. What is read within a transaction is not kept: it may yet be taken
 * back, and is then told of all the same.
 */
export function keptRecords<T extends { readonly id: string }>(
  db: Db,
  table: string,
  read: Pick<RecordTable<T>, 'all' | 'one' | 'ids'>,
): KeptRecords<T> {
  const byId = new Map<string, T>();
  const written = new Set<string>();
  let list: readonly T[] | null = null;
  onWrite(db, table, ['id'], (id) => void written.add(id as string));

  function readAll(): readonly T[] {
    const all = read.all();
    byId.clear();
    for (const record of all) byId.set(record.id, record);
    return all;
  }
  function readWritten(): readonly T[] {
    for (const id of written) {
      const record = read.one(id);
      if (record) byId.set(id, record);
      else byId.delete(id);
    }
    return read.ids().map((id) => byId.get(id)!);
  }
  return {
    all() {
      if (list && written.size === 0) return list;
      if (db.inTransaction) return read.all();
      list = list && written.size <= MOST_READ_SINGLY ? readWritten() : readAll();
      written.clear();
      return list;
    },
    forget: () => void (list = null),
  };
}
