import { createHash } from 'node:crypto';
import { createWriteStream, rmSync } from 'node:fs';
import { open, rename } from 'node:fs/promises';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import yazl from 'yazl';
import { writeTableCsv } from '#core/formats';
import type { CivilDate } from '#core/calendar';
import type { Db } from '../store/database.ts';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, type Manifest } from './manifest.ts';
import { ARCHIVED, columnsOf, PICTURES } from './tables.ts';

const EXTENSIONS: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
};
/** Tables that people may want to open in a spreadsheet. */
const AS_CSV = [
  'plant',
  'watch',
  'sample',
  'tape',
  'trap',
  'spray',
  'handwork',
  'growth',
  'station_day',
  'product',
] as const;
const ROWS_AT_A_TIME = 500;

const README = `A garden kept with Juglans.

records/*.jsonl  every table, a row a line, as JSON by column; dates are YYYY-MM-DD, temperatures °C, lengths m, volumes ml
photos/*         pictures by the id of their record in records/photo.jsonl
csv/*.csv        the same for spreadsheets, for reading only
manifest.json    what is in here, with a SHA-256 of each file

The columns are described in docs/archive.md of the program.
`;

/**
 * Writes everything of the garden into one zip at `file`, as it stood at one moment, while others
 * go on writing. It is made beside its place and moved there when whole. Rows are streamed, so that
 * memory stays small however long the garden was kept.
 */
export async function writeArchive(live: Db, file: string, day: CivilDate): Promise<Manifest> {
  // A connection of its own sees one moment of the records while the other goes on writing.
  const db = live.memory ? live : new Database(live.name, { readonly: true });
  const part = `${file}.part`;
  try {
    if (!live.memory) db.exec('BEGIN');
    const manifest = await writeZip(db, part, day);
    const written = await open(part, 'r+');
    await written.sync();
    await written.close();
    await rename(part, file);
    return manifest;
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  } finally {
    if (!live.memory) db.close();
  }
}

async function writeZip(db: Db, part: string, day: CivilDate): Promise<Manifest> {
  const zip = new yazl.ZipFile();
  const written = pipeline(zip.outputStream, createWriteStream(part, { mode: 0o600 }));
  const entries: Manifest['entries'] = [];
  const rows: Record<string, number> = {};
  // One after the other: a statement that is still being read holds the connection.
  const add = (name: string, chunks: Iterable<string | Buffer>, compress = true) =>
    new Promise<void>((resolve, reject) => {
      const hash = createHash('sha256');
      let bytes = 0;
      const measured = new Transform({
        transform(chunk: Buffer, _, done) {
          hash.update(chunk);
          bytes += chunk.length;
          done(null, chunk);
        },
        flush(done) {
          entries.push({ name, sha256: hash.digest('hex'), bytes });
          done();
        },
      });
      measured.once('end', resolve).once('error', reject);
      zip.addReadStream(
        Readable.from(chunks, { objectMode: true }).once('error', reject).pipe(measured),
        name,
        { compress },
      );
    });
  const all = async () => {
    await add('README.txt', [README]);
    for (const table of ARCHIVED)
      await add(
        `records/${table}.jsonl`,
        jsonLines(db, table, (count) => {
          rows[table] = count;
        }),
      );
    for (const table of AS_CSV) await add(`csv/${table.replaceAll('_', '-')}.csv`, csvLines(db, table));
    // Pictures are packed already.
    for (const { id, mediaType } of db
      .prepare(`SELECT photo_id AS id, media_type AS mediaType FROM ${PICTURES} ORDER BY photo_id`)
      .all() as { id: string; mediaType: string }[]) {
      const { bytes } = db.prepare(`SELECT bytes FROM ${PICTURES} WHERE photo_id = ?`).get(id) as {
        bytes: Buffer;
      };
      await add(`photos/${id}.${EXTENSIONS[mediaType]!}`, [bytes], false);
    }
    const manifest: Manifest = {
      format: ARCHIVE_FORMAT,
      version: ARCHIVE_VERSION,
      schema: db.pragma('user_version', { simple: true }) as number,
      day,
      rows,
      entries: [...entries],
    };
    zip.addBuffer(Buffer.from(JSON.stringify(manifest)), 'manifest.json');
    zip.end();
    return manifest;
  };
  const [manifest] = await Promise.all([all(), written]);
  return manifest;
}

/** Rows by their key, some hundreds at a time, so that no statement stays open between them. */
function* pages(db: Db, table: string): Generator<Record<string, unknown>[]> {
  const { key } = columnsOf(db, table);
  const order = key.join(', ');
  const after = db.prepare(
    `SELECT * FROM ${table} WHERE (${order}) > (${key.map(() => '?').join(', ')}) ORDER BY ${order} LIMIT ${ROWS_AT_A_TIME}`,
  );
  let page = db.prepare(`SELECT * FROM ${table} ORDER BY ${order} LIMIT ${ROWS_AT_A_TIME}`).all() as Record<
    string,
    unknown
  >[];
  while (page.length > 0) {
    yield page;
    const last = page.at(-1)!;
    page =
      page.length < ROWS_AT_A_TIME
        ? []
        : (after.all(...key.map((column) => last[column])) as Record<string, unknown>[]);
  }
}

function* jsonLines(db: Db, table: string, counted: (rows: number) => void): Generator<string> {
  let count = 0;
  for (const page of pages(db, table)) {
    count += page.length;
    yield page.map((row) => `${JSON.stringify(row)}\n`).join('');
  }
  counted(count);
}

function* csvLines(db: Db, table: string): Generator<string> {
  const { all } = columnsOf(db, table);
  yield writeTableCsv(all, []);
  for (const page of pages(db, table)) {
    // Each page without the header again.
    yield writeTableCsv(
      all,
      page.map((row) => all.map((column) => row[column] as string | number | null)),
    )
      .split('\n')
      .slice(1)
      .join('\n');
  }
}
