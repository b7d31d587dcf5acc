import type { Db } from './database.ts';

/**
 * Calls back for every row of a table that is written or taken out, by whatever statement: with the row's
 * columns as they were, as they are, or both in turn. By triggers in the connection's own temporary schema;
 * within a transaction that is taken back it was called all the same.
 */
export function onWrite(
  db: Db,
  table: string,
  columns: readonly string[],
  told: (...values: readonly unknown[]) => void,
): void {
  const name = `told_of_${table}_${counter++}`;
  db.function(name, { varargs: true }, (...values: unknown[]) => {
    told(...values);
    return null;
  });
  const call = (row: 'OLD' | 'NEW') =>
    `SELECT ${name}(${columns.map((column) => `${row}.${column}`).join(', ')})`;
  const trigger = (event: string, ...calls: readonly string[]) =>
    db.exec(
      `CREATE TEMP TRIGGER ${name}_${event} AFTER ${event} ON main.${table} BEGIN ${calls.join('; ')}; END`,
    );
  trigger('INSERT', call('NEW'));
  trigger('UPDATE', call('OLD'), call('NEW'));
  trigger('DELETE', call('OLD'));
}

/** Names of functions and triggers must differ within a connection. */
let counter = 0;
