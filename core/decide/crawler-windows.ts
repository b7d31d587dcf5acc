import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { readTapes, type TapeVerdict } from '#core/emergence';
import type { EventState, WindowPhase } from '#core/phenology';
import type { CrawlerWindow, ExpectedDay } from './crawler-window.ts';
import { eventFacts, expectedDay, tapeFacts } from './told-facts.ts';
import type { WatchFacts } from './watch-facts.ts';

/** What of a watch its windows follow from. */
export type WindowFacts = Pick<
  WatchFacts,
  'events' | 'tapes' | 'tapesHungOn' | 'crawlersSeenOn' | 'hatch' | 'usualWindows' | 'warmth'
>;

/** Tapes read within so many days still speak for today. */
const TAPES_SPEAK_DAYS = 10;
/** Sightings further apart than this belong to two hatches. */
const ONE_HATCH_DAYS = 45;
/** A published window that opens no further from a catch than this may be the same hatch; the nearest is. */
const SAME_HATCH_DAYS = { before: 60, after: 30 } as const;

/**
 * Every window of the season, in order. A catch of crawlers opens one in any place, whether a sum of heat is
 * published or not; published sums stand for the hatches nobody has seen yet, and the usual months where
 * nothing is published. What was caught replaces the published window of the same hatch.
 */
export function crawlerWindows(facts: WindowFacts, today: CivilDate): CrawlerWindow[] {
  const caught = caughtWindow(facts, today);
  const published = publishedWindows(facts, today);
  const others = published.length > 0 ? published : usualWindows(facts, today);
  if (!caught) return inOrder(others);
  const replaced = sameHatch(others, caught);
  const left = others.filter((window) => window !== replaced);
  // It keeps the name of what it replaces, so that calendars move it and do not tell it twice.
  return inOrder([{ ...caught, id: replaced?.id ?? caught.id }, ...left]);
}

/** The window that matters now: what was seen before what is expected, and nothing that is over. */
export function nextWindow(windows: readonly CrawlerWindow[]): CrawlerWindow | undefined {
  const current = windows.filter(({ phase }) => phase !== 'over');
  return current.find(({ basis, phase }) => basis === 'seen' && phase === 'open') ?? current[0];
}

const inOrder = (windows: readonly CrawlerWindow[]): CrawlerWindow[] =>
  windows.toSorted((a, b) => (a.opens.median < b.opens.median ? -1 : 1));

function sameHatch(windows: readonly CrawlerWindow[], caught: CrawlerWindow): CrawlerWindow | undefined {
  const daysAfter = ({ opens }: CrawlerWindow) => daysBetween(caught.opens.median, opens.median);
  return windows
    .filter(
      (window) => daysAfter(window) >= -SAME_HATCH_DAYS.before && daysAfter(window) <= SAME_HATCH_DAYS.after,
    )
    .sort((a, b) => Math.abs(daysAfter(a)) - Math.abs(daysAfter(b)))[0];
}

function caughtWindow(facts: WindowFacts, today: CivilDate): CrawlerWindow | null {
  const verdict = readTapes(facts.tapes);
  const days = [...facts.crawlersSeenOn, verdict.firstCatchOn, verdict.lastCatchOn]
    .filter((on): on is CivilDate => on !== null && on <= today)
    .sort();
  const last = days.at(-1);
  if (!last) return null;
  const first = firstOfHatch(days);
  const closes = closing(facts, verdict, first, last);
  return {
    id: `caught-${first.slice(0, 4)}-${verdict.hatch}`,
    basis: 'seen',
    generation: verdict.hatch,
    phase: today > closes.median ? 'over' : 'open',
    // They were out at some time while the first tape that caught any hung.
    opens: { median: first, early: hungFrom(verdict, first), late: first },
    closes,
    lastSeenOn: last,
    eventId: null,
    firstExpected: null,
    disputedBy: null,
    waitsForTapes: false,
    told: [
      { what: 'caught-first', quantity: { kind: 'date', on: first } },
      { what: 'caught-last', quantity: { kind: 'date', on: last } },
      ...tapeFacts(facts.tapes),
      {
        what: 'soft-until',
        quantity: { kind: 'date', on: closes.median, early: closes.early, late: closes.late },
      },
    ],
  };
}

/** When the tapes that caught the first went up; the day itself where they were seen by eye. */
function hungFrom({ weeks }: TapeVerdict, first: CivilDate): CivilDate {
  const look = weeks.find(({ on }) => on === first);
  return look ? look.tapes.map(({ putOn }) => putOn).sort()[0]! : first;
}

/** The first of the days that lead, without a long pause, to the last. */
function firstOfHatch(days: readonly CivilDate[]): CivilDate {
  let first = days.at(-1)!;
  for (const on of days.toReversed()) if (daysBetween(on, first) <= ONE_HATCH_DAYS) first = on;
  return first;
}

/**
 * While tapes catch, and nothing says the end is near, the hatch is given its usual span; after the last
 * crawlers what settled is soft, by its group, for a while yet.
 */
function closing(
  { hatch: { softDays, spanDays } }: WindowFacts,
  { signal }: TapeVerdict,
  first: CivilDate,
  last: CivilDate,
): ExpectedDay {
  const [least, usual, most] = softDays;
  if (signal === 'over' || signal === 'past-the-peak')
    return { median: addDays(last, usual), early: addDays(last, least), late: addDays(last, most) };
  const hatched = addDays(first, spanDays);
  const end = hatched > last ? hatched : last;
  return { median: addDays(end, usual), early: addDays(last, least), late: null };
}

function publishedWindows(facts: WindowFacts, today: CivilDate): CrawlerWindow[] {
  const ofCrawlers = facts.events.filter(({ event }) => event.stage === 'crawlers');
  const windows = ofCrawlers.filter(({ event }) => event.kind === 'window');
  const withWindow = new Set(windows.map(({ event }) => event.generation));
  const alone = ofCrawlers.filter(({ event }) => event.kind === 'first' && !withWindow.has(event.generation));
  return [...windows, ...alone].flatMap((state) => published(state, ofCrawlers, facts, today) ?? []);
}

function published(
  state: EventState,
  all: readonly EventState[],
  facts: WindowFacts,
  today: CivilDate,
): CrawlerWindow | null {
  const { event } = state;
  const opens = expectedDay(state.opens);
  if (!opens) return null;
  const closes = event.kind === 'window' ? expectedDay(state.closes) : afterFirst(opens, facts);
  const phase =
    event.kind === 'window' ? state.phase : phaseOf(state.opens.kind === 'reached', closes, today);
  const first = all.find(
    (other) => other.event.kind === 'first' && other.event.generation === event.generation,
  );
  const waits = phase === 'open' && tapesAreEmpty(facts, today);
  const disputes = phase === 'open' && first?.phase === 'ahead' && !hasCaught(facts);
  return {
    id: event.id,
    basis: 'published',
    generation: event.generation,
    phase,
    opens,
    closes,
    lastSeenOn: null,
    eventId: event.id,
    firstExpected: first ? expectedDay(first.opens) : null,
    disputedBy: disputes ? first.event.id : null,
    waitsForTapes: waits,
    told: [
      ...eventFacts(state, facts.warmth),
      ...(disputes ? eventFacts(first, 'read') : tapeFacts(facts.tapes)),
    ],
  };
}

/** Where only a first hatch is published the window lasts as long as it hatches, and while it is soft. */
function afterFirst(opens: ExpectedDay, { hatch: { spanDays, softDays } }: WindowFacts): ExpectedDay {
  const later = (day: CivilDate, soft: number) => addDays(day, spanDays + soft);
  return {
    median: later(opens.median, softDays[1]),
    early: later(opens.early, softDays[0]),
    late: opens.late && later(opens.late, softDays[2]),
  };
}

const phaseOf = (begun: boolean, closes: ExpectedDay | null, today: CivilDate): WindowPhase =>
  !begun ? 'ahead' : closes !== null && today > closes.median ? 'over' : 'open';

function usualWindows({ usualWindows: months }: WindowFacts, today: CivilDate): CrawlerWindow[] {
  return months.map(({ from, to, generation }): CrawlerWindow => ({
    id: `months-${from}`,
    basis: 'calendar',
    generation,
    phase: today < from ? 'ahead' : today > to ? 'over' : 'open',
    opens: { median: from, early: from, late: null },
    closes: { median: to, early: to, late: null },
    lastSeenOn: null,
    eventId: null,
    firstExpected: null,
    disputedBy: null,
    waitsForTapes: false,
    told: [{ what: 'usual-months', quantity: { kind: 'days-between', from, to } }],
  }));
}

const hasCaught = ({ tapes }: WindowFacts) => tapes.some(({ crawlers }) => crawlers > 0);

/** Tapes speak, and say that none walk yet. */
function tapesAreEmpty(facts: WindowFacts, today: CivilDate): boolean {
  const { signal, weeks } = readTapes(facts.tapes);
  const last = weeks.at(-1)?.on;
  return signal === 'none-yet' && last !== undefined && daysBetween(last, today) <= TAPES_SPEAK_DAYS;
}
