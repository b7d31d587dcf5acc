import { existsSync, renameSync } from 'node:fs';
import Database from 'better-sqlite3';
import type { MiddlewareHandler } from 'hono';
import { Problem } from '#answers';
import type { Db } from './store/database.ts';

/** The records' file is damaged: nothing is read from it or written to it until a backup stands in its place. */
export interface Damage {
  /** Sets the damaged file aside and puts an archive's records in its place. */
  bringIn(archiveFile: string): Promise<void>;
}

export const DAMAGED = 'The records are damaged. Nothing more is written to them: bring a backup in.';

/** SQLite's words for pages that are not as they were written. */
const DAMAGE_CODE = /^SQLITE_(CORRUPT|NOTADB)/;

export const tellsOfDamage = (error: unknown): boolean =>
  DAMAGE_CODE.test(String((error as { code?: unknown }).code ?? ''));

/** Pictures are most of a file and may be gigabytes: a damaged one turns out when it is looked at. */
const NOT_LOOKED_OVER = 'photo_image';

/** Whether the pages of a database are as they were written. */
export function isSound(db: Db): boolean {
  try {
    const tables = db
      .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name <> ?")
      .pluck()
      .all(NOT_LOOKED_OVER) as string[];
    return tables.every((table) => db.pragma(`quick_check("${table}")`, { simple: true }) === 'ok');
  } catch (error) {
    if (tellsOfDamage(error)) return false;
    throw error;
  }
}

/** What may be asked for while the records are damaged: who is at the door, and what brings a backup in. */
const STILL_ANSWERED = /^\/api\/(health$|door$|backups$|archive($|\/))/;

export const onlyBringingIn: MiddlewareHandler = (c, next) => {
  if (!STILL_ANSWERED.test(c.req.path)) throw new Problem(503, DAMAGED);
  return next();
};

/** Renames a damaged file, and what lies beside it, out of the way; it is never deleted. */
export function setAside(file: string, at: Date): string {
  const stamp = at.toISOString().replace(/\D/g, '').slice(0, 14);
  const free = (n: number): string => {
    const name = `${file}.damaged-${stamp}${n > 1 ? `-${n}` : ''}`;
    return existsSync(name) ? free(n + 1) : name;
  };
  const aside = free(1);
  for (const end of ['', '-wal', '-shm'])
    if (existsSync(`${file}${end}`)) renameSync(`${file}${end}`, `${aside}${end}`);
  return aside;
}

/** What belongs to this installation and can still be read of a damaged file: the passphrase above all. */
export function settingsOf(file: string): readonly (readonly [key: string, value: string])[] {
  try {
    const db = new Database(file, { readonly: true, fileMustExist: true });
    try {
      return (db.prepare('SELECT key, value FROM meta').raw().all() as [string, string][]).filter(
        ([, value]) => typeof value === 'string',
      );
    } finally {
      db.close();
    }
  } catch {
    return [];
  }
}
