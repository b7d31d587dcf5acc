import { type CivilDate, daysBetween } from '#core/calendar';
import { DAYS } from './days.ts';
import { type DueItem, dueItem, type DueRule } from './due-item.ts';
import { eventFacts, expectedDay, range } from './told-facts.ts';
import type { WatchToday } from './watch-facts.ts';

/** Flights of leaf-miner adults: when to watch for them. */
export const adultFlight: DueRule = (facts, today) => {
  const flight = facts.events.find((state) => state.event.stage === 'adults' && state.phase !== 'over');
  if (!flight) return usualFlight(facts, today);
  const opens = expectedDay(flight.opens);
  const closes = expectedDay(flight.closes);
  const ahead = flight.phase === 'ahead';
  if (ahead && (!opens || daysBetween(today, opens.median) > DAYS.openingSoon)) return [];
  return [
    dueItem(facts, ahead ? 'adults-soon' : 'adults-now', ahead ? 'flight-ahead' : 'flight-open', {
      opens: opens?.median ?? null,
      opensRange: ahead && opens ? range(opens) : null,
      closes: closes?.median ?? null,
      closesRange: closes ? range(closes) : null,
      standing: ahead ? 'soon' : 'open',
      facts: eventFacts(flight),
      eventId: flight.event.id,
    }),
  ];
};

/** Where no flight is published the usual months stand for it, until adults or mines are seen. */
function usualFlight(facts: WatchToday, today: CivilDate): DueItem[] {
  const timed = facts.events.some(({ event }) => event.stage === 'adults');
  if (facts.group !== 'leaf-miner' || timed) return [];
  const span = facts.usualWindows.find(({ to }) => to >= today);
  if (!span || daysBetween(today, span.from) > DAYS.openingSoon) return [];
  const ahead = today < span.from;
  return [
    dueItem(facts, ahead ? 'adults-soon' : 'adults-now', 'flight-by-calendar', {
      opens: span.from,
      closes: span.to,
      standing: ahead ? 'soon' : 'open',
      facts: [{ what: 'usual-months', quantity: { kind: 'days-between', from: span.from, to: span.to } }],
    }),
  ];
}
