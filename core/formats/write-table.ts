import Papa from 'papaparse';

/** How a spreadsheet knows a formula; further lines of the cell and spaces before it change nothing. */
const FORMULA = /^\s*[=+\-@]|^[\t\r\n]/;

/**
 * Any table as CSV with a header. Text that a spreadsheet would run as a formula is quoted so that it
 * stays text; numbers stay numbers.
 */
export function writeTableCsv(
  fields: readonly string[],
  rows: readonly (readonly (string | number | null)[])[],
): string {
  return (
    Papa.unparse(
      { fields: [...fields], data: rows.map((row) => row.map((cell) => cell ?? '')) },
      { newline: '\n', escapeFormulae: FORMULA },
    ) + '\n'
  );
}
