import { changeLog } from './change-log.ts';
import { openDatabase, type Db } from './database.ts';
import { deliveryStore, type DeliveryStore } from './delivery-store.ts';
import { gardenStore, type GardenStore } from './garden-store.ts';
import { metaStore } from './meta-store.ts';
import { photoStore, type PhotoStore } from './photo-store.ts';
import type { RecordTable } from './record-table.ts';
import { roundStore, type RoundStore } from './round-store.ts';
import { sessionStore, type SessionStore } from './session-store.ts';
import { shelfStore, type ShelfStore } from './shelf-store.ts';
import { watchStore, type WatchStore } from './watch-store.ts';
import { type WatchVersions, watchVersions } from './watch-versions.ts';
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
    SessionStore,
    DeliveryStore,
    WatchVersions,
    ReturnType<typeof metaStore>,
    ReturnType<typeof changeLog> {
  readonly db: Db;
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
  const garden = gardenStore(db),
    weather = weatherStore(db),
    weatherIn = weatherInStore(db);
  let weatherWrites = 0;
  const countedTable = <T extends { readonly id: string }>(table: RecordTable<T>): RecordTable<T> => ({
    ...table,
    put: counted(table.put),
    remove: counted(table.remove),
  });
  const counted =
    <Args extends unknown[], Result>(write: (...args: Args) => Result) =>
    (...args: Args): Result => {
      weatherWrites++;
      return write(...args);
    };
  return {
    db,
    writes: () => (totalChanges.get() as { n: number }).n,
    weatherWrites: () => weatherWrites,
    weatherChanged: () => void weatherWrites++,
    close: () => void db.close(),
    ...metaStore(db),
    ...garden,
    ...watchStore(db),
    ...photoStore(db),
    ...roundStore(db),
    ...weather,
    ...weatherIn,
    ...shelfStore(db),
    ...sessionStore(db),
    ...deliveryStore(db),
    ...watchVersions(db),
    ...changeLog(db),
    putGarden: counted(garden.putGarden),
    putPlace: counted(garden.putPlace),
    putPlant: counted(garden.putPlant),
    putMove: counted(garden.putMove),
    removeMove: counted(garden.removeMove),
    writeDays: counted(weather.writeDays),
    importDays: counted(weather.importDays),
    replaceForecast: counted(weather.replaceForecast),
    readings: countedTable(weather.readings),
    fixes: countedTable(weather.fixes),
    replaceNormals: counted(weatherIn.replaceNormals),
    putStation: counted(weather.putStation),
  };
}
