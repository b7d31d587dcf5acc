import { afterAll, beforeAll, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import type { createApp } from '#server/app';
import type { Store } from '#server/store/store';
import { openFallowBank } from '#demo/opened';
import { DICTIONARY, EXPORT_FILES } from './export-tables.ts';

let store: Store, app: ReturnType<typeof createApp>;
beforeAll(() => {
  ({ store, app } = openFallowBank());
});
afterAll(() => store.close());

const text = async (id: string) => (await app.request(`/api/exports/${id}`)).text();

/** RFC 4180 by the letter, apart from what writes them: fields in commas, quotes doubled within quotes. */
function rfc4180(csv: string): string[][] {
  const rows: string[][] = [[]];
  let field = '',
    quoted = false;
  for (let i = 0; i < csv.length; i++) {
    const sign = csv[i]!;
    if (quoted && sign === '"' && csv[i + 1] === '"') {
      field += '"';
      i++;
    } else if (sign === '"') quoted = !quoted;
    else if (!quoted && (sign === ',' || sign === '\n')) {
      rows.at(-1)!.push(field);
      field = '';
      if (sign === '\n') rows.push([]);
    } else field += sign;
  }
  expect(quoted).toBe(false);
  expect(rows.pop()).toEqual([]);
  return rows;
}

test.each([...EXPORT_FILES.keys()])(
  '%s reads the same by two readers, each row as wide as its header',
  async (id) => {
    const csv = await text(id);
    const [header, ...rows] = rfc4180(csv);
    const papa = Papa.parse<string[]>(csv, { skipEmptyLines: true });
    expect(papa.errors).toEqual([]);
    expect([header, ...rows]).toEqual(papa.data);
    expect(new Set(header).size).toBe(header!.length);
    for (const row of rows) expect(row).toHaveLength(header!.length);
    expect(rows.length).toBeGreaterThan(2);
  },
);

test('the dictionary names every column of every file, with what it means', async () => {
  const { data } = Papa.parse<Record<string, string>>(await text(DICTIONARY), {
    header: true,
    skipEmptyLines: true,
  });
  for (const [id, { fileName }] of EXPORT_FILES) {
    if (id === DICTIONARY) continue;
    const [header] = rfc4180(await text(id));
    expect(data.filter(({ file }) => file === fileName).map(({ column }) => column)).toEqual(header);
  }
  for (const { meaning, 'one row is': rowIs } of data) {
    expect(meaning!.length).toBeGreaterThan(2);
    expect(rowIs!.length).toBeGreaterThan(10);
  }
});

test('counts come back as they were counted: a mean by hand from the table', async () => {
  const { data } = Papa.parse<Record<string, string>>(await text('counts'), {
    header: true,
    skipEmptyLines: true,
  });
  const live = data.filter(
    ({ plant, date, item }) => plant === 'West hedge' && date === '2026-04-26' && item === 'live',
  );
  expect(live).toHaveLength(20);
  const sample = store
    .every('sample')
    .find((each) => (each as { id: string }).id === live[0]!['count']) as unknown as {
    units: { counts: { live: number } }[];
  };
  expect(live.map(({ value }) => Number(value))).toEqual(sample.units.map(({ counts }) => counts.live));
  expect(live.map(({ unit }) => Number(unit))).toEqual(Array.from({ length: 20 }, (_, i) => i + 1));
});

test('tapes, infections and programmes hold what their pages show', async () => {
  const rows = async (id: string) =>
    Papa.parse<Record<string, string>>(await text(id), { header: true, skipEmptyLines: true }).data;
  expect(
    (await rows('tapes')).filter(({ kind, plant }) => kind === 'tape' && plant === 'West hedge').length,
  ).toBe(
    store.every('tape').length -
      (await rows('tapes')).filter(({ plant, kind }) => kind === 'tape' && plant !== 'West hedge').length,
  );
  for (const spell of await rows('infections')) {
    expect(spell['from']! <= spell['to']!).toBe(true);
    expect(Number(spell['wet h, short'])).toBeLessThanOrEqual(Number(spell['wet h, long']));
  }
  expect((await rows('programmes')).some(({ state, from }) => state === 'coming' && from !== '')).toBe(true);
});

test('there is no other table', async () => {
  expect((await app.request('/api/exports/passwords')).status).toBe(404);
});
