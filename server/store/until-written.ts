import type { Db } from './database.ts';

/**
 * A reader whose answers are kept, by key, until anything is written: one page asks for the same
 * sprays many times over. What counts as written is what the connection itself counts, so no writer
 * has to remember to say so.
 */
export function untilWritten<Key, Rows>(db: Db, read: (key: Key) => Rows): (key: Key) => Rows {
  const changes = db.prepare('SELECT total_changes() AS n').pluck();
  const kept = new Map<Key, Rows>();
  let asOf: unknown = null;
  return (key) => {
    // What is written here may yet be taken back, and is then counted all the same.
    if (db.inTransaction) return read(key);
    const now = changes.get();
    if (now !== asOf) kept.clear();
    asOf = now;
    const before = kept.get(key);
    if (before !== undefined) return before;
    const rows = read(key);
    kept.set(key, rows);
    return rows;
  };
}
