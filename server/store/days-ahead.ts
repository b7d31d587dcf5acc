import type { CivilDate } from '#core/calendar';
import { keysOf } from '#core/tables';
import type { Db } from './database.ts';
import { KINDS } from './kinds.ts';
import { untilWritten } from './until-written.ts';

/** Records of days that have not come by the clock: it was set back, or they were made by one that was ahead. */
export interface DaysAhead {
  readonly records: number;
  readonly last: CivilDate;
}

/** Columns that hold the day something was seen, done or measured, by whichever name. */
const DAY_COLUMNS =
  /^(on_day|taken_off|taken_on|read_on|started_on|opened_on|moved_on|hung_on|tagged_on|date)$/;

export function daysAhead(db: Db) {
  // What is planned may well begin on a day to come.
  const told = keysOf(KINDS).filter((table) => table !== 'series');
  const tables = [...told, 'station_day'].flatMap((table) => {
    const columns = db.pragma(`table_info(${table})`) as { name: string }[];
    const day = columns.find(({ name }) => DAY_COLUMNS.test(name))?.name;
    return day === undefined ? [] : [{ table, day }];
  });
  const all = tables
    .map(({ table, day }) => `SELECT count(*) AS n, max(${day}) AS last FROM ${table} WHERE ${day} > @today`)
    .join(' UNION ALL ');
  return {
    daysAhead: untilWritten(db, (today: CivilDate): DaysAhead | null => {
      const { records, last } = db.prepare(`SELECT sum(n) AS records, max(last) AS last FROM (${all})`).get({
        today,
      }) as { records: number; last: CivilDate | null };
      return last === null ? null : { records, last };
    }),
  };
}
