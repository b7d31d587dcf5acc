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
 * @throws RangeError when it is not such text, with the reason in plain words.
 */
export function readTable(text: string, fewestColumns = 3): TextTable {
  if (text.includes('\u0000')) throw new RangeError('this is not a text file');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const [header, ...rows] = data;
  if (!header || header.length < fewestColumns)
    throw new RangeError(
      `the first line should name at least three columns: date, minimum, maximum${fewestColumns < 3 ? '; or two: time and temperature' : ''}`,
    );
  if (header.length > MOST_COLUMNS)
    throw new RangeError(`${header.length} columns are too many for a weather table`);
  while (rows.length && rows.at(-1)!.every((cell) => cell.trim() === '')) rows.pop();
  if (rows.length === 0) throw new RangeError('there are no rows below the first line');
  return { header: header.map((name) => name.trim()), rows };
}
