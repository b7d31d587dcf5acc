export {
  guessDateOrder,
  guessMapping,
  type ColumnMapping,
  type DateOrder,
  type MappingGuess,
} from './daily-columns.ts';
export { ghcnLayout, GHCN_QUALITY_FLAGS, readGhcn, type GhcnLayout, type ReadGhcn } from './read-ghcn.ts';
export { guessHourly, type HourlyGuess, type HourlyMapping } from './hourly-columns.ts';
export { readHourlyRows } from './read-hourly.ts';
export { readDailyRows, sameDay, type ReadDays, type RowProblem } from './read-daily.ts';
export { readTable, type TextTable } from './table.ts';
export { writeDailyCsv } from './write-daily.ts';
export { readUnattended } from './unattended.ts';
export { fileStart } from './file-start.ts';
export { writeTableCsv } from './write-table.ts';
