export { wetHoursNeeded } from './wet-hours-needed.ts';
