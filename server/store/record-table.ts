import type { Db } from './database.ts';

/** Reading and keeping the records of one table whose columns are plain values. */
export interface RecordTable<T extends { readonly id: string }> {
  /** All records whose `column` holds `value`, in the table's order. */
  by(column: string, value: string): T[];
  all(): T[];
  /** Ids of all records, in the table's order. */
  ids(): string[];
  one(id: string): T | undefined;
  /** Keeps a record; one with the same id is replaced, so that sending twice keeps one. */
  put(record: T): void;
}

/**
 * Fields that stand in their columns in another form: true and false as 1 and 0, lists and objects as
 * JSON.
 */
interface StoredForms<T> {
  readonly flags?: readonly (keyof T & string)[];
  readonly json?: readonly (keyof T & string)[];
}

/**
 * A table whose rows are records, field by field. `columns` names the column of each field. Names
 * come from the code, never from outside.
 */
export function recordTable<T extends { readonly id: string }>(
  db: Db,
  table: string,
  columns: Readonly<Record<keyof T & string, string>>,
  order: string,
  { flags = [], json = [] }: StoredForms<T> = {},
): RecordTable<T> {
  const fields = Object.entries(columns) as [keyof T & string, string][];
  const select = `SELECT ${fields.map(([field, column]) => `${column} AS "${field}"`).join(', ')} FROM ${table}`;
  const upsert = `INSERT INTO ${table} (${fields.map(([, column]) => column).join(', ')}) VALUES (${fields.map(([field]) => `@${field}`).join(', ')})
    ON CONFLICT (id) DO UPDATE SET ${fields
      .filter(([field]) => field !== 'id')
      .map(([field, column]) => `${column} = @${field}`)
      .join(', ')}`;
  const read = (row: Record<string, unknown>, field: string) =>
    row[field] === null ? null : (JSON.parse(row[field] as string) as unknown);
  const toRecord = (row: unknown) => ({
    ...(row as T),
    ...Object.fromEntries(flags.map((flag) => [flag, (row as Record<string, unknown>)[flag] === 1])),
    ...Object.fromEntries(json.map((field) => [field, read(row as Record<string, unknown>, field)])),
  });
  const toRow = (record: T) => ({
    ...record,
    ...Object.fromEntries(flags.map((flag) => [flag, Number(record[flag])])),
    ...Object.fromEntries(
      json.map((field) => [field, record[field] === null ? null : JSON.stringify(record[field])]),
    ),
  });
  return {
    by: (column, value) =>
      db.prepare(`${select} WHERE ${column} = ? ORDER BY ${order}`).all(value).map(toRecord),
    all: () => db.prepare(`${select} ORDER BY ${order}`).all().map(toRecord),
    ids: () => db.prepare(`SELECT id FROM ${table} ORDER BY ${order}`).pluck().all() as string[],
    one: (id) => {
      const row = db.prepare(`${select} WHERE id = ?`).get(id);
      return row === undefined ? undefined : toRecord(row);
    },
    put: (record) => void db.prepare(upsert).run(toRow(record)),
  };
}
