import type { Garden, Move, Place, Plant } from '#core/records';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

type GardenRow = Omit<Garden, 'spoonIds' | 'schools' | 'climate'> & {
  spoonIds: string;
  schools: string;
  climate: string | null;
};

/** The garden itself, its places, its plants and where they stood. */
export function gardenStore(db: Db) {
  const places = recordTable<Place>(
    db,
    'place',
    {
      id: 'id',
      name: 'name',
      kind: 'kind',
      stationId: 'station_id',
      minOffsetC: 'min_offset_c',
      maxOffsetC: 'max_offset_c',
      standInIds: 'stand_in_ids',
    },
    "kind <> 'outdoors', kind, name",
    { json: ['standInIds'] },
  );
  const plants = recordTable<Plant>(
    db,
    'plant',
    {
      id: 'id',
      name: 'name',
      hostId: 'host_id',
      placeId: 'place_id',
      count: 'count',
      heightM: 'height_m',
      spreadM: 'spread_m',
      lengthM: 'length_m',
      yearPlanted: 'year_planted',
      vigour: 'vigour',
      light: 'light',
      watering: 'watering',
      edible: 'edible',
      age: 'age',
      evergreen: 'evergreen',
      outOfReach: 'out_of_reach',
      retiredOn: 'retired_on',
      retiredWhy: 'retired_why',
      harvestFrom: 'harvest_from',
      harvestTo: 'harvest_to',
      resists: 'resists',
      schools: 'schools',
      note: 'note',
    },
    'name',
    { flags: ['edible', 'outOfReach'], json: ['evergreen', 'resists', 'schools'] },
  );
  const moves = recordTable<Move>(
    db,
    'plant_move',
    { id: 'id', plantId: 'plant_id', placeId: 'place_id', movedOn: 'moved_on' },
    'moved_on, id',
  );
  return {
    garden(): Garden | null {
      const row = db
        .prepare(
          `SELECT name, latitude_deg AS latitudeDeg, longitude_deg AS longitudeDeg, time_zone AS timeZone, temperature_unit AS temperatureUnit,
        measure_system AS measureSystem, spoon_ids AS spoonIds, schools, country, climate FROM garden`,
        )
        .get() as GardenRow | undefined;
      return row
        ? {
            ...row,
            spoonIds: JSON.parse(row.spoonIds) as string[],
            schools: JSON.parse(row.schools) as Garden['schools'],
            climate: row.climate === null ? null : (JSON.parse(row.climate) as Garden['climate']),
          }
        : null;
    },
    putGarden(garden: Garden): void {
      db.prepare(
        `INSERT INTO garden (only_one, name, latitude_deg, longitude_deg, time_zone, temperature_unit, measure_system, spoon_ids, schools, country, climate)
        VALUES (1, @name, @latitudeDeg, @longitudeDeg, @timeZone, @temperatureUnit, @measureSystem, @spoonIds, @schools, @country, @climate)
        ON CONFLICT (only_one) DO UPDATE SET name = @name, latitude_deg = @latitudeDeg, longitude_deg = @longitudeDeg, time_zone = @timeZone,
          temperature_unit = @temperatureUnit, measure_system = @measureSystem, spoon_ids = @spoonIds, schools = @schools, country = @country, climate = @climate`,
      ).run({
        ...garden,
        spoonIds: JSON.stringify(garden.spoonIds),
        schools: JSON.stringify(garden.schools),
        climate: garden.climate && JSON.stringify(garden.climate),
      });
    },

    placeTable: places,
    places: places.all,
    place: places.one,
    putPlace: places.put,

    plantTable: plants,
    plants: plants.all,
    plant: plants.one,
    putPlant: plants.put,

    moveTable: moves,
    moves: (plantId: string) => moves.by('plant_id', plantId),
    move: moves.one,
    putMove: moves.put,
    /** Pairs of plants that touch, by id. */
    touchingPairs: () =>
      db.prepare('SELECT plant_id, other_id FROM plant_touch ORDER BY 1, 2').raw().all() as [
        string,
        string,
      ][],
    /** Ids of the plants that touch one. */
    touching: (plantId: string): string[] =>
      (
        db
          .prepare(
            `SELECT other_id AS id FROM plant_touch WHERE plant_id = @plantId
      UNION SELECT plant_id FROM plant_touch WHERE other_id = @plantId ORDER BY id`,
          )
          .all({ plantId }) as { id: string }[]
      ).map((row) => row.id),
    putTouch(a: string, b: string): void {
      db.prepare('INSERT INTO plant_touch (plant_id, other_id) VALUES (?, ?) ON CONFLICT DO NOTHING').run(
        ...[a, b].sort(),
      );
    },
    removeTouch: (a: string, b: string) =>
      db.prepare('DELETE FROM plant_touch WHERE plant_id = ? AND other_id = ?').run(...[a, b].sort())
        .changes > 0,
  };
}

export type GardenStore = ReturnType<typeof gardenStore>;
