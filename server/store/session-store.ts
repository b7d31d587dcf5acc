import { createHash, randomBytes } from 'node:crypto';
import type { CivilDate } from '#core/calendar';
import type { Db } from './database.ts';

/** A device that was let in. */
export interface LetInDevice {
  readonly id: string;
  readonly device: string;
  /** ms since 1970. */
  readonly createdAt: number;
  readonly lastUsedAt: number;
  /** The last day it was opened without a signal; null while it never was. */
  readonly offlineOn: CivilDate | null;
}

/** A device that has not been seen for this long has to say the passphrase again. */
export const IDLE_MS = 30 * 24 * 3600 * 1000;
/** Last use is written this often, not at every request. */
const NOTE_EVERY_MS = 5 * 60 * 1000;

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');
const COLUMNS = 'id, device, created_at AS createdAt, last_used_at AS lastUsedAt, offline_on AS offlineOn';

/** Devices that were let in, by the hash of their cookie's secret. */
export function sessionStore(db: Db) {
  return {
    /** Lets a device in and gives its secret, which is kept nowhere. */
    letIn(device: string, nowMs: number): string {
      const token = randomBytes(32).toString('base64url');
      db.prepare(
        'INSERT INTO session (id, token_hash, device, created_at, last_used_at) VALUES (?, ?, ?, ?, ?)',
      ).run(randomBytes(8).toString('hex'), hashOf(token), device, nowMs, nowMs);
      return token;
    },
    /** The device a secret belongs to, if it was let in and not idle for too long; its use is noted. */
    deviceOf(token: string, nowMs: number): LetInDevice | null {
      const row = db.prepare(`SELECT ${COLUMNS} FROM session WHERE token_hash = ?`).get(hashOf(token)) as
        LetInDevice | undefined;
      if (!row) return null;
      if (nowMs - row.lastUsedAt > IDLE_MS) {
        db.prepare('DELETE FROM session WHERE id = ?').run(row.id);
        return null;
      }
      if (nowMs - row.lastUsedAt > NOTE_EVERY_MS)
        db.prepare('UPDATE session SET last_used_at = ? WHERE id = ?').run(nowMs, row.id);
      return row;
    },
    openedOffline: (id: string, on: CivilDate) =>
      void db.prepare('UPDATE session SET offline_on = ? WHERE id = ?').run(on, id),
    letInDevices: (): LetInDevice[] =>
      db.prepare(`SELECT ${COLUMNS} FROM session ORDER BY last_used_at DESC`).all() as LetInDevice[],
    shutOut: (id: string) => db.prepare('DELETE FROM session WHERE id = ?').run(id).changes > 0,
    shutOutAllBut: (id: string | null) => void db.prepare('DELETE FROM session WHERE id IS NOT ?').run(id),
  };
}

export type SessionStore = ReturnType<typeof sessionStore>;
