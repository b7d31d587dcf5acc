import { writeTableCsv } from '#core/formats';
import type { GardenDay } from '#engine';
import { BOOK_TABLE } from './book-table.ts';
import { COUNT_TABLE } from './count-table.ts';
import { type ExportTable, tableCsv } from './export-table.ts';
import { INFECTION_TABLE } from './infection-table.ts';
import { PROGRAMME_TABLE } from './programme-table.ts';
import { TAPE_TABLE } from './tape-table.ts';

const TABLES = [BOOK_TABLE, COUNT_TABLE, TAPE_TABLE, INFECTION_TABLE, PROGRAMME_TABLE] as const;

export interface ExportFile {
  readonly fileName: string;
  readonly csv: (day: GardenDay) => string;
}

const fileOf = <Row>(table: ExportTable<Row>): ExportFile => ({
  fileName: table.fileName,
  csv: (day) => tableCsv(table, day),
});

export const DICTIONARY = 'dictionary';

/** The tables that others read, and the dictionary of their columns, by their names in an address. */
export const EXPORT_FILES: ReadonlyMap<string, ExportFile> = new Map([
  [BOOK_TABLE.id, fileOf(BOOK_TABLE)],
  [COUNT_TABLE.id, fileOf(COUNT_TABLE)],
  [TAPE_TABLE.id, fileOf(TAPE_TABLE)],
  [INFECTION_TABLE.id, fileOf(INFECTION_TABLE)],
  [PROGRAMME_TABLE.id, fileOf(PROGRAMME_TABLE)],
  [DICTIONARY, { fileName: 'data-dictionary.csv', csv: dictionaryCsv }],
]);

/** What every column of every table means and in what unit. */
function dictionaryCsv(): string {
  return writeTableCsv(
    ['file', 'one row is', 'column', 'unit', 'meaning'],
    TABLES.flatMap(({ fileName, rowIs, columns }) =>
      columns.map(({ name, unit, means }) => [fileName, rowIs, name, unit, means]),
    ),
  );
}
