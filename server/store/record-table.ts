import type { Db } from './database.ts';

/** Reading, keeping and taking out the records of one table whose columns are plain values. */
export interface RecordTable<T extends { readonly id: string }> {
  /** All records whose `column` holds `value`, in the table's order. */
  by(column: string, value: string): T[];
  all(): T[];
  one(id: string): T | undefined;
  /** Keeps a record; one with the same id is replaced, so that sending twice keeps one. */
  put(record: T): void;
  remove(id: string): boolean;
}

/**
 * A table whose rows are records, field by field. `columns` names the column of each field;
 * fields in `flags` are true or false and stand as 1 or 0. Names come from the code, never from outside.
 */
export function recordTable<T extends { readonly id: string }>(
  db: Db, table: string, columns: Readonly<Record<keyof T & string, string>>, order: string, flags: readonly (keyof T & string)[] = [],
): RecordTable<T> {
  const fields = Object.entries(columns) as [keyof T & string, string][];
  const select = `SELECT ${fields.map(([field, column]) => `${column} AS "${field}"`).join(', ')} FROM ${table}`;
  const upsert = `INSERT INTO ${table} (${fields.map(([, column]) => column).join(', ')}) VALUES (${fields.map(([field]) => `@${field}`).join(', ')})
    ON CONFLICT (id) DO UPDATE SET ${fields.filter(([field]) => field !== 'id').map(([field, column]) => `${column} = @${field}`).join(', ')}`;
  const toRecord = (row: unknown) => ({ ...(row as T), ...Object.fromEntries(flags.map((flag) => [flag, (row as Record<string, unknown>)[flag] === 1])) });
  const toRow = (record: T) => ({ ...record, ...Object.fromEntries(flags.map((flag) => [flag, Number(record[flag])])) });
  return {
    by: (column, value) => db.prepare(`${select} WHERE ${column} = ? ORDER BY ${order}`).all(value).map(toRecord),
    all: () => db.prepare(`${select} ORDER BY ${order}`).all().map(toRecord),
    one: (id) => {
      const row = db.prepare(`${select} WHERE id = ?`).get(id);
      return row === undefined ? undefined : toRecord(row);
    },
    put: (record) => void db.prepare(upsert).run(toRow(record)),
    remove: (id) => db.prepare(`DELETE FROM ${table} WHERE id = ?`).run(id).changes > 0,
  };
}
