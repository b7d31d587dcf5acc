import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { Hono } from 'hono';
import { join } from 'node:path';
import { problemResponse, type Problem } from '#answers';
import { openStore, type Store } from '../store/store.ts';
import { cookieName, onlyLetIn, PASSPHRASE_KEY, rightHost, rightOrigin, strictHeaders } from './guard.ts';

let store: Store;
beforeEach(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
});
afterEach(() => store.close());

/** An app that answers everything, behind the guards. */
function guarded(): Hono {
  const app = new Hono();
  app.use(
    strictHeaders(),
    rightHost(),
    rightOrigin(),
    onlyLetIn(store, () => 1000),
  );
  app.get('/api/photo', (c) =>
    c.text('photo', 200, { 'content-security-policy': "default-src 'none'; sandbox" }),
  );
  app.all('*', (c) => c.json({ device: c.get('device')?.id ?? null }));
  app.onError((error, c) => problemResponse(c, error as Problem));
  return app;
}
const ask = (path: string, method = 'GET', headers: Record<string, string> = {}) =>
  guarded().request(path, { method, headers: { host: 'localhost:4173', ...headers } });

describe('headers on every answer', () => {
  test('let a page run and show nothing but its own', async () => {
    const { headers } = await ask('/');
    const policy = Object.fromEntries(
      headers
        .get('content-security-policy')!
        .split(';')
        .map((part) => part.trim().split(' '))
        .map(([name, ...sources]) => [name, sources.join(' ')]),
    );
    expect(policy).toEqual({
      'default-src': "'none'",
      'script-src': "'self'",
      'style-src': "'self'",
      'img-src': "'self' blob: data:",
      'font-src': "'self'",
      'connect-src': "'self'",
      'worker-src': "'self'",
      'manifest-src': "'self'",
      'base-uri': "'none'",
      'form-action': "'self'",
      'frame-ancestors': "'none'",
      'object-src': "'none'",
    });
  });

  test('tell nobody where one came from, and allow no frame, no microphone, no place', async () => {
    const { headers } = await ask('/');
    expect(headers.get('referrer-policy')).toBe('no-referrer');
    expect(headers.get('x-frame-options')).toBe('DENY');
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
    expect(headers.get('permissions-policy')).toBe('camera=(self), geolocation=(self), microphone=()');
    expect(headers.get('strict-transport-security')).toBeNull();
  });

  test('are on refusals too, and yield to a stricter policy of one answer', async () => {
    const refused = await ask('/', 'GET', { host: 'evil.example' });
    expect(refused.status).toBe(421);
    expect((await ask('/api/photo')).headers.get('content-security-policy')).toBe(
      "default-src 'none'; sandbox",
    );
  });
});

describe('another name for this computer', () => {
  test.each(['evil.example', 'localhost.evil.example', '203.0.113.9', '', 'a b', '[::2]'])(
    '"%s" is refused in words',
    async (host) => {
      const response = await ask('/api/now', 'GET', { host });
      expect(response.status).toBe(421);
      expect(await response.json()).toMatchObject({ title: 'This computer is not known by that name.' });
    },
  );

  test.each(['localhost', 'LOCALHOST:80', '127.0.0.1:4173', '[::1]:9'])('"%s" is its own', async (host) => {
    expect((await ask('/api/now', 'GET', { host })).status).toBe(200);
  });
});

describe("a change asked for by another site's page", () => {
  const status = async (method: string, headers: Record<string, string>) =>
    (await ask('/api/plants', method, headers)).status;

  test.each(['POST', 'PUT', 'PATCH', 'DELETE'])('is refused: %s', async (method) => {
    expect(await status(method, { origin: 'https://evil.example' })).toBe(403);
    expect(await status(method, { 'sec-fetch-site': 'cross-site' })).toBe(403);
    expect(await status(method, { origin: 'http://localhost:4173', 'sec-fetch-site': 'same-site' })).toBe(
      403,
    );
    expect(await status(method, { origin: 'http://localhost:4173' })).toBe(200);
  });

  test('is refused in words', async () => {
    const response = await ask('/api/plants', 'POST', { origin: 'null' });
    expect(await response.json()).toMatchObject({
      title: 'Another site asked for this. It was not done.',
    });
  });

  test.each([
    ['its own page', { origin: 'http://localhost:4173', 'sec-fetch-site': 'same-origin' }],
    ['its own page, in capitals', { host: 'LocalHost:4173', origin: 'http://localhost:4173' }],
    ['a person who typed the address', { 'sec-fetch-site': 'none' }],
    ['a tool that says nothing of where it is', {}],
  ] as [string, Record<string, string>][])('is made for %s', async (_, headers) => {
    expect(await status('PUT', headers)).toBe(200);
  });

  test.each(['http://localhost:9999', 'http://127.0.0.1:4173', 'nonsense', 'null'])(
    'origin %s is another',
    async (origin) => {
      expect(await status('PUT', { origin })).toBe(403);
    },
  );

  test('a file that is made for it is not, whatever asks', async () => {
    for (const path of ['/api/export.zip', '/api/backups/juglans-2026-05-29.zip']) {
      expect((await ask(path, 'GET', { 'sec-fetch-site': 'cross-site' })).status).toBe(403);
      expect((await ask(path, 'GET', { 'sec-fetch-site': 'same-site' })).status).toBe(403);
      expect((await ask(path, 'GET', { 'sec-fetch-site': 'same-origin' })).status).toBe(200);
      expect((await ask(path, 'GET', { 'sec-fetch-site': 'none' })).status).toBe(200);
    }
    expect((await ask('/api/backups', 'GET', { 'sec-fetch-site': 'cross-site' })).status).toBe(200);
  });

  test('reading is not changing', async () => {
    expect(await status('GET', { origin: 'https://evil.example', 'sec-fetch-site': 'cross-site' })).toBe(200);
    expect(await status('OPTIONS', { origin: 'https://evil.example' })).toBe(200);
  });
});

describe('a door with a passphrase', () => {
  const lock = () => store.putMeta(PASSPHRASE_KEY, 'scrypt$kept');
  const status = async (path: string, headers: Record<string, string> = {}) =>
    (await ask(path, 'GET', headers)).status;

  test('is open until one is set, and then to devices that were let in', async () => {
    expect(await status('/api/now')).toBe(200);
    const token = store.letIn('A phone', 900);
    lock();
    expect(await status('/api/now')).toBe(401);
    expect(await status('/api/now', { cookie: 'juglans-http-80=made-up' })).toBe(401);
    const response = await ask('/api/now', 'GET', { cookie: `juglans-http-80=${token}` });
    expect(response.status).toBe(200);
    expect(await response.json()).toEqual({ device: store.letInDevices()[0]!.id });
  });

  test('says what is wanted', async () => {
    lock();
    expect(await (await ask('/api/now')).json()).toMatchObject({ title: 'Say the passphrase first.' });
  });

  test.each(['/api/health', '/api/door', '/api/calendar/0a9f.ics'])('leaves %s open', async (path) => {
    lock();
    expect(await status(path)).toBe(200);
  });

  test.each([
    '/api/health/more',
    '/x/api/health',
    '/api/doors',
    '/api/calendar/0a9f',
    '/api/calendar/.ics',
    '/api/calendar/xyz.ics',
    '/api/calendar/0a9f.ics/more',
    '/api/garden',
  ])('does not take %s for one of them', async (path) => {
    lock();
    expect(await status(path)).toBe(401);
  });
});

describe('the cookie', () => {
  test('is named for the door it was given at: scheme and port', async () => {
    const named = async (address: string) => {
      const app = new Hono();
      app.get('*', (c) => c.text(cookieName(c)));
      return (await app.request(address)).text();
    };
    expect(await named('http://localhost:4173/')).toBe('juglans-http-4173');
    expect(await named('https://localhost:4173/')).toBe('juglans-https-4173');
    expect(await named('http://localhost:4174/')).toBe('juglans-http-4174');
    expect(await named('https://garden.example/')).toBe('juglans-https-443');
    expect(await named('http://garden.example/')).toBe('juglans-http-80');
  });

  test('of one door opens no other', async () => {
    store.putMeta(PASSPHRASE_KEY, 'set');
    const token = store.letIn('here', 1000);
    const at = async (address: string) =>
      (await guarded().request(address, { headers: { cookie: `juglans-http-4173=${token}` } })).status;
    expect(await at('http://localhost:4173/api/now')).toBe(200);
    expect(await at('http://localhost:4174/api/now')).toBe(401);
    expect(await at('https://localhost:4173/api/now')).toBe(401);
  });
});
