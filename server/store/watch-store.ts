import type { Inspection, Sample, Tape, Watch } from '#core/records';
import type { Db } from './database.ts';
import { onWrite } from './on-write.ts';

const WATCH_COLUMNS = `id, plant_id AS plantId, opened_on AS openedOn, target_id AS targetId, target_group AS "group",
  outcome, outcome_on AS outcomeOn, source_plant_id AS sourcePlantId, note`;

type SampleRow = Omit<Sample, 'units'> & { units: string };
type InspectionRow = Omit<Inspection, 'answers'> & { answers: string };

/** Watches and what was seen and counted for them. */
export function watchStore(db: Db) {
  const read = new Map<string, readonly Sample[]>();
  onWrite(db, 'sample', ['watch_id'], (watchId) => void read.delete(watchId as string));
  return {
    watches: (): Watch[] =>
      db.prepare(`SELECT ${WATCH_COLUMNS} FROM watch ORDER BY opened_on, id`).all() as Watch[],
    watch: (id: string) =>
      db.prepare(`SELECT ${WATCH_COLUMNS} FROM watch WHERE id = ?`).get(id) as Watch | undefined,
    putWatch(watch: Watch): void {
      db.prepare(
        `INSERT INTO watch (id, plant_id, opened_on, target_id, target_group, outcome, outcome_on, source_plant_id, note)
        VALUES (@id, @plantId, @openedOn, @targetId, @group, @outcome, @outcomeOn, @sourcePlantId, @note)
        ON CONFLICT (id) DO UPDATE SET plant_id = @plantId, opened_on = @openedOn, target_id = @targetId, target_group = @group,
          outcome = @outcome, outcome_on = @outcomeOn, source_plant_id = @sourcePlantId, note = @note`,
      ).run(watch);
    },

    inspections: (watchId: string): Inspection[] =>
      (
        db
          .prepare(
            `SELECT id, watch_id AS watchId, on_day AS "on", answers,
        covers_turned AS coversTurned FROM inspection WHERE watch_id = ? ORDER BY on_day, id`,
          )
          .all(watchId) as InspectionRow[]
      ).map((row) => ({ ...row, answers: JSON.parse(row.answers) as Inspection['answers'] })),
    putInspection(inspection: Inspection): void {
      db.prepare(
        `INSERT INTO inspection (id, watch_id, on_day, answers, covers_turned) VALUES (@id, @watchId, @on, @answers, @coversTurned)
        ON CONFLICT (id) DO UPDATE SET watch_id = @watchId, on_day = @on, answers = @answers, covers_turned = @coversTurned`,
      ).run({ ...inspection, answers: JSON.stringify(inspection.answers) });
    },

    /**
     * Kept in memory until the watch's samples change: a long-kept garden has hundreds of thousands of
     * units.
     */
    samples(watchId: string): readonly Sample[] {
      const cached = read.get(watchId);
      if (cached) return cached;
      const samples = (
        db
          .prepare(
            `SELECT id, watch_id AS watchId, on_day AS "on", protocol, units, round_id AS roundId, spray_id AS sprayId, note
        FROM sample WHERE watch_id = ? ORDER BY on_day, id`,
          )
          .all(watchId) as SampleRow[]
      ).map((row) => ({ ...row, units: JSON.parse(row.units) as Sample['units'] }));
      read.set(watchId, samples);
      return samples;
    },
    putSample(sample: Sample): void {
      db.prepare(
        `INSERT INTO sample (id, watch_id, on_day, protocol, units, round_id, spray_id, note)
        VALUES (@id, @watchId, @on, @protocol, @units, @roundId, @sprayId, @note)
        ON CONFLICT (id) DO UPDATE SET watch_id = @watchId, on_day = @on, protocol = @protocol, units = @units,
          round_id = @roundId, spray_id = @sprayId, note = @note`,
      ).run({ ...sample, units: JSON.stringify(sample.units) });
    },

    tapes: (watchId: string): Tape[] =>
      db
        .prepare(
          `SELECT id, watch_id AS watchId, label, put_on AS putOn, taken_off AS takenOff, crawlers
      FROM tape WHERE watch_id = ? ORDER BY taken_off, label`,
        )
        .all(watchId) as Tape[],
    putTape(tape: Tape): void {
      db.prepare(
        `INSERT INTO tape (id, watch_id, label, put_on, taken_off, crawlers)
        VALUES (@id, @watchId, @label, @putOn, @takenOff, @crawlers)
        ON CONFLICT (id) DO UPDATE SET watch_id = @watchId, label = @label, put_on = @putOn, taken_off = @takenOff, crawlers = @crawlers`,
      ).run(tape);
    },
  };
}

export type WatchStore = ReturnType<typeof watchStore>;
