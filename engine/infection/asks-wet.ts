import { daysBetween } from '#core/calendar';
import { placeOn } from '#core/weather';
import type { GardenDay } from '../garden-day.ts';
import { staysOf } from '../season-weather.ts';
import { infectionDiary } from './infection-diary.ts';

/**
 * The place whose leaves are worth a look today: a fungus in its season is watched there, no logger tells of
 * wetness, and it rained since yesterday or nobody knows. Null where there is none.
 */
export function asksWetAt(day: GardenDay): string | null {
  for (const book of day.books.watchBooks) {
    const { plant } = book.plantBook;
    if (book.watch.outcome !== 'open' || plant.retiredOn !== null) continue;
    const diary = infectionDiary(day, book);
    if (!diary?.span || diary.span.from > day.today || diary.weather.sheltered) continue;
    const today = daysBetween(diary.weather.from, day.today);
    const late = [today - 1, today].filter(
      (frameDay) => frameDay >= 0 && frameDay < diary.weather.hours.days,
    );
    if (diary.weather.hours.basis[today - 1] === 'measured') continue;
    const mayBeWet = late.some((frameDay) => (diary.weather.rainMm[frameDay] ?? 1) > 0);
    if (mayBeWet || late.length === 0) return placeOn(staysOf(book.plantBook), day.today);
  }
  return null;
}
