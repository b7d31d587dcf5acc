import { afterEach, beforeEach, expect, test } from '@jest/globals';
import {
  mkdtempSync,
  openSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
  writeSync,
  closeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { seedFallowBank } from '#demo/seed';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { writeArchive } from './archive/write-archive.ts';
import { type Answering, serveRecords } from './serve-records.ts';
import { PASSPHRASE_KEY } from './security/guard.ts';
import { hashPassphrase } from './security/passphrase.ts';
import { openStore } from './store/store.ts';

/** A garden of its own, with a backup, whose file is damaged in ways a failing disk damages files. */

const ROOT = process.cwd();
const BACKUP = 'juglans-2026-05-28.zip';
const quiet = () => undefined;
let data: string;
let served: Answering | null;
const file = () => join(data, 'juglans.sqlite');

beforeEach(() => {
  data = mkdtempSync(join(tmpdir(), 'juglans-damaged-'));
  served = null;
});
afterEach(async () => {
  await served?.close();
  rmSync(data, { recursive: true, force: true });
});

async function garden(passphrase?: string): Promise<void> {
  const store = openStore(file(), join(ROOT, 'server/migrations'));
  seedFallowBank(store, [gardenStation(), sunroomLogger()]);
  if (passphrase) store.putMeta(PASSPHRASE_KEY, await hashPassphrase(passphrase));
  await writeArchive(store.db, join(data, BACKUP), '2026-05-28');
  store.close();
}

/** Writes nonsense over the pages from a share of the file on. */
function damage(share: number): void {
  const { size } = statSync(file());
  const from = Math.floor((size * share) / 4096) * 4096;
  const handle = openSync(file(), 'r+');
  writeSync(handle, Buffer.alloc(size - from, 0xa5), 0, size - from, from);
  closeSync(handle);
}

const start = async () => {
  served = await serveRecords({
    root: ROOT,
    host: '127.0.0.1',
    port: 0,
    data,
    weatherFolder: join(data, 'weather-in'),
    log: { info: quiet, error: quiet, debug: quiet },
  });
};

async function ask(method: string, path: string, body?: unknown) {
  const response = await served!.fetch(
    new Request(`http://127.0.0.1/api${path}`, {
      method,
      ...(body instanceof Buffer
        ? { body: new Uint8Array(body) }
        : body
          ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }
          : {}),
    }),
  );
  const text = await response.text();
  return { status: response.status, text, json: () => JSON.parse(text) as Record<string, never> };
}

async function bringIn(): Promise<void> {
  const { archive: preview } = (
    await ask('POST', '/archive', readFileSync(join(data, BACKUP)))
  ).json() as unknown as {
    archive: { id: string; hereEmpty: boolean };
  };
  expect(preview.hereEmpty).toBe(true);
  expect(await ask('POST', `/archive/${preview.id}`, { how: 'replace' })).toMatchObject({
    status: 200,
    text: '{"before":null}',
  });
}

const damaged = { status: 503, text: expect.stringContaining('The records are damaged') as unknown };

test.each([
  ['from the first page on', 0],
  ['in the middle', 0.4],
])(
  'records damaged %s: a backup is brought in through the pages, and nothing is lost of the file',
  async (_, share) => {
    await garden();
    damage(share);
    await start();
    expect((await ask('GET', '/door')).json()).toEqual({ locked: false, letIn: true, damaged: true });
    // Not one word of a disk that is full, and nothing written to what is damaged.
    const id = v7();
    expect(await ask('GET', '/now')).toMatchObject(damaged);
    expect(await ask('PUT', `/stations/${id}`, { id, name: 'Post', kind: 'thermometer' })).toMatchObject(
      damaged,
    );
    expect(await ask('GET', '/backups/juglans-2026-05-28.zip')).toMatchObject(damaged);
    expect((await ask('GET', '/backups')).status).toBe(200);
    await bringIn();
    expect((await ask('GET', '/door')).json()).toMatchObject({ damaged: false });
    expect((await ask('GET', '/now')).status).toBe(200);
    expect(await ask('PUT', `/stations/${id}`, { id, name: 'Post', kind: 'thermometer' })).toMatchObject({
      status: 200,
    });
    const aside = readdirSync(data).filter((name) => /\.damaged-\d{14}$/.test(name));
    expect(aside).toHaveLength(1);
  },
);

test('records that turn out damaged while they are served: the same, from the next question on', async () => {
  await garden();
  // More than is held in memory, so that it has to be read from the disk.
  const store = openStore(file(), join(ROOT, 'server/migrations'));
  const photo = {
    id: v7(),
    watchId: store.watches()[0]!.id,
    plantId: null,
    takenOn: '2026-05-20',
    takenFrom: 'camera' as const,
    scale: null,
    spots: [],
    tagId: null,
    spot: null,
    note: '',
    widthPx: 4000,
    heightPx: 3000,
  };
  store.putPhoto(photo, { mediaType: 'image/jpeg', bytes: Buffer.alloc(40_000_000, 7) });
  store.close();
  await start();
  expect((await ask('GET', '/garden')).status).toBe(200);
  damage(0.05);
  expect(await ask('GET', `/photos/${photo.id}/image`)).toMatchObject(damaged);
  expect((await ask('GET', '/door')).json()).toMatchObject({ damaged: true });
  await bringIn();
  expect((await ask('GET', '/plants')).status).toBe(200);
});

test('the passphrase stays as far as it can be read', async () => {
  await garden('the old walnut tree');
  damage(0.5);
  await start();
  expect((await ask('GET', '/door')).json()).toEqual({ locked: true, letIn: false, damaged: true });
  expect((await ask('GET', '/backups')).status).toBe(401);
});

test('a file that is no database at all is set aside too', async () => {
  await garden();
  writeFileSync(file(), 'this was never a database, however long it is. '.repeat(200));
  await start();
  await bringIn();
  expect((await ask('GET', '/plants')).status).toBe(200);
});
