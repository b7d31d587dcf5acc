import { daysBetween } from '#core/calendar';
import { DAYS } from './days.ts';
import { dueItem, type DueRule } from './due-item.ts';
import { eventFacts, expectedDay, range } from './told-facts.ts';

/** Flights of leaf-miner adults: when to watch for them. */
export const adultFlight: DueRule = (facts, today) => {
  const flight = facts.events.find((state) => state.event.stage === 'adults' && state.phase !== 'over');
  if (!flight) return [];
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
