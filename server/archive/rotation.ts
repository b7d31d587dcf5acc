import { type CivilDate, daysBetween } from '#core/calendar';

/** A backup's day, and a label where it was not made by the daily round. */
export const BACKUP_NAME = /^juglans-(\d{4}-\d{2}-\d{2})(-[a-z0-9-]{1,40})?\.zip$/;

/** Kept: the last 7 days, then one a week for 5 weeks, then one a month for two years. */
const KEEP_DAYS = 7;
const KEEP_WEEKS = 5;
const KEEP_MONTHS = 24;
/** What was made before a restore stays a year. */
const KEEP_LABELLED_DAYS = 366;
const A_MONDAY = '2000-01-03';

/** Which of the backups, by name in any order, are no longer kept on a day. */
export function toLetGo(names: readonly string[], today: CivilDate): string[] {
  const dated = names
    .map((name) => ({
      name,
      on: BACKUP_NAME.exec(name)![1]!,
      labelled: BACKUP_NAME.exec(name)![2] !== undefined,
    }))
    .sort((a, b) => (a.on < b.on ? 1 : -1));
  const daily = dated.filter(({ labelled }) => !labelled);
  const newestOfEach = (span: (on: CivilDate) => string, count: number) =>
    [...new Map(daily.toReversed().map((backup) => [span(backup.on), backup.name])).values()].slice(-count);
  const kept = new Set([
    ...daily.slice(0, KEEP_DAYS).map(({ name }) => name),
    ...newestOfEach((on) => String(Math.floor(daysBetween(A_MONDAY, on) / 7)), KEEP_WEEKS),
    ...newestOfEach((on) => on.slice(0, 7), KEEP_MONTHS),
  ]);
  return dated
    .filter(({ name, on, labelled }) =>
      labelled ? daysBetween(on, today) > KEEP_LABELLED_DAYS : !kept.has(name),
    )
    .map(({ name }) => name);
}
