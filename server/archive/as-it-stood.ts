import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { isKeptKind } from '../store/change-log.ts';
import { openStore, type Store } from '../store/store.ts';

/** The records of some moment, in a file of their own, to be looked into or brought back. */
export interface Moment {
  readonly store: Store;
  /** Where these records lie. */
  readonly file: string;
  discard(): void;
}

interface LoggedRow {
  readonly kind: string;
  readonly id: string;
  readonly action: 'added' | 'changed' | 'removed';
  readonly before: string;
}

/**
 * The garden as it stood at a moment (UTC, in ISO 8601): a copy of what is here, in which everything the
 * change log tells of since is taken back, the latest first. Weather is as it is now: it was measured, and is
 * no less true of then.
 */
export async function asItStood(
  store: Store,
  at: string,
  workFolder: string,
  migrations: string,
): Promise<Moment> {
  mkdirSync(workFolder, { recursive: true });
  const folder = mkdtempSync(join(workFolder, 'moment-'));
  const file = join(folder, 'then.sqlite');
  const discard = () => rmSync(folder, { recursive: true, force: true });
  try {
    await store.db.backup(file);
    const then = openStore(file, migrations);
    try {
      takeBackSince(then, at);
    } catch (error) {
      then.close();
      throw error;
    }
    return {
      store: then,
      file,
      discard: () => {
        then.close();
        discard();
      },
    };
  } catch (error) {
    discard();
    throw error;
  }
}

function takeBackSince(store: Store, at: string): void {
  const { db } = store;
  const since = db
    .prepare('SELECT kind, record_id AS id, action, before FROM change_log WHERE at > ? ORDER BY seq DESC')
    .all(at) as LoggedRow[];
  db.pragma('foreign_keys = OFF');
  try {
    store.withoutChangeLog(true, () =>
      db.transaction(() => {
        for (const row of since) takeBack(store, row);
        db.prepare('DELETE FROM change_log WHERE at > ?').run(at);
        dropStrays(store);
      })(),
    );
  } finally {
    db.pragma('foreign_keys = ON');
  }
  store.recordsChanged();
}

function takeBack({ db }: Store, { kind, id, action, before }: LoggedRow): void {
  if (!isKeptKind(kind)) return;
  if (action === 'added') return void db.prepare(`DELETE FROM ${kind} WHERE id = ?`).run(id);
  const row = JSON.parse(before) as Readonly<Record<string, unknown>>;
  const columns = Object.keys(row);
  db.prepare(
    `INSERT OR REPLACE INTO ${kind} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
  ).run(...Object.values(row));
}

/** What is not logged record by record, such as a picture or a touching pair, goes with the record it is of. */
function dropStrays({ db }: Store): void {
  for (;;) {
    const strays = db.pragma('foreign_key_check') as { table: string; rowid: number }[];
    if (strays.length === 0) return;
    for (const { table, rowid } of strays) db.prepare(`DELETE FROM "${table}" WHERE rowid = ?`).run(rowid);
  }
}
