import type { CivilDate } from '#core/calendar';
import type { MonthlyNormalRecord, PairedReading, WetLookRecord } from '#core/records';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

/** What came of a file in the watched folder. */
export type FileOutcome =
  | {
      readonly kind: 'read';
      readonly stationId: string;
      readonly added: number;
      readonly unchanged: number;
      readonly differing: number;
      readonly problems: number;
      readonly doubts: number;
    }
  | { readonly kind: 'refused'; readonly reason: string };

export interface WeatherFile {
  readonly name: string;
  /** Changes when the file does. */
  readonly stamp: string;
  readonly readOn: CivilDate;
  readonly outcome: FileOutcome;
}

/**
 * What helps weather in: paired readings of places, files of the watched folder, the place's usual
 * months.
 */
export function weatherInStore(db: Db) {
  return {
    pairs: recordTable<PairedReading>(
      db,
      'paired_reading',
      { id: 'id', placeId: 'place_id', on: 'on_day', lowC: 'low_c', highC: 'high_c' },
      'on_day, id',
    ),

    wetLooks: recordTable<WetLookRecord>(
      db,
      'wet_look',
      {
        id: 'id',
        placeId: 'place_id',
        on: 'on_day',
        breakfast: 'breakfast',
        noon: 'noon',
        dryByHour: 'dry_by_hour',
      },
      'on_day, id',
      { json: ['breakfast', 'noon'] },
    ),

    weatherFiles: (): WeatherFile[] =>
      (
        db
          .prepare(
            'SELECT name, stamp, read_on AS readOn, outcome FROM weather_file ORDER BY read_on DESC, name',
          )
          .all() as (Omit<WeatherFile, 'outcome'> & { outcome: string })[]
      ).map((row) => ({ ...row, outcome: JSON.parse(row.outcome) as FileOutcome })),
    putWeatherFile(file: WeatherFile): void {
      db.prepare(
        `INSERT INTO weather_file (name, stamp, read_on, outcome) VALUES (@name, @stamp, @readOn, @outcome)
        ON CONFLICT (name) DO UPDATE SET stamp = @stamp, read_on = @readOn, outcome = @outcome`,
      ).run({ ...file, outcome: JSON.stringify(file.outcome) });
    },

    normals: (): MonthlyNormalRecord[] =>
      db
        .prepare(
          'SELECT month, min_c AS minC, max_c AS maxC, rain_mm AS rainMm, wet_days AS wetDays FROM ' +
            'monthly_normal ORDER BY month',
        )
        .all() as MonthlyNormalRecord[],
    replaceNormals(normals: readonly MonthlyNormalRecord[]): void {
      const insert = db.prepare(
        'INSERT INTO monthly_normal (month, min_c, max_c, rain_mm, wet_days) VALUES (@month, @minC, ' +
          '@maxC, @rainMm, @wetDays)',
      );
      db.transaction(() => {
        db.prepare('DELETE FROM monthly_normal').run();
        normals.forEach((normal) => insert.run(normal));
      })();
    },
  };
}

export type WeatherInStore = ReturnType<typeof weatherInStore>;
