import type { GardenState } from '#engine';
import { keysOf } from '#core/tables';
import type { Db } from './database.ts';
import type { GardenStore } from './garden-store.ts';
import { keptRecords } from './kept-records.ts';
import { onWrite } from './on-write.ts';
import type { RoundStore } from './round-store.ts';
import type { SeriesStore } from './series-store.ts';
import type { ShelfStore } from './shelf-store.ts';
import type { WatchStore } from './watch-store.ts';
import type { WeatherInStore } from './weather-in-store.ts';
import type { WeatherStore } from './weather-store.ts';

export interface GardenStateStore {
  /**
   * Everything recorded of the garden; null before there is one. The same object until something of it
   * is written, and its lists the same until one of theirs is.
   */
  gardenState(): GardenState | null;
  /** Says that records may have changed by other ways than writes of this connection. */
  recordsChanged(): void;
}

type Parts = GardenStore & WatchStore & RoundStore & ShelfStore & SeriesStore & WeatherStore & WeatherInStore;

/** Keeps the state of the garden beside its records; this process is the only one that writes. */
export function gardenStateStore(db: Db, parts: Parts): GardenStateStore {
  const lists = {
    places: keptRecords(db, 'place', parts.placeTable),
    plants: keptRecords(db, 'plant', parts.plantTable),
    moves: keptRecords(db, 'plant_move', parts.moveTable),
    touching: keptWhole(db, ['plant_touch'], () => parts.saidPairs(true)),
    apart: keptWhole(db, ['plant_touch'], () => parts.saidPairs(false)),
    plantSpots: keptRecords(db, 'plant_spot', parts.plantSpots),
    groundShapes: keptRecords(db, 'ground_shape', parts.groundShapes),
    groundPictures: keptRecords(db, 'ground_picture', parts.groundPictures),
    spreadLooks: keptRecords(db, 'spread_look', parts.spreadLooks),
    growth: keptRecords(db, 'growth', parts.growth),
    care: keptRecords(db, 'care', parts.care),
    watches: keptRecords(db, 'watch', parts.watchTable),
    clocks: keptRecords(db, 'watch_clock', parts.clocks),
    seasonPlans: keptRecords(db, 'season_plan', parts.seasonPlans),
    inspections: keptRecords(db, 'inspection', parts.inspectionTable),
    samples: keptRecords(db, 'sample', parts.sampleTable),
    tapes: keptRecords(db, 'tape', parts.tapeTable),
    traps: keptRecords(db, 'trap', parts.traps),
    devices: keptRecords(db, 'device', parts.devices),
    tags: keptRecords(db, 'tag', parts.tags),
    sightings: keptRecords(db, 'sighting', parts.sightings),
    sprays: keptRecords(db, 'spray', parts.sprayTable),
    handwork: keptRecords(db, 'handwork', parts.handwork),
    series: keptRecords(db, 'series', parts.series),
    ticks: keptRecords(db, 'tick', parts.ticks),
    products: keptRecords(db, 'product', parts.productTable),
    sprayers: keptRecords(db, 'sprayer', parts.sprayerTable),
    localAdvice: keptRecords(db, 'local_advice', parts.localAdvice),
    yearReviews: keptRecords(db, 'year_review', parts.yearReviews),
    wetLooks: keptRecords(db, 'wet_look', parts.wetLooks),
    normals: keptWhole(db, ['monthly_normal'], parts.normals),
  };
  const garden = keptWhole(db, ['garden'], parts.garden);
  const stationIds = () => parts.stations().map(({ id }) => id);
  const days = keptByStation(db, ['station_day', 'reading', 'weather_fix'], stationIds, (id) =>
    parts.days(id, '0001-01-01', '9999-12-31'),
  );
  const forecasts = keptByStation(db, ['forecast_day'], stationIds, (id) => parts.forecast(id, '0001-01-01'));
  const kept = { garden, days, forecasts, ...lists };
  let last: GardenState | null = null;
  return {
    gardenState() {
      const now = garden.all();
      if (!now) return (last = null);
      const state = Object.fromEntries(
        keysOf(kept).map((key) => [key, kept[key].all()]),
      ) as unknown as GardenState;
      if (last && keysOf(kept).every((key) => last![key] === state[key])) return last;
      return (last = state);
    },
    recordsChanged: () => keysOf(kept).forEach((key) => kept[key].forget()),
  };
}

/** Rows few enough to be read all again when one of their tables is written. */
function keptWhole<T>(db: Db, tables: readonly string[], read: () => T): { all(): T; forget(): void } {
  let last: { readonly value: T } | null = null;
  for (const table of tables) onWrite(db, table, [], () => void (last = null));
  return {
    all() {
      if (last) return last.value;
      const value = read();
      if (!db.inTransaction) last = { value };
      return value;
    },
    forget: () => void (last = null),
  };
}

/** Days by thermometer; only a thermometer of which something was written is read again. */
function keptByStation<Days>(
  db: Db,
  tables: readonly string[],
  stationIds: () => readonly string[],
  read: (stationId: string) => Days,
): { all(): Readonly<Record<string, Days>>; forget(): void } {
  const byStation = new Map<string, Days>();
  let all: Readonly<Record<string, Days>> | null = null;
  for (const table of tables)
    onWrite(db, table, ['station_id'], (id) => {
      byStation.delete(id as string);
      all = null;
    });
  onWrite(db, 'station', [], () => void (all = null));
  const daysOf = (id: string) => {
    const before = byStation.get(id);
    if (before) return before;
    const days = read(id);
    if (!db.inTransaction) byStation.set(id, days);
    return days;
  };
  return {
    all() {
      if (all) return all;
      const now = Object.fromEntries(stationIds().map((id) => [id, daysOf(id)]));
      if (!db.inTransaction) all = now;
      return now;
    },
    forget() {
      byStation.clear();
      all = null;
    },
  };
}
