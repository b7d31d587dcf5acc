import Papa from 'papaparse';

export interface TextTable {
  readonly header: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** More than this many columns is not a weather table. */
const MOST_COLUMNS = 200;

/**
 * Splits CSV, TSV or semicolon text into a header and rows of cells; the delimiter is found. A table
 * of days has at least three columns, one of hours two.
 * @throws RangeError when it is not such text; its message is the reason's code.
 */
export function readTable(text: string, fewestColumns = 3): TextTable {
  if (text.includes('\u0000')) throw new RangeError('not-text');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const [header, ...rows] = data;
  if (!header || header.length < fewestColumns) throw new RangeError(`too-few-columns/${fewestColumns}`);
  if (header.length > MOST_COLUMNS) throw new RangeError(`too-many-columns/${header.length}`);
  while (rows.length && rows.at(-1)!.every((cell) => cell.trim() === '')) rows.pop();
  if (rows.length === 0) throw new RangeError('no-rows');
  return { header: header.map((name) => name.trim()), rows };
}
