/** A day on the garden's own calendar, `YYYY-MM-DD`; it carries no time and no zone. */
export type CivilDate = string;

const MS_PER_DAY = 86_400_000;
const SHAPE = /^\d{4}-\d{2}-\d{2}$/;
const DAYS_IN_MONTH = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** True for a real day written `YYYY-MM-DD`; false for 2026-02-30 and for any other spelling. */
export function isCivilDate(text: string): text is CivilDate {
  if (!SHAPE.test(text)) return false;
  const month = Number(text.slice(5, 7)),
    day = Number(text.slice(8));
  if (month < 1 || month > 12 || day < 1) return false;
  const leapDay = month === 2 && isLeapYear(Number(text.slice(0, 4))) ? 1 : 0;
  return day <= DAYS_IN_MONTH[month - 1]! + leapDay;
}

function isLeapYear(year: number): boolean {
  return year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
}

/**
 * Days since 1970-01-01, a whole number.
 * @throws RangeError when `date` is not a real `YYYY-MM-DD` day.
 */
export function dayNumber(date: CivilDate): number {
  if (!isCivilDate(date)) throw new RangeError(`"${date}" is not a day written YYYY-MM-DD`);
  return Date.parse(date) / MS_PER_DAY;
}

/** The day that lies `number` days after 1970-01-01; the inverse of {@link dayNumber}. */
export function dateOfDayNumber(number: number): CivilDate {
  return new Date(number * MS_PER_DAY).toISOString().slice(0, 10);
}

export function addDays(date: CivilDate, days: number): CivilDate {
  return dateOfDayNumber(dayNumber(date) + days);
}

/** Whole days from `from` to `to`; negative when `to` comes first. */
export function daysBetween(from: CivilDate, to: CivilDate): number {
  return dayNumber(to) - dayNumber(from);
}

export function yearOf(date: CivilDate): number {
  return Number(date.slice(0, 4));
}

/** 0 on 1 January, 364 or 365 on 31 December. */
export function dayOfYear(date: CivilDate): number {
  return dayNumber(date) - dayNumber(`${date.slice(0, 4)}-01-01`);
}

export function daysInYear(year: number): number {
  return dayNumber(`${year + 1}-01-01`) - dayNumber(`${year}-01-01`);
}

/** Month of the year, 1–12. */
export function monthOf(date: CivilDate): number {
  return Number(date.slice(5, 7));
}
