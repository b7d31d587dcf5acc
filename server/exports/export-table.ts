import { writeTableCsv } from '#core/formats';
import type { GardenDay } from '#engine';

/** A column of a table that others read: its name, its unit, what it means, and where it is found. */
export interface Column<Row> {
  readonly name: string;
  /** Empty for words, names and dates. */
  readonly unit: string;
  readonly means: string;
  readonly of: (row: Row) => string | number | null;
}

/** A table of the garden that others read. */
export interface ExportTable<Row = never> {
  readonly id: string;
  readonly title: string;
  readonly fileName: string;
  /** One row is one of these. */
  readonly rowIs: string;
  readonly columns: readonly Column<Row>[];
  readonly rows: (day: GardenDay) => readonly Row[];
}

/** A table as CSV: UTF-8, a header, commas, LF, dates as YYYY-MM-DD, numbers with a point. */
export const tableCsv = <Row>({ columns, rows }: ExportTable<Row>, day: GardenDay): string =>
  writeTableCsv(
    columns.map(({ name }) => name),
    rows(day).map((row) => columns.map((column) => column.of(row))),
  );

/** Written so that the type of a row is known in its columns. */
export const exportTable = <Row>(table: ExportTable<Row>): ExportTable<Row> => table;

/** A column of words, a name or a date. */
export const words = <Row>(name: string, means: string, read: Column<Row>['of']): Column<Row> => ({
  name,
  unit: '',
  means,
  of: read,
});
