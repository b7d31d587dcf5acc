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
export { type DayDoubt, deviceDay, type DeviceClock, type DeviceDay } from './device-day.ts';
export { dayInYear, isMonthDay, type MonthDay } from './month-day.ts';
export {
  hemisphereOf,
  inOneSeason,
  monthsBetween,
  northernMonth,
  seasonName,
  seasonOf,
  seasonStart,
  shiftSeason,
  type Hemisphere,
  type Season,
} from './season.ts';
