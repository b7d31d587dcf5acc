import type { Db } from './database.ts';

/** Small facts about the database itself, by key. */
export function metaStore(db: Db) {
  return {
    meta: (key: string) =>
      (db.prepare('SELECT value FROM meta WHERE key = ?').get(key) as { value: string } | undefined)?.value ??
      null,
    putMeta(key: string, value: string): void {
      db.prepare(
        'INSERT INTO meta (key, value) VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET value = excluded.value',
      ).run(key, value);
    },
  };
}
