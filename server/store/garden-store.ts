import type {
  Garden,
  GroundPicture,
  GroundShape,
  Move,
  Place,
  Plant,
  PlantSpot,
  SpreadLook,
} from '#core/records';
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
      leastC: 'least_c',
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
  const plantSpots = recordTable<PlantSpot>(
    db,
    'plant_spot',
    { id: 'id', plantId: 'plant_id', placeId: 'place_id', xM: 'x_m', yM: 'y_m', turnDeg: 'turn_deg' },
    'id',
  );
  const groundShapes = recordTable<GroundShape>(
    db,
    'ground_shape',
    {
      id: 'id',
      kind: 'kind',
      name: 'name',
      placeId: 'place_id',
      xM: 'x_m',
      yM: 'y_m',
      turnDeg: 'turn_deg',
      lengthM: 'length_m',
      depthM: 'depth_m',
      heightM: 'height_m',
    },
    'id',
  );
  const groundPictures = recordTable<GroundPicture>(
    db,
    'ground_picture',
    { id: 'id', photoId: 'photo_id', xM: 'x_m', yM: 'y_m', turnDeg: 'turn_deg', widthM: 'width_m' },
    'id',
  );
  const spreadLooks = recordTable<SpreadLook>(
    db,
    'spread_look',
    { id: 'id', watchId: 'watch_id', plantId: 'plant_id', on: 'on_day', bore: 'bore' },
    'on_day, id',
    { flags: ['bore'] },
  );
  return {
    plantSpots,
    groundShapes,
    groundPictures,
    spreadLooks,

    garden(): Garden | null {
      const row = db
        .prepare(
          `SELECT name, latitude_deg AS latitudeDeg, longitude_deg AS longitudeDeg, time_zone AS timeZone, temperature_unit AS temperatureUnit,
        measure_system AS measureSystem, spoon_ids AS spoonIds, schools, country, climate, up_bearing_deg AS upBearingDeg,
        wind_from_deg AS windFromDeg FROM garden`,
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
        `INSERT INTO garden (only_one, name, latitude_deg, longitude_deg, time_zone, temperature_unit, measure_system, spoon_ids, schools, country, climate, up_bearing_deg, wind_from_deg)
        VALUES (1, @name, @latitudeDeg, @longitudeDeg, @timeZone, @temperatureUnit, @measureSystem, @spoonIds, @schools, @country, @climate, @upBearingDeg, @windFromDeg)
        ON CONFLICT (only_one) DO UPDATE SET name = @name, latitude_deg = @latitudeDeg, longitude_deg = @longitudeDeg, time_zone = @timeZone,
          temperature_unit = @temperatureUnit, measure_system = @measureSystem, spoon_ids = @spoonIds, schools = @schools, country = @country, climate = @climate,
          up_bearing_deg = @upBearingDeg, wind_from_deg = @windFromDeg`,
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
    /** Pairs of plants of which it was said that they touch, or that they do not, by id. */
    saidPairs: (touches: boolean) =>
      db
        .prepare('SELECT plant_id, other_id FROM plant_touch WHERE touches = ? ORDER BY 1, 2')
        .raw()
        .all(Number(touches)) as [string, string][],
    /** Ids of the plants that were said to touch one. */
    touching: (plantId: string): string[] =>
      (
        db
          .prepare(
            `SELECT other_id AS id FROM plant_touch WHERE plant_id = @plantId AND touches = 1
      UNION SELECT plant_id FROM plant_touch WHERE other_id = @plantId AND touches = 1 ORDER BY id`,
          )
          .all({ plantId }) as { id: string }[]
      ).map((row) => row.id),
    putTouch(a: string, b: string, touches: boolean): void {
      const [one, other] = [a, b].sort();
      db.prepare(
        `INSERT INTO plant_touch (plant_id, other_id, touches) VALUES (@one, @other, @touches)
        ON CONFLICT (plant_id, other_id) DO UPDATE SET touches = @touches`,
      ).run({ one, other, touches: Number(touches) });
    },
    removeTouch: (a: string, b: string) =>
      db.prepare('DELETE FROM plant_touch WHERE plant_id = ? AND other_id = ?').run(...[a, b].sort())
        .changes > 0,
  };
}

export type GardenStore = ReturnType<typeof gardenStore>;
