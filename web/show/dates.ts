import { type CivilDate, daysBetween } from '#core/calendar';

/** British order, day before month, whatever the browser's own language: the interface is in English. */
const shownBy = (parts: Intl.DateTimeFormatOptions) => {
  const formatter = new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...parts });
  return (date: CivilDate) => formatter.format(new Date(`${date}T00:00:00Z`));
};

const dayAndMonth = shownBy({ day: 'numeric', month: 'long' });
const dayAndShortMonth = shownBy({ day: 'numeric', month: 'short' });
const dayMonthYear = shownBy({ day: 'numeric', month: 'long', year: 'numeric' });
const dayShortMonthYear = shownBy({ day: 'numeric', month: 'short', year: 'numeric' });
const weekday = shownBy({ weekday: 'short' });
const weekdayLetter = shownBy({ weekday: 'narrow' });
const month = shownBy({ month: 'long' });
const moment = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** January to December. */
export const MONTH_NAMES: readonly string[] = Array.from({ length: 12 }, (_, i) =>
  month(`2024-${String(i + 1).padStart(2, '0')}-01`),
);

/** "4 June"; with its year when that is not `inYearOf`'s. */
export function showDate(date: CivilDate, inYearOf?: CivilDate): string {
  const sameYear = !inYearOf || inYearOf.slice(0, 4) === date.slice(0, 4);
  return sameYear ? dayAndMonth(date) : dayShortMonthYear(date);
}

export function showShortDate(date: CivilDate): string {
  return dayAndShortMonth(date);
}

export function showWeekday(date: CivilDate): string {
  return `${weekday(date)} ${dayAndMonth(date)}`;
}

export function showFullDate(date: CivilDate): string {
  return dayMonthYear(date);
}

/** "29 May 2026, 14:05", by this device's clock. */
export function showMoment(ms: number): string {
  return moment.format(ms).replace(' at ', ', ');
}

const clockTime = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** "today, 07:42", by this device's own clock; a moment of another day with its date. */
export function showRecentMoment(ms: number): string {
  const isToday = new Date(ms).toDateString() === new Date().toDateString();
  return isToday ? `today, ${clockTime.format(ms)}` : showMoment(ms);
}

/** "8 June (7–9)", "31 May (28 May–4 June)"; an open end is "or not at all". */
export function showDateRange(median: CivilDate, early: CivilDate, late: CivilDate | null): string {
  if (early === late) return showDate(median);
  if (late === null) return `${showDate(median)} (${showShortDate(early)} or later, or not at all)`;
  const oneMonth = early.slice(0, 7) === late.slice(0, 7) && late.slice(0, 7) === median.slice(0, 7);
  const range = oneMonth
    ? `${Number(early.slice(8))}–${Number(late.slice(8))}`
    : `${showShortDate(early)}–${showShortDate(late)}`;
  return `${showDate(median)} (${range})`;
}

/** "W 3": the weekday's letter and the day, for narrow columns. */
export function showNarrowDay(date: CivilDate): string {
  return `${weekdayLetter(date)} ${Number(date.slice(8))}`;
}

/** "today", "tomorrow", "in 4 days", "3 days ago". */
export function showDistance(date: CivilDate, today: CivilDate): string {
  const days = daysBetween(today, date);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
