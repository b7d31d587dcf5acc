import type { ProductRecord, Sprayer, SprayRecord } from '#core/records';
import type { DayOrigin, WeatherDay } from '#core/weather';
import type { Db } from './database.ts';

/** A day's weather as it was known when a spray was logged. */
export interface AttachedWeather extends Omit<WeatherDay, 'date'> {
  readonly origin: DayOrigin;
}

export interface LoggedSpray extends SprayRecord {
  readonly weather: AttachedWeather | null;
}

type ProductRow = Omit<ProductRecord, 'containsOil' | 'lines'> & { containsOil: number; lines: string };
type SprayerRow = Omit<Sprayer, 'heldHerbicide'> & { heldHerbicide: number };
type SprayRow = Omit<SprayRecord, 'againstLabel'> & {
  againstLabel: number; minC: number | null; maxC: number | null; rainMm: number | null; windMs: number | null; origin: DayOrigin | null;
};

const SPRAYER_COLUMNS = 'id, name, capacity_ml AS capacityMl, reach_m AS reachM, held_herbicide AS heldHerbicide';
const PRODUCT_COLUMNS = 'id, name, material_id AS materialId, strength_percent AS strengthPercent, contains_oil AS containsOil, formulation, lines';

/** What stands on the shelf, what it is sprayed with, and what was sprayed. */
export function shelfStore(db: Db) {
  const productOf = (row: ProductRow): ProductRecord => ({
    ...row, containsOil: row.containsOil === 1, lines: JSON.parse(row.lines) as ProductRecord['lines'],
  });
  const sprayerOf = (row: SprayerRow): Sprayer => ({ ...row, heldHerbicide: row.heldHerbicide === 1 });
  return {
    products: (): ProductRecord[] => (db.prepare(`SELECT ${PRODUCT_COLUMNS} FROM product ORDER BY name`).all() as ProductRow[]).map(productOf),
    product(id: string): ProductRecord | undefined {
      const row = db.prepare(`SELECT ${PRODUCT_COLUMNS} FROM product WHERE id = ?`).get(id) as ProductRow | undefined;
      return row && productOf(row);
    },
    putProduct(product: ProductRecord): void {
      db.prepare(`INSERT INTO product (id, name, material_id, strength_percent, contains_oil, formulation, lines)
        VALUES (@id, @name, @materialId, @strengthPercent, @containsOil, @formulation, @lines)
        ON CONFLICT (id) DO UPDATE SET name = @name, material_id = @materialId, strength_percent = @strengthPercent,
          contains_oil = @containsOil, formulation = @formulation, lines = @lines`)
        .run({ ...product, containsOil: Number(product.containsOil), lines: JSON.stringify(product.lines) });
    },

    sprayers: (): Sprayer[] => (db.prepare(`SELECT ${SPRAYER_COLUMNS} FROM sprayer ORDER BY capacity_ml`).all() as SprayerRow[]).map(sprayerOf),
    sprayer(id: string): Sprayer | undefined {
      const row = db.prepare(`SELECT ${SPRAYER_COLUMNS} FROM sprayer WHERE id = ?`).get(id) as SprayerRow | undefined;
      return row && sprayerOf(row);
    },
    putSprayer(sprayer: Sprayer): void {
      db.prepare(`INSERT INTO sprayer (id, name, capacity_ml, reach_m, held_herbicide) VALUES (@id, @name, @capacityMl, @reachM, @heldHerbicide)
        ON CONFLICT (id) DO UPDATE SET name = @name, capacity_ml = @capacityMl, reach_m = @reachM, held_herbicide = @heldHerbicide`)
        .run({ ...sprayer, heldHerbicide: Number(sprayer.heldHerbicide) });
    },

    sprays: (watchId: string): LoggedSpray[] => (db.prepare(`SELECT id, watch_id AS watchId, product_id AS productId, line_id AS lineId,
        sprayer_id AS sprayerId, on_day AS "on", leaf_state AS leafState, rate, spray_ml AS sprayMl, product_amount AS productAmount,
        against_label AS againstLabel, note, min_c AS minC, max_c AS maxC, rain_mm AS rainMm, wind_ms AS windMs, weather_origin AS origin
        FROM spray WHERE watch_id = ? ORDER BY on_day, id`).all(watchId) as SprayRow[]).map(sprayOf),
    putSpray(spray: SprayRecord, weather: AttachedWeather | null): void {
      db.prepare(`INSERT INTO spray (id, watch_id, product_id, line_id, sprayer_id, on_day, leaf_state, rate, spray_ml, product_amount,
          against_label, note, min_c, max_c, rain_mm, wind_ms, weather_origin)
        VALUES (@id, @watchId, @productId, @lineId, @sprayerId, @on, @leafState, @rate, @sprayMl, @productAmount,
          @againstLabel, @note, @minC, @maxC, @rainMm, @windMs, @origin)
        ON CONFLICT (id) DO UPDATE SET watch_id = @watchId, product_id = @productId, line_id = @lineId, sprayer_id = @sprayerId,
          on_day = @on, leaf_state = @leafState, rate = @rate, spray_ml = @sprayMl, product_amount = @productAmount,
          against_label = @againstLabel, note = @note, min_c = @minC, max_c = @maxC, rain_mm = @rainMm, wind_ms = @windMs,
          weather_origin = @origin`)
        .run({
          ...spray, againstLabel: Number(spray.againstLabel), minC: weather?.minC ?? null, maxC: weather?.maxC ?? null,
          rainMm: weather?.rainMm ?? null, windMs: weather?.windMs ?? null, origin: weather?.origin ?? null,
        });
    },
    removeSpray: (id: string) => db.prepare('DELETE FROM spray WHERE id = ?').run(id).changes > 0,
  };
}

function sprayOf({ minC, maxC, rainMm, windMs, origin, againstLabel, ...spray }: SprayRow): LoggedSpray {
  const weather = minC !== null && maxC !== null && origin !== null ? { minC, maxC, rainMm, windMs, origin } : null;
  return { ...spray, againstLabel: againstLabel === 1, weather };
}

export type ShelfStore = ReturnType<typeof shelfStore>;
