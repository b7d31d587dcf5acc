import { expose } from 'comlink';
import {
  ghcnLayout,
  guessHourly,
  guessMapping,
  readDailyRows,
  readGhcn,
  readHourlyRows,
  readTable,
  type ColumnMapping,
  type HourlyGuess,
  type HourlyMapping,
  type MappingGuess,
  type ReadDays,
  type ReadGhcn,
  type TextTable,
} from '#core/formats';

/** What a file turned out to be, with the first rows for a person to see. */
export type Recognised =
  | { readonly kind: 'ghcn'; readonly read: ReadGhcn }
  | { readonly kind: 'daily'; readonly guess: MappingGuess; readonly table: TextTable; readonly rows: number }
  | {
      readonly kind: 'hourly';
      readonly guess: HourlyGuess;
      readonly table: TextTable;
      readonly rows: number;
    };

const SHOWN_ROWS = 4;
let text = '';
let table: TextTable = { header: [], rows: [] };

const api = {
  /** @throws RangeError whose message is the reason's code. */
  async recognise(file: Blob): Promise<Recognised> {
    text = await file.text();
    if (ghcnLayout(text)) return { kind: 'ghcn', read: readGhcn(text) };
    table = readTable(text, 2);
    const shown = { header: table.header, rows: table.rows.slice(0, SHOWN_ROWS) };
    const hourly = guessHourly(table.header, table.rows);
    if (hourly) return { kind: 'hourly', guess: hourly, table: shown, rows: table.rows.length };
    return {
      kind: 'daily',
      guess: guessMapping(table.header, table.rows),
      table: shown,
      rows: table.rows.length,
    };
  },
  ghcn: (stationId: string): ReadGhcn => readGhcn(text, stationId),
  hourly: (mapping: HourlyMapping): ReadDays => readHourlyRows(table.rows, mapping),
  daily: (mapping: ColumnMapping, onShare: (share: number) => void): ReadDays =>
    readDailyRows(table.rows, mapping, onShare),
};

export type WeatherWorker = typeof api;

expose(api);
