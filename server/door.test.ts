import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { hostname } from 'node:os';
import { seedFallowBank } from '#demo/seed';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { createApp } from './app.ts';
import { refuseOpenDoor } from './running.ts';
import { hashPassphrase, isPassphrase } from './security/passphrase.ts';
import { IDLE_MS } from './store/session-store.ts';
import { openStore, type Store } from './store/store.ts';

const PASSPHRASE = 'three walnuts in a shell';
let store: Store;
let app: ReturnType<typeof createApp>;
let nowMs: number;

beforeEach(() => {
  nowMs = Date.UTC(2026, 4, 29);
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp(
    { store, clock: { today: () => '2026-05-29' }, demo: false, now: () => nowMs },
    null,
    (error) => {
      throw error;
    },
  );
});
afterEach(() => store.close());

const ask = (
  path: string,
  options: { method?: string; body?: unknown; cookie?: string; headers?: Record<string, string> } = {},
) =>
  app.request(`/api${path}`, {
    method: options.method ?? 'GET',
    ...(options.body === undefined ? {} : { body: JSON.stringify(options.body) }),
    headers: {
      ...(options.body === undefined ? {} : { 'content-type': 'application/json' }),
      ...(options.cookie ? { cookie: options.cookie } : {}),
      ...options.headers,
    },
  });
const cookieOf = (response: Response) => response.headers.get('set-cookie')!.split(';')[0]!;
const setPassphrase = async () =>
  cookieOf(await ask('/network/passphrase', { method: 'PUT', body: { passphrase: PASSPHRASE } }));
const logIn = (passphrase = PASSPHRASE, cookie?: string) =>
  ask('/door', { method: 'POST', body: { passphrase }, ...(cookie ? { cookie } : {}) });

/** Every address of the app with something in place of its ids, with each method it answers. */
const routes = () => [
  ...new Map(
    app.routes
      .filter(({ method, path }) => method !== 'ALL' && path.startsWith('/api/'))
      .map(({ method, path }) => {
        const at = path
          .slice('/api'.length)
          .replace(/:secret\{[^}]*\}/, 'abc123.ics')
          .replace(/:\w+(\{[^}]*\})?/g, '01900000-0000-7004-8000-000000000001');
        return [`${method} ${at}`, { method, at }] as const;
      }),
  ).values(),
];
const OPEN = /^(\/health|\/door|\/authority\.crt|\/calendar\/abc123\.ics)$/;

describe('once a passphrase is set', () => {
  test(
    'every route is shut to who did not say it, to a secret that is none, and to one that sat idle too ' +
      'long',
    async () => {
      seedFallowBank(store, [gardenStation(), sunroomLogger()]);
      const cookie = await setPassphrase();
      const shut = async (headers: { cookie?: string }) => {
        for (const { method, at } of routes()) {
          if (OPEN.test(at)) continue;
          const before = store.db.prepare('SELECT total_changes() AS n').get();
          const response = await ask(at, {
            method,
            ...headers,
            ...(method === 'GET' || method === 'DELETE' ? {} : { body: {} }),
          });
          expect([method, at, response.status]).toEqual([method, at, 401]);
          // Nothing of the garden in it, and nothing changed.
          expect(await response.text()).not.toMatch(/Fallow|hedge|apple/i);
          expect(store.db.prepare('SELECT total_changes() AS n').get()).toEqual(before);
        }
      };
      expect(routes().length).toBeGreaterThan(100);
      await shut({});
      await shut({ cookie: 'juglans-http-80=AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA' });
      expect((await ask('/garden', { cookie })).status).toBe(200);
      nowMs += IDLE_MS + 1;
      // The first try forgets the idle device.
      expect((await ask('/garden', { cookie })).status).toBe(401);
      await shut({ cookie });
      for (const at of ['/health', '/door'])
        expect(await (await ask(at)).text()).not.toMatch(/Fallow|hedge/i);
    },
    180_000,
  );

  test(
    "logging in gives a new secret each time, strictly kept; logging out ends it; another device's " +
      'secret is its own',
    async () => {
      const first = await setPassphrase();
      const response = await logIn(PASSPHRASE, first);
      expect(response.headers.get('set-cookie')).toMatch(/HttpOnly/);
      expect(response.headers.get('set-cookie')).toMatch(/SameSite=Strict/);
      const second = cookieOf(response);
      expect(second).not.toBe(first);
      expect((await ask('/garden', { cookie: first })).status).toBe(401);
      const phone = cookieOf(await logIn());
      expect((await ask('/door', { method: 'DELETE', cookie: second })).status).toBe(204);
      expect((await ask('/garden', { cookie: second })).status).toBe(401);
      expect((await ask('/garden', { cookie: phone })).status).toBe(200);
      // The secret itself is kept nowhere.
      expect(JSON.stringify(store.db.prepare('SELECT * FROM session').all())).not.toContain(
        phone.split('=')[1],
      );
      const secure = await app.request('https://localhost/api/door', {
        method: 'POST',
        body: JSON.stringify({ passphrase: PASSPHRASE }),
        headers: { 'content-type': 'application/json' },
      });
      expect(secure.headers.get('set-cookie')).toMatch(/Secure/);
    },
  );

  test('a device can be shut out; a changed passphrase shuts out all; taking it away needs it', async () => {
    const cookie = await setPassphrase();
    const phone = cookieOf(await logIn());
    const { network } = (await (await ask('/network', { cookie })).json()) as {
      network: { devices: { id: string; here: boolean }[] };
    };
    const other = network.devices.find(({ here }) => !here)!;
    expect((await ask(`/network/devices/${other.id}`, { method: 'DELETE', cookie })).status).toBe(204);
    expect((await ask('/garden', { cookie: phone })).status).toBe(401);
    const third = cookieOf(await logIn());
    expect(
      (
        await ask('/network/passphrase', {
          method: 'PUT',
          cookie,
          body: { passphrase: 'another long one', current: 'wrong' },
        })
      ).status,
    ).toBe(422);
    const changed = await ask('/network/passphrase', {
      method: 'PUT',
      cookie,
      body: { passphrase: 'another long one', current: PASSPHRASE },
    });
    expect(changed.status).toBe(200);
    expect((await ask('/garden', { cookie: third })).status).toBe(401);
    expect((await logIn()).status).toBe(422);
    const now = cookieOf(changed);
    expect(
      (
        await ask('/network/passphrase/removal', {
          method: 'POST',
          cookie: now,
          body: { passphrase: 'wrong' },
        })
      ).status,
    ).toBe(422);
    expect(
      (
        await ask('/network/passphrase/removal', {
          method: 'POST',
          cookie: now,
          body: { passphrase: 'another long one' },
        })
      ).status,
    ).toBe(200);
    expect((await ask('/garden')).status).toBe(200);
  });

  test('guessing is slowed, and waits are told', async () => {
    await setPassphrase();
    for (let i = 0; i < 5; i++) expect((await logIn(`guess number ${i}`)).status).toBe(422);
    const slowed = await logIn();
    expect(slowed.status).toBe(429);
    expect(Number(slowed.headers.get('retry-after'))).toBeGreaterThan(0);
    nowMs += 16_000;
    expect((await logIn()).status).toBe(200);
  });
});

test("another name in Host, and another site's page, are refused", async () => {
  for (const host of [
    'evil.example',
    'localhost.evil.example',
    '127.0.0.1.evil.example',
    '169.254.169.254',
    '[::2]',
    'a b',
    '',
  ])
    expect((await ask('/garden', { headers: { host } })).status).toBe(421);
  for (const host of ['localhost', 'localhost:4173', '127.0.0.1:9', hostname(), `${hostname()}.local:4174`])
    expect((await ask('/health', { headers: { host } })).status).toBe(200);
  const change = (headers: Record<string, string>) =>
    ask('/clock/step', {
      method: 'POST',
      body: { days: 1 },
      headers: { host: 'localhost:4173', ...headers },
    });
  for (const origin of ['https://evil.example', 'null', 'http://localhost:9999', 'nonsense'])
    expect((await change({ origin })).status).toBe(403);
  for (const site of ['cross-site', 'same-site'])
    expect((await change({ 'sec-fetch-site': site })).status).toBe(403);
  process.env.OWN_NAMES = 'garden.example, apples.example';
  try {
    expect((await ask('/health', { headers: { host: 'apples.example:4174' } })).status).toBe(200);
    expect((await ask('/health', { headers: { host: 'pears.example' } })).status).toBe(421);
  } finally {
    delete process.env.OWN_NAMES;
  }
  // Its own page may ask; this garden's day is just not one that moves.
  expect((await change({ origin: 'http://localhost:4173', 'sec-fetch-site': 'same-origin' })).status).toBe(
    409,
  );
});

test('pages may run no script but their own, in no frame', async () => {
  const { headers } = await ask('/health');
  const policy = headers.get('content-security-policy')!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/unsafe|https?:|\*/);
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(policy).toContain("frame-ancestors 'none'");
});

test('nobody listens where others can reach without a passphrase', async () => {
  expect(() => refuseOpenDoor('127.0.0.1', store)).not.toThrow();
  for (const host of ['0.0.0.0', '192.168.1.5', '::', 'garden.local'])
    expect(() => refuseOpenDoor(host, store)).toThrow('passphrase');
  expect((await ask('/network/passphrase', { method: 'PUT', body: { passphrase: 'short' } })).status).toBe(
    422,
  );
  await setPassphrase();
  expect(() => refuseOpenDoor('0.0.0.0', store)).not.toThrow();
});

test('a passphrase is kept as scrypt with its own salt', async () => {
  const [one, two] = [await hashPassphrase(PASSPHRASE), await hashPassphrase(PASSPHRASE)];
  expect(one).not.toBe(two);
  expect(one).not.toContain('walnut');
  expect(await isPassphrase(PASSPHRASE, one)).toBe(true);
  expect(await isPassphrase(`${PASSPHRASE} `, one)).toBe(false);
  expect(await isPassphrase(PASSPHRASE, 'scrypt$nonsense')).toBe(false);
});

test('of thirty guesses sent at once one is checked, and the right one is still let in afterwards', async () => {
  await setPassphrase();
  const statuses = await Promise.all(
    Array.from({ length: 30 }, async (_, i) => (await logIn(`not this one ${i}`)).status),
  );
  expect(statuses.filter((status) => status === 422)).toHaveLength(1);
  expect(statuses.filter((status) => status === 429)).toHaveLength(29);
  expect((await logIn()).status).toBe(200);
});
