import { type CivilDate, dayNumber } from '#core/calendar';

/**
 * Clock hour (0 to under 24) at which the sun stands highest, from the zone's offset on the day and the
 * longitude; the equation of time, up to a quarter of an hour, is left out.
 * @param longitudeDeg −180 to 180, east positive.
 * @throws RangeError for a zone that is not known.
 */
export function solarNoonHour(timeZone: string, longitudeDeg: number, date: CivilDate): number {
  const hour = 12 + offsetHours(timeZone, date) - longitudeDeg / 15;
  return ((hour % 24) + 24) % 24;
}

/** Clocks of the zones asked for: making one takes longer than reading it a hundred times. */
const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(timeZone: string): Intl.DateTimeFormat {
  const clock =
    clocks.get(timeZone) ??
    new Intl.DateTimeFormat('en-CA', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
  clocks.set(timeZone, clock);
  return clock;
}

/** Hours the zone's clock is ahead of UTC at noon UTC of a day. */
function offsetHours(timeZone: string, date: CivilDate): number {
  const parts = clockOf(timeZone).formatToParts(new Date(`${date}T12:00:00Z`));
  const part = (type: string) => parts.find((entry) => entry.type === type)!.value;
  const days = dayNumber(`${part('year')}-${part('month')}-${part('day')}`) - dayNumber(date);
  return 24 * days + Number(part('hour')) + Number(part('minute')) / 60 - 12;
}
