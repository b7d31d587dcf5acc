import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { photoRecord } from '#core/records';
import { asProblem, jsonBody, orNotFound, Problem } from '#answers';
import { notInFuture, refersTo, sameId, takenOut, type AppParts } from '../context.ts';
import { checkPicture, MOST_PICTURE_BYTES, pictureProblem } from '../picture-check.ts';
import { ifAsSeen } from '../if-as-seen.ts';

/** A picture and a page of words around it. */
const MOST_UPLOAD_BYTES = MOST_PICTURE_BYTES + 300_000;

/** Photos of a watch. The picture comes with its record in one request, so that neither stands alone. */
export function photoRoutes({ store, clock }: AppParts) {
  const checked = (inAddress: string, record: ReturnType<typeof photoRecord.parse>) => {
    sameId(inAddress, record);
    refersTo(store.watch(record.watchId), 'watchId', 'watch');
    notInFuture(record.takenOn, 'takenOn', clock.today());
    return record;
  };
  return new Hono()
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
          throw pictureProblem('is larger than 4 MB');
        },
      }),
      async (c) => {
        const form = await c.req.parseBody().catch(() => {
          throw new Problem(400, 'This could not be read: it is not a form with a picture.');
        });
        const record = checked(c.req.param('id'), readRecord(form.record));
        if (!(form.image instanceof File)) throw pictureProblem('is missing');
        const bytes = Buffer.from(await form.image.arrayBuffer());
        const { mediaType, widthPx, heightPx } = checkPicture(bytes);
        const photo = { ...record, widthPx, heightPx };
        store.putPhoto(photo, { mediaType, bytes });
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
    });
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
