import type { Inspection, Sample, Tape, Watch } from '#core/records';
import type { Db } from './database.ts';
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
      firstTargetId: 'first_target_id',
      firstGroup: 'first_group',
      namedBy: 'named_by',
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
      colour: 'colour',
    },
    'taken_off, label',
  );
  return {
    watchTable: watches,
    watches: watches.all,
    watch: watches.one,
    putWatch: watches.put,

    inspectionTable: inspections,
    inspections: (watchId: string) => inspections.by('watch_id', watchId),
    inspection: inspections.one,
    putInspection: inspections.put,

    sampleTable: samples,
    samples: (watchId: string) => samples.by('watch_id', watchId),
    sample: samples.one,
    putSample: samples.put,

    tapeTable: tapes,
    tapes: (watchId: string) => tapes.by('watch_id', watchId),
    tape: tapes.one,
    putTape: tapes.put,
  };
}

export type WatchStore = ReturnType<typeof watchStore>;
