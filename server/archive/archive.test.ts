import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import {
  createWriteStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createHash } from 'node:crypto';
import { v7 } from 'uuid';
import yazl from 'yazl';
import { blankPlant } from '#core/records';
import { seedFallowBank } from '#demo/seed';
import { OUTDOORS } from '#demo/plants';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { openStore, type Store } from '../store/store.ts';
import { backupKeeper } from './backup-keeper.ts';
import { readArchive } from './read-archive.ts';
import { ARCHIVED, columnsOf, LEFT_OUT, PICTURES } from './tables.ts';
import { compareWith, takeIn } from './take-in.ts';
import { writeArchive } from './write-archive.ts';

const LATEST_SCHEMA = readdirSync(join(process.cwd(), 'server/migrations')).length;

const MIGRATIONS = join(process.cwd(), 'server/migrations');
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);
let folder: string;
let stores: Store[];

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'juglans-archive-'));
  stores = [];
});
afterEach(() => {
  stores.forEach((store) => store.close());
  rmSync(folder, { recursive: true, force: true });
});

function opened(name: string): Store {
  const store = openStore(join(folder, `${name}.sqlite`), MIGRATIONS);
  stores.push(store);
  return store;
}

/** Fallow Bank with a photo, on the disk. */
function fallowBank(name = 'source'): Store {
  const store = opened(name);
  seedFallowBank(store, [gardenStation(), sunroomLogger()]);
  store.putPhoto(
    {
      id: v7(),
      watchId: store.watches()[0]!.id,
      plantId: null,
      takenOn: '2026-05-20',
      takenFrom: 'added',
      scale: null,
      spots: [],
      tagId: null,
      spot: null,
      note: '',
      widthPx: 1,
      heightPx: 1,
    },
    { mediaType: 'image/png', bytes: PNG },
  );
  return store;
}

/** Everything that is archived, row by row. */
const contents = ({ db }: Store) =>
  Object.fromEntries(
    [...ARCHIVED, PICTURES].map((table) => [
      table,
      db.prepare(`SELECT * FROM ${table} ORDER BY ${columnsOf(db, table).key.join(', ')}`).all(),
    ]),
  );
const totals = ({ db }: Store) => db.prepare('SELECT total_changes() AS n').get();
const reading = (file: string) => readArchive(file, join(folder, 'work'), MIGRATIONS);

/** A zip by hand, with a list that fits what is in it unless told otherwise. */
async function zipOf(
  files: Readonly<Record<string, Buffer>>,
  manifest: Record<string, unknown> = {},
  compress = true,
): Promise<string> {
  const zip = new yazl.ZipFile();
  const file = join(folder, `${v7()}.zip`);
  const written = pipeline(zip.outputStream, createWriteStream(file));
  for (const [name, bytes] of Object.entries(files)) zip.addBuffer(bytes, name, { compress });
  const entries = Object.entries(files).map(([name, bytes]) => ({
    name,
    sha256: createHash('sha256').update(bytes).digest('hex'),
    bytes: bytes.length,
  }));
  zip.addBuffer(
    Buffer.from(
      JSON.stringify({
        format: 'juglans-archive',
        version: 1,
        schema: LATEST_SCHEMA,
        day: '2026-05-29',
        rows: {},
        entries,
        ...manifest,
      }),
    ),
    'manifest.json',
  );
  zip.end();
  await written;
  return file;
}

test('every table is either archived or left out on purpose', () => {
  const tables = (
    opened('all')
      .db.prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
      .all() as { name: string }[]
  ).map(({ name }) => name);
  expect(tables.sort()).toEqual([...ARCHIVED, PICTURES, ...LEFT_OUT].sort());
});

test(
  'a backup made while others write, restored into a fresh folder, is one moment of the source, row by ' +
    'row',
  async () => {
    const source = fallowBank();
    let going = true;
    let written = 0;
    const writing = (async () => {
      while (going) {
        source.putPlant(
          blankPlant({
            id: v7(),
            name: `Written meanwhile ${written++}`,
            hostId: 'apple',
            placeId: OUTDOORS,
          }),
        );
        await new Promise((resolve) => setImmediate(resolve));
      }
    })();
    const file = join(folder, 'backup.zip');
    await writeArchive(source.db, file, '2026-05-29');
    going = false;
    await writing;
    expect(written).toBeGreaterThan(20);
    const read = await reading(file);
    const fresh = opened('fresh');
    takeIn(fresh, read.file, 'replace');
    read.discard();
    const [there, here] = [contents(source), contents(fresh)];
    // The plants are those of one moment: an unbroken run from the first; everything else is the same.
    const meanwhile = (here.plant as { name: string }[])
      .flatMap(({ name }) => (name.startsWith('Written') ? [Number(name.slice(18))] : []))
      .sort((a, b) => a - b);
    expect(meanwhile).toEqual(meanwhile.map((_, i) => i));
    const without = (all: typeof here) => ({
      ...all,
      plant: (all.plant as { name: string }[]).filter(({ name }) => !name.startsWith('Written')),
      change_log: (all.change_log as { action: string }[]).filter(({ action }) => action !== 'added'),
    });
    expect(without(here)).toEqual(without(there));
    expect(fresh.db.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(existsSync(join(folder, 'work')) ? readdirSync(join(folder, 'work')) : []).toEqual([]);
  },
  180_000,
);

describe('what comes in', () => {
  test('is compared by id, added, changed or put in place of everything, with a copy of what it replaces', async () => {
    const source = fallowBank();
    const file = join(folder, 'a.zip');
    await writeArchive(source.db, file, '2026-05-29');
    const before = contents(source);
    const [plant] = source.plants();
    source.putPlant({ ...plant!, name: 'Renamed since' });
    source.putPlant(blankPlant({ id: v7(), name: 'Only here', hostId: 'apple', placeId: OUTDOORS }));
    const sprays = source.allSprays();
    source.takeOut('spray', sprays[0]!.id);
    const read = await reading(file);
    const difference = (table: string) =>
      compareWith(source, read.file).find((entry) => entry.table === table);
    expect(difference('plant')).toMatchObject({ fresh: 0, differing: 1, onlyHere: 1 });
    expect(difference('spray')).toMatchObject({ fresh: 1, differing: 0, alike: sprays.length - 1 });
    takeIn(source, read.file, 'add');
    expect(source.plant(plant!.id)!.name).toBe('Renamed since');
    expect(source.allSprays()).toHaveLength(sprays.length);
    takeIn(source, read.file, 'add-and-change');
    expect(source.plant(plant!.id)!.name).toBe(plant!.name);
    expect(source.plants().some(({ name }) => name === 'Only here')).toBe(true);
    takeIn(source, read.file, 'replace');
    expect(contents(source)).toEqual(before);
    read.discard();
  }, 180_000);
});

describe('what is no whole, sound archive is refused and changes nothing', () => {
  const refusedBy = async (file: string, why: RegExp) => {
    const store = opened(v7());
    const before = totals(store);
    await expect(reading(file)).rejects.toThrow(why);
    await expect(reading(file)).rejects.toMatchObject({ name: 'ArchiveError' });
    expect(totals(store)).toEqual(before);
    expect(readdirSync(join(folder, 'work'))).toEqual([]);
  };

  test('cut short or with bits turned, wherever', async () => {
    const file = join(folder, 'whole.zip');
    await writeArchive(fallowBank().db, file, '2026-05-29');
    const whole = readFileSync(file);
    const tryOut = async (bytes: Buffer) => {
      const spoilt = join(folder, 'spoilt.zip');
      writeFileSync(spoilt, bytes);
      const read = await reading(spoilt).catch((error: unknown) => error as Error);
      if (!(read instanceof Error)) {
        read.discard();
        return 'taken';
      }
      expect(read.name).toBe('ArchiveError');
      return 'refused';
    };
    for (const share of [0, 0.1, 0.5, 0.9, 0.999])
      expect(await tryOut(whole.subarray(0, Math.floor(whole.length * share)))).toBe('refused');
    // Bits of file contents; a few bytes of a zip (times, attributes) say nothing of what it holds.
    let refused = 0;
    for (let i = 0; i < 24; i++) {
      const bytes = Buffer.from(whole);
      const at = Math.floor(((i + 0.5) / 24) * whole.length);
      bytes[at] = bytes[at]! ^ 0x10;
      if ((await tryOut(bytes)) === 'refused') refused++;
    }
    expect(refused).toBeGreaterThanOrEqual(22);
  }, 240_000);

  test('of another version, another format, or of a later schema', async () => {
    await refusedBy(await zipOf({}, { version: 2 }), /version 2/);
    await refusedBy(await zipOf({}, { format: 'other' }), /list of what it holds/);
    await refusedBy(await zipOf({}, { schema: 999 }), /later version of the program/);
    await refusedBy(await zipOf({ 'README.txt': Buffer.from('x') }, { entries: [] }), /does not name/);
    writeFileSync(join(folder, 'not.zip'), 'PK nonsense');
    await refusedBy(join(folder, 'not.zip'), /damaged or no archive/);
  });

  test(
    'bombs, paths that climb, pictures that are pages, rows that refer to nothing, records that hold ' +
      'nonsense',
    async () => {
      await refusedBy(
        await zipOf({ 'records/plant.jsonl': Buffer.alloc(60_000_000, '\n') }),
        /far more than a garden holds/,
      );
      // Its name is put in by hand: a zip writer refuses such names.
      const climbing = await zipOf({ 'csv/aaaaaaaa.csv': Buffer.from('x') });
      writeFileSync(
        climbing,
        Buffer.from(
          readFileSync(climbing).toString('latin1').replaceAll('csv/aaaaaaaa.csv', '../../../aaaa.csv'),
          'latin1',
        ),
      );
      await refusedBy(climbing, /damaged|no archive of a garden has/);
      await refusedBy(
        await zipOf({ 'photos/evil.html': Buffer.from('<script>') }),
        /no archive of a garden has/,
      );
      const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');
      await refusedBy(await zipOf({ [`photos/${v7()}.png`]: svg }), /JPEG, PNG or WebP/);
      const move = { id: v7(), plant_id: v7(), place_id: v7(), moved_on: '2026-05-01' };
      await refusedBy(
        await zipOf({ 'records/plant_move.jsonl': Buffer.from(`${JSON.stringify(move)}\n`) }),
        /refer to others that are missing/,
      );
      await refusedBy(
        await zipOf({ 'records/plant_move.jsonl': Buffer.from('{"id":1,"evil":2}\n') }),
        /parts that are not known/,
      );
      await refusedBy(
        await zipOf({
          'records/station.jsonl': Buffer.from(
            `${JSON.stringify({ id: v7(), name: 'S', kind: 'oracle' })}\n`,
          ),
        }),
        /does not hold what such a record holds: thermometer/,
      );
      const station = { id: v7(), name: 'S', kind: 'logger' };
      const day = (date: string, more = {}) =>
        zipOf({
          'records/station.jsonl': Buffer.from(`${JSON.stringify(station)}\n`),
          'records/station_day.jsonl': Buffer.from(
            `${JSON.stringify({ station_id: station.id, date, min_c: 4, max_c: 9, ...more })}\n`,
          ),
        });
      for (const bad of [
        await day('2026-02-30'),
        await day('2026-02-20', { max_c: 900 }),
        await day('2026-02-20', { hours_c: '[1]' }),
        await day('2026-02-20', { rain_mm: -1 }),
        await day('2026-02-20', { hours_c: JSON.stringify(Array(24).fill(9999)) }),
        await zipOf({
          'records/station.jsonl': Buffer.from(`${JSON.stringify(station)}\n`),
          'records/station_day.jsonl': Buffer.from(
            `{"station_id":"${station.id}","date":"2026-02-20","min_c":4,"max_c":9,"rain_mm":1e999}\n`,
          ),
        }),
      ])
        await refusedBy(bad, /no garden has had/);
      await refusedBy(await zipOf({ 'records/station.jsonl': Buffer.from('not json\n') }), /damaged/);
      await refusedBy(await zipOf({ 'records/session.jsonl': Buffer.from('{}\n') }), /not known/);
      await refusedBy(await zipOf({}, { rows: { plant: 3 } }), /should hold 3 rows/);
    },
    180_000,
  );
});

test.each([
  [
    'a spray of a product that is not there',
    `UPDATE spray SET parts = json_set(parts, '$[0].productId', '${v7()}')`,
    /names a product/,
  ],
  [
    'a place read from a thermometer that is not there',
    `UPDATE place SET stand_in_ids = '["${v7()}"]'`,
    /names a thermometer/,
  ],
  [
    'a history numbered to its end',
    `INSERT INTO change_log VALUES (2000000000000, '2026-05-29T00:00:00Z', 'plant', 'x', 'changed', '{}')`,
    /not numbered as a history is/,
  ],
])(
  'an archive with %s is refused',
  async (_, spoil, why) => {
    const source = fallowBank();
    source.db.exec(spoil);
    const file = join(folder, 'spoilt.zip');
    await writeArchive(source.db, file, '2026-05-29');
    await expect(reading(file)).rejects.toThrow(why);
  },
  60_000,
);

test('cells that a spreadsheet would run stay text', async () => {
  const store = fallowBank();
  const [watch] = store.watches();
  store.putWatch({ ...watch!, note: '=HYPERLINK("http://evil.example")' });
  const file = join(folder, 'csv.zip');
  await writeArchive(store.db, file, '2026-05-29');
  const { default: yauzl } = await import('yauzl');
  const text = await new Promise<string>((resolve, reject) =>
    yauzl.open(file, { lazyEntries: true }, (error, zip) => {
      if (error) return reject(error);
      zip.on('entry', (entry: { fileName: string }) => {
        if (entry.fileName !== 'csv/watch.csv') return zip.readEntry();
        return zip.openReadStream(entry as never, (_, stream) => {
          const parts: Buffer[] = [];
          stream
            .on('data', (part: Buffer) => parts.push(part))
            .on('end', () => resolve(Buffer.concat(parts).toString()));
        });
      });
      return zip.readEntry();
    }),
  );
  expect(text).toContain("'=HYPERLINK");
  expect(text.split('\n').filter((line) => line.startsWith('id,'))).toHaveLength(1);
});

test('a backup made lets go of those no longer kept, and of nothing else in the folder', async () => {
  const store = opened('small');
  const keeper = backupKeeper(
    store,
    { today: () => '2026-03-11' },
    { folder: join(folder, 'backups'), work: join(folder, 'work') },
  );
  mkdirSync(join(folder, 'backups'));
  const days = ['02', '03', '04', '05', '06', '07', '08', '09', '10'];
  const others = ['notes.txt', 'juglans-2026-03-01-before-restore.zip', 'garden.zip'];
  for (const name of [...others, ...days.map((day) => `juglans-2026-03-${day}.zip`)])
    writeFileSync(join(folder, 'backups', name), 'x');
  await keeper.make();
  expect(readdirSync(join(folder, 'backups')).sort()).toEqual(
    [
      ...others,
      ...['05', '06', '07', '08', '09', '10', '11'].map((day) => `juglans-2026-03-${day}.zip`),
    ].sort(),
  );
}, 180_000);

test('a backup is made by itself each day on which something was written since the last', async () => {
  const store = fallowBank();
  let today = '2026-05-01';
  const keeper = backupKeeper(
    store,
    { today: () => today },
    { folder: join(folder, 'backups'), work: join(folder, 'work') },
  );
  const failed: unknown[] = [];
  /** Starts the round anew, as a new day of the same program would be looked at, and waits for what it makes. */
  const look = async () => {
    keeper.startDaily((error) => failed.push(error));
    keeper.stop();
    await keeper.idle();
    return keeper.list().map(({ name }) => name.slice(8, 18));
  };
  expect(await look()).toEqual(['2026-05-01']);
  expect(await look()).toEqual(['2026-05-01']);
  today = '2026-05-02';
  store.putPlant({ ...store.plants()[0]!, note: 'written' });
  expect((await look()).sort()).toEqual(['2026-05-01', '2026-05-02']);
  today = '2026-05-03';
  expect((await look()).sort()).toEqual(['2026-05-01', '2026-05-02']);
  expect(failed).toEqual([]);
}, 60_000);
