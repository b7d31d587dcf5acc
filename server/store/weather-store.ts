import { addDays, type CivilDate } from '#core/calendar';
import { sameDay, tellsMoreHours } from '#core/formats';
import type { Reading, Station, WeatherFixRecord } from '#core/records';
import {
  daysFromReadings,
  doubtfulDays,
  type Doubt,
  looksFahrenheit,
  type DayHours,
  setRight,
  type WeatherDay,
} from '#core/weather';
import type { StationSummary } from '#answers';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

export interface ImportOutcome {
  readonly added: number;
  readonly unchanged: number;
  /** Days the file and the store tell differently. */
  readonly changed: readonly {
    readonly date: CivilDate;
    readonly stored: WeatherDay;
    readonly given: WeatherDay;
  }[];
  readonly replaced: number;
  /** Days of the file that deserve a second look. */
  readonly doubts: readonly Doubt[];
  /** Whether the whole file looks like °F taken for °C, by the same time of other years. */
  readonly looksFahrenheit: boolean;
}

const DAY_COLUMNS = 'date, min_c AS minC, max_c AS maxC, rain_mm AS rainMm, wind_ms AS windMs';
const STATION_DAY_COLUMNS = `${DAY_COLUMNS}, wind_from_deg AS windFromDeg, hours_c AS hoursC, hourly`;

type DayRow = Omit<WeatherDay, 'hoursC' | 'hourly' | 'windFromDeg'> & {
  windFromDeg: number | null;
  hoursC: string | null;
  hourly: string | null;
};

function dayOf({ windFromDeg, hoursC, hourly, ...day }: DayRow): WeatherDay {
  return {
    ...day,
    ...(windFromDeg === null ? {} : { windFromDeg }),
    ...(hoursC === null ? {} : { hoursC: JSON.parse(hoursC) as number[] }),
    ...(hourly === null ? {} : { hourly: JSON.parse(hourly) as DayHours }),
  };
}

/** The hours a day has been told of already. */
const hoursOf = (day: WeatherDay | undefined): Pick<WeatherDay, 'windFromDeg' | 'hoursC' | 'hourly'> => ({
  ...(day?.windFromDeg === undefined ? {} : { windFromDeg: day.windFromDeg }),
  ...(day?.hoursC ? { hoursC: day.hoursC } : {}),
  ...(day?.hourly ? { hourly: day.hourly } : {}),
});

/** A forecast whose days are over is kept this long. */
const FORECAST_KEPT_DAYS = 400;

/** Thermometers and what they read, and the forecast as it stands. */
export function weatherStore(db: Db) {
  const insertForecastDay = db.prepare(
    `INSERT INTO forecast_day (station_id, date, min_c, max_c, rain_mm, wind_ms) VALUES (@stationId, @date, @minC, @maxC, @rainMm, @windMs)`,
  );
  const insertDay =
    db.prepare(`INSERT INTO station_day (station_id, date, min_c, max_c, rain_mm, wind_ms, wind_from_deg, hours_c, hourly)
     VALUES (@stationId, @date, @minC, @maxC, @rainMm, @windMs, @windFromDeg, @hoursC, @hourly)
     ON CONFLICT (station_id, date) DO UPDATE SET min_c = @minC, max_c = @maxC, rain_mm = @rainMm, wind_ms = @windMs,
       wind_from_deg = @windFromDeg, hours_c = @hoursC, hourly = @hourly`);
  const selectDay = db.prepare(
    `SELECT ${STATION_DAY_COLUMNS} FROM station_day WHERE station_id = ? AND date = ?`,
  );
  const day = (stationId: string, date: CivilDate) => {
    const row = selectDay.get(stationId, date) as DayRow | undefined;
    return row && dayOf(row);
  };
  const addDay = db.prepare(
    `INSERT INTO station_day (station_id, date, min_c, max_c, rain_mm, wind_ms, wind_from_deg, hours_c, hourly)
     VALUES (@stationId, @date, @minC, @maxC, @rainMm, @windMs, @windFromDeg, @hoursC, @hourly)
     ON CONFLICT (station_id, date) DO UPDATE
       SET hours_c = coalesce(hours_c, @hoursC), hourly = coalesce(hourly, @hourly),
         wind_from_deg = coalesce(wind_from_deg, @windFromDeg)
       WHERE min_c = @minC AND max_c = @maxC AND rain_mm IS @rainMm AND wind_ms IS @windMs
         AND (hours_c IS NULL AND @hoursC IS NOT NULL OR hourly IS NULL AND @hourly IS NOT NULL
           OR wind_from_deg IS NULL AND @windFromDeg IS NOT NULL)`,
  );
  const rowOf = (stationId: string, entry: WeatherDay) => ({
    stationId,
    ...entry,
    windFromDeg: entry.windFromDeg ?? null,
    hoursC: entry.hoursC ? JSON.stringify(entry.hoursC) : null,
    hourly: entry.hourly ? JSON.stringify(entry.hourly) : null,
  });
  const writeDays = (stationId: string, days: readonly WeatherDay[]) => {
    db.transaction(() => days.forEach((entry) => insertDay.run(rowOf(stationId, entry))))();
  };
  /**
   * Adds days that are not there, and hours to days that have none; what is there stays as it is. Says how many
   * were added to.
   */
  const keepDays = (stationId: string, days: readonly WeatherDay[]): number =>
    db.transaction(() =>
      days.reduce((added, entry) => added + addDay.run(rowOf(stationId, entry)).changes, 0),
    )();

  const readingTable = recordTable<Reading>(
    db,
    'reading',
    {
      id: 'id',
      stationId: 'station_id',
      readOn: 'read_on',
      time: 'time',
      lowC: 'low_c',
      highC: 'high_c',
      rainMm: 'rain_mm',
    },
    'read_on, time DESC',
  );
  const fixes = recordTable<WeatherFixRecord>(
    db,
    'weather_fix',
    { id: 'id', stationId: 'station_id', from: 'from_day', to: 'to_day', kind: 'kind', why: 'why' },
    'from_day, id',
  );
  const rawDays = (stationId: string, from: CivilDate, to: CivilDate): WeatherDay[] => {
    const kept = (
      db
        .prepare(
          `SELECT ${STATION_DAY_COLUMNS} FROM station_day WHERE station_id = ? AND date BETWEEN ? AND ? ORDER BY date`,
        )
        .all(stationId, from, to) as DayRow[]
    ).map(dayOf);
    const readings = readingTable.by('station_id', stationId);
    if (readings.length === 0) return kept;
    const datesKept = new Set(kept.map(({ date }) => date));
    const read = daysFromReadings(readings).filter(
      ({ date }) => date >= from && date <= to && !datesKept.has(date),
    );
    return read.length === 0 ? kept : [...kept, ...read].sort((a, b) => (a.date < b.date ? -1 : 1));
  };
  return {
    day,
    writeDays,
    addDays: keepDays,
    stations: (): StationSummary[] =>
      db
        .prepare(
          `SELECT s.id, s.name, s.kind, count(d.date) AS days, min(d.date) AS "from", max(d.date) AS "to",
        (SELECT count(*) FROM reading r WHERE r.station_id = s.id) AS readings
      FROM station s LEFT JOIN station_day d ON d.station_id = s.id GROUP BY s.id ORDER BY s.name`,
        )
        .all() as StationSummary[],
    station: (id: string) =>
      db.prepare('SELECT id, name, kind FROM station WHERE id = ?').get(id) as Station | undefined,
    putStation(station: Station): void {
      db.prepare(
        `INSERT INTO station (id, name, kind) VALUES (@id, @name, @kind)
        ON CONFLICT (id) DO UPDATE SET name = @name, kind = @kind`,
      ).run(station);
    },

    /** Days as they came: those kept, and between them those that follow from readings by hand. */
    rawDays,
    /** The same with what was decided about doubtful ones laid over them. */
    days: (stationId: string, from: CivilDate, to: CivilDate): WeatherDay[] =>
      setRight(rawDays(stationId, from, to), fixes.by('station_id', stationId)),
    fixes,
    readings: readingTable,

    /** All or nothing; with `preview` nothing at all, only the outcome. */
    importDays(
      stationId: string,
      days: readonly WeatherDay[],
      replaceChanged: boolean,
      preview: boolean,
    ): ImportOutcome {
      const fresh: WeatherDay[] = [];
      const changed: ImportOutcome['changed'][number][] = [];
      for (const incoming of days) {
        const stored = day(stationId, incoming.date);
        if (!stored || tellsMoreHours(stored, incoming)) fresh.push({ ...incoming, ...hoursOf(stored) });
        else if (!sameDay(stored, incoming)) changed.push({ date: incoming.date, stored, given: incoming });
      }
      const replaced = replaceChanged ? changed.map((entry) => entry.given) : [];
      const sorted = days.toSorted((a, b) => (a.date < b.date ? -1 : 1));
      const doubts = doubtfulDays(sorted);
      const inFahrenheit = looksFahrenheit(sorted, rawDays(stationId, '0001-01-01', '9999-12-31')) === true;
      if (!preview) writeDays(stationId, [...fresh, ...replaced]);
      return {
        doubts,
        looksFahrenheit: inFahrenheit,
        added: fresh.length,
        unchanged: days.length - fresh.length - changed.length,
        changed,
        replaced: replaced.length,
      };
    },

    forecast: (stationId: string, from: CivilDate): WeatherDay[] =>
      db
        .prepare(`SELECT ${DAY_COLUMNS} FROM forecast_day WHERE station_id = ? AND date >= ? ORDER BY date`)
        .all(stationId, from) as WeatherDay[],
    /** What was forecast of days before stays: where nobody read the gauge it is all that was ever told. */
    replaceForecast(stationId: string, from: CivilDate, days: readonly WeatherDay[]): void {
      db.transaction(() => {
        db.prepare('DELETE FROM forecast_day WHERE station_id = ? AND (date >= ? OR date < ?)').run(
          stationId,
          from,
          addDays(from, -FORECAST_KEPT_DAYS),
        );
        days.forEach(({ date, minC, maxC, rainMm, windMs }) =>
          insertForecastDay.run({ stationId, date, minC, maxC, rainMm, windMs }),
        );
      })();
    },
  };
}

export type WeatherStore = ReturnType<typeof weatherStore>;
