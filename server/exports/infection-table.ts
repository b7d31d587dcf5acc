import { infectionAnswer } from '#engine';
import { exportTable, words } from './export-table.ts';
import { ofWatchRows, type WatchColumns, watchColumns } from './watch-columns.ts';

type Diary = Extract<ReturnType<typeof infectionAnswer>, { kind: 'diary' }>;

interface Row extends WatchColumns {
  readonly spell: Diary['spells'][number];
}

const HUNDRED = 100;

export const INFECTION_TABLE = exportTable<Row>({
  id: 'infections',
  title: 'Infections',
  fileName: 'infections.csv',
  rowIs:
    'a wet time, or a run of fit days, of the season for one disease on one plant; forecast ones are left out',
  rows: (day) =>
    ofWatchRows(day, ({ watch }, columns) => {
      const answer = infectionAnswer(day, watch.id);
      if (answer.kind !== 'diary') return [];
      return answer.spells
        .filter(({ standing }) => standing !== 'ahead')
        .map((spell): Row => ({ ...columns, spell }));
    }),
  columns: [
    ...watchColumns<Row>(),
    words('from', 'Day it began', ({ spell }) => spell.from.date),
    {
      name: 'from hour',
      unit: 'hour of the day',
      means: 'Hour it began',
      of: ({ spell }) => spell.from.hour,
    },
    words('to', 'Day it ended', ({ spell }) => spell.to.date),
    {
      name: 'wet h, short',
      unit: 'h',
      means: 'Wet hours if leaves dried soon',
      of: ({ spell }) => spell.wetHours.short,
    },
    {
      name: 'wet h, middle',
      unit: 'h',
      means: 'Wet hours as is likeliest',
      of: ({ spell }) => spell.wetHours.middle,
    },
    {
      name: 'wet h, long',
      unit: 'h',
      means: 'Wet hours if leaves dried late',
      of: ({ spell }) => spell.wetHours.long,
    },
    words('rests on', 'What the wet hours rest on', ({ spell }) => spell.basis),
    { name: 'mean °C', unit: '°C', means: 'Mean temperature while wet', of: ({ spell }) => spell.meanC },
    {
      name: 'needed h',
      unit: 'h',
      means: 'Wet hours an infection takes at that temperature',
      of: ({ spell }) => spell.neededHours,
    },
    { name: 'rain mm', unit: 'mm', means: 'Rain in it', of: ({ spell }) => spell.rainMm },
    {
      name: 'index',
      unit: '0 to 100',
      means: 'Risk index, where the disease has one',
      of: ({ spell }) => spell.index,
    },
    words('infection', 'possible, likely or sure; empty where it was none', ({ spell }) => spell.word),
    words('severity', 'How severe, where a table tells', ({ spell }) => spell.severity),
    {
      name: 'covered %',
      unit: '%',
      means: 'Share a spray protected when it began',
      of: ({ spell }) => Math.round(spell.covered * HUNDRED),
    },
    words(
      'stands as',
      'covered, in-part, through, reached-back or no-infection',
      ({ spell }) => spell.standing,
    ),
    words('spots from', 'First day its spots show', ({ spell }) => spell.spots?.from ?? null),
    words('spots to', 'Last day', ({ spell }) => spell.spots?.to ?? null),
  ],
});
