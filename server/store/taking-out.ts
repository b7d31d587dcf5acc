import { keysOf } from '#core/tables';
import type { Db } from './database.ts';
import { KINDS, type KindTable } from './kinds.ts';

/** What was written to the change log by taking something out; by it the very same comes back. */
export interface TakenOut {
  readonly from: number;
  readonly to: number;
}

/** Something that cannot be taken out, for another record holds on to it. */
export class StillHeldError extends Error {
  override readonly name = 'StillHeldError';
  readonly table: KindTable;
  readonly heldBy: KindTable;

  constructor(table: KindTable, heldBy: KindTable) {
    super(`A ${KINDS[heldBy].called} still refers to this ${KINDS[table].called}.`);
    this.table = table;
    this.heldBy = heldBy;
  }
}

/** Something that cannot be put back, for what it belonged to is not there. */
export class BelongsToNothingError extends Error {
  override readonly name = 'BelongsToNothingError';

  constructor(table: KindTable, to: KindTable) {
    super(`The ${KINDS[to].called} this ${KINDS[table].called} belonged to is taken out.`);
  }
}

interface Referrer {
  readonly table: KindTable;
  readonly column: string;
  readonly then: string;
}

const referrersTo = (table: KindTable): Referrer[] =>
  keysOf(KINDS).flatMap((other) =>
    Object.entries(KINDS[other].references)
      .filter(([, { to }]) => to === table)
      .map(([column, { then }]) => ({ table: other, column, then })),
  );

/** Taking records out with all that goes with them, and putting exactly that back. */
export function takingOut(db: Db) {
  const lastChange = db.prepare('SELECT coalesce(max(seq), 0) FROM change_log').pluck();
  const idsWhere = (table: KindTable, column: string, id: string) =>
    db.prepare(`SELECT id FROM ${table} WHERE ${column} = ?`).pluck().all(id) as string[];

  const remove = (table: KindTable, id: string): boolean => {
    for (const referrer of referrersTo(table)) {
      const ids = idsWhere(referrer.table, referrer.column, id);
      if (ids.length === 0) continue;
      if (referrer.then === 'holds') throw new StillHeldError(table, referrer.table);
      if (referrer.then === 'goes-with') ids.forEach((goesWith) => remove(referrer.table, goesWith));
      else
        db.prepare(`UPDATE ${referrer.table} SET ${referrer.column} = NULL WHERE ${referrer.column} = ?`).run(
          id,
        );
    }
    return db.prepare(`DELETE FROM ${table} WHERE id = ?`).run(id).changes > 0;
  };

  const isThere = (table: KindTable, id: unknown) =>
    db.prepare(`SELECT 1 FROM ${table} WHERE id = ?`).get(id) !== undefined;
  /** A row whose references lead somewhere: one that may be let go is. */
  const leading = (table: KindTable, row: Readonly<Record<string, unknown>>) => {
    const missing = Object.entries(KINDS[table].references).filter(
      ([column, { to }]) => row[column] !== null && !isThere(to as KindTable, row[column]),
    );
    const held = missing.find(([, { then }]) => then !== 'lets-go');
    if (held) throw new BelongsToNothingError(table, held[1].to as KindTable);
    return { ...row, ...Object.fromEntries(missing.map(([column]) => [column, null])) };
  };

  const putBackOne = ({ kind: table, before }: LoggedRow): void => {
    const logged = JSON.parse(before) as Readonly<Record<string, unknown>>;
    if (isThere(table, logged.id)) return;
    const row = leading(table, logged);
    const columns = Object.keys(row);
    db.prepare(
      `INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
    ).run(...Object.values(row));
  };
  const linkAgain = ({ kind: table, before }: LoggedRow): void => {
    const row = JSON.parse(before) as Readonly<Record<string, unknown>>;
    for (const [column, { then }] of Object.entries(KINDS[table].references))
      if (then === 'lets-go' && row[column] !== null)
        db.prepare(`UPDATE ${table} SET ${column} = ? WHERE id = ? AND ${column} IS NULL`).run(
          row[column],
          row.id,
        );
  };

  return {
    /**
     * Takes a record out with what goes with it; null when it is not there.
     * @throws StillHeldError, and nothing is changed, when something holds on to it.
     */
    takeOut: db.transaction((table: KindTable, ...ids: readonly string[]): TakenOut | null => {
      const from = (lastChange.get() as number) + 1;
      const removed = ids.filter((id) => remove(table, id)).length;
      return removed === 0 ? null : { from, to: lastChange.get() as number };
    }),
    /**
     * Puts back what was taken out in one go; what is there again already stays as it is.
     * @returns how many records there are in it.
     * @throws BelongsToNothingError, and nothing is put back, when what one belonged to is not there.
     */
    putBack: db.transaction(({ from, to }: TakenOut): number => {
      const logged = db
        .prepare('SELECT kind, action, before FROM change_log WHERE seq BETWEEN ? AND ? ORDER BY seq DESC')
        .all(from, to) as LoggedRow[];
      const removed = logged.filter(({ action }) => action === 'removed');
      removed.forEach(putBackOne);
      logged.filter(({ action }) => action === 'changed').forEach(linkAgain);
      return removed.length;
    }),
  };
}

interface LoggedRow {
  readonly kind: KindTable;
  readonly action: 'changed' | 'removed';
  readonly before: string;
}
