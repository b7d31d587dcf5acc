import { type CivilDate, isCivilDate } from './civil-date.ts';

/** A day that comes every year, `MM-DD`. */
export type MonthDay = string;

/** True for a day some year has, 29 February among them. */
export function isMonthDay(text: string): text is MonthDay {
  return /^\d{2}-\d{2}$/.test(text) && isCivilDate(`2024-${text}`);
}

/** The day it falls on in a year; 29 February is the last day of February where there is none. */
export function dayInYear(monthDay: MonthDay, year: number): CivilDate {
  const years = String(year).padStart(4, '0');
  const hasDay = isCivilDate(`${years}-${monthDay}`);
  return `${years}-${monthDay === '02-29' && !hasDay ? '02-28' : monthDay}`;
}
