import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { gunzipSync } from 'node:zlib';
import { OPENING_DAY } from '#demo/seed';
import { openFallowBank } from '#demo/opened';
import type { createApp } from './app.ts';
import type { Store } from './store/store.ts';

let app: ReturnType<typeof createApp>;
let store: Store;
let today = OPENING_DAY;
beforeAll(() => {
  ({ store, app } = openFallowBank({ today: () => today }));
});
afterAll(() => store.close());

const ask = (path: string, tag?: string) =>
  app.request(`/api${path}`, tag === undefined ? {} : { headers: { 'if-none-match': tag } });
const tagOf = async (path: string) => (await ask(path)).headers.get('etag')!;

test('an answer that has not changed is not sent again, and comes the same to another who asks', async () => {
  for (const path of ['/now', '/band', '/watches', '/plants', '/dormant', '/walk', '/seasons']) {
    const first = await ask(path);
    const tag = first.headers.get('etag')!;
    expect([path, tag.startsWith('W/"')]).toEqual([path, true]);
    const again = await ask(path, tag);
    expect([again.status, await again.text()]).toEqual([304, '']);
    expect(await (await ask(path)).text()).toBe(await first.text());
  }
});

test('asked again it comes packed to whoever can unpack it, and reads the same', async () => {
  const packed = () => app.request('/api/plants', { headers: { 'accept-encoding': 'br, gzip' } });
  const plain = await (await ask('/plants')).text();
  for (let times = 0; times < 2; times++) {
    const answer = await packed();
    expect(answer.headers.get('content-encoding')).toBe('gzip');
    expect(answer.headers.get('vary')).toContain('accept-encoding');
    expect(gunzipSync(Buffer.from(await answer.arrayBuffer())).toString()).toBe(plain);
  }
  const unpacked = await ask('/plants');
  expect([unpacked.headers.get('content-encoding'), await unpacked.text()]).toEqual([null, plain]);
});

test('a write to the garden, by whatever statement, or another day, changes every version', async () => {
  const writes: (() => unknown)[] = [
    () => store.putPlant({ ...store.plants()[0]!, note: 'written' }),
    () => store.db.prepare('DELETE FROM tape').run(),
    () => store.replaceForecast(store.stations()[0]!.id, '2026-05-20', []),
    () => (today = '2026-05-30'),
  ];
  for (const write of writes) {
    const tag = await tagOf('/now');
    expect((await ask('/now', tag)).status).toBe(304);
    write();
    const after = await ask('/now', tag);
    expect(after.status).toBe(200);
    expect(after.headers.get('etag')).not.toBe(tag);
  }
});

test('what is no answer of the garden has no such version, and what was refused none either', async () => {
  expect((await ask('/garden')).headers.get('etag')).not.toContain('.');
  const missing = await ask('/watches/nobody');
  expect([missing.status, missing.headers.get('etag')?.includes('.') ?? false]).toEqual([404, false]);
});
