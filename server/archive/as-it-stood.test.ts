import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { randomLcg } from 'd3-random';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keysOf } from '#core/tables';
import { EVERY, EVERY_GARDEN, everyRecord } from '#demo/every-record';
import { createApp } from '../app.ts';
import { KINDS } from '../store/kinds.ts';
import { openStore, type Store } from '../store/store.ts';
import { asItStood } from './as-it-stood.ts';
import { backupKeeper } from './backup-keeper.ts';

const TODAY = '2026-05-29';
const MIGRATIONS = join(process.cwd(), 'server/migrations');
const RECORDS = everyRecord(TODAY);
let folder: string;
let store: Store;
let app: ReturnType<typeof createApp>;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'juglans-then-'));
  store = openStore(':memory:', MIGRATIONS);
  const clock = { today: () => TODAY };
  const backups = backupKeeper(store, clock, { folder: join(folder, 'backups'), work: join(folder, 'work') });
  app = createApp({ store, clock, demo: false, backups }, null, (error) => {
    throw error;
  });
  store.putGarden(EVERY_GARDEN);
});
afterEach(() => {
  store.close();
  rmSync(folder, { recursive: true, force: true });
});

async function ask(method: string, path: string, body?: unknown) {
  const response = await app.request(`/api${path}`, {
    method,
    ...(body === undefined
      ? {}
      : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
  });
  const text = await response.text();
  return { status: response.status, text, json: <T>() => JSON.parse(text) as T };
}

const contents = ({ db }: Store) =>
  Object.fromEntries(
    keysOf(KINDS).map((kind) => [kind, db.prepare(`SELECT * FROM ${kind} ORDER BY id`).all()]),
  );
/** Minute by minute, whatever the real clock says. */
const minute = (n: number) =>
  `2030-01-01T${String(Math.floor(n / 60)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}:00Z`;
let seen = 0;
function stamp(n: number): void {
  store.db.prepare('UPDATE change_log SET at = ? WHERE seq > ?').run(minute(n), seen);
  seen = store.db.prepare('SELECT coalesce(max(seq), 0) FROM change_log').pluck().get() as number;
}
beforeEach(() => {
  seen = 0;
});

test.each([1, 2])(
  'every moment of a garden in which every kind of record is added, edited, taken out and put back comes back (seed %i)',
  async (seed) => {
    const draw = randomLcg(seed * 0.037);
    const undos: object[] = [];
    const states = [contents(store)];
    const step = async (method: string, path: string, body?: unknown) => {
      const { status, text } = await ask(method, path, body);
      if (method === 'DELETE' && status === 200) undos.push((JSON.parse(text) as { undo: object }).undo);
      stamp(states.length);
      states.push(contents(store));
    };
    for (const { address, record } of RECORDS) await step('PUT', address, record);
    for (let i = 0; i < 80; i++) {
      const one = RECORDS[Math.floor(draw() * RECORDS.length)]!;
      const what = draw();
      const undo = undos[Math.floor(draw() * undos.length)];
      if (what < 0.45)
        await step('PUT', one.address, draw() < 0.5 ? one.record : { ...one.record, ...one.edit });
      else if (what < 0.8) await step('DELETE', one.address);
      else if (undo) await step('POST', '/undo', undo);
    }
    expect(new Set(states.map((state) => JSON.stringify(state))).size).toBeGreaterThan(40);
    const before = contents(store);
    for (const [n, state] of states.entries()) {
      const then = await asItStood(store, minute(n), join(folder, 'work'), MIGRATIONS);
      expect([n, contents(then.store)]).toEqual([n, state]);
      expect(then.store.db.pragma('foreign_key_check')).toEqual([]);
      then.discard();
    }
    expect(contents(store)).toEqual(before);
    expect(readdirSync(join(folder, 'work'))).toEqual([]);
  },
  120_000,
);

describe('over HTTP', () => {
  interface Opened {
    readonly archive: { readonly id: string; readonly day: string; readonly differences: object[] };
  }
  const plant = RECORDS.find(({ record }) => record.id === EVERY.plant)!;
  beforeEach(async () => {
    store.db.prepare("UPDATE meta SET value = ? WHERE key = 'history-since'").run(minute(0));
    for (const { address, record } of RECORDS) await ask('PUT', address, record);
    stamp(1);
    await ask('PUT', plant.address, { ...plant.record, name: 'Renamed' });
    stamp(3);
  });
  const open = async (at: string) =>
    (await ask('POST', '/archive/of-day', { on: '2026-05-20', at })).json<Opened>().archive;

  test('a moment is looked into with every page, changes nothing, and is brought back', async () => {
    const { id, day } = await open(minute(2));
    expect(day).toBe('2026-05-20');
    const names = async (at: string) =>
      (await ask('GET', `${at}/plants`))
        .json<{ plants: { name: string }[] }>()
        .plants.map(({ name }) => name);
    expect(await names(`/then/${id}`)).toEqual(['Apple', 'Pear']);
    expect(await names('')).toEqual(['Pear', 'Renamed']);
    expect((await ask('GET', `/then/${id}/garden`)).json()).toMatchObject({ today: '2026-05-20' });
    for (const [method, path] of [
      ['PUT', plant.address],
      ['DELETE', RECORDS.at(-1)!.address],
      ['POST', '/undo'],
    ] as const) {
      const refused = await ask(method, `/then/${id}${path}`, plant.record);
      expect([refused.status, refused.text]).toEqual([
        409,
        expect.stringContaining('nothing can be changed here'),
      ]);
    }
    expect((await ask('GET', '/then/none/plants')).status).toBe(404);
    expect((await ask('POST', `/archive/${id}`, { how: 'add-and-change' })).status).toBe(200);
    expect(await names('')).toEqual(['Apple', 'Pear']);
  });

  test('before the log is whole it is the last backup made until then; before the first nothing is kept', async () => {
    await ask('POST', '/backups');
    await ask('PUT', plant.address, { ...plant.record, name: 'Later' });
    store.db.prepare("UPDATE meta SET value = ? WHERE key = 'history-since'").run(minute(1000));
    const { id } = await open(minute(2));
    expect((await ask('GET', `/then/${id}/plants`)).text).toContain('Renamed');
    const refused = await ask('POST', '/archive/of-day', { on: '2020-01-01', at: '2020-01-01T12:00:00Z' });
    expect([refused.status, refused.text]).toEqual([422, expect.stringContaining('before the first backup')]);
    expect((await ask('POST', '/archive/of-day', { on: '2020-01-01', at: 'then' })).status).toBe(422);
  });

  test('once a garden was put in place of another, the log begins anew', async () => {
    const { id } = await open(minute(2));
    expect((await ask('POST', `/archive/${id}`, { how: 'replace' })).status).toBe(200);
    expect(Date.parse(store.historySince())).toBeGreaterThan(Date.now() - 60_000);
    expect(Date.parse(store.historySince())).toBeLessThanOrEqual(Date.now());
  });
});
