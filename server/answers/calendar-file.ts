import ical, { ICalCalendarMethod } from 'ical-generator';
import { addDays, type CivilDate } from '#core/calendar';
import type { Garden } from '#core/records';
import type { CalendarEntry } from '#answers';

/** The entries as an iCalendar file (RFC 5545). `stampedAt` is when it was made. */
export function calendarFile(garden: Garden, entries: readonly CalendarEntry[], stampedAt: Date): string {
  const calendar = ical({
    name: asText(`Juglans, ${garden.name}`),
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Juglans', product: 'Juglans', language: 'EN' },
  });
  for (const { id, title, from, to, text } of entries) {
    // The end of whole days is the day after the last, as the format has it.
    calendar.createEvent({
      id: `${id.replaceAll(':', '-')}@juglans`,
      summary: title,
      start: asDay(from),
      end: asDay(addDays(to, 1)),
      allDay: true,
      description: text,
      stamp: stampedAt,
    });
  }
  // Every line ends, the last too.
  return `${calendar.toString()}\r\n`;
}

/** Text as RFC 5545 (3.3.11) writes it; the library does so for entries, and takes a calendar's name as it is. */
const asText = (text: string) => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');

const asDay = (date: CivilDate) => new Date(`${date}T00:00:00Z`);
