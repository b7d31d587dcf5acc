import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addDays } from '#core/calendar';
import { guessMapping, readDailyRows, readTable, writeDailyCsv, type ColumnMapping } from '#core/formats';
import { FALLOW_BANK } from '#demo/stations';
import { openStore } from '#server/store/store';
import { simulateDays } from '#simulated';

/** Forty years of days, from text to the database on disk: reading, comparing, writing. */
export function benchImport(): void {
  const days = simulateDays(FALLOW_BANK, 3, '1980-01-01', addDays('1980-01-01', 14_599));
  const text = writeDailyCsv(days);
  const folder = mkdtempSync(join(tmpdir(), 'juglans-import-'));
  const store = openStore(join(folder, 'records.sqlite'), join(process.cwd(), 'server/migrations'));
  store.putStation({ id: 'a', name: 'A', kind: 'thermometer' });
  const timed = <T>(run: () => T): [T, number] => {
    const from = performance.now();
    return [run(), performance.now() - from];
  };
  const [lines, bareMs] = timed(() => text.split('\n').map((line) => line.split(',')));
  const [read, readMs] = timed(() => {
    const { header, rows } = readTable(text);
    return readDailyRows(rows, guessMapping(header, rows) as ColumnMapping);
  });
  const [, previewMs] = timed(() => store.importDays('a', read.days, false, true));
  const [outcome, writeMs] = timed(() => store.importDays('a', read.days, false, false));
  store.close();
  rmSync(folder, { recursive: true });
  console.log(
    `import of ${outcome.added} days (${lines.length - 2} rows): read ${readMs.toFixed(0)} ms, compared ${previewMs.toFixed(0)} ms, written ${writeMs.toFixed(0)} ms (aim: about 2 s in all); reading ${(readMs / bareMs).toFixed(1)} times a bare split`,
  );
}
