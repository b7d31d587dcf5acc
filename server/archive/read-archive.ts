import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { StringDecoder } from 'node:string_decoder';
import yauzl from 'yauzl';
import { checkPicture } from '../picture-check.ts';
import { openDatabase, type Db } from '../store/database.ts';
import { openStore, type Store } from '../store/store.ts';
import { checkRecords } from './check-records.ts';
import { ArchiveError } from './archive-error.ts';
import { ARCHIVE_VERSION, ENTRY_NAME, type Manifest, manifestSchema } from './manifest.ts';
import { ARCHIVED, columnsOf, hasTable, PICTURES } from './tables.ts';

/** Limits against archives that unpack into far more than they seem to hold. */
const MOST_BYTES = 4_000_000_000;
const MOST_ENTRY_BYTES = 1_500_000_000;
const MOST_ENTRIES = 300_000;
/** Text of records packs well, but not like this. */
const MOST_RATIO = 200;
const RATIO_FROM_BYTES = 10_000_000;
const MOST_LINE_BYTES = 2_000_000;
const ROWS_AT_A_TIME = 1000;

/** An archive read into records of its own, whole and checked. */
export interface ReadArchive {
  readonly manifest: Manifest;
  readonly store: Store;
  /** Where these records lie. */
  readonly file: string;
  discard(): void;
}

/**
 * Reads an archive into a fresh database beside, brings it to this program's schema, and checks
 * every file, row, reference, record and picture in it.
 * @throws ArchiveError for anything that is not a whole, sound archive this program knows.
 */
export async function readArchive(
  file: string,
  workFolder: string,
  migrations: string,
): Promise<ReadArchive> {
  mkdirSync(workFolder, { recursive: true });
  const folder = mkdtempSync(join(workFolder, 'archive-'));
  const records = join(folder, 'read.sqlite');
  const discard = () => rmSync(folder, { recursive: true, force: true });
  try {
    const zip = await opened(file);
    try {
      const entries = await listed(zip);
      const manifest = await manifestOf(zip, entries);
      const db = openDatabase(records, migrations, manifest.schema);
      try {
        if (db.pragma('user_version', { simple: true }) !== manifest.schema)
          throw new ArchiveError(
            `It was written by a later version of the program (its records are of version ${manifest.schema}).`,
          );
        await fill(db, zip, entries, manifest);
      } finally {
        db.close();
      }
      const store = openStore(records, migrations);
      try {
        checkWhole(store, manifest);
        checkRecords(store);
      } catch (error) {
        store.close();
        throw error;
      }
      return {
        manifest,
        store,
        file: records,
        discard: () => {
          store.close();
          discard();
        },
      };
    } finally {
      zip.close();
    }
  } catch (error) {
    discard();
    throw asArchiveError(error);
  }
}

function asArchiveError(error: unknown): unknown {
  if (error instanceof ArchiveError) return error;
  const code = (error as { code?: string }).code ?? '';
  // A full disk is not the archive's fault.
  if (/^(ENOSPC|EACCES|EROFS|EIO|SQLITE_(FULL|READONLY|IOERR|CANTOPEN))/.test(code)) return error;
  return new ArchiveError(
    `It is damaged or no archive of a garden: ${error instanceof Error ? error.message : 'it cannot be read'}.`,
  );
}

const opened = (file: string) =>
  new Promise<yauzl.ZipFile>((resolve, reject) => {
    yauzl.open(
      file,
      { lazyEntries: true, autoClose: false, validateEntrySizes: true, strictFileNames: true },
      (error, zip) => (error ? reject(error) : resolve(zip)),
    );
  });

function listed(zip: yauzl.ZipFile): Promise<Map<string, yauzl.Entry>> {
  return new Promise((resolve, reject) => {
    const entries = new Map<string, yauzl.Entry>();
    let total = 0;
    const refuse = (why: string) => reject(new ArchiveError(why));
    zip
      .on('error', reject)
      .on('end', () => resolve(entries))
      .on('entry', (entry: yauzl.Entry) => {
        const { fileName, uncompressedSize, compressedSize } = entry;
        total += uncompressedSize;
        if (!ENTRY_NAME.test(fileName))
          return refuse(
            `It holds a file that no archive of a garden has: ${JSON.stringify(fileName.slice(0, 80))}.`,
          );
        if (entries.has(fileName) || entries.size >= MOST_ENTRIES)
          return refuse('It holds a file twice, or far too many.');
        if (
          total > MOST_BYTES ||
          uncompressedSize > MOST_ENTRY_BYTES ||
          (uncompressedSize > RATIO_FROM_BYTES && uncompressedSize > MOST_RATIO * Math.max(1, compressedSize))
        )
          return refuse('It would unpack into far more than a garden holds.');
        entries.set(fileName, entry);
        return zip.readEntry();
      });
    zip.readEntry();
  });
}

const stream = (zip: yauzl.ZipFile, entry: yauzl.Entry) =>
  new Promise<Readable>((resolve, reject) => {
    zip.openReadStream(entry, (error, readable) => (error ? reject(error) : resolve(readable)));
  });

async function bytesOf(zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of await stream(zip, entry)) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

async function manifestOf(zip: yauzl.ZipFile, entries: ReadonlyMap<string, yauzl.Entry>): Promise<Manifest> {
  const entry = entries.get('manifest.json');
  if (!entry || entry.uncompressedSize > 60_000_000)
    throw new ArchiveError(
      'It has no list of what it holds: it was cut short, or is no archive of a garden.',
    );
  const read = manifestSchema.safeParse(JSON.parse((await bytesOf(zip, entry)).toString('utf8')));
  if (!read.success) throw new ArchiveError('Its list of what it holds cannot be read.');
  if (read.data.version > ARCHIVE_VERSION)
    throw new ArchiveError(
      `It is an archive of version ${read.data.version}; this program reads up to ${ARCHIVE_VERSION}. Use the newer program.`,
    );
  const named = new Set(read.data.entries.map(({ name }) => name));
  for (const name of entries.keys())
    if (name !== 'manifest.json' && !named.has(name))
      throw new ArchiveError(`It holds a file its list does not name: ${name}.`);
  for (const name of named)
    if (!entries.has(name)) throw new ArchiveError(`A file is missing from it: ${name}.`);
  return read.data;
}

async function fill(
  db: Db,
  zip: yauzl.ZipFile,
  entries: ReadonlyMap<string, yauzl.Entry>,
  manifest: Manifest,
): Promise<void> {
  const sums = new Map(manifest.entries.map(({ name, sha256 }) => [name, sha256]));
  // Nothing depends on these records yet: they need not reach the disk at every step.
  db.pragma('synchronous = OFF');
  db.pragma('foreign_keys = OFF');
  const tables = ARCHIVED.filter((table) => hasTable(db, table));
  for (const name of entries.keys()) {
    const table = /^records\/(.*)\.jsonl$/.exec(name)?.[1];
    if (table && !(tables as readonly string[]).includes(table))
      throw new ArchiveError(`It holds records of a kind that is not known: ${table}.`);
  }
  for (const table of tables) {
    const entry = entries.get(`records/${table}.jsonl`);
    if (entry)
      await through(await stream(zip, entry), sumChecked(entry.fileName, sums), (source) =>
        fillTable(db, table, source),
      );
  }
  for (const [name, entry] of entries) {
    if (name.startsWith('photos/')) {
      if (entry.uncompressedSize > 16_000_000)
        throw new ArchiveError(`A picture in it is far too large: ${name}.`);
      const bytes = await bytesOf(zip, entry);
      if (createHash('sha256').update(bytes).digest('hex') !== sums.get(name))
        throw new ArchiveError(`A file in it was changed or damaged: ${name}.`);
      const { mediaType } = checkPicture(bytes);
      db.prepare(`INSERT INTO ${PICTURES} (photo_id, media_type, bytes) VALUES (?, ?, ?)`).run(
        name.slice('photos/'.length, name.lastIndexOf('.')),
        mediaType,
        bytes,
      );
    } else if (name.startsWith('csv/') || name === 'README.txt') {
      // For reading only, yet what was changed in it should not go unseen.
      await through(await stream(zip, entry), sumChecked(name, sums), async (source) => {
        for await (const chunk of source) void chunk;
      });
    }
  }
}

/**
 * Reads a file to its end; what the work itself finds wrong is told before the stream that was cut off
 * for it.
 */
async function through(
  readable: Readable,
  checked: Transform,
  work: (source: AsyncIterable<Buffer>) => Promise<void>,
): Promise<void> {
  let parsed: unknown;
  await pipeline(readable, checked, async (source: AsyncIterable<Buffer>) => {
    await work(source).catch((error: unknown) => {
      parsed = error;
      throw error;
    });
  }).catch((error: unknown) => {
    throw parsed ?? error;
  });
}

/** Passes a file on and compares its sum at the end. */
function sumChecked(name: string, sums: ReadonlyMap<string, string>): Transform {
  const hash = createHash('sha256');
  return new Transform({
    transform(chunk: Buffer, _, done) {
      hash.update(chunk);
      done(null, chunk);
    },
    flush(done) {
      done(
        hash.digest('hex') === sums.get(name)
          ? null
          : new ArchiveError(`A file in it was changed or damaged: ${name}.`),
      );
    },
  });
}

async function fillTable(db: Db, table: string, source: AsyncIterable<Buffer>): Promise<void> {
  const { all } = columnsOf(db, table);
  const allNames = new Set(all);
  const insert = db.prepare(
    `INSERT INTO ${table} (${all.join(', ')}) VALUES (${all.map(() => '?').join(', ')})`,
  );
  let waiting: unknown[][] = [];
  const write = () => {
    db.transaction(() => waiting.forEach((values) => insert.run(...values)))();
    waiting = [];
  };
  for await (const line of linesOf(source, table)) {
    const row = JSON.parse(line) as Record<string, unknown>;
    if (row === null || typeof row !== 'object' || Object.keys(row).some((column) => !allNames.has(column)))
      throw new ArchiveError(`A record in it has parts that are not known (${table}).`);
    waiting.push(all.map((column) => row[column] ?? null));
    if (waiting.length >= ROWS_AT_A_TIME) write();
  }
  write();
}

/** Lines of a file as it comes, none of them kept. */
async function* linesOf(source: AsyncIterable<Buffer>, table: string): AsyncGenerator<string> {
  const decoder = new StringDecoder('utf8');
  let rest = '';
  for await (const chunk of source) {
    const lines = (rest + decoder.write(chunk)).split('\n');
    rest = lines.pop()!;
    if (rest.length > MOST_LINE_BYTES) throw new ArchiveError(`A record in it is far too long (${table}).`);
    yield* lines.filter((line) => line !== '');
  }
  if (rest + decoder.end() !== '') yield rest;
}

function checkWhole({ db }: Store, manifest: Manifest): void {
  if (
    db.pragma('integrity_check', { simple: true }) !== 'ok' ||
    (db.pragma('foreign_key_check') as unknown[]).length > 0
  )
    throw new ArchiveError('Records in it refer to others that are missing.');
  for (const [table, rows] of Object.entries(manifest.rows)) {
    if (!(ARCHIVED as readonly string[]).includes(table)) continue;
    const { n } = db.prepare(`SELECT count(*) AS n FROM ${table}`).get() as { n: number };
    if (n !== rows) throw new ArchiveError(`It should hold ${rows} rows of ${table} and holds ${n}.`);
  }
  const { n } = db
    .prepare(`SELECT count(*) AS n FROM photo WHERE id NOT IN (SELECT photo_id FROM ${PICTURES})`)
    .get() as { n: number };
  if (n > 0) throw new ArchiveError('Pictures are missing from it.');
}
