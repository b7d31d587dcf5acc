import { addDays, type CivilDate } from '#core/calendar';
import { blankGarden, usualSpoonIds } from '#core/records';
import { placeOn } from '#core/weather';
import type { Store } from '#server/store/store';
import type { WatchedFolder } from '#server/sources/watched-folder';
import type { WeatherSource } from '#server/sources/weather-source';
import { dropLoggerFile } from './logger.ts';
import { GROUND_SHAPES, PLANT_SPOTS } from './ground.ts';
import { HEDGE_WATCH, WATCHES } from './watches.ts';
import { hedgeTapes } from './hedge-tapes.ts';
import { GROWTH, PLACES, PLANTS, TOUCHING } from './plants.ts';
import { SERIES } from './programme.ts';
import { ADVICE, PRODUCTS, SPRAYERS } from './shelf.ts';
import { GARDEN_STATION, STATION_FROM, SUNROOM_LOGGER } from './stations.ts';

/** The day the made-up garden opens on: the hedge's crawlers are rising, its window opens within days. */
export const OPENING_DAY: CivilDate = '2026-05-29';

/** First tape of each season on the hedge. */
const FIRST_TAPES: readonly CivilDate[] = ['2024-05-13', '2025-05-13', '2026-05-16'];

/** Fills an empty store with Fallow Bank as it is on its opening day. */
export function seedFallowBank(store: Store, sources: readonly WeatherSource[]): void {
  store.withoutChangeLog(true, () =>
    store.db.transaction(() => {
      store.putGarden(
        blankGarden({
          name: 'Fallow Bank',
          latitudeDeg: 45,
          longitudeDeg: -73,
          timeZone: 'America/Toronto',
          spoonIds: usualSpoonIds('metric'),
        }),
      );
      store.putStation({ id: GARDEN_STATION, name: 'Garden station', kind: 'simulated' });
      store.putStation({ id: SUNROOM_LOGGER, name: 'Sunroom logger', kind: 'logger' });
      bringWeather(store, sources, STATION_FROM, OPENING_DAY);
      PLACES.forEach(store.putPlace);
      PLANTS.forEach(store.putPlant);
      GROUND_SHAPES.forEach(store.groundShapes.put);
      PLANT_SPOTS.forEach(store.plantSpots.put);
      TOUCHING.forEach(([a, b]) => store.putTouch(a, b, true));
      PRODUCTS.forEach(store.putProduct);
      SPRAYERS.forEach(store.putSprayer);
      ADVICE.forEach(store.localAdvice.put);
      GROWTH.forEach(store.growth.put);
      WATCHES.forEach((entry) => seedWatch(store, entry));
      SERIES.forEach(store.series.put);
      for (const first of FIRST_TAPES) bringTapes(store, sources, first, '2000-01-01', OPENING_DAY);
    })(),
  );
}

function seedWatch(
  store: Store,
  { watch, inspections, samples, sprays, traps, devices, sightings }: (typeof WATCHES)[number],
): void {
  store.putWatch(watch);
  inspections.forEach(store.putInspection);
  samples.forEach(store.putSample);
  devices.forEach(store.devices.put);
  traps.forEach(store.traps.put);
  sightings.forEach(store.sightings.put);
  const plant = store.plant(watch.plantId)!;
  for (const spray of sprays) {
    const place = store.place(placeOn([{ placeId: plant.placeId, from: '1900-01-01' }], spray.on))!;
    const day = store.day(place.stationId!, spray.on)!;
    store.putSpray(spray, {
      minC: day.minC,
      maxC: day.maxC,
      rainMm: day.rainMm,
      windMs: day.windMs,
      origin: 'measured',
    });
  }
}

/** Brings in what the stations measured from `from` to the eve of `today`, and today's forecast. */
export function bringWeather(
  store: Store,
  sources: readonly WeatherSource[],
  from: CivilDate,
  today: CivilDate,
): void {
  for (const source of sources) {
    store.writeDays(source.stationId, source.measured(from, addDays(today, -1)));
    store.replaceForecast(source.stationId, today, source.forecast(today) ?? []);
  }
}

/** Puts down the hedge tapes that fell due after `after` and up to `today`. */
export function bringTapes(
  store: Store,
  sources: readonly WeatherSource[],
  first: CivilDate,
  after: CivilDate,
  today: CivilDate,
): void {
  const station = sources.find((source) => source.stationId === GARDEN_STATION)!;
  hedgeTapes(station, HEDGE_WATCH, first, after, today).forEach(store.putTape);
}

/**
 * What happens in the made-up garden when its day moves on: weather comes in, the sunroom's logger
 * drops its file into the folder (or tells its days itself where there is none), tapes are changed.
 */
export async function passDays(
  store: Store,
  sources: readonly WeatherSource[],
  folder: WatchedFolder | null,
  from: CivilDate,
  to: CivilDate,
): Promise<void> {
  if (folder) {
    dropLoggerFile(
      folder.folder,
      sources.find(({ stationId }) => stationId === SUNROOM_LOGGER)!,
      from,
      to,
    );
    await folder.readNow();
  }
  store.db.transaction(() => {
    bringWeather(
      store,
      folder ? sources.filter(({ stationId }) => stationId !== SUNROOM_LOGGER) : sources,
      from,
      to,
    );
    bringTapes(store, sources, FIRST_TAPES.at(-1)!, from, to);
  })();
}
