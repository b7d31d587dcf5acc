import type { CivilDate } from '#core/calendar';

/** The day it is somewhere, by this device's clock. */
export const dayIn = (timeZone: string, ms: number): CivilDate =>
  new Intl.DateTimeFormat('en-CA', { timeZone }).format(ms);
