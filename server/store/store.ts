import { changeLog } from './change-log.ts';
import { openDatabase, type Db } from './database.ts';
import { daysAhead } from './days-ahead.ts';
import { deliveryStore, type DeliveryStore } from './delivery-store.ts';
import { gardenStore, type GardenStore } from './garden-store.ts';
import type { KindTable } from './kinds.ts';
import { metaStore } from './meta-store.ts';
import { photoStore, type PhotoStore } from './photo-store.ts';
import { onWrite } from './on-write.ts';
import { roundStore, type RoundStore } from './round-store.ts';
import { takingOut } from './taking-out.ts';
import { sessionStore, type SessionStore } from './session-store.ts';
import { shelfStore, type ShelfStore } from './shelf-store.ts';
import { watchStore, type WatchStore } from './watch-store.ts';
import { type WatchVersions, watchVersions } from './watch-versions.ts';
import { weatherInStore, type WeatherInStore } from './weather-in-store.ts';
import { weatherStore, type WeatherStore } from './weather-store.ts';

/** Tables that decide what weather a plant has had. */
const MAKES_THE_WEATHER = [
  'garden',
  'station',
  'station_day',
  'forecast_day',
  'place',
  'plant',
  'plant_move',
  'reading',
  'weather_fix',
  'monthly_normal',
] as const;

export interface Store
  extends
    GardenStore,
    WatchStore,
    PhotoStore,
    RoundStore,
    WeatherStore,
    WeatherInStore,
    ShelfStore,
    SessionStore,
    DeliveryStore,
    WatchVersions,
    ReturnType<typeof metaStore>,
    ReturnType<typeof changeLog>,
    ReturnType<typeof takingOut>,
    ReturnType<typeof daysAhead> {
  readonly db: Db;
  /** All records of a kind. */
  every(kind: KindTable): readonly object[];
  /** Counts up with every row written; this process is the only one that writes. */
  writes(): number;
  /** Says that the weather may have changed by other ways than its own writes. */
  weatherChanged(): void;
  /**
   * Counts up with every write that can change the weather a plant has had: readings, forecast,
   * stations, places, moves, the garden itself.
   */
  weatherWrites(): number;
  close(): void;
}

/** Everything that is kept, over one database file. */
export function openStore(path: string, migrationsFolder: string): Store {
  const db = openDatabase(path, migrationsFolder);
  const totalChanges = db.prepare('SELECT total_changes() AS n');
  let weatherWrites = 0;
  for (const table of MAKES_THE_WEATHER) onWrite(db, table, [], () => void weatherWrites++);
  const parts = {
    ...metaStore(db),
    ...gardenStore(db),
    ...watchStore(db),
    ...photoStore(db),
    ...roundStore(db),
    ...weatherStore(db),
    ...weatherInStore(db),
    ...shelfStore(db),
    ...sessionStore(db),
    ...deliveryStore(db),
    ...watchVersions(db),
    ...changeLog(db),
    ...takingOut(db),
    ...daysAhead(db),
  };
  const every = everyOf(parts);
  return {
    db,
    every: (kind) => every[kind](),
    writes: () => (totalChanges.get() as { n: number }).n,
    weatherWrites: () => weatherWrites,
    weatherChanged: () => void weatherWrites++,
    close: () => void db.close(),
    ...parts,
  };
}

type Parts = GardenStore & WatchStore & PhotoStore & RoundStore & WeatherStore & WeatherInStore & ShelfStore;

/** Where all records of a kind are read. */
function everyOf(parts: Parts): Readonly<Record<KindTable, () => readonly object[]>> {
  const ofWatches = (read: (watchId: string) => readonly object[]) => () =>
    parts.watches().flatMap(({ id }) => read(id));
  return {
    station: parts.stations,
    place: parts.places,
    plant: parts.plants,
    plant_move: () => parts.plants().flatMap(({ id }) => parts.moves(id)),
    watch: parts.watches,
    watch_clock: parts.clocks.all,
    inspection: ofWatches(parts.inspections),
    tag: parts.tags.all,
    product: parts.products,
    sprayer: parts.sprayers,
    spray: parts.allSprays,
    round: parts.rounds.all,
    stop: parts.stops.all,
    sample: ofWatches(parts.samples),
    tape: ofWatches(parts.tapes),
    trap: parts.traps.all,
    device: parts.devices.all,
    sighting: parts.sightings.all,
    handwork: parts.handwork.all,
    photo: ofWatches(parts.photos),
    growth: parts.growth.all,
    care: parts.care.all,
    guess: parts.guesses.all,
    local_advice: parts.localAdvice.all,
    reading: parts.readings.all,
    weather_fix: parts.fixes.all,
    paired_reading: parts.pairs.all,
  };
}
