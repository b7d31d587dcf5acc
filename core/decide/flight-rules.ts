import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { DAYS } from './days.ts';
import { type DueItem, dueItem, type DueRule } from './due-item.ts';
import { eventFacts, expectedDay, range } from './told-facts.ts';
import type { WatchToday } from './watch-facts.ts';

/** Flights of leaf-miner adults: when to watch for them, and what a catch announces. */
export const adultFlight: DueRule = (facts, today) => {
  const seen = facts.group === 'leaf-miner' ? lastFlight(facts.adultsSeenOn, today) : null;
  if (seen) return [layingNow(facts, seen)];
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
      facts: eventFacts(flight, facts.warmth),
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

interface Flight {
  readonly first: CivilDate;
  readonly last: CivilDate;
}

/** The flight whose last catch is no older than adults go on laying; null when none is. */
function lastFlight(seenOn: readonly CivilDate[], today: CivilDate): Flight | null {
  const days = seenOn.toSorted();
  const last = days.at(-1);
  if (!last || daysBetween(last, today) > DAYS.adultsLay) return null;
  const gap = days.findLastIndex((on, i) => i > 0 && daysBetween(days[i - 1]!, on) > DAYS.adultsLay);
  return { first: days[Math.max(0, gap)]!, last };
}

/** Adults were caught: eggs are laid now, in what is soft. */
function layingNow(facts: WatchToday, { first, last }: Flight): DueItem {
  return dueItem(facts, 'adults-now', 'flight-seen', {
    opens: first,
    closes: addDays(last, DAYS.adultsLay),
    standing: 'open',
    facts: [
      { what: 'adults-first-seen', quantity: { kind: 'date', on: first } },
      { what: 'adults-last-seen', quantity: { kind: 'date', on: last } },
    ],
  });
}
