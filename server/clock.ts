import type { CivilDate } from '#core/calendar';

/** What day it is in the garden. A stepped clock can be moved forward; the real one cannot. */
export interface Clock {
  today(): CivilDate;
  readonly step?: (days: number) => void;
}

/** The real day in a time zone that may change while running; `now` tells the real time. */
export function systemClock(timeZone: () => string, now: () => Date = () => new Date()): Clock {
  return { today: () => new Intl.DateTimeFormat('en-CA', { timeZone: timeZone() }).format(now()) };
}
