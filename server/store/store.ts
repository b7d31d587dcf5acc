import { changeLog } from './change-log.ts';
import { openDatabase, type Db } from './database.ts';
import { daysAhead } from './days-ahead.ts';
import { deliveryStore, type DeliveryStore } from './delivery-store.ts';
import { type GardenStateStore, gardenStateStore } from './garden-state-store.ts';
import { gardenStore, type GardenStore } from './garden-store.ts';
import type { KindTable } from './kinds.ts';
import { metaStore } from './meta-store.ts';
import { photoStore, type PhotoStore } from './photo-store.ts';
import { recipeStore, type RecipeStore } from './recipe-store.ts';
import { roundStore, type RoundStore } from './round-store.ts';
import { pieceStore, type PieceStore } from './piece-store.ts';
import { takingOut } from './taking-out.ts';
import { seriesStore, type SeriesStore } from './series-store.ts';
import { sessionStore, type SessionStore } from './session-store.ts';
import { shelfStore, type ShelfStore } from './shelf-store.ts';
import { unsettledStore, type UnsettledStore } from './unsettled-store.ts';
import { watchStore, type WatchStore } from './watch-store.ts';
import { weatherInStore, type WeatherInStore } from './weather-in-store.ts';
import { weatherStore, type WeatherStore } from './weather-store.ts';

export interface Store
  extends
    GardenStore,
    WatchStore,
    PhotoStore,
    RoundStore,
    WeatherStore,
    WeatherInStore,
    ShelfStore,
    SeriesStore,
    RecipeStore,
    SessionStore,
    DeliveryStore,
    UnsettledStore,
    PieceStore,
    GardenStateStore,
    ReturnType<typeof metaStore>,
    ReturnType<typeof changeLog>,
    ReturnType<typeof takingOut>,
    ReturnType<typeof daysAhead> {
  readonly db: Db;
  /** All records of a kind. */
  every(kind: KindTable): readonly object[];
  /** Counts up with every row written; this process is the only one that writes. */
  writes(): number;
  close(): void;
}

/** Everything that is kept, over one database file. */
export function openStore(path: string, migrationsFolder: string): Store {
  const db = openDatabase(path, migrationsFolder);
  const totalChanges = db.prepare('SELECT total_changes() AS n');
  const parts = {
    ...metaStore(db),
    ...gardenStore(db),
    ...watchStore(db),
    ...photoStore(db),
    ...roundStore(db),
    ...weatherStore(db),
    ...weatherInStore(db),
    ...shelfStore(db),
    ...seriesStore(db),
    ...recipeStore(db),
    ...sessionStore(db),
    ...deliveryStore(db),
    ...unsettledStore(db),
    ...pieceStore(db),
    ...changeLog(db),
    ...takingOut(db),
    ...daysAhead(db),
  };
  const every = everyOf(parts);
  return {
    db,
    every: (kind) => every[kind](),
    writes: () => (totalChanges.get() as { n: number }).n,
    close: () => void db.close(),
    ...gardenStateStore(db, parts),
    ...parts,
  };
}

type Parts = GardenStore &
  WatchStore &
  PhotoStore &
  RoundStore &
  WeatherStore &
  WeatherInStore &
  ShelfStore &
  SeriesStore &
  RecipeStore;

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
    season_plan: parts.seasonPlans.all,
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
    series: parts.series.all,
    tick: parts.ticks.all,
    recipe: parts.recipes.all,
    wait: parts.waits.all,
    photo: parts.allPhotos,
    growth: parts.growth.all,
    care: parts.care.all,
    guess: parts.guesses.all,
    local_advice: parts.localAdvice.all,
    reading: parts.readings.all,
    weather_fix: parts.fixes.all,
    paired_reading: parts.pairs.all,
    wet_look: parts.wetLooks.all,
    year_review: parts.yearReviews.all,
    plant_spot: parts.plantSpots.all,
    ground_shape: parts.groundShapes.all,
    ground_picture: parts.groundPictures.all,
    spread_look: parts.spreadLooks.all,
  };
}
