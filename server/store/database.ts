import { chmodSync, copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';

export type Db = Database.Database;

/** A database written by a later version of the program. */
export class NewerDatabaseError extends Error {
  override readonly name = 'NewerDatabaseError';
}

interface Migration {
  readonly version: number;
  readonly sql: string;
}

/**
 * Opens (or makes) the database at `path` and brings it up to date. Before an existing one is
 * migrated it is copied beside itself. Every commit is on the disk before it is acknowledged.
 * `upTo` stops at an earlier version, to read what was written in it.
 * @throws NewerDatabaseError when the file comes from a later version.
 */
export function openDatabase(path: string, migrationsFolder: string, upTo = Infinity): Db {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
  const existed = path !== ':memory:' && existsSync(path);
  const db = new Database(path);
  // What a garden holds is nobody else's on a shared computer; what lies beside it takes the same rights.
  if (path !== ':memory:') chmodSync(path, 0o600);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 5000');
  rememberStatements(db);
  migrate(
    db,
    readMigrations(migrationsFolder).filter(({ version }) => version <= upTo),
    existed ? path : null,
  );
  return db;
}

/**
 * Statements are compiled once: stores ask for the same few by the thousand. One that answers with a single
 * value is another statement than the one that answers with rows, or each would change the other's answers.
 */
function rememberStatements(db: Db): void {
  const compiled = new Map<string, Database.Statement>();
  const plucked = new Map<string, Database.Statement>();
  const compile = db.prepare.bind(db);
  const once = (statements: typeof compiled, sql: string, make: () => Database.Statement) => {
    const statement = statements.get(sql) ?? make();
    statements.set(sql, statement);
    return statement;
  };
  db.prepare = ((sql: string) =>
    once(compiled, sql, () => {
      const statement = compile(sql);
      statement.pluck = () => once(plucked, sql, () => compile(sql).pluck());
      return statement;
    })) as typeof db.prepare;
}

function migrate(db: Db, migrations: readonly Migration[], copyFrom: string | null): void {
  const current = db.pragma('user_version', { simple: true }) as number;
  const latest = migrations.at(-1)?.version ?? 0;
  if (current > latest) {
    db.close();
    throw new NewerDatabaseError(
      `This database is of version ${current}; this program knows ${latest}. Use the newer program.`,
    );
  }
  const pending = migrations.filter((migration) => migration.version > current);
  if (pending.length > 0 && copyFrom && current > 0) {
    db.pragma('wal_checkpoint(TRUNCATE)');
    copyFileSync(copyFrom, `${copyFrom}.before-${latest}`);
  }
  // A table that is made anew under its old name would else take its children with it.
  db.pragma('foreign_keys = OFF');
  try {
    // All of them or none: a program between two versions knows no such records.
    db.transaction(() => {
      for (const { version, sql } of pending) {
        db.exec(sql);
        if ((db.pragma('foreign_key_check') as unknown[]).length > 0)
          throw new Error(`migration ${version} would leave records that refer to nothing`);
      }
      if (pending.length > 0) db.pragma(`user_version = ${latest}`);
    })();
  } finally {
    db.pragma('foreign_keys = ON');
  }
}

function readMigrations(folder: string): Migration[] {
  return readdirSync(folder)
    .filter((name) => /^\d{3}-.*\.sql$/.test(name))
    .sort()
    .map((name) => ({ version: Number(name.slice(0, 3)), sql: readFileSync(join(folder, name), 'utf8') }));
}
