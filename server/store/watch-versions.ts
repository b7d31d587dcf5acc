import { keysOf } from '#core/tables';
import type { Db } from './database.ts';
import { KINDS } from './kinds.ts';
import { onWrite } from './on-write.ts';

/**
 * Says when what shows in a watch's picture may have changed, so that pictures of the others need not
 * be drawn again.
 */
export interface WatchVersions {
  /** Another text than before: draw it anew. */
  versionOf(watchId: string): string;
}

/** Keeps count of every row written, by whatever statement. */
export function watchVersions(db: Db): WatchVersions {
  const perWatch = new Map<string, number>();
  let forAll = 0;
  const ofOne = (watchId: unknown) =>
    void perWatch.set(watchId as string, (perWatch.get(watchId as string) ?? 0) + 1);
  const ofAll = () => void forAll++;
  for (const table of keysOf(KINDS)) {
    const { showsIn } = KINDS[table];
    if (showsIn === 'its-watch') onWrite(db, table, ['watch_id'], ofOne);
    if (showsIn === 'every-watch') onWrite(db, table, [], ofAll);
  }
  onWrite(db, 'watch', ['id'], ofOne);
  onWrite(db, 'watch_clock', ['id'], ofOne);
  return { versionOf: (watchId) => `${forAll}.${perWatch.get(watchId) ?? 0}` };
}
