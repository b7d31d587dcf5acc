import type { Store } from '../store/store.ts';
import { ARCHIVED, columnsOf, PICTURES } from './tables.ts';

/** What an archive holds beside what is here, by table. */
export interface TableDifference {
  readonly table: string;
  /** Only in the archive. */
  readonly fresh: number;
  /** In both, and alike. */
  readonly alike: number;
  /** In both, and different. */
  readonly differing: number;
  /** Only here. */
  readonly onlyHere: number;
}

export type TakeIn =
  /** Adds what is not here; what differs stays as it is here. */
  | 'add'
  /** Adds what is not here; what differs becomes as in the archive. */
  | 'add-and-change'
  /** Everything here becomes as in the archive. */
  | 'replace';

const TABLES = [...ARCHIVED, PICTURES];
/** Earlier states are numbered per installation: they are replaced or left, never mixed. */
const NOT_MERGED: ReadonlySet<string> = new Set(['change_log']);

/** Files the garden that was here had read: another has not, and reads them again. */
const READ_FILES = 'weather_file';

/** Runs some work with the archive's records beside our own, as `incoming`. */
function beside<T>(store: Store, file: string, work: () => T): T {
  store.db.prepare('ATTACH ? AS incoming').run(file);
  try {
    return work();
  } finally {
    store.db.exec('DETACH incoming');
  }
}

const sameKey = (key: readonly string[]) =>
  key.map((column) => `there.${column} = here.${column}`).join(' AND ');

/** Compares row by row, by id. */
export function compareWith(store: Store, file: string): TableDifference[] {
  return beside(store, file, () =>
    TABLES.filter((table) => !NOT_MERGED.has(table))
      .map((table): TableDifference => {
        const { all, key } = columnsOf(store.db, table);
        const differs =
          all
            .filter((column) => !key.includes(column))
            .map((column) => `there.${column} IS NOT here.${column}`)
            .join(' OR ') || '0';
        const count = (sql: string) => (store.db.prepare(sql).get() as { n: number }).n;
        const both = count(
          `SELECT count(*) AS n FROM incoming.${table} AS there JOIN main.${table} AS here ON ${sameKey(key)}`,
        );
        const differing = count(
          `SELECT count(*) AS n FROM incoming.${table} AS there JOIN main.${table} AS here ON ${sameKey(key)} WHERE ${differs}`,
        );
        return {
          table,
          fresh: count(`SELECT count(*) AS n FROM incoming.${table}`) - both,
          alike: both - differing,
          differing,
          onlyHere: count(`SELECT count(*) AS n FROM main.${table}`) - both,
        };
      })
      .filter(({ fresh, alike, differing, onlyHere }) => fresh + alike + differing + onlyHere > 0),
  );
}

/** Takes an archive's records in, all or none. */
export function takeIn(store: Store, file: string, how: TakeIn): void {
  beside(store, file, () => {
    store.db.pragma('foreign_keys = OFF');
    try {
      store.withoutChangeLog(how === 'replace', () =>
        store.db.transaction(() => {
          if (how === 'replace')
            for (const table of [...TABLES, READ_FILES].reverse()) store.db.exec(`DELETE FROM main.${table}`);
          for (const table of TABLES)
            if (how === 'replace' || !NOT_MERGED.has(table)) copy(store, table, how);
          if ((store.db.pragma('main.foreign_key_check') as unknown[]).length > 0)
            throw new Error('records would refer to nothing');
        })(),
      );
    } finally {
      store.db.pragma('foreign_keys = ON');
    }
  });
  if (how === 'replace') store.beginHistory();
  store.recordsChanged();
}

function copy(store: Store, table: string, how: TakeIn): void {
  const { all, key } = columnsOf(store.db, table);
  const rest = all.filter((column) => !key.includes(column));
  const onConflict =
    how === 'add-and-change' && rest.length > 0
      ? `DO UPDATE SET ${rest.map((column) => `${column} = excluded.${column}`).join(', ')}`
      : 'DO NOTHING';
  store.db.exec(
    `INSERT INTO main.${table} (${all.join(', ')}) SELECT ${all.join(', ')} FROM incoming.${table} WHERE true ON CONFLICT (${key.join(', ')}) ${onConflict}`,
  );
}
