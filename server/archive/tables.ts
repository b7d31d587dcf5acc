import type { Db } from '../store/database.ts';

/** Tables whose rows go into an archive, those referred to before those that refer. */
export const ARCHIVED = [
  'garden',
  'station',
  'station_day',
  'forecast_day',
  'place',
  'monthly_normal',
  'plant',
  'plant_move',
  'plant_touch',
  'plant_spot',
  'ground_shape',
  'watch',
  'inspection',
  'product',
  'sprayer',
  'spray',
  'round',
  'sample',
  'tape',
  'stop',
  'trap',
  'device',
  'tag',
  'growth',
  'care',
  'guess',
  'photo',
  'ground_picture',
  'reading',
  'weather_fix',
  'paired_reading',
  'wet_look',
  'sighting',
  'watch_clock',
  'season_plan',
  'spread_look',
  'year_review',
  'handwork',
  'series',
  'tick',
  'recipe',
  'wait',
  'local_advice',
  'unsettled',
  'change_log',
] as const;

/** Pictures stand in the archive as files of their own. */
export const PICTURES = 'photo_image';

/**
 * What belongs to this installation and not to the garden: secrets, devices let in, deliveries, pictures on their
 * way, files already read.
 */
export const LEFT_OUT = ['meta', 'session', 'delivery', 'photo_piece', 'weather_file'] as const;

export interface Columns {
  readonly all: readonly string[];
  readonly key: readonly string[];
}

/** A table's columns and what tells its rows apart. */
export function columnsOf(db: Db, table: string, schema = 'main'): Columns {
  const info = db.pragma(`${schema}.table_info(${table})`) as { name: string; pk: number }[];
  return {
    all: info.map(({ name }) => name),
    key: info
      .filter(({ pk }) => pk > 0)
      .sort((a, b) => a.pk - b.pk)
      .map(({ name }) => name),
  };
}

export const hasTable = (db: Db, table: string): boolean =>
  db.prepare("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?").get(table) !== undefined;
