export {
  guessDateOrder,
  guessMapping,
  type ColumnMapping,
  type MappingGuess,
} from './daily-columns.ts';
export { type DateOrder } from './cells.ts';
export { ghcnLayout, readGhcn, type GhcnLayout, type ReadGhcn } from './read-ghcn.ts';
export { guessHourly, type HourlyGuess, type HourlyMapping } from './hourly-columns.ts';
export { readHourlyRows } from './read-hourly.ts';
export { readDailyRows, sameDay, type ReadDays } from './read-daily.ts';
export { type RowFault, type RowProblem } from './row-fault.ts';
export { readTable, type TextTable } from './table.ts';
export { writeDailyCsv } from './write-daily.ts';
export { readUnattended } from './unattended.ts';
export { WIND_UNITS, type WindUnit } from './wind-unit.ts';
export { fileStart } from './file-start.ts';
export { writeTableCsv } from './write-table.ts';
