import { keptWith } from '#core/caches';
import type { CivilDate } from '#core/calendar';
import {
  carryOf,
  type ClockStart,
  eventState,
  type EventState,
  type SeasonEnsemble,
  type SeasonSigns,
  startOfClock,
  type TimedEvent,
} from '#core/phenology';
import type { Plant, Watch, WatchClock } from '#core/records';
import { coldestMonthC } from '#core/weather';
import { eventsFor } from '#knowledge';
import type { Store } from '../store/store.ts';
import type { SeasonReader, SeasonWeather } from './plant-season.ts';

/** What was seen on a watch and its plant that may start a clock, up to `today`. */
export function signsOf(store: Store, watch: Watch, today: CivilDate): SeasonSigns {
  const upTo = <T>(records: readonly T[], dayOf: (record: T) => CivilDate) =>
    records.filter((record) => dayOf(record) <= today);
  return {
    stages: upTo(store.growth.by('plant_id', watch.plantId), ({ on }) => on),
    sightings: upTo(store.sightings.by('watch_id', watch.id), ({ on }) => on),
    catches: [
      ...upTo(store.traps.by('watch_id', watch.id), ({ takenOff }) => takenOff).map(
        ({ catches, putOn, takenOff, caught }) => ({ catches, putOn, takenOff, caught }),
      ),
      ...upTo(store.tapes(watch.id), ({ takenOff }) => takenOff).map(({ putOn, takenOff, crawlers }) => ({
        catches: 'crawlers' as const,
        putOn,
        takenOff,
        caught: crawlers,
      })),
    ].sort((a, b) => (a.takenOff < b.takenOff ? -1 : 1)),
  };
}

/** The start a person chose for a watch's clock; null where the published one stands. */
export function chosenStart(clock: WatchClock | undefined): ClockStart | null {
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
export function timedEvents(store: Store, watch: Watch): TimedEvent[] {
  if (!watch.targetId) return [];
  const start = chosenStart(store.clocks.one(watch.id));
  return eventsFor(watch.targetId).map((event) => (start ? { ...event, start } : event));
}

/** How far sums counted from a calendar day carry to where a plant stands. */
export function carryAt(weather: SeasonWeather) {
  return weather.hasColdSeason ? carryOf(coldestMonth(weather)) : 'refused';
}

/**
 * A watch's events on this season. Where winters are too mild for sums counted from a calendar day
 * only those stay that count from something seen.
 */
export function statesOf(
  store: Store,
  reader: SeasonReader,
  watch: Watch,
  plant: Plant,
  today: CivilDate,
): EventState[] {
  const weather = reader.ofPlant(plant);
  if (weather.measured.length === 0) return [];
  const carry = carryAt(weather);
  const signs = signsOf(store, watch, today);
  return timedEvents(store, watch).flatMap((event) => {
    const byCalendar = event.start.kind === 'season' || event.start.kind === 'date';
    if (byCalendar && carry === 'refused') return [];
    const ensemble = reader.ensemble(weather, event.model);
    const started = startOfClock(event.start, reader.start, today, signs);
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
