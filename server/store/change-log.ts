import { keysOf } from '#core/tables';
import type { Db } from './database.ts';
import { KINDS, type KindTable } from './kinds.ts';

const KEPT = keysOf(KINDS);
export const isKeptKind = (kind: string): kind is KindTable => (KEPT as readonly string[]).includes(kind);

/** A record as it stood before it was changed or taken out. */
export interface Change {
  readonly seq: number;
  /** When, UTC. */
  readonly at: string;
  readonly action: 'changed' | 'removed';
  /** Its row, by column. */
  readonly before: Readonly<Record<string, unknown>>;
}

/** Since when the log tells of everything that was added, changed or taken out, UTC. */
const SINCE = 'history-since';

/**
 * Keeps what stood before in `change_log`, by triggers in the connection's own temporary schema:
 * whatever statement writes, the log sees it, in the same transaction. Of what is added only that it was.
 */
export function changeLog(db: Db) {
  let keeping = 1;
  db.function('keeps_changes', () => keeping);
  for (const table of KEPT) {
    const columns = (db.pragma(`table_info(${table})`) as { name: string }[]).map(({ name }) => name);
    const before = `json_object(${columns.map((name) => `'${name}', OLD.${name}`).join(', ')})`;
    const differs = columns.map((name) => `OLD.${name} IS NOT NEW.${name}`).join(' OR ');
    const keep = (action: string, id = 'OLD.id', stood = before) =>
      `INSERT INTO main.change_log (at, kind, record_id, action, before) VALUES (strftime('%Y-%m-%dT%H:%M:%SZ', 'now'), '${table}', ${id}, '${action}', ${stood})`;
    db.exec(`CREATE TEMP TRIGGER ${table}_kept_before_change AFTER UPDATE ON main.${table} WHEN keeps_changes() AND (${differs}) BEGIN ${keep('changed')}; END;
      CREATE TEMP TRIGGER ${table}_kept_before_removal AFTER DELETE ON main.${table} WHEN keeps_changes() BEGIN ${keep('removed')}; END;
      CREATE TEMP TRIGGER ${table}_kept_as_added AFTER INSERT ON main.${table} WHEN keeps_changes() BEGIN ${keep('added', 'NEW.id', "'{}'")}; END`);
  }
  db.exec(
    `INSERT INTO meta (key, value) VALUES ('${SINCE}', strftime('%Y-%m-%dT%H:%M:%SZ', 'now')) ON CONFLICT DO NOTHING`,
  );
  return {
    /** Since when the log is whole, UTC in ISO 8601. */
    historySince: () => db.prepare('SELECT value FROM meta WHERE key = ?').pluck().get(SINCE) as string,
    /** The log begins anew: what was here before is not what it tells of. */
    beginHistory: () =>
      void db
        .prepare(`UPDATE meta SET value = strftime('%Y-%m-%dT%H:%M:%SZ', 'now') WHERE key = ?`)
        .run(SINCE),
    /** Does some work without keeping what it changes, if `silent`: a whole restore has a backup instead. */
    withoutChangeLog<T>(silent: boolean, work: () => T): T {
      keeping = silent ? 0 : 1;
      try {
        return work();
      } finally {
        keeping = 1;
      }
    },
    /** A record's row as it stands, null once taken out, and its earlier states, newest first. */
    changesOf: (kind: KindTable, id: string): { now: Change['before'] | null; changes: Change[] } => ({
      now: (db.prepare(`SELECT * FROM ${kind} WHERE id = ?`).get(id) as Change['before'] | undefined) ?? null,
      changes: (
        db
          .prepare(
            "SELECT seq, at, action, before FROM change_log WHERE kind = ? AND record_id = ? AND action <> 'added' " +
              'ORDER BY seq DESC LIMIT 200',
          )
          .all(kind, id) as (Omit<Change, 'before'> & { before: string })[]
      ).map((row) => ({ ...row, before: JSON.parse(row.before) as Change['before'] })),
    }),
  };
}
