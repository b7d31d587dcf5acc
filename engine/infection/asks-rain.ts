import type { GardenDay } from '../garden-day.ts';
import { infectionFacts } from './infection-facts.ts';

/** How many open watches are of a fungus in its season, of which nobody tells when it rained. */
export const asksRainFor = (day: GardenDay): number =>
  day.books.watchBooks.filter((book) => {
    if (book.watch.outcome !== 'open' || book.plantBook.plant.retiredOn !== null) return false;
    const facts = infectionFacts(day, book);
    return facts !== null && !facts.isTold && facts.season !== null && facts.season.from <= day.today;
  }).length;
