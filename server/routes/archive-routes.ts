import { createReadStream, createWriteStream, rmSync, statSync } from 'node:fs';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Hono } from 'hono';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { BackupKeeper } from '../archive/backup-keeper.ts';
import type { CivilDate } from '#core/calendar';
import { civilDate } from '#core/records';
import type { Moment } from '../archive/as-it-stood.ts';
import { ArchiveError } from '../archive/archive-error.ts';
import { compareWith, takeIn } from '../archive/take-in.ts';
import { writeArchive } from '../archive/write-archive.ts';
import { fieldProblem, jsonBody, orNotFound, Problem } from '#answers';
import type { AppParts } from '../context.ts';
import type { Quiet } from '../quiet.ts';

const MOST_UPLOAD_BYTES = 2_000_000_000;
/** Archives read and not yet taken in; older ones are let go of. */
const MOST_WAITING = 3;

/** Something to take in, and the program over it. */
interface Waiting extends Moment {
  readonly app: Hono;
}

/** As moments stand in the change log. */
const toSeconds = (at: string) => new Date(at).toISOString().replace(/\.\d+Z$/, 'Z');

/** A day, and its end as a moment. */
const momentAsked = z.object({ on: civilDate, at: z.iso.datetime('not a moment') });

/** Backups, the archive to take away, earlier moments, and archives brought in. */
export function archiveRoutes(parts: AppParts, quiet: Quiet, appOver: (parts: AppParts) => Hono) {
  const { store, clock } = parts;
  const waiting = new Map<string, Waiting>();
  const keeper = (): BackupKeeper => {
    if (!parts.backups) throw new Problem(409, 'This program was started without a folder for backups.');
    return parts.backups;
  };
  const discard = (id: string) => {
    waiting.get(id)?.discard();
    return waiting.delete(id);
  };
  const previewOf = (day: CivilDate, moment: Moment) => {
    const id = v7();
    const app = appOver({ store: moment.store, clock: { today: () => day }, demo: false });
    waiting.set(id, { ...moment, app });
    while (waiting.size > MOST_WAITING) discard([...waiting.keys()][0]!);
    return {
      id,
      day,
      gardenName: moment.store.garden()?.name ?? null,
      hereEmpty: store.garden() === null,
      differences: compareWith(store, moment.file),
    };
  };
  const preview = async (file: string) => {
    const read = await keeper()
      .read(file)
      .catch((error: unknown) => {
        if (error instanceof ArchiveError)
          throw new Problem(422, `This archive cannot be taken in. ${error.message} Nothing was changed.`);
        throw error;
      });
    return previewOf(read.manifest.day, read);
  };
  /** By the change log as far back as it is whole, before that by the last backup made until then. */
  const previewOfDay = async ({ on, at }: z.infer<typeof momentAsked>) => {
    if (Date.parse(at) >= Date.parse(store.historySince()))
      return previewOf(on < clock.today() ? on : clock.today(), await keeper().asItStood(toSeconds(at)));
    const backup = keeper()
      .list()
      .find(({ writtenAtMs }) => writtenAtMs <= Date.parse(at));
    if (!backup) throw fieldProblem('on', 'nothing is kept of that day: it is before the first backup');
    return preview(keeper().fileOf(backup.name)!);
  };
  /** The last copy made, with all that was written until now; null of a garden that is not there. */
  const copyOfAll = async () => {
    if (store.garden() === null) return null;
    for (;;) {
      const writes = store.writes();
      const copy = await keeper()
        .make('before-restore')
        .catch((error: unknown) => {
          throw backupProblem(error, keeper());
        });
      // What was on its way when the copy began is in the next.
      if (store.writes() === writes) return copy;
    }
  };
  const sent = (file: string, name: string, then: () => void = () => undefined) => {
    const stream = createReadStream(file);
    stream.once('close', then);
    return new Response(Readable.toWeb(stream) as ReadableStream, {
      headers: {
        'content-type': 'application/zip',
        'content-length': String(statSync(file).size),
        'content-disposition': `attachment; filename="${name}"`,
        'cache-control': 'no-store',
      },
    });
  };
  return (
    new Hono()
      .get('/backups', (c) =>
        c.json({
          backups: keeper().list(),
          folder: keeper().folder,
          trouble: keeper().lastTrouble(),
          historySince: store.historySince(),
        }),
      )
      .post('/backups', async (c) =>
        c.json({
          backup: await keeper()
            .make()
            .catch((error: unknown) => {
              throw backupProblem(error, keeper());
            }),
        }),
      )
      .get('/backups/:name', (c) =>
        sent(orNotFound(keeper().fileOf(c.req.param('name')), 'backup'), c.req.param('name')),
      )
      .get('/export.zip', async () => {
        const file = keeper().workFile(`${v7()}.zip`);
        await writeArchive(store.db, file, clock.today());
        return sent(file, `juglans-${clock.today()}.zip`, () => rmSync(file, { force: true }));
      })
      .post('/archive', async (c) => {
        const file = keeper().workFile(`${v7()}.upload`);
        try {
          await pipeline(
            Readable.fromWeb(
              (c.req.raw.body ?? new Blob([]).stream()) as Parameters<typeof Readable.fromWeb>[0],
            ),
            limited(MOST_UPLOAD_BYTES),
            createWriteStream(file, { mode: 0o600 }),
          );
          return c.json({ archive: await preview(file) });
        } finally {
          rmSync(file, { force: true });
        }
      })
      .post('/archive/of-backup', jsonBody(z.object({ name: z.string().max(80) })), async (c) =>
        c.json({ archive: await preview(orNotFound(keeper().fileOf(c.req.valid('json').name), 'backup')) }),
      )
      .post('/archive/of-day', jsonBody(momentAsked), async (c) =>
        c.json({ archive: await previewOfDay(c.req.valid('json')) }),
      )
      // The whole program over what waits, to be looked into.
      .get('/then/:id/*', (c) => {
        const id = c.req.param('id');
        const { app } = orNotFound(waiting.get(id), 'earlier moment open');
        const address = new URL(c.req.url);
        address.pathname = address.pathname.replace(`/then/${id}`, '');
        return app.fetch(new Request(address, c.req.raw));
      })
      .all('/then/:id/*', () => {
        throw new Problem(409, 'This is how it stood: nothing can be changed here.');
      })
      .post(
        '/archive/:id',
        jsonBody(z.object({ how: z.enum(['add', 'add-and-change', 'replace']) })),
        async (c) => {
          const id = c.req.param('id');
          const read = orNotFound(waiting.get(id), 'archive waiting');
          if (parts.damage) {
            await parts.damage.bringIn(read.file);
            discard(id);
            return c.json({ before: null });
          }
          const before = await quiet.whileNothingIsWritten(async () => {
            // A copy of what is here first: whatever comes in can be undone.
            const copy = await copyOfAll();
            takeIn(store, read.file, c.req.valid('json').how);
            return copy;
          });
          discard(id);
          void parts.weatherFolder?.readNow();
          return c.json({ before });
        },
      )
      .delete('/archive/:id', (c) => {
        if (!discard(c.req.param('id'))) throw new Problem(404, 'There is no such archive waiting.');
        return c.body(null, 204);
      })
  );
}

function backupProblem(error: unknown, keeper: BackupKeeper): unknown {
  const trouble = keeper.lastTrouble();
  return trouble ? new Problem(503, `The backup could not be made: ${trouble}. Nothing was changed.`) : error;
}

function limited(mostBytes: number): Transform {
  let bytes = 0;
  return new Transform({
    transform(chunk: Buffer, _, done) {
      bytes += chunk.length;
      done(bytes > mostBytes ? new Problem(413, 'This archive is larger than any garden.') : null, chunk);
    },
  });
}
