import { format, parseISO } from 'date-fns';
import type { CivilDate } from '#core/calendar';
import { daysBetween } from '#core/calendar';

/** "4 June"; with its year when that is not `inYearOf`'s. */
export function showDate(date: CivilDate, inYearOf?: CivilDate): string {
  const sameYear = !inYearOf || inYearOf.slice(0, 4) === date.slice(0, 4);
  return format(parseISO(date), sameYear ? 'd MMMM' : 'd MMM yyyy');
}

export function showShortDate(date: CivilDate): string {
  return format(parseISO(date), 'd MMM');
}

export function showWeekday(date: CivilDate): string {
  return format(parseISO(date), 'EEE d MMMM');
}

export function showFullDate(date: CivilDate): string {
  return format(parseISO(date), 'd MMMM yyyy');
}

/** "29 May 2026, 14:05", by this device's clock. */
export function showMoment(ms: number): string {
  return format(new Date(ms), 'd MMMM yyyy, HH:mm');
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

/** "today", "tomorrow", "in 4 days", "3 days ago". */
export function showDistance(date: CivilDate, today: CivilDate): string {
  const days = daysBetween(today, date);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
