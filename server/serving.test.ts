import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { EVERY_GARDEN } from '#demo/every-record';
import { createApp } from './app.ts';
import { openStore, type Store } from './store/store.ts';

const PAGE = '<!doctype html><title>Juglans</title>';
const PROGRAM = `console.log(1);${' '.repeat(4000)}`;
let folder: string;
let store: Store;
let app: ReturnType<typeof createApp>;

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'juglans-web-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), PAGE);
  writeFileSync(join(folder, 'sw.js'), '// the service worker');
  writeFileSync(join(folder, 'assets', 'index-a1b2.js'), PROGRAM);
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  store.putGarden(EVERY_GARDEN);
  app = createApp({ store, clock: { today: () => '2026-05-29' }, demo: false }, folder, (error) => {
    throw error;
  });
});
afterAll(() => {
  store.close();
  rmSync(folder, { recursive: true, force: true });
});

const ask = async (path: string, headers: Record<string, string> = {}) => app.request(path, { headers });

describe('files', () => {
  test('what carries its contents in its name is kept for a year; the page is asked for anew', async () => {
    const kept = async (path: string) => (await ask(path)).headers.get('cache-control');
    expect(await kept('/assets/index-a1b2.js')).toBe('public, max-age=31536000, immutable');
    for (const path of ['/', '/index.html', '/now', '/look/guide/euonymus-scale', '/sw.js'])
      expect([path, await kept(path)]).toEqual([path, 'no-cache']);
  });

  test('any page has the same page, and a file that is gone has none', async () => {
    for (const path of ['/now', '/garden/01900000-0000-7003-8000-000000000006'])
      expect(await (await ask(path)).text()).toBe(PAGE);
    for (const path of ['/assets/index-old.js', '/assets/chunk.css', '/favicon.ico']) {
      const missing = await ask(path);
      expect([path, missing.status]).toEqual([path, 404]);
      expect(await missing.text()).not.toContain('<!doctype');
    }
  });

  test('are sent small to who can read it so', async () => {
    const small = await ask('/assets/index-a1b2.js', { 'accept-encoding': 'gzip' });
    expect(small.headers.get('content-encoding')).toBe('gzip');
    const bytes = Buffer.from(await small.arrayBuffer());
    expect(bytes.length).toBeLessThan(PROGRAM.length / 10);
    expect(gunzipSync(bytes).toString()).toBe(PROGRAM);
    expect((await ask('/assets/index-a1b2.js')).headers.get('content-encoding')).toBeNull();
  });
});

describe('answers', () => {
  test('that are the same are not sent again, and those that changed are', async () => {
    const first = await ask('/api/garden');
    const tag = first.headers.get('etag')!;
    const again = await ask('/api/garden', { 'if-none-match': tag });
    expect([again.status, await again.text()]).toEqual([304, '']);
    store.putGarden({ ...EVERY_GARDEN, name: 'Renamed' });
    const changed = await ask('/api/garden', { 'if-none-match': tag });
    expect(changed.status).toBe(200);
    expect(changed.headers.get('etag')).not.toBe(tag);
    store.putGarden(EVERY_GARDEN);
  });
});
