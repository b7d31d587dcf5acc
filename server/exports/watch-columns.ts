import { nameOf, type GardenDay, type WatchBook } from '#engine';
import { type Column, words } from './export-table.ts';

/** Which watch a row is of. */
export interface WatchColumns {
  readonly plant: string;
  readonly trouble: string;
  readonly group: string | null;
  readonly watchId: string;
}

/** Rows of every watch, each told which it is of. */
export const ofWatchRows = <Row>(
  day: GardenDay,
  rowsOf: (book: WatchBook, watch: WatchColumns) => readonly Row[],
): Row[] =>
  day.books.watchBooks.flatMap((book) =>
    rowsOf(book, {
      plant: book.plantBook.plant.name,
      trouble: nameOf(book.watch),
      group: book.watch.group,
      watchId: book.watch.id,
    }),
  );

export const watchColumns = <Row extends WatchColumns>(): Column<Row>[] => [
  words('watch', 'Rows of one trouble on one plant carry the same', ({ watchId }) => watchId),
  words('plant', "The plant's name", ({ plant }) => plant),
  words('trouble', 'What it is called', ({ trouble }) => trouble),
  words('group', 'Its group: armored, soft, felt, giant, leaf-miner, fungus …', ({ group }) => group),
];
