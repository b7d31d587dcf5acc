import type { Sample, Tag } from '#core/records';
import { PROTOCOL_SHAPES, type Unit } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';
import { ofWatchRows, type WatchColumns, watchColumns } from './watch-columns.ts';
import { exportTable, words } from './export-table.ts';

interface Row extends WatchColumns {
  readonly sample: Sample;
  readonly unit: Unit;
  readonly number: number;
  readonly item: string;
  readonly tag: Tag | null;
}

/** Every count, unit by unit: what a statistician would ask for. */
export const COUNT_TABLE = exportTable<Row>({
  id: 'counts',
  title: 'Counts',
  fileName: 'counts.csv',
  rowIs: 'one thing counted on one unit (a twig, leaf, spur …) of one count',
  rows: (day) => {
    const tags = new Map(day.books.state.tags.map((tag) => [tag.id, tag]));
    return ofWatchRows(day, ({ samples }, watch) =>
      samples
        .filter(({ on }) => on <= day.today)
        .flatMap((sample) =>
          sample.units.flatMap((unit, i) =>
            Object.keys(PROTOCOL_SHAPES[sample.protocol].items).flatMap((item): Row[] =>
              unit.counts[item] === undefined
                ? []
                : [
                    {
                      ...watch,
                      sample,
                      unit,
                      item,
                      number: i + 1,
                      tag: unit.tagId === undefined ? null : (tags.get(unit.tagId) ?? null),
                    },
                  ],
            ),
          ),
        ),
    );
  },
  columns: [
    words('count', 'Rows of one count carry the same', ({ sample }) => sample.id),
    words('date', 'Day of the count', ({ sample }) => sample.on),
    ...watchColumns<Row>(),
    words(
      'way of counting',
      'What a unit is and what is recorded on it',
      ({ sample }) => PROTOCOL_TEXTS[sample.protocol].name,
    ),
    { name: 'unit', unit: '', means: 'Number of the unit within its count', of: ({ number }) => number },
    words('tag', 'Label of the tag it carries; empty for one picked afresh', ({ tag }) => tag?.label ?? null),
    words(
      'untreated',
      'yes where the tag was left untreated as the comparison',
      ({ tag }) => tag && (tag.untouched ? 'yes' : 'no'),
    ),
    {
      name: 'tree',
      unit: '',
      means: 'Which tree of several it is from',
      of: ({ unit }) => unit.tree ?? null,
    },
    words('item', 'What was counted: live, dead, holed, mines …', ({ item }) => item),
    {
      name: 'value',
      unit: 'number, or % for an area, or 1 and 0 for yes and no',
      means: 'What was found',
      of: ({ unit, item }) => unit.counts[item]!,
    },
    words('remark', 'Note on the count', ({ sample }) => sample.note),
  ],
});
