import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { readTapes } from '#core/emergence';
import { isScaleGroup } from '#core/identify';
import { nextWindow } from './crawler-windows.ts';
import { DAYS } from './days.ts';
import { type DueItem, dueItem, type DueRule } from './due-item.ts';
import { eventFacts, expectedDay } from './told-facts.ts';
import type { WatchFacts, WatchToday } from './watch-facts.ts';

/** Tapes go up before the first crawlers and are changed weekly until the hatch is over. */
export const tapes: DueRule = (facts, today) => {
  const last = [...facts.tapes.map((tape) => tape.takenOff), ...facts.tapesHungOn].sort().at(-1);
  if (last) return changeTape(facts, last, today);
  if (facts.life === 'dead') return [];
  const afterMales = tapesAfterMales(facts, today);
  if (afterMales) return [afterMales];
  return tapesForWindow(facts, today).filter(({ standing }) => standing === 'open' || standing === 'late');
};

/** The day on which tapes will be asked for, while that lies ahead. */
export const tapesAhead: DueRule = (facts, today) =>
  !facts.reachable ||
  facts.life === 'dead' ||
  facts.clear ||
  facts.tapes.length + facts.tapesHungOn.length > 0
    ? []
    : tapesForWindow(facts, today).filter(({ standing }) => standing === 'soon' || standing === 'later');

function tapesForWindow(facts: WatchToday, today: CivilDate): DueItem[] {
  const window = nextWindow(facts.windows);
  // What is caught or seen needs no tape to begin with.
  if (!window || window.basis === 'seen' || window.disputedBy) return [];
  const opens = addDays(window.opens.early, -DAYS.tapesBeforeHatch);
  const expected = window.firstExpected ?? window.opens;
  const standing = expected.early < today && window.phase !== 'open' ? 'late' : 'open';
  return [
    dueItem(facts, 'hang-tapes', window.basis === 'calendar' ? 'tapes-by-calendar' : 'tapes-before-hatch', {
      opens,
      closes: window.phase === 'open' ? (window.closes?.median ?? null) : expected.early,
      standing: opens > today ? ahead(opens, today) : standing,
      facts: window.told,
      eventId: window.eventId,
    }),
  ];
}

const ahead = (opens: CivilDate, today: CivilDate) =>
  daysBetween(today, opens) <= DAYS.openingSoon ? 'soon' : 'later';

/** Where no sum from the males is published, their catch still says that crawlers are to come. */
function tapesAfterMales(facts: WatchToday, today: CivilDate): DueItem | null {
  const males = facts.adultsSeenOn.toSorted().at(-1);
  if (!males || !isScaleGroup(facts.group)) return null;
  const timedByMales = facts.events.some(({ event }) => event.start.kind === 'first-males');
  const opens = addDays(males, DAYS.malesBeforeTapes);
  if (timedByMales || facts.windows.some(({ basis, phase }) => basis === 'seen' && phase === 'open'))
    return null;
  if (daysBetween(today, opens) > DAYS.openingSoon || daysBetween(opens, today) > DAYS.lookAgain) return null;
  return dueItem(facts, 'hang-tapes', 'tapes-after-males', {
    opens,
    closes: addDays(opens, DAYS.malesBeforeTapes),
    standing: opens > today ? 'soon' : 'open',
    facts: [{ what: 'adults-last-seen', quantity: { kind: 'date', on: males } }],
  });
}

/** A trap that hangs is emptied weekly, so that what it caught has a day. */
export const readTrap: DueRule = (facts, today) => {
  if (!facts.trapUnread || facts.life === 'dead') return [];
  const { since, due } = facts.trapUnread;
  return daysBetween(today, due) > READ_SOON_DAYS
    ? []
    : [
        dueItem(facts, 'read-trap', 'trap-weekly', {
          ...onItsDay(due, today),
          facts: [{ what: 'trap-hangs-since', quantity: { kind: 'date', on: since } }],
        }),
      ];
};

/** Days ahead on which a reading is told. */
const READ_SOON_DAYS = 2;

/** What is due on one day, and late after it. */
const onItsDay = (due: CivilDate, today: CivilDate) =>
  ({
    opens: due,
    closes: due,
    standing: due < today ? 'late' : due === today ? 'open' : 'soon',
  }) as const;

function changeTape(facts: WatchFacts, last: CivilDate, today: CivilDate): DueItem[] {
  const verdict = readTapes(facts.tapes);
  const due = addDays(last, DAYS.tapeLife);
  if (verdict.signal === 'over' || daysBetween(today, due) > READ_SOON_DAYS) return [];
  return [
    dueItem(facts, 'change-tape', 'tape-weekly', {
      ...onItsDay(due, today),
      facts: [
        {
          what: 'last-tapes-crawlers-a-week',
          quantity: { kind: 'counts', values: verdict.perWeek.slice(-3) },
        },
      ],
    }),
  ];
}

/** Before the first crawlers is the time to know how many there are. */
export const countFirst: DueRule = (facts, today) => {
  if (!facts.named || !isScaleGroup(facts.group) || facts.countedOn.some((on) => on >= facts.seasonStart))
    return [];
  const first = facts.events.find(
    (state) => state.event.generation === 1 && state.event.stage === 'crawlers',
  );
  const expected = first ? expectedDay(first.opens) : null;
  if (!first || first.phase !== 'ahead' || !expected || daysBetween(today, expected.early) > 30) return [];
  return [
    dueItem(facts, 'count-first', 'count-before-hatch', {
      opens: null,
      closes: expected.early,
      standing: expected.early < today ? 'late' : 'open',
      facts: eventFacts(first, facts.warmth),
      eventId: first.event.id,
    }),
  ];
};

/** What has a name and was never counted is counted: how bad it is decides about everything else. */
export const countToWeigh: DueRule = (facts) => {
  if (!facts.named || !facts.countable || !facts.reachable || facts.clear || facts.life === 'dead') return [];
  if (facts.countedOn.length + facts.treatedOn.length + facts.workedOn.length > 0) return [];
  return [
    dueItem(facts, 'count-first', 'count-to-weigh', {
      opens: facts.openedOn,
      closes: null,
      standing: 'open',
      facts: [{ what: 'opened', quantity: { kind: 'date', on: facts.openedOn } }],
    }),
  ];
};

/** A clock that begins with the first males needs a trap before they fly. */
export const hangTrap: DueRule = (facts, today) => {
  const waits = facts.events.find(
    ({ event, started }) => event.start.kind === 'first-males' && started === null,
  );
  const opens = addDays(facts.seasonStart, DAYS.trapFrom),
    closes = addDays(facts.seasonStart, DAYS.trapTo);
  if (!waits || facts.trapHangs || facts.life === 'dead' || today < opens || today > closes) return [];
  return [
    dueItem(facts, 'hang-trap', 'trap-before-males', {
      opens,
      closes,
      standing: 'open',
      facts: [
        { what: 'first-crawlers-published-at', quantity: { kind: 'heat', cd: waits.event.fromCd } },
        { what: 'counted-from', quantity: { kind: 'code', code: 'first-males-trapped' } },
      ],
      eventId: waits.event.id,
    }),
  ];
};
