import type { Inspection, Sample, Tape, Watch } from '#core/records';
import type { Db } from './database.ts';
import { onWrite } from './on-write.ts';
import { recordTable } from './record-table.ts';

/** Watches and what was seen and counted for them. */
export function watchStore(db: Db) {
  const watches = recordTable<Watch>(
    db,
    'watch',
    {
      id: 'id',
      plantId: 'plant_id',
      openedOn: 'opened_on',
      targetId: 'target_id',
      group: 'target_group',
      outcome: 'outcome',
      outcomeOn: 'outcome_on',
      sourcePlantId: 'source_plant_id',
      note: 'note',
    },
    'opened_on, id',
  );
  const inspections = recordTable<Inspection>(
    db,
    'inspection',
    { id: 'id', watchId: 'watch_id', on: 'on_day', answers: 'answers', coversTurned: 'covers_turned' },
    'on_day, id',
    { json: ['answers'] },
  );
  const samples = recordTable<Sample>(
    db,
    'sample',
    {
      id: 'id',
      watchId: 'watch_id',
      on: 'on_day',
      protocol: 'protocol',
      units: 'units',
      roundId: 'round_id',
      sprayId: 'spray_id',
      note: 'note',
    },
    'on_day, id',
    { json: ['units'] },
  );
  const tapes = recordTable<Tape>(
    db,
    'tape',
    {
      id: 'id',
      watchId: 'watch_id',
      label: 'label',
      putOn: 'put_on',
      takenOff: 'taken_off',
      crawlers: 'crawlers',
    },
    'taken_off, label',
  );
  const read = new Map<string, readonly Sample[]>();
  onWrite(db, 'sample', ['watch_id'], (watchId) => void read.delete(watchId as string));
  return {
    watches: watches.all,
    watch: watches.one,
    putWatch: watches.put,

    inspections: (watchId: string) => inspections.by('watch_id', watchId),
    inspection: inspections.one,
    putInspection: inspections.put,

    /**
     * Kept in memory until the watch's samples change: a long-kept garden has hundreds of thousands of
     * units.
     */
    samples(watchId: string): readonly Sample[] {
      const cached = read.get(watchId);
      if (cached) return cached;
      const ofWatch = samples.by('watch_id', watchId);
      read.set(watchId, ofWatch);
      return ofWatch;
    },
    sample: samples.one,
    putSample: samples.put,

    tapes: (watchId: string) => tapes.by('watch_id', watchId),
    tape: tapes.one,
    putTape: tapes.put,
  };
}

export type WatchStore = ReturnType<typeof watchStore>;
