import type { Tape, Trap } from '#core/records';
import { exportTable, words } from './export-table.ts';
import { ofWatchRows, type WatchColumns, watchColumns } from './watch-columns.ts';

interface Row extends WatchColumns {
  readonly caught: Pick<Tape, 'label' | 'putOn' | 'takenOff'> & {
    readonly kind: 'tape' | 'trap';
    readonly what: string;
    readonly count: number;
    readonly colour: string | null;
  };
}

const ofTape = ({ label, putOn, takenOff, crawlers, colour }: Tape): Row['caught'] => ({
  kind: 'tape',
  label,
  putOn,
  takenOff,
  what: 'crawlers',
  count: crawlers,
  colour,
});
const ofTrap = ({ label, putOn, takenOff, catches, caught }: Trap): Row['caught'] => ({
  kind: 'trap',
  label,
  putOn,
  takenOff,
  what: catches,
  count: caught,
  colour: null,
});

export const TAPE_TABLE = exportTable<Row>({
  id: 'tapes',
  title: 'Tapes and traps',
  fileName: 'tapes.csv',
  rowIs: 'what one tape or trap caught between two days',
  rows: (day) =>
    ofWatchRows(day, ({ tapes, traps }, watch) =>
      [...tapes.map(ofTape), ...traps.map(ofTrap)]
        .filter(({ takenOff }) => takenOff <= day.today)
        .map((caught): Row => ({ ...watch, caught })),
    ),
  columns: [
    words('kind', 'tape or trap', ({ caught }) => caught.kind),
    words('label', 'Its label', ({ caught }) => caught.label),
    ...watchColumns<Row>(),
    words('from', 'Day it went up, or was last emptied', ({ caught }) => caught.putOn),
    words('to', 'Day it was read', ({ caught }) => caught.takenOff),
    words('what', 'crawlers, moths, males or wasps', ({ caught }) => caught.what),
    { name: 'caught', unit: 'number', means: 'How many in that time', of: ({ caught }) => caught.count },
    words('colour', 'Colour of the crawlers, where told', ({ caught }) => caught.colour),
  ],
});
