import { type CivilDate, daysBetween } from '#core/calendar';

/** What a backup's name tells: its day, what for (null: as every day), and which it was of that day. */
export interface BackupName {
  readonly on: CivilDate;
  readonly label: string | null;
  readonly nth: number;
}

const SHAPE = /^juglans-(\d{4}-\d{2}-\d{2})(?:-([a-z]+(?:-[a-z]+){0,4}))?(?:-(\d{1,4}))?\.zip$/;

/** Null for any other file. */
export function readBackupName(name: string): BackupName | null {
  const [, on, label = null, nth = '1'] = SHAPE.exec(name) ?? [];
  return on === undefined ? null : { on, label, nth: Number(nth) };
}

/** A name that no backup has yet: whatever was made that day before stays. */
export function newBackupName(on: CivilDate, label: string | null, taken: readonly string[]): string {
  const begin = ['juglans', on, ...(label === null ? [] : [label])].join('-');
  const names = taken.map(readBackupName).filter((name) => name?.on === on && name.label === label);
  const last = Math.max(0, ...names.map((name) => name!.nth));
  return last === 0 ? `${begin}.zip` : `${begin}-${last + 1}.zip`;
}

/** Kept: all of the last 7 days with a backup, then one a week for 5 weeks, then one a month for two years. */
const KEEP_DAYS = 7;
const KEEP_WEEKS = 5;
const KEEP_MONTHS = 24;
/** What was made before a restore stays a year. */
const KEEP_LABELLED_DAYS = 366;
const A_MONDAY = '2000-01-03';

/** Which of the backups, by name in any order, are no longer kept on a day. */
export function toLetGo(names: readonly string[], today: CivilDate): string[] {
  const dated = names
    .flatMap((name) => {
      const told = readBackupName(name);
      return told === null ? [] : [{ name, ...told }];
    })
    .sort((a, b) => (a.on === b.on ? b.nth - a.nth : a.on < b.on ? 1 : -1));
  const daily = dated.filter(({ label }) => label === null);
  const days = new Set([...new Set(daily.map(({ on }) => on))].slice(0, KEEP_DAYS));
  const newestOfEach = (span: (on: CivilDate) => string, count: number) =>
    [...new Map(daily.toReversed().map((backup) => [span(backup.on), backup.name])).values()].slice(-count);
  const kept = new Set([
    ...daily.filter(({ on }) => days.has(on)).map(({ name }) => name),
    ...newestOfEach((on) => String(Math.floor(daysBetween(A_MONDAY, on) / 7)), KEEP_WEEKS),
    ...newestOfEach((on) => on.slice(0, 7), KEEP_MONTHS),
  ]);
  return dated
    .filter(({ name, on, label }) =>
      label === null ? !kept.has(name) : daysBetween(on, today) > KEEP_LABELLED_DAYS,
    )
    .map(({ name }) => name);
}
