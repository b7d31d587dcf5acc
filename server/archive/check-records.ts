import type { z } from 'zod';
import { gardenRecord, monthlyNormals } from '#core/records';
import { keysOf } from '#core/tables';
import { COLDEST_PLAUSIBLE_C, HOTTEST_PLAUSIBLE_C } from '#core/weather';
import { fieldWords, HOSTS, MATERIALS, TARGETS } from '#knowledge';
import { KINDS } from '../store/kinds.ts';
import type { Store } from '../store/store.ts';
import { ArchiveError } from './archive-error.ts';

const HOST_IDS = new Set(HOSTS.map(({ id }) => id)),
  MATERIAL_IDS = new Set(MATERIALS.map(({ id }) => id)),
  TARGET_IDS = new Set(TARGETS.map(({ id }) => id));

const MOST_CHANGES = 1e12;
/** As a file of weather is held to. */
const MOST_RAIN_MM = 2000;
const MOST_WIND_MS = 100;

/** Earlier states are numbered upwards for good: one near the end of all numbers would be the last. */
function checkNumbering({ db }: Store): void {
  const odd = db.prepare('SELECT 1 FROM change_log WHERE seq < 1 OR seq > ?').get(MOST_CHANGES);
  if (odd) throw new ArchiveError('Its history is not numbered as a history is.');
}

/**
 * Holds every record of a foreign database to the same rules as one that comes in by a form.
 * @throws ArchiveError naming the first that does not keep them.
 */
export function checkRecords(store: Store): void {
  const check = (kind: string, schema: z.ZodType, records: readonly object[]) => {
    for (const record of records) {
      const { success, error } = schema.safeParse(record);
      if (!success)
        throw new ArchiveError(
          `A record in it does not hold what such a record holds: ${kind}, ${error.issues[0]!.path.join('.')}: ${fieldWords(error.issues[0]!.message)}.`,
        );
    }
  };
  const garden = store.garden();
  if (garden) check('garden', gardenRecord, [garden]);
  const plants = store.plants(),
    watches = store.watches(),
    products = store.products(),
    stations = store.stations(),
    places = store.places();
  const checkReferences = (kind: string, ids: ReadonlySet<string>, referred: readonly (string | null)[]) => {
    const foreign = referred.find((id) => id !== null && !ids.has(id));
    if (foreign)
      throw new ArchiveError(`It names a ${kind} this program does not know: ${foreign.slice(0, 40)}.`);
  };
  checkReferences(
    'kind of plant',
    HOST_IDS,
    plants.map(({ hostId }) => hostId),
  );
  checkReferences(
    'trouble',
    TARGET_IDS,
    watches.flatMap(({ targetId, firstTargetId }) => [targetId, firstTargetId]),
  );
  checkReferences(
    'material',
    MATERIAL_IDS,
    [...products, ...store.localAdvice.all()].map(({ materialId }) => materialId),
  );
  checkReferences(
    'product',
    new Set(products.map(({ id }) => id)),
    store.allSprays().flatMap(({ parts }) => parts.map(({ productId }) => productId)),
  );
  checkReferences(
    'thermometer',
    new Set(stations.map(({ id }) => id)),
    places.flatMap(({ standInIds }) => standInIds),
  );
  checkNumbering(store);
  checkDays(store);
  const normals = store.normals();
  if (normals.length > 0) check('usual months', monthlyNormals, [{ normals }]);
  for (const kind of keysOf(KINDS)) check(KINDS[kind].called, KINDS[kind].schema, store.every(kind));
}

/** Days of weather are many and of one shape: looked through where they lie. */
function checkDays({ db }: Store): void {
  for (const table of ['station_day', 'forecast_day']) {
    const hours =
      table === 'station_day'
        ? `OR (hours_c IS NOT NULL AND (json_type(hours_c) <> 'array' OR json_array_length(hours_c) <> 24
            OR EXISTS (SELECT 1 FROM json_each(hours_c) WHERE type NOT IN ('integer', 'real')
              OR value NOT BETWEEN ${COLDEST_PLAUSIBLE_C} AND ${HOTTEST_PLAUSIBLE_C})))
            OR (hourly IS NOT NULL AND (json_type(hourly) <> 'object'
              OR EXISTS (SELECT 1 FROM json_each(hourly) WHERE type <> 'array' OR json_array_length(value) <> 24)
              OR EXISTS (SELECT 1 FROM json_each(hourly) AS series, json_each(series.value) AS hour
                WHERE series.type = 'array'
                  AND (hour.type NOT IN ('integer', 'real', 'null') OR hour.value NOT BETWEEN 0 AND 500))))`
        : '';
    const { n } = db
      .prepare(
        `SELECT count(*) AS n FROM ${table} WHERE date IS NOT strftime('%Y-%m-%d', date) OR min_c < ${COLDEST_PLAUSIBLE_C} OR max_c > ${HOTTEST_PLAUSIBLE_C} OR rain_mm NOT BETWEEN 0 AND ${MOST_RAIN_MM} OR wind_ms NOT BETWEEN 0 AND ${MOST_WIND_MS} ${hours}`,
      )
      .get() as { n: number };
    if (n > 0) throw new ArchiveError(`It holds ${n} days of weather that no garden has had.`);
  }
}
