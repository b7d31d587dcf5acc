import type { LocalAdvice, ProductRecord, Sprayer, SprayRecord } from '#core/records';
import type { AttachedWeather, LoggedSpray } from '#engine';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

/** A spray as its row has it: the weather in columns of its own. */
type SprayRow = SprayRecord & {
  minC: number | null;
  maxC: number | null;
  rainMm: number | null;
  windMs: number | null;
  origin: AttachedWeather['origin'] | null;
};

/** What stands on the shelf, what it is sprayed with, what was sprayed, and what is said of it hereabouts. */
export function shelfStore(db: Db) {
  const products = recordTable<ProductRecord>(
    db,
    'product',
    {
      id: 'id',
      name: 'name',
      materialId: 'material_id',
      strengthPercent: 'strength_percent',
      containsOil: 'contains_oil',
      formulation: 'formulation',
      modeOfAction: 'mode_of_action',
      organic: 'organic',
      unlabelled: 'unlabelled',
      mustNotTouch: 'must_not_touch',
      apart: 'apart',
      stock: 'stock',
      expiresOn: 'expires_on',
      pack: 'pack',
      lines: 'lines',
    },
    'name, id',
    { flags: ['containsOil', 'organic', 'unlabelled'], json: ['apart', 'stock', 'pack', 'lines'] },
  );
  const sprayers = recordTable<Sprayer>(
    db,
    'sprayer',
    {
      id: 'id',
      name: 'name',
      kind: 'kind',
      capacityMl: 'capacity_ml',
      reachM: 'reach_m',
      heldHerbicide: 'held_herbicide',
      leaks: 'leaks',
      screen: 'screen',
      rinsedOn: 'rinsed_on',
      dial: 'dial',
    },
    'capacity_ml, id',
    { flags: ['heldHerbicide', 'leaks'], json: ['dial'] },
  );
  const sprays = recordTable<SprayRow>(
    db,
    'spray',
    {
      id: 'id',
      watchId: 'watch_id',
      plantId: 'plant_id',
      loadId: 'load_id',
      parts: 'parts',
      sprayerId: 'sprayer_id',
      on: 'on_day',
      leafState: 'leaf_state',
      scope: 'scope',
      sprayMl: 'spray_ml',
      coverage: 'coverage',
      stageSeen: 'stage_seen',
      toldWeather: 'told_weather',
      againstLabel: 'against_label',
      note: 'note',
      minC: 'min_c',
      maxC: 'max_c',
      rainMm: 'rain_mm',
      windMs: 'wind_ms',
      origin: 'weather_origin',
    },
    'on_day, id',
    { flags: ['againstLabel'], json: ['parts', 'toldWeather'] },
  );
  const spray = (id: string) => {
    const row = sprays.one(id);
    return row && sprayOf(row);
  };
  const sprayTable = { all: () => sprays.all().map(sprayOf), ids: sprays.ids, one: spray };
  return {
    productTable: products,
    products: products.all,
    product: products.one,
    putProduct: products.put,
    sprayerTable: sprayers,
    sprayers: sprayers.all,
    sprayer: sprayers.one,
    putSprayer: sprayers.put,
    localAdvice: recordTable<LocalAdvice>(
      db,
      'local_advice',
      { id: 'id', materialId: 'material_id', on: 'on_day', from: 'from_whom', says: 'says' },
      'on_day DESC, id',
    ),

    sprayTable,
    sprays: (watchId: string): readonly LoggedSpray[] => sprays.by('watch_id', watchId).map(sprayOf),
    allSprays: (): readonly LoggedSpray[] => sprayTable.all(),
    spray,
    spraysOfLoad: (loadId: string): readonly LoggedSpray[] => sprays.by('load_id', loadId).map(sprayOf),
    putSpray(spray: SprayRecord, weather: AttachedWeather | null): void {
      sprays.put({
        ...spray,
        minC: weather?.minC ?? null,
        maxC: weather?.maxC ?? null,
        rainMm: weather?.rainMm ?? null,
        windMs: weather?.windMs ?? null,
        origin: weather?.origin ?? null,
      });
    },
  };
}

function sprayOf({ minC, maxC, rainMm, windMs, origin, ...spray }: SprayRow): LoggedSpray {
  return {
    ...spray,
    weather:
      minC !== null && maxC !== null && origin !== null ? { minC, maxC, rainMm, windMs, origin } : null,
  };
}

export type ShelfStore = ReturnType<typeof shelfStore>;
