import type { Series, Tick } from '#core/records';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

/** Series of steps, and the steps that were ticked. */
export function seriesStore(db: Db) {
  return {
    series: recordTable<Series>(
      db,
      'series',
      {
        id: 'id',
        watchId: 'watch_id',
        plantId: 'plant_id',
        name: 'name',
        templateId: 'template_id',
        startedOn: 'started_on',
        steps: 'steps',
        winter: 'winter',
        endedOn: 'ended_on',
        note: 'note',
      },
      'started_on, id',
      { flags: ['winter'], json: ['steps'] },
    ),
    ticks: recordTable<Tick>(
      db,
      'tick',
      { id: 'id', seriesId: 'series_id', on: 'on_day', step: 'step', what: 'what', note: 'note' },
      'on_day, id',
    ),
  };
}

export type SeriesStore = ReturnType<typeof seriesStore>;
