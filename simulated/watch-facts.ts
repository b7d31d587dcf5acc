import { addDays, type CivilDate } from '#core/calendar';
import type { WatchFacts } from '#core/decide';
import type { EventState, Projection } from '#core/phenology';

/** A sum that was reached on the day. */
export const reached = (on: CivilDate): Projection => ({ kind: 'reached', on });

/** A sum that is expected about the day. */
export const expectedAbout = (median: CivilDate): Projection => ({
  kind: 'expected',
  median,
  early: addDays(median, -4),
  late: addDays(median, 5),
  shares: { measured: 0.8, forecast: 0.1, pastYears: 0.1 },
});

/** An event timed by heat, from one projection to another; crawlers unless told otherwise. */
export function timedEvent(
  kind: 'first' | 'window',
  opens: Projection,
  closes: Projection,
  more: Partial<EventState['event']> = {},
): EventState {
  return {
    phase: opens.kind !== 'reached' ? 'ahead' : closes.kind === 'reached' ? 'over' : 'open',
    opens,
    closes,
    shareOfWay: 0.9,
    started: { on: '2026-01-01', by: 'calendar' },
    carry: 'as-published',
    event: {
      id: `${kind}-${more.generation ?? 1}`,
      targetId: 't',
      kind,
      generation: 1,
      stage: 'crawlers',
      fromCd: 226,
      toCd: kind === 'first' ? 226 : 456,
      published: '',
      model: { lowerC: 10, upperC: null, method: 'single-sine', cutoff: 'none' },
      grade: 'B',
      start: { kind: 'season' },
      sourceIds: [],
      ...more,
    },
  };
}

/** A named, live, counted armored scale on which nothing else was done or seen. */
export function plainFacts(more: Partial<WatchFacts> = {}): WatchFacts {
  return {
    watchId: 'w',
    openedOn: '2026-04-01',
    open: true,
    reachable: true,
    named: true,
    group: 'armored',
    countable: true,
    life: 'alive',
    events: [],
    tapes: [],
    tapesHungOn: [],
    treatedOn: [],
    workedOn: [],
    countedOn: ['2026-04-10'],
    allStagesOn: null,
    adultsSeenOn: [],
    trapHangs: false,
    trapUnread: null,
    miner: { mines: false, flush: null, young: false, minedShare: null, leavesDown: null, budSwell: null },
    infection: null,
    seasonStart: '2026-01-01',
    schools: { crawlers: 'while-catching', mining: 'young-or-third' },
    repeatAfterDays: 14,
    beforeLeaves: null,
    crawlersSeenOn: [],
    warmth: 'read',
    hatch: { softDays: [10, 14, 20], spanDays: 21 },
    usualWindows: [],
    lookedOn: '2026-05-10',
    clearedOn: null,
    clear: false,
    incubationDays: null,
    drench: null,
    ...more,
  };
}

/** Tapes changed every week from the day on, with their catches. */
export const weeklyTapes = (first: CivilDate, ...counts: readonly number[]) =>
  counts.map((crawlers, i) => ({
    putOn: addDays(first, 7 * i),
    takenOff: addDays(first, 7 * i + 7),
    crawlers,
  }));
