/** A day on the garden's own calendar, `YYYY-MM-DD`; it carries no time and no zone. */
export type CivilDate = string;

// Asked for once: days are counted many thousand times for one answer.
const { floor } = Math;
const DAYS_IN_MONTH = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** True for a real day written `YYYY-MM-DD`; false for 2026-02-30 and for any other spelling. */
export function isCivilDate(text: string): text is CivilDate {
  return writtenDay(text) >= 0;
}

const MS_PER_DAY = 86_400_000;
const DASH = 45,
  ZERO = 48;

/** A real day's digits as one number, 20260228 or so; negative where it is none. */
function writtenDay(text: string): number {
  if (text.length !== 10 || text.charCodeAt(4) !== DASH || text.charCodeAt(7) !== DASH) return -1;
  const year = twoDigits(text, 0) * 100 + twoDigits(text, 2),
    month = twoDigits(text, 5),
    day = twoDigits(text, 8);
  if (year < 0 || month < 1 || month > 12 || day < 1) return -1;
  const leapDay = month === 2 && isLeapYear(year) ? 1 : 0;
  return day <= DAYS_IN_MONTH[month - 1]! + leapDay ? year * 10_000 + month * 100 + day : -1;
}

/** Far below 0 where one of them is no digit. */
const twoDigits = (text: string, at: number): number => digitAt(text, at) * 10 + digitAt(text, at + 1);
function digitAt(text: string, at: number): number {
  const digit = text.charCodeAt(at) - ZERO;
  return digit >= 0 && digit <= 9 ? digit : -1_000_000;
}

function isLeapYear(year: number): boolean {
  return year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
}

/** Days of 400 years, and from 1 March of year 0 to 1970-01-01. */
const DAYS_IN_ERA = 146_097,
  DAYS_TO_EPOCH = 719_468;

/**
 * Days since 1970-01-01, a whole number. Years are counted from March, so that the leap day comes last; the months
 * from March to January have 30.6 days on average (Richards 1998, Mapping Time, Oxford University Press).
 * @throws RangeError when `date` is not a real `YYYY-MM-DD` day.
 */
export function dayNumber(date: CivilDate): number {
  const written = writtenDay(date);
  if (written < 0) throw new RangeError(`"${date}" is not a day written YYYY-MM-DD`);
  const month = floor(written / 100) % 100;
  const year = floor(written / 10_000) - (month <= 2 ? 1 : 0);
  const ofYear = floor((153 * ((month + 9) % 12) + 2) / 5) + (written % 100) - 1;
  const leapDays = floor(year / 4) - floor(year / 100) + floor(year / 400);
  return 365 * year + leapDays + ofYear - DAYS_TO_EPOCH;
}

/**
 * The day that lies `number` days after 1970-01-01; the inverse of {@link dayNumber}. Of a part of a day, the day
 * it is in.
 * @throws RangeError for a number that is none. Beyond the years 0 to 9999 it answers what is no written day.
 */
export function dateOfDayNumber(number: number): CivilDate {
  const days = floor(number) + DAYS_TO_EPOCH;
  const era = floor(days / DAYS_IN_ERA);
  const ofEra = days - era * DAYS_IN_ERA;
  const yearOfEra = floor(
    (ofEra - floor(ofEra / 1460) + floor(ofEra / 36_524) - floor(ofEra / 146_096)) / 365,
  );
  const ofYear = ofEra - (365 * yearOfEra + floor(yearOfEra / 4) - floor(yearOfEra / 100));
  const fromMarch = floor((5 * ofYear + 2) / 153);
  const day = ofYear - floor((153 * fromMarch + 2) / 5) + 1;
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9;
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
  if (!(year >= 0 && year <= 9999)) return new Date(floor(number) * MS_PER_DAY).toISOString().slice(0, 10);
  return `${year < 1000 ? String(year).padStart(4, '0') : year}-${TWO_DIGITS[month]}-${TWO_DIGITS[day]}`;
}

const TWO_DIGITS = Array.from({ length: 32 }, (_, number) => String(number).padStart(2, '0'));

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
