import { keptWith } from '#core/caches';
import type { CivilDate } from '#core/calendar';
import {
  type Carry,
  carryOf,
  type ClockStart,
  eventState,
  type EventState,
  type SeasonEnsemble,
  type SeasonSigns,
  startOfClock,
  type TimedEvent,
} from '#core/phenology';
import type { WatchClock } from '#core/records';
import { coldestMonthC } from '#core/weather';
import { eventsFor } from '#knowledge';
import type { WatchBook } from './garden-books.ts';
import type { GardenDay } from './garden-day.ts';
import type { SeasonWeather } from './season-weather.ts';

/** What was seen on a watch and its plant that may start a clock, up to `today`. */
export function signsOf({ today }: GardenDay, book: WatchBook): SeasonSigns {
  const upTo = <T>(records: readonly T[], dayOf: (record: T) => CivilDate) =>
    records.filter((record) => dayOf(record) <= today);
  return {
    stages: upTo(book.plantBook.growth, ({ on }) => on),
    sightings: upTo(book.sightings, ({ on }) => on),
    catches: [
      ...upTo(book.traps, ({ takenOff }) => takenOff).map(({ catches, putOn, takenOff, caught }) => ({
        catches,
        putOn,
        takenOff,
        caught,
      })),
      ...upTo(book.tapes, ({ takenOff }) => takenOff).map(({ putOn, takenOff, crawlers }) => ({
        catches: 'crawlers' as const,
        putOn,
        takenOff,
        caught: crawlers,
      })),
    ].sort((a, b) => (a.takenOff < b.takenOff ? -1 : 1)),
  };
}

/** The start a person chose for a watch's clock; null where the published one stands. */
export function chosenStart(clock: WatchClock | null): ClockStart | null {
  if (!clock) return null;
  switch (clock.startKind) {
    case 'date':
      return { kind: 'date', monthDay: clock.startValue! };
    case 'stage':
      return { kind: 'stage', stage: clock.startValue! };
    default:
      return { kind: clock.startKind };
  }
}

/** Published events of a watch's target, each counted from its own start. */
export function timedEvents({ watch, clock }: WatchBook): TimedEvent[] {
  if (!watch.targetId) return [];
  const start = chosenStart(clock);
  return eventsFor(watch.targetId).map((event) => (start ? { ...event, start } : event));
}

/** How far sums counted from a calendar day carry to where a plant stands. */
export function carryAt(weather: SeasonWeather): Carry {
  const carry = weather.hasColdSeason ? carryOf(coldestMonth(weather)) : 'refused';
  // What is read at another place is allowed as much doubt as a milder winter.
  return carry === 'as-published' && weather.borrowedFrom !== null ? 'wider' : carry;
}

/**
 * A watch's events on this season. Where winters are too mild for sums counted from a calendar day
 * only those stay that count from something seen.
 */
export function statesOf(day: GardenDay, book: WatchBook): EventState[] {
  const weather = day.ofPlant(book.plantBook.plant);
  if (weather.measured.length === 0) return [];
  const carry = carryAt(weather);
  const signs = signsOf(day, book);
  return timedEvents(book).flatMap((event) => {
    const byCalendar = event.start.kind === 'season' || event.start.kind === 'date';
    if (byCalendar && carry === 'refused') return [];
    const ensemble = day.ensemble(weather, event.model);
    const started = startOfClock(event.start, day.start, day.today, signs);
    if (event.start.kind !== 'season')
      return [eventState(event, ensemble, started, byCalendar ? carry : 'as-published')];
    return [states(ensemble, event.id, () => eventState(event, ensemble, started, carry))];
  });
}

/** An event counted from the season's first day is the same for every plant that stood in the same places. */
const states = keptWith<SeasonEnsemble, string, EventState>();

const coldest = keptWith<SeasonWeather, 'month', number | null>();

function coldestMonth(weather: SeasonWeather): number | null {
  return coldest(weather, 'month', () => coldestMonthC(weather.pastSeasons));
}
