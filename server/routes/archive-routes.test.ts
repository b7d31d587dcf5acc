import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomLcg } from 'd3-random';
import { v7 } from 'uuid';
import { blankGarden, blankPlant } from '#core/records';
import { createApp } from '../app.ts';
import { backupKeeper, type BackupKeeper } from '../archive/backup-keeper.ts';
import { readArchive } from '../archive/read-archive.ts';
import { openStore, type Store } from '../store/store.ts';

const MIGRATIONS = join(process.cwd(), 'server/migrations');
const clock = { today: () => '2026-05-29' };
const PLACE = v7();
let folder: string;
let store: Store;
let backups: BackupKeeper;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'juglans-archive-routes-'));
  store = openStore(':memory:', MIGRATIONS);
  backups = backupKeeper(store, clock, { folder: join(folder, 'backups'), work: join(folder, 'work') });
});
afterEach(() => {
  store.close();
  rmSync(folder, { recursive: true, force: true });
});

const appOf = (withBackups = true) =>
  createApp({ store, clock, demo: false, ...(withBackups ? { backups } : {}) }, null, (error) => {
    throw error;
  });
let app: ReturnType<typeof createApp>;
beforeEach(() => {
  app = appOf();
});

/** A garden with one plant of the name, as small as one can be. */
function plantNamed(name: string) {
  store.putGarden(blankGarden({ name: 'Small', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
  store.putPlace({
    id: PLACE,
    name: 'Out',
    kind: 'outdoors',
    stationId: null,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  const plant = blankPlant({ id: v7(), name, hostId: 'apple', placeId: PLACE });
  store.putPlant(plant);
  return plant;
}

async function ask(method: string, path: string, body?: unknown) {
  const response = await app.request(`/api${path}`, {
    method,
    ...(body === undefined
      ? {}
      : body instanceof Uint8Array
        ? { body: new Uint8Array(body), headers: { 'content-type': 'application/zip' } }
        : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
  });
  const text = await response.clone().text();
  return {
    status: response.status,
    headers: response.headers,
    bytes: Buffer.from(await response.arrayBuffer()),
    text,
    json: () => JSON.parse(text) as never,
  };
}

interface Preview {
  readonly archive: {
    readonly id: string;
    readonly day: string;
    readonly gardenName: string | null;
    readonly hereEmpty: boolean;
    readonly differences: readonly { table: string; differing: number }[];
  };
}
const lying = (name: string) => (readdirSync(folder).includes(name) ? readdirSync(join(folder, name)) : []);

test('a backup, the archive to take away, an upload, a preview, a restore, and the copy made before it', async () => {
  const plant = plantNamed('Quince');
  expect((await ask('POST', '/backups')).status).toBe(200);
  const exported = await ask('GET', '/export.zip');
  expect(Object.fromEntries(exported.headers)).toMatchObject({
    'content-type': 'application/zip',
    'content-disposition': 'attachment; filename="juglans-2026-05-29.zip"',
    'content-length': String(exported.bytes.length),
    'cache-control': 'no-store',
  });
  store.putPlant({ ...plant, name: 'Changed after' });
  const { archive }: Preview = (await ask('POST', '/archive', exported.bytes)).json();
  expect(archive).toMatchObject({ day: '2026-05-29', gardenName: 'Small', hereEmpty: false });
  expect(archive.differences.find(({ table }) => table === 'plant')?.differing).toBe(1);
  // Seen, and nothing done yet.
  expect(store.plant(plant.id)!.name).toBe('Changed after');
  const { before }: { before: { name: string } } = (
    await ask('POST', `/archive/${archive.id}`, { how: 'replace' })
  ).json();
  expect(store.plant(plant.id)!.name).toBe('Quince');
  const list: { backups: { name: string }[]; folder: string; trouble: null } = (
    await ask('GET', '/backups')
  ).json();
  expect(list.backups.map(({ name }) => name).sort()).toEqual(['juglans-2026-05-29.zip', before.name].sort());
  expect(list).toMatchObject({ folder: join(folder, 'backups'), trouble: null });
  // The copy holds what was replaced.
  const kept = await readArchive(join(folder, 'backups', before.name), join(folder, 'work'), MIGRATIONS);
  expect(kept.store.plant(plant.id)!.name).toBe('Changed after');
  kept.discard();
  expect((await ask('POST', `/archive/${archive.id}`, { how: 'add' })).status).toBe(404);
  expect(lying('work')).toEqual([]);
});

test('a backup is fetched by its name and taken in from where it lies; no other file is reached', async () => {
  const plant = plantNamed('Quince');
  const { backup }: { backup: { name: string } } = (await ask('POST', '/backups')).json();
  const fetched = await ask('GET', `/backups/${backup.name}`);
  expect(fetched.headers.get('content-disposition')).toContain(backup.name);
  store.putPlant({ ...plant, name: 'Changed after' });
  const { archive }: Preview = (await ask('POST', '/archive/of-backup', { name: backup.name })).json();
  await ask('POST', `/archive/${archive.id}`, { how: 'add' });
  // Added, so what is here and differs stays.
  expect(store.plant(plant.id)!.name).toBe('Changed after');
  mkdirSync(join(folder, 'backups'), { recursive: true });
  writeFileSync(join(folder, 'backups', 'other.zip'), 'x');
  for (const name of ['..%2f..%2fetc%2fpasswd', 'juglans-2026-05-29.zip%00', 'other.zip'])
    expect((await ask('GET', `/backups/${name}`)).status).toBe(404);
  expect((await ask('POST', '/archive/of-backup', { name: '../work/x' })).status).toBe(404);
  expect((await ask('POST', '/archive/of-backup', { name: 'x'.repeat(81) })).status).toBe(422);
});

test('on a new computer nothing is copied first, for nothing is there', async () => {
  const plant = plantNamed('Quince');
  const { bytes } = await ask('GET', '/export.zip');
  const elsewhere = openStore(':memory:', MIGRATIONS);
  store.close();
  store = elsewhere;
  backups = backupKeeper(store, clock, { folder: join(folder, 'new'), work: join(folder, 'new-work') });
  app = appOf();
  const { archive }: Preview = (await ask('POST', '/archive', bytes)).json();
  expect(archive).toMatchObject({ hereEmpty: true, gardenName: 'Small' });
  expect((await ask('POST', `/archive/${archive.id}`, { how: 'add' })).json()).toEqual({ before: null });
  expect(store.plant(plant.id)!.name).toBe('Quince');
  expect(lying('new')).toEqual([]);
});

describe('no earlier state is lost', () => {
  const nameOf = (name: string) =>
    readArchive(join(folder, 'backups', name), join(folder, 'work'), MIGRATIONS).then((read) => {
      const plant = read.store.plants()[0]!;
      read.discard();
      return plant.name;
    });
  const bring = async (bytes: Uint8Array) =>
    ((await ask('POST', '/archive', bytes)).json() as Preview).archive.id;
  const restore = (id: string) => ask('POST', `/archive/${id}`, { how: 'replace' });

  test('two backups and two restores of one day are four files', async () => {
    const plant = plantNamed('First');
    const { bytes } = await ask('GET', '/export.zip');
    await ask('POST', '/backups');
    store.putPlant({ ...plant, name: 'Second' });
    await ask('POST', '/backups');
    const copies = [];
    for (const name of ['Third', 'Fourth']) {
      store.putPlant({ ...plant, name });
      const { before }: { before: { name: string } } = (await restore(await bring(bytes))).json();
      copies.push([name, await nameOf(before.name)]);
      expect(store.plant(plant.id)!.name).toBe('First');
    }
    expect(copies).toEqual([
      ['Third', 'Third'],
      ['Fourth', 'Fourth'],
    ]);
    expect(await nameOf('juglans-2026-05-29.zip')).toBe('First');
    expect(await nameOf('juglans-2026-05-29-2.zip')).toBe('Second');
  });

  /** Does something once, as soon as the first copy before a restore is made. */
  const onceCopied = (act: () => unknown) => {
    const make = backups.make.bind(backups);
    let copies = 0;
    Object.assign(backups, {
      make: async (label?: string | null) => {
        const made = await make(label);
        if (copies++ === 0) await act();
        return made;
      },
    });
  };

  test('while one is taken in another, and what is written, is refused and not lost', async () => {
    const plant = plantNamed('First');
    const { bytes } = await ask('GET', '/export.zip');
    store.putPlant({ ...plant, name: 'Second' });
    const id = await bring(bytes);
    const meanwhile: Awaited<ReturnType<typeof ask>>[] = [];
    onceCopied(async () => {
      meanwhile.push(await restore(id));
      meanwhile.push(await ask('PUT', `/plants/${plant.id}`, { ...plant, name: 'Meanwhile' }));
      meanwhile.push(await ask('GET', '/plants'));
    });
    const taken = await restore(id);
    expect([taken, ...meanwhile].map(({ status }) => status)).toEqual([200, 409, 503, 200]);
    expect(meanwhile[1]!.headers.get('retry-after')).toBe('2');
    expect(meanwhile[1]!.text).toContain('try again in a moment');
    const { before }: { before: { name: string } } = taken.json();
    expect(await nameOf(before.name)).toBe('Second');
    expect((await restore(id)).status).toBe(404);
    expect((await ask('PUT', `/plants/${plant.id}`, { ...plant, name: 'Afterwards' })).status).toBe(200);
  });

  test('what was on its way when the copy was made is in the copy that counts', async () => {
    const plant = plantNamed('First');
    const { bytes } = await ask('GET', '/export.zip');
    const id = await bring(bytes);
    onceCopied(() => store.putPlant({ ...plant, name: 'On its way' }));
    const { before }: { before: { name: string } } = (await restore(id)).json();
    expect(before.name).toBe('juglans-2026-05-29-before-restore-2.zip');
    expect(await nameOf(before.name)).toBe('On its way');
    expect(store.plant(plant.id)!.name).toBe('First');
  });

  // Seeded, so that a failing order can be had again; more of them by ORDERS.
  test.each(Array.from({ length: Number(process.env.ORDERS ?? 2) }, (_, i) => i + 1))(
    'in order %i of backups, restores and writes every state that was acknowledged can be had again',
    async (seed) => {
      const chance = randomLcg(seed);
      const plant = plantNamed('State 0');
      const archives = [(await ask('GET', '/export.zip')).bytes];
      const states = ['State 0'];
      const write = async () => {
        const name = `State ${states.length}`;
        const { status } = await ask('PUT', `/plants/${plant.id}`, { ...plant, name });
        if (status === 200) states.push(name);
        else expect(status).toBe(503);
      };
      const backup = async () => void (await ask('POST', '/backups'));
      const takeIn = async () => {
        const id = await bring(archives[Math.floor(chance() * archives.length)]!);
        expect([200, 409]).toContain((await restore(id)).status);
      };
      for (let step = 0; step < 5; step++) {
        const doing = [write, backup, takeIn].filter(() => chance() < 0.7);
        // Each state is kept by a backup before the next is written over it.
        await backup();
        await Promise.all(doing.sort(() => chance() - 0.5).map((act) => act()));
      }
      await backup();
      const kept = new Set(await Promise.all(backups.list().map(({ name }) => nameOf(name))));
      expect(states.filter((state) => !kept.has(state))).toEqual([]);
    },
    60_000,
  );
});

describe('what waits to be taken in', () => {
  const bring = async () => {
    const { bytes } = await ask('GET', '/export.zip');
    const { archive }: Preview = (await ask('POST', '/archive', bytes)).json();
    return archive.id;
  };

  test('is let go of when asked, once, and leaves nothing behind', async () => {
    plantNamed('Quince');
    const id = await bring();
    expect(lying('work')).not.toEqual([]);
    expect((await ask('DELETE', `/archive/${id}`)).status).toBe(204);
    expect(lying('work')).toEqual([]);
    const again = await ask('DELETE', `/archive/${id}`);
    expect([again.status, again.text]).toEqual([
      404,
      expect.stringContaining('There is no such archive waiting.'),
    ]);
  });

  test('are three at most; the oldest goes for a fourth', async () => {
    const plant = plantNamed('Quince');
    const ids = [await bring(), await bring(), await bring()];
    expect((await ask('POST', `/archive/${ids[0]}`, { how: 'add' })).status).toBe(200);
    ids.push(await bring(), await bring());
    store.putPlant({ ...plant, name: 'Changed after' });
    const statuses = [];
    for (const id of ids) statuses.push((await ask('POST', `/archive/${id}`, { how: 'add' })).status);
    expect(statuses).toEqual([404, 404, 200, 200, 200]);
  });
});

describe('refused, with its reason', () => {
  test('an archive that is none, and nothing lies about afterwards', async () => {
    const refused = await ask('POST', '/archive', new TextEncoder().encode('no zip'));
    expect(refused.status).toBe(422);
    expect(refused.text).toMatch(/This archive cannot be taken in\. .+ Nothing was changed\./);
    expect((await ask('POST', '/archive')).status).toBe(422);
    expect(lying('work')).toEqual([]);
  });

  test('a way of taking in that there is none', async () => {
    expect((await ask('POST', `/archive/${v7()}`, { how: 'merge' })).status).toBe(422);
    expect((await ask('POST', `/archive/${v7()}`, { how: 'add' })).status).toBe(404);
  });

  test('backups where the program has no folder for them', async () => {
    app = appOf(false);
    const refused = await ask('GET', '/backups');
    expect([refused.status, refused.text]).toEqual([
      409,
      expect.stringContaining('without a folder for backups'),
    ]);
    expect((await ask('POST', '/backups')).status).toBe(409);
  });

  test('a backup that cannot be written, which stays told until one can', async () => {
    const plant = plantNamed('Quince');
    const { bytes } = await ask('GET', '/export.zip');
    const { archive }: Preview = (await ask('POST', '/archive', bytes)).json();
    writeFileSync(join(folder, 'backups'), 'a file where the folder should be');
    store.putPlant({ ...plant, name: 'Changed after' });
    for (const refused of [
      await ask('POST', '/backups'),
      await ask('POST', `/archive/${archive.id}`, { how: 'replace' }),
    ]) {
      expect(refused.status).toBe(503);
      expect(refused.text).toContain(
        'The backup could not be made: a file lies where the folder should be. Nothing was changed.',
      );
    }
    expect(store.plant(plant.id)!.name).toBe('Changed after');
    expect(backups.lastTrouble()).not.toBeNull();
  });
});
