import { type Context, Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { z } from 'zod';
import { photoRecord } from '#core/records';
import { asProblem, jsonBody, orNotFound, Problem, query } from '#answers';
import { notInFuture, refersTo, sameId, takenOut, type AppParts } from '../context.ts';
import { checkPicture, MOST_PICTURE_BYTES, pictureProblem } from '../picture-check.ts';
import { ifAsSeen } from '../if-as-seen.ts';

/** A picture and a page of words around it. */
const MOST_UPLOAD_BYTES = MOST_PICTURE_BYTES + 300_000;

/** Photos of a watch. The picture comes with its record in one request, so that neither stands alone. */
export function photoRoutes({ store, clock, now = Date.now }: AppParts) {
  const checked = (inAddress: string, record: ReturnType<typeof photoRecord.parse>) => {
    sameId(inAddress, record);
    if (record.watchId) refersTo(store.watch(record.watchId), 'watchId', 'watch');
    if (record.plantId) refersTo(store.plant(record.plantId), 'plantId', 'plant');
    notInFuture(record.takenOn, 'takenOn', clock.today());
    return record;
  };
  /** The words alone: the picture came before, piece by piece. */
  const fromPieces = async (c: Context): Promise<Upload> => ({
    words: readRecord(await c.req.text()),
    bytes: store.bytesHeld(c.req.param('id') ?? '') > 0 ? store.wholePicture(c.req.param('id')!) : null,
  });
  return (
    new Hono()
      // How much of a picture has come: sending goes on from there.
      .get('/photos/:id/pieces', (c) => c.json({ bytes: store.bytesHeld(c.req.param('id')) }))
      .put('/photos/:id/pieces', query(pieceStart), async (c) => {
        const id = c.req.param('id');
        const bytes = Buffer.from(await c.req.arrayBuffer());
        const { start } = c.req.valid('query');
        if (start + bytes.length > MOST_PICTURE_BYTES) throw pictureProblem('is larger than 8 MB');
        return c.json({ bytes: store.putPiece(id, start, bytes, now()) });
      })
      .get('/photos/:id/image', (c) => {
        const { mediaType, bytes } = orNotFound(store.photoImage(c.req.param('id')), 'photo');
        return c.body(new Uint8Array(bytes), 200, {
          'content-type': mediaType,
          'cache-control': 'private, max-age=31536000, immutable',
          'content-security-policy': "default-src 'none'; sandbox",
          'content-disposition': 'inline',
        });
      })
      .put(
        '/photos/:id/image',
        bodyLimit({
          maxSize: MOST_UPLOAD_BYTES,
          onError: () => {
            throw pictureProblem('is larger than 8 MB');
          },
        }),
        async (c) => {
          const { words, bytes } = await (isJson(c) ? fromPieces(c) : fromForm(c));
          const record = checked(c.req.param('id'), words);
          if (bytes === null) throw pictureProblem('is missing');
          const { mediaType, widthPx, heightPx } = checkPicture(bytes);
          const photo = { ...record, widthPx, heightPx };
          store.putPhoto(photo, { mediaType, bytes });
          store.dropPieces(photo.id);
          return c.json({ photo });
        },
      )
      .put('/photos/:id', jsonBody(photoRecord), ifAsSeen(photoRecord, store.photo), (c) => {
        const record = checked(c.req.param('id'), c.req.valid('json'));
        orNotFound(store.describePhoto(record) || null, 'photo');
        return c.json({ photo: orNotFound(store.photo(record.id), 'photo') });
      })
      .delete('/photos/:id', (c) => {
        takenOut(store, 'photo', c.req.param('id'));
        return c.body(null, 204);
      })
  );
}

const pieceStart = z.object({ start: z.coerce.number().int('a whole number').min(0, 'at least 0') });

interface Upload {
  readonly words: ReturnType<typeof photoRecord.parse>;
  readonly bytes: Buffer | null;
}

const isJson = (c: Context) => c.req.header('content-type')?.startsWith('application/json') === true;

async function fromForm(c: Context): Promise<Upload> {
  const form = await c.req.parseBody().catch(() => {
    throw new Problem(400, 'This could not be read: it is not a form with a picture.');
  });
  const bytes = form.image instanceof File ? Buffer.from(await form.image.arrayBuffer()) : null;
  return { words: readRecord(form.record), bytes };
}

function readRecord(text: unknown) {
  if (typeof text !== 'string')
    throw new Problem(422, 'The words that go with the picture are missing.', [
      { path: ['record'], message: 'is missing' },
    ]);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Problem(400, 'This could not be read: it is not well-formed JSON.');
  }
  const read = photoRecord.safeParse(json);
  if (!read.success) throw asProblem(read.error.issues);
  return read.data;
}
