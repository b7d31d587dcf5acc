export {
  addDays,
  dateOfDayNumber,
  dayNumber,
  dayOfYear,
  daysBetween,
  daysInYear,
  isCivilDate,
  monthOf,
  yearOf,
  type CivilDate,
} from './civil-date.ts';
export { dayInYear, isMonthDay, type MonthDay } from './month-day.ts';
export { hemisphereOf, seasonStart, shiftSeason, type Hemisphere } from './season-start.ts';
