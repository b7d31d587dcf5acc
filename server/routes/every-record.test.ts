import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { addDays } from '#core/calendar';
import { versionOf } from '#core/meeting';
import { keysOf } from '#core/tables';
import { EVERY_GARDEN, everyRecord, type OneRecord } from '#demo/every-record';
import { createApp } from '../app.ts';
import { readArchive } from '../archive/read-archive.ts';
import { takeIn } from '../archive/take-in.ts';
import { writeArchive } from '../archive/write-archive.ts';
import { KINDS } from '../store/kinds.ts';
import { openStore, type Store } from '../store/store.ts';

/** What holds for every kind of record: kept as sent, told where it is wrong, taken out and put back. */

const TODAY = '2026-05-29';
const RECORDS = everyRecord(TODAY);
const named = (records: readonly OneRecord[]) => records.map((one) => [one.address, one] as const);
let store: Store;
let app: ReturnType<typeof createApp>;

beforeEach(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, (error) => {
    throw error;
  });
  store.putGarden(EVERY_GARDEN);
});
afterEach(() => store.close());

async function ask(method: string, address: string, body?: unknown, seen?: string) {
  const response = await app.request(`/api${address}`, {
    method,
    ...(body === undefined
      ? {}
      : {
          body: JSON.stringify(body),
          headers: { 'content-type': 'application/json', ...(seen ? { 'if-match': `"${seen}"` } : {}) },
        }),
  });
  const text = await response.text();
  const { title = '', errors = [] } = (text && response.status >= 400 ? JSON.parse(text) : {}) as {
    title?: string;
    errors?: { path: (string | number)[]; message: string }[];
  };
  return {
    status: response.status,
    text,
    title,
    told: errors.map(({ path, message }) => `${path.join('.')}: ${message}`),
  };
}
const put = ({ address, record }: OneRecord, more: Record<string, unknown> = {}) =>
  ask('PUT', address, { ...record, ...more });
const rowOf = ({ table, record }: OneRecord) =>
  store.db.prepare(`SELECT * FROM ${table} WHERE id = ?`).get(record.id);

/** The whole garden but for one record. */
async function gardenWithout(left?: OneRecord) {
  for (const one of RECORDS)
    if (one !== left) expect([one.address, (await put(one)).told]).toEqual([one.address, []]);
}

test('each is answered as it was sent, and sent twice is kept once', async () => {
  for (const one of RECORDS) {
    const answers = [await put(one), await put(one)];
    for (const { status, text } of answers) {
      expect([one.address, status]).toEqual([one.address, 200]);
      expect(Object.values(JSON.parse(text) as object)[0]).toMatchObject(one.record);
    }
    expect(
      store.db.prepare(`SELECT count(*) FROM ${one.table} WHERE id = ?`).pluck().get(one.record.id),
    ).toBe(1);
  }
  const tables = new Set(RECORDS.map(({ table }) => table));
  for (const table of tables)
    expect(store.db.prepare(`SELECT count(*) FROM ${table}`).pluck().get()).toBe(
      RECORDS.filter((one) => one.table === table).length,
    );
});

describe('is told at its field, and nothing is kept', () => {
  beforeEach(() => gardenWithout());

  const fieldsOf = (choose: (one: OneRecord) => readonly string[]) =>
    RECORDS.flatMap((one) => choose(one).map((field) => [one.address, field, one] as const));

  test.each(fieldsOf(({ refersTo }) => Object.keys(refersTo)))(
    '%s: %s that leads nowhere',
    async (_, field, one) => {
      const before = rowOf(one);
      const refused = await put(one, { [field]: v7() });
      expect(refused.status).toBe(422);
      expect(refused.told).toEqual([
        expect.stringContaining(`${field}: there is no such ${one.refersTo[field]}`),
      ]);
      expect(rowOf(one)).toEqual(before);
    },
  );

  test.each(fieldsOf(({ days }) => days))('%s: %s that lies ahead', async (_, field, one) => {
    const before = rowOf(one);
    expect((await put(one, { [field]: TODAY })).status).toBe(200);
    expect((await put(one)).status).toBe(200);
    const refused = await put(one, { [field]: addDays(TODAY, 1) });
    expect(refused.status).toBe(422);
    expect(refused.told).toEqual([`${field}: lies ahead of the garden's day, ${TODAY}`]);
    expect(rowOf(one)).toEqual(before);
  });

  test.each(named(RECORDS))('%s: an address that is not its own', async (_, one) => {
    const elsewhere = one.address.replace(one.record.id, v7());
    const refused = await ask('PUT', elsewhere, one.record);
    expect([refused.status, refused.told]).toEqual([422, ['id: differs from the address it was sent to']]);
  });
});

describe('edited from two tabs', () => {
  test.each(named(RECORDS))('%s: what the first wrote is not wiped by the second, unseen', async (_, one) => {
    await gardenWithout();
    // Whatever order its fields come in.
    const seen = versionOf(Object.fromEntries(Object.entries(one.record).reverse()));
    const first = { ...one.record, ...one.edit };
    expect((await ask('PUT', one.address, first, seen)).status).toBe(200);
    const row = rowOf(one);
    const second = await ask('PUT', one.address, one.record, seen);
    expect([second.status, second.title]).toEqual([412, 'Meanwhile it was changed elsewhere.']);
    expect((JSON.parse(second.text) as { meanwhile: object }).meanwhile).toEqual(first);
    expect(rowOf(one)).toEqual(row);
    // Knowing what stands there, it is kept, and what it replaced is in the history.
    expect((await ask('PUT', one.address, one.record, versionOf(first))).status).toBe(200);
    const history = await ask('GET', `/changes/${one.table}/${one.record.id}`);
    expect((JSON.parse(history.text) as { changes: object[] }).changes).toHaveLength(2);
  });

  test('the garden itself too', async () => {
    const first = { ...EVERY_GARDEN, name: 'Renamed' };
    expect((await ask('PUT', '/garden', first, versionOf(EVERY_GARDEN))).status).toBe(200);
    const second = await ask('PUT', '/garden', EVERY_GARDEN, versionOf(EVERY_GARDEN));
    expect([second.status, JSON.parse(second.text)]).toEqual([
      412,
      expect.objectContaining({ meanwhile: first }),
    ]);
    expect(store.garden()).toEqual(first);
  });

  test.each(named(RECORDS.filter(({ called }) => called !== null)))(
    '%s: what was taken out meanwhile does not come back by itself',
    async (_, one) => {
      await gardenWithout();
      await ask('DELETE', one.address);
      const late = await ask('PUT', one.address, one.record, versionOf(one.record));
      expect([late.status, late.title]).toEqual([412, 'Meanwhile it was taken out elsewhere.']);
      expect(rowOf(one)).toBeUndefined();
    },
  );
});

test('taken away in an archive and taken in elsewhere, each stands there as it was, with its history', async () => {
  await gardenWithout();
  for (const one of RECORDS) await put(one, one.edit);
  const folder = mkdtempSync(join(tmpdir(), 'juglans-every-'));
  const migrations = join(process.cwd(), 'server/migrations');
  await writeArchive(store.db, join(folder, 'all.zip'), TODAY);
  const read = await readArchive(join(folder, 'all.zip'), join(folder, 'work'), migrations);
  const elsewhere = openStore(':memory:', migrations);
  takeIn(elsewhere, read.file, 'replace');
  for (const kind of keysOf(KINDS)) {
    expect([kind, elsewhere.every(kind)]).toEqual([kind, store.every(kind)]);
    for (const { id } of store.every(kind) as { id: string }[])
      expect(elsewhere.changesOf(kind, id)).toEqual(store.changesOf(kind, id));
  }
  read.discard();
  elsewhere.close();
  rmSync(folder, { recursive: true });
});

describe('taken out', () => {
  test('each goes, once, and taken back stands with all that went with it', async () => {
    await gardenWithout();
    const rows = () => RECORDS.map(rowOf);
    const before = rows();
    for (const one of RECORDS) {
      if (one.called === null) continue;
      const taken = await ask('DELETE', one.address);
      expect([one.address, taken.status]).toEqual([one.address, 200]);
      expect(rowOf(one)).toBeUndefined();
      const again = await ask('DELETE', one.address);
      expect([again.status, again.title]).toEqual([404, `There is no such ${one.called}.`]);
      const { undo } = JSON.parse(taken.text) as { undo: object };
      expect((await ask('POST', '/undo', undo)).status).toBe(200);
      expect(rows()).toEqual(before);
    }
  });

  test('never without saying what of', async () => {
    for (const odd of [{}, { from: 0, to: 1 }, { from: 1 }, { from: '1', to: 2 }])
      expect((await ask('POST', '/undo', odd)).status).toBe(422);
    expect((await ask('POST', '/undo', { from: 900, to: 901 })).text).toBe('{"back":0}');
  });

  test.each(named(RECORDS.filter(({ called }) => called === null)))('%s never is', async (address, one) => {
    await gardenWithout();
    expect((await ask('DELETE', address)).status).toBe(404);
    expect(rowOf(one)).toBeDefined();
  });
});
