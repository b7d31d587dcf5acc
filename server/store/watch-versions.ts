import type { Db } from './database.ts';

/** Tables whose rows belong to one watch and show in its picture. */
const OF_A_WATCH = [
  'inspection',
  'sample',
  'tape',
  'trap',
  'device',
  'tag',
  'sighting',
  'handwork',
  'spray',
] as const;
/** Tables that show in the pictures of many watches. */
const OF_MANY = ['plant', 'product', 'growth'] as const;

/**
 * Says when what shows in a watch's picture may have changed, so that pictures of the others need not
 * be drawn again.
 */
export interface WatchVersions {
  /** Another text than before: draw it anew. */
  versionOf(watchId: string): string;
}

/**
 * Keeps count by triggers in the connection's own temporary schema: whatever writes a row, by
 * whatever statement, is seen.
 */
export function watchVersions(db: Db): WatchVersions {
  const perWatch = new Map<string, number>();
  let forAll = 0;
  db.function('picture_changed', (watchId: unknown) => {
    if (typeof watchId === 'string') perWatch.set(watchId, (perWatch.get(watchId) ?? 0) + 1);
    else forAll++;
    return null;
  });
  const trigger = (table: string, event: 'INSERT' | 'UPDATE' | 'DELETE', call: string) =>
    db.exec(
      `CREATE TEMP TRIGGER ${table}_${event.toLowerCase()}_seen AFTER ${event} ON main.${table} BEGIN ${call}; END`,
    );
  const watched = (table: string, column: string) => {
    trigger(table, 'INSERT', `SELECT picture_changed(NEW.${column})`);
    trigger(table, 'UPDATE', `SELECT picture_changed(OLD.${column}), picture_changed(NEW.${column})`);
    trigger(table, 'DELETE', `SELECT picture_changed(OLD.${column})`);
  };
  for (const table of OF_A_WATCH) watched(table, 'watch_id');
  watched('watch', 'id');
  watched('watch_clock', 'id');
  for (const table of OF_MANY)
    for (const event of ['INSERT', 'UPDATE', 'DELETE'] as const)
      trigger(table, event, 'SELECT picture_changed(NULL)');
  return { versionOf: (watchId) => `${forAll}.${perWatch.get(watchId) ?? 0}` };
}
