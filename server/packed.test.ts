import { gunzipSync } from 'node:zlib';
import { expect, test } from '@jest/globals';
import { Hono } from 'hono';
import { packed } from './packed.ts';

const LONG = { text: 'scale '.repeat(500) };
const app = new Hono()
  .use(packed)
  .get('/long', (c) => c.json(LONG))
  .get('/short', (c) => c.json({ ok: true }))
  .get('/wrong', (c) =>
    c.json({ title: 'no'.repeat(800) }, 422, { 'content-type': 'application/problem+json' }),
  )
  .get('/file', (c) => c.body('a,b\n'.repeat(500), 200, { 'content-type': 'text/csv' }))
  .get('/nothing', (c) => c.body(null, 204));
const ask = (path: string, encodings = 'gzip, br') =>
  app.request(path, { headers: { 'accept-encoding': encodings } });
const unpacked = async (answer: Response) =>
  JSON.parse(gunzipSync(Buffer.from(await answer.arrayBuffer())).toString()) as unknown;

test('a long answer is packed for whoever can unpack it, whatever its status', async () => {
  const long = await ask('/long');
  expect([long.headers.get('content-encoding'), long.headers.get('vary')]).toEqual([
    'gzip',
    'accept-encoding',
  ]);
  expect(await unpacked(long)).toEqual(LONG);
  const wrong = await ask('/wrong');
  expect([wrong.status, wrong.headers.get('content-type')]).toEqual([422, 'application/problem+json']);
  expect(await unpacked(wrong)).toHaveProperty('title');
  const plain = await ask('/long', 'identity');
  expect([plain.headers.get('content-encoding'), await plain.json()]).toEqual([null, LONG]);
});

test('a short one says how long it is; files and empty answers pass by', async () => {
  const short = await ask('/short');
  expect([short.headers.get('content-length'), short.headers.get('content-encoding')]).toEqual(['11', null]);
  const file = await ask('/file');
  expect([file.headers.get('content-encoding'), file.headers.get('vary')]).toEqual([null, null]);
  expect((await ask('/nothing')).status).toBe(204);
});
