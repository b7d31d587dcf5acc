import { afterAll, describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { versionOf } from '#core/meeting';
import type { ProblemBody } from '#answers';
import { oneWatch, SMALL_JPEG } from './one-watch.ts';

const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAgAAAAGCAYAAAD+Bd/7AAAAIElEQVR4AczKsQ0AAAzCsIjL+3n5AFYiZbM4Pi1KC8AAAAD//7/1+rgAAAAGSURBVAMAeQgMBXKZbkMAAAAASUVORK5CYII=',
  'base64',
);
const { store, app, errors, watch } = oneWatch('2026-05-20');
afterAll(() => {
  store.close();
  expect(errors).toEqual([]);
});

const record = (id: string, more: Record<string, unknown> = {}) => ({
  id,
  watchId: watch.id,
  plantId: null,
  takenOn: '2026-05-18',
  takenFrom: 'camera',
  scale: null,
  spots: [],
  tagId: null,
  spot: null,
  note: '',
  ...more,
});

function upload(
  id: string,
  bytes: Uint8Array | null,
  words: unknown = record(id),
  name = 'photo.jpg',
  type = 'image/jpeg',
) {
  const form = new FormData();
  form.set('record', typeof words === 'string' ? words : JSON.stringify(words));
  if (bytes) form.set('image', new File([new Uint8Array(bytes)], name, { type }));
  return Promise.resolve(app.request(`/api/photos/${id}/image`, { method: 'PUT', body: form }));
}

test('a photo and its picture are kept together, once, and come back as they were', async () => {
  const id = v7();
  for (let i = 0; i < 2; i++) expect((await upload(id, SMALL_JPEG)).status).toBe(200);
  const { photos } = (await (await app.request(`/api/watches/${watch.id}/photos`)).json()) as {
    photos: { id: string; widthPx: number; heightPx: number }[];
  };
  expect(photos.map(({ id: kept, widthPx, heightPx }) => [kept, widthPx, heightPx])).toEqual([[id, 8, 6]]);
  const image = await app.request(`/api/photos/${id}/image`);
  expect(Buffer.from(await image.arrayBuffer()).equals(SMALL_JPEG)).toBe(true);
  expect(image.headers.get('content-type')).toBe('image/jpeg');
  expect(image.headers.get('x-content-type-options')).toBe('nosniff');
  expect(image.headers.get('content-security-policy')).toContain('sandbox');
  const marked = record(id, {
    spots: [{ kind: 'hole', x: 0.5, y: 0.25 }],
    scale: { fromX: 0, fromY: 0, toX: 1, toY: 0, lengthMm: 20 },
  });
  const put = await app.request(`/api/photos/${id}`, {
    method: 'PUT',
    body: JSON.stringify(marked),
    headers: { 'content-type': 'application/json' },
  });
  expect(await put.json()).toEqual({ photo: { ...marked, widthPx: 8, heightPx: 6 } });
  expect((await app.request(`/api/photos/${id}`, { method: 'DELETE' })).status).toBe(204);
  expect((await app.request(`/api/photos/${id}/image`)).status).toBe(404);
  expect(store.db.prepare('SELECT count(*) AS n FROM photo_image').get()).toEqual({ n: 0 });
});

test('marks set in two tabs: the second is told, with what stands there', async () => {
  const id = v7();
  await upload(id, SMALL_JPEG);
  const mark = (note: string, seen: object) =>
    app.request(`/api/photos/${id}`, {
      method: 'PUT',
      body: JSON.stringify(record(id, { note })),
      headers: { 'content-type': 'application/json', 'if-match': `"${versionOf(seen)}"` },
    });
  expect((await mark('first', record(id))).status).toBe(200);
  const second = await mark('second', record(id));
  expect([second.status, await second.json()]).toEqual([
    412,
    expect.objectContaining({ meanwhile: record(id, { note: 'first' }) }),
  ]);
  expect((await mark('second', record(id, { note: 'first' }))).status).toBe(200);
  expect(store.photo(id)!.note).toBe('second');
});

test('what a file is, its bytes say, not its name', async () => {
  const id = v7();
  expect((await upload(id, PNG, record(id), '../../etc/passwd', 'text/html')).status).toBe(200);
  expect((await app.request(`/api/photos/${id}/image`)).headers.get('content-type')).toBe('image/png');
});

const big = Buffer.from(PNG);
big.writeUInt32BE(60_000, 16);
test.each<[string, Uint8Array | null, string]>([
  ['a page of HTML', Buffer.from('<html><script>alert(1)</script></html>'), 'not a JPEG'],
  [
    'an SVG with a script',
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="8" height="6"><script>1</script></svg>'),
    'not a JPEG',
  ],
  ['nothing at all', new Uint8Array(0), 'not a JPEG'],
  ['a picture cut short', SMALL_JPEG.subarray(0, SMALL_JPEG.length - 40), 'cut short'],
  ['a PNG cut short', PNG.subarray(0, PNG.length - 20), 'cut short'],
  ['a claim of 60 000 pixels', big, 'pixels'],
  ['more than 8 MB', Buffer.concat([SMALL_JPEG, Buffer.alloc(8_000_001)]), 'larger than 8 MB'],
  ['no file', null, 'missing'],
])('%s is refused with a reason and nothing is kept', async (_, bytes, reason) => {
  const id = v7();
  const before = store.writes();
  const response = await upload(id, bytes);
  expect(response.status).toBe(422);
  expect(((await response.json()) as { title: string }).title).toContain(reason);
  expect(store.writes()).toBe(before);
  expect(store.photo(id)).toBeUndefined();
});

test('the words with a picture are checked as any record is', async () => {
  const id = v7();
  const before = store.writes();
  const refusal = async (words: unknown) => {
    const response = await upload(id, SMALL_JPEG, words);
    const { errors: fields = [] } = (await response.json()) as ProblemBody;
    return [response.status, ...fields.map(({ path }) => path.join('.'))];
  };
  expect(await refusal('{')).toEqual([400]);
  expect(await refusal(record(v7()))).toEqual([422, 'id']);
  expect(await refusal(record(id, { watchId: v7() }))).toEqual([422, 'watchId']);
  expect(await refusal(record(id, { takenOn: '2026-05-21' }))).toEqual([422, 'takenOn']);
  expect(await refusal(record(id, { spots: [{ kind: 'hole', x: 1.5, y: 0 }] }))).toEqual([422, 'spots.0.x']);
  expect(await refusal(record(id, { scale: { fromX: 0, fromY: 0, toX: 0, toY: 0, lengthMm: 5 } }))).toEqual([
    422,
    'scale.toX',
  ]);
  expect(
    (
      await app.request(`/api/photos/${id}/image`, {
        method: 'PUT',
        body: 'not a form',
        headers: { 'content-type': 'multipart/form-data; boundary=x' },
      })
    ).status,
  ).toBe(400);
  expect(store.writes()).toBe(before);
  expect(store.photo(id)).toBeUndefined();
});

describe('a picture that comes in pieces', () => {
  const piece = async (id: string, start: number, bytes: Uint8Array) => {
    const response = await app.request(`/api/photos/${id}/pieces?start=${start}`, {
      method: 'PUT',
      body: new Uint8Array(bytes),
    });
    return ((await response.json()) as { bytes: number }).bytes;
  };
  const words = (id: string) =>
    app.request(`/api/photos/${id}/image`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(record(id)),
    });

  test('is put together when its words come, whatever came twice or out of place', async () => {
    const id = v7();
    const third = Math.ceil(SMALL_JPEG.length / 3);
    expect(await piece(id, 0, SMALL_JPEG.subarray(0, third))).toBe(third);
    expect(await piece(id, 0, SMALL_JPEG.subarray(0, third))).toBe(third);
    expect(await piece(id, 2 * third, SMALL_JPEG.subarray(2 * third))).toBe(third);
    expect(await (await app.request(`/api/photos/${id}/pieces`)).json()).toEqual({ bytes: third });
    expect(await piece(id, third, SMALL_JPEG.subarray(third, 2 * third))).toBe(2 * third);
    expect(await piece(id, 2 * third, SMALL_JPEG.subarray(2 * third))).toBe(SMALL_JPEG.length);
    expect((await words(id)).status).toBe(200);
    expect(store.photoImage(id)!.bytes.equals(SMALL_JPEG)).toBe(true);
    expect(store.bytesHeld(id)).toBe(0);
  });

  test('is refused where none has come, or they make no picture', async () => {
    const id = v7();
    expect((await words(id)).status).toBe(422);
    await piece(id, 0, SMALL_JPEG.subarray(0, 40));
    expect((await words(id)).status).toBe(422);
    expect(store.photo(id)).toBeUndefined();
  });

  test('is no larger than one that comes whole', async () => {
    const response = await app.request(`/api/photos/${v7()}/pieces?start=7999999`, {
      method: 'PUT',
      body: new Uint8Array(2),
    });
    expect(response.status).toBe(422);
  });
});

describe('pictures of no trouble', () => {
  const put = (address: string, body: object) =>
    app.request(`/api${address}`, {
      method: 'PUT',
      body: JSON.stringify(body),
      headers: { 'content-type': 'application/json' },
    });

  test('a plant has pictures of its own, beside those of its watches', async () => {
    const id = v7();
    const ofPlant = record(id, { watchId: null, plantId: watch.plantId });
    expect((await upload(id, SMALL_JPEG, ofPlant)).status).toBe(200);
    const { photos } = (await (await app.request(`/api/plants/${watch.plantId}/photos`)).json()) as {
      photos: { id: string }[];
    };
    expect(photos.map((photo) => photo.id)).toEqual([id]);
    const both = await upload(v7(), SMALL_JPEG, record(v7(), { plantId: watch.plantId }));
    expect(both.status).toBe(422);
    const nobody = v7();
    const ofNobody = await upload(nobody, SMALL_JPEG, record(nobody, { watchId: null, plantId: v7() }));
    expect(((await ofNobody.json()) as ProblemBody).errors?.[0]?.path).toEqual(['plantId']);
  });

  test('one of the whole garden lies beneath the plan, and goes with its photo', async () => {
    const id = v7();
    expect((await upload(id, SMALL_JPEG, record(id, { watchId: null }))).status).toBe(200);
    const beneath = { id: v7(), photoId: id, xM: 3, yM: 4, turnDeg: 15, widthM: 22 };
    const pictures = async () =>
      ((await (await app.request('/api/ground')).json()) as { ground: { pictures: object[] } }).ground
        .pictures;
    expect((await put(`/ground-pictures/${beneath.id}`, beneath)).status).toBe(200);
    expect(await pictures()).toEqual([beneath]);
    const missing = await put(`/ground-pictures/${beneath.id}`, { ...beneath, photoId: v7() });
    expect(missing.status).toBe(422);
    expect((await put(`/ground-pictures/${beneath.id}`, { ...beneath, widthM: 0 })).status).toBe(422);
    expect((await app.request(`/api/photos/${id}`, { method: 'DELETE' })).status).toBe(204);
    expect(await pictures()).toEqual([]);
  });
});
