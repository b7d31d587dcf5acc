import type { Garden, Move, Place, Plant } from '#core/records';
import type { Db } from './database.ts';

type GardenRow = Omit<Garden, 'spoonIds' | 'schools'> & { spoonIds: string; schools: string };
type PlaceRow = Omit<Place, 'standInIds'> & { standInIds: string };
type PlantRow = Omit<Plant, 'edible' | 'outOfReach' | 'schools'> & {
  edible: number;
  outOfReach: number;
  schools: string;
};

const PLANT_COLUMNS = `id, name, host_id AS hostId, place_id AS placeId, count, height_m AS heightM, spread_m AS spreadM,
  length_m AS lengthM, year_planted AS yearPlanted, vigour, light, watering, edible, age, out_of_reach AS outOfReach,
  retired_on AS retiredOn, retired_why AS retiredWhy, harvest_from AS harvestFrom, harvest_to AS harvestTo, schools, note`;

const PLACE_COLUMNS =
  'id, name, kind, station_id AS stationId, min_offset_c AS minOffsetC, max_offset_c AS maxOffsetC, ' +
  'stand_in_ids AS standInIds';

const MOVE_COLUMNS = 'id, plant_id AS plantId, place_id AS placeId, moved_on AS movedOn';

/** The garden itself, its places, its plants and where they stood. */
export function gardenStore(db: Db) {
  const placeOf = (row: PlaceRow): Place => ({ ...row, standInIds: JSON.parse(row.standInIds) as string[] });
  const plantOf = (row: PlantRow): Plant => ({
    ...row,
    edible: row.edible === 1,
    outOfReach: row.outOfReach === 1,
    schools: JSON.parse(row.schools) as Plant['schools'],
  });
  return {
    garden(): Garden | null {
      const row = db
        .prepare(
          `SELECT name, latitude_deg AS latitudeDeg, longitude_deg AS longitudeDeg, time_zone AS timeZone, temperature_unit AS temperatureUnit,
        measure_system AS measureSystem, spoon_ids AS spoonIds, schools, country FROM garden`,
        )
        .get() as GardenRow | undefined;
      return row
        ? {
            ...row,
            spoonIds: JSON.parse(row.spoonIds) as string[],
            schools: JSON.parse(row.schools) as Garden['schools'],
          }
        : null;
    },
    putGarden(garden: Garden): void {
      db.prepare(
        `INSERT INTO garden (only_one, name, latitude_deg, longitude_deg, time_zone, temperature_unit, measure_system, spoon_ids, schools, country)
        VALUES (1, @name, @latitudeDeg, @longitudeDeg, @timeZone, @temperatureUnit, @measureSystem, @spoonIds, @schools, @country)
        ON CONFLICT (only_one) DO UPDATE SET name = @name, latitude_deg = @latitudeDeg, longitude_deg = @longitudeDeg, time_zone = @timeZone,
          temperature_unit = @temperatureUnit, measure_system = @measureSystem, spoon_ids = @spoonIds, schools = @schools, country = @country`,
      ).run({
        ...garden,
        spoonIds: JSON.stringify(garden.spoonIds),
        schools: JSON.stringify(garden.schools),
      });
    },

    places: (): Place[] =>
      (
        db
          .prepare(`SELECT ${PLACE_COLUMNS} FROM place ORDER BY kind <> 'outdoors', kind, name`)
          .all() as PlaceRow[]
      ).map(placeOf),
    place(id: string): Place | undefined {
      const row = db.prepare(`SELECT ${PLACE_COLUMNS} FROM place WHERE id = ?`).get(id) as
        PlaceRow | undefined;
      return row && placeOf(row);
    },
    putPlace(place: Place): void {
      db.prepare(
        `INSERT INTO place (id, name, kind, station_id, min_offset_c, max_offset_c, stand_in_ids)
        VALUES (@id, @name, @kind, @stationId, @minOffsetC, @maxOffsetC, @standInIds)
        ON CONFLICT (id) DO UPDATE SET name = @name, kind = @kind, station_id = @stationId,
          min_offset_c = @minOffsetC, max_offset_c = @maxOffsetC, stand_in_ids = @standInIds`,
      ).run({ ...place, standInIds: JSON.stringify(place.standInIds) });
    },

    plants: (): Plant[] =>
      (db.prepare(`SELECT ${PLANT_COLUMNS} FROM plant ORDER BY name`).all() as PlantRow[]).map(plantOf),
    plant(id: string): Plant | undefined {
      const row = db.prepare(`SELECT ${PLANT_COLUMNS} FROM plant WHERE id = ?`).get(id) as
        PlantRow | undefined;
      return row && plantOf(row);
    },
    putPlant(plant: Plant): void {
      db.prepare(
        `INSERT INTO plant (id, name, host_id, place_id, count, height_m, spread_m, length_m, year_planted, vigour, light,
          watering, edible, age, out_of_reach, retired_on, retired_why, harvest_from, harvest_to, schools, note)
        VALUES (@id, @name, @hostId, @placeId, @count, @heightM, @spreadM, @lengthM, @yearPlanted, @vigour, @light,
          @watering, @edible, @age, @outOfReach, @retiredOn, @retiredWhy, @harvestFrom, @harvestTo, @schools, @note)
        ON CONFLICT (id) DO UPDATE SET name = @name, host_id = @hostId, place_id = @placeId, count = @count, height_m = @heightM,
          spread_m = @spreadM, length_m = @lengthM, year_planted = @yearPlanted, vigour = @vigour, light = @light,
          watering = @watering, edible = @edible, age = @age, out_of_reach = @outOfReach, retired_on = @retiredOn,
          retired_why = @retiredWhy, harvest_from = @harvestFrom, harvest_to = @harvestTo, schools = @schools, note = @note`,
      ).run({
        ...plant,
        edible: Number(plant.edible),
        outOfReach: Number(plant.outOfReach),
        schools: JSON.stringify(plant.schools),
      });
    },

    moves: (plantId: string) =>
      db
        .prepare(`SELECT ${MOVE_COLUMNS} FROM plant_move WHERE plant_id = ? ORDER BY moved_on, id`)
        .all(plantId) as Move[],
    putMove(move: Move): void {
      db.prepare(
        `INSERT INTO plant_move (id, plant_id, place_id, moved_on) VALUES (@id, @plantId, @placeId, @movedOn)
        ON CONFLICT (id) DO UPDATE SET plant_id = @plantId, place_id = @placeId, moved_on = @movedOn`,
      ).run(move);
    },
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
