import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { createApp } from '../app.ts';
import type { OpenableNetwork } from '../context.ts';
import type { Opened } from '../home-network.ts';
import { PASSPHRASE_KEY } from '../security/guard.ts';
import { openStore, type Store } from '../store/store.ts';
import { deviceName, NETWORK_KEY } from './door-routes.ts';

const PASSPHRASE = 'three walnuts in a shell';
let store: Store;
let opened: Opened | null;
let calls: string[];
let refusal: Error | null;

/** A second door that only notes what is asked of it. */
const network: OpenableNetwork = {
  state: () => opened,
  authority: () => (opened ? Buffer.from([0x30, 0x82, 0x01]) : null),
  openAgain: async (https) => {
    calls.push(`open ${https ? 'https' : 'http'}`);
    if (refusal) throw refusal;
    opened = { https } as unknown as Opened;
    return opened;
  },
  close: async () => {
    calls.push('close');
    opened = null;
  },
};

beforeEach(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  [opened, calls, refusal] = [null, [], null];
});
afterEach(() => store.close());

const app = (withNetwork = true) =>
  createApp(
    {
      store,
      clock: { today: () => '2026-05-29' },
      demo: false,
      now: () => Date.UTC(2026, 4, 29),
      ...(withNetwork ? { network } : {}),
    },
    null,
    (error) => {
      throw error;
    },
  );

async function ask(method: string, path: string, body?: unknown, cookie?: string, withNetwork = true) {
  const response = await app(withNetwork).request(`/api${path}`, {
    method,
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    headers: { 'content-type': 'application/json', ...(cookie ? { cookie } : {}) },
  });
  const text = await response.text();
  return {
    status: response.status,
    cookie: response.headers.get('set-cookie')?.split(';')[0],
    body: (text ? JSON.parse(text) : null) as Record<string, unknown>,
  };
}
const setPassphrase = async () =>
  (await ask('PUT', '/network/passphrase', { passphrase: PASSPHRASE })).cookie!;

describe('what a phone is to trust', () => {
  test('is there for everybody while the door is open, as phones install it', async () => {
    const cookie = await setPassphrase();
    const get = () => app().request('/api/authority.crt');
    expect((await get()).status).toBe(404);
    expect((await app(false).request('/api/authority.crt')).status).toBe(404);
    await ask('PUT', '/network', { listen: true, https: true }, cookie);
    const answer = await get();
    expect(answer.headers.get('content-type')).toBe('application/x-x509-ca-cert');
    expect(new Uint8Array(await answer.arrayBuffer())).toEqual(new Uint8Array([0x30, 0x82, 0x01]));
  });
});

describe('a device that was opened without a signal', () => {
  const devices = async (cookie: string) => {
    const { body } = await ask('GET', '/network', undefined, cookie);
    return (body.network as { devices: { offlineOn: string | null; here: boolean }[] }).devices;
  };

  test('says so, and the list of devices does', async () => {
    const cookie = await setPassphrase();
    expect((await devices(cookie)).map(({ offlineOn }) => offlineOn)).toEqual([null]);
    expect(await ask('PUT', '/door/offline', { on: '2026-05-28' }, cookie)).toMatchObject({
      status: 200,
      body: { offlineOn: '2026-05-28' },
    });
    expect((await devices(cookie)).map(({ offlineOn }) => offlineOn)).toEqual(['2026-05-28']);
  });

  test('is refused a day far ahead, and nothing is noted of one that was not let in', async () => {
    expect(await ask('PUT', '/door/offline', { on: '2026-05-28' })).toMatchObject({
      status: 200,
      body: { offlineOn: null },
    });
    const cookie = await setPassphrase();
    expect((await ask('PUT', '/door/offline', { on: '2026-06-28' }, cookie)).status).toBe(422);
    expect((await ask('PUT', '/door/offline', { on: 'yesterday' }, cookie)).status).toBe(422);
    expect((await ask('PUT', '/door/offline', { on: '2026-05-28' })).status).toBe(401);
    expect((await devices(cookie)).map(({ offlineOn }) => offlineOn)).toEqual([null]);
  });
});

describe('listening on the home network', () => {
  test('is refused without a passphrase, and nothing is opened or kept', async () => {
    const { status, body } = await ask('PUT', '/network', { listen: true, https: true });
    expect(status).toBe(409);
    expect(body.title).toMatch(/^Set a passphrase first/);
    expect(calls).toEqual([]);
    expect(store.meta(NETWORK_KEY)).toBeNull();
  });

  test('is opened as asked, and remembered for the next start', async () => {
    const cookie = await setPassphrase();
    const { status, body } = await ask('PUT', '/network', { listen: true, https: true }, cookie);
    expect(status).toBe(200);
    expect(body.network).toMatchObject({ passphraseSet: true, canOpen: true, opened: { https: true } });
    expect(store.meta(NETWORK_KEY)).toBe('https');
    await ask('PUT', '/network', { listen: true, https: false }, cookie);
    expect(store.meta(NETWORK_KEY)).toBe('http');
    expect(calls).toEqual(['open https', 'open http']);
  });

  test('is closed again, and stays closed at the next start', async () => {
    const cookie = await setPassphrase();
    await ask('PUT', '/network', { listen: true, https: true }, cookie);
    const { body } = await ask('PUT', '/network', { listen: false, https: true }, cookie);
    expect(body.network).toMatchObject({ opened: null });
    expect(calls).toEqual(['open https', 'close']);
    expect(store.meta(NETWORK_KEY)).toBe('');
  });

  test('that fails is told with its reason, and not remembered', async () => {
    const cookie = await setPassphrase();
    refusal = new Error('the port is taken');
    const { status, body } = await ask('PUT', '/network', { listen: true, https: false }, cookie);
    expect(status).toBe(409);
    expect(body.title).toBe('It could not listen: the port is taken');
    expect(store.meta(NETWORK_KEY)).toBeNull();
  });

  test('needs a program that has a second address', async () => {
    const { status, body } = await ask('PUT', '/network', { listen: false, https: false }, undefined, false);
    expect(status).toBe(409);
    expect(body.title).toMatch(/no second address/);
  });
});

describe('the passphrase', () => {
  test('is not taken away while others can reach the program', async () => {
    const cookie = await setPassphrase();
    await ask('PUT', '/network', { listen: true, https: true }, cookie);
    const remove = () => ask('POST', '/network/passphrase/removal', { passphrase: PASSPHRASE }, cookie);
    const refused = await remove();
    expect(refused.status).toBe(409);
    expect(refused.body.title).toMatch(/^Stop listening/);
    expect((await ask('GET', '/garden')).status).toBe(401);
    await ask('PUT', '/network', { listen: false, https: true }, cookie);
    expect((await remove()).body).toEqual({ set: false });
    expect((await ask('GET', '/network')).body.network).toMatchObject({ passphraseSet: false, devices: [] });
  });

  test('is changed by who knows the old one, and shuts every other device out', async () => {
    const first = await setPassphrase();
    const next = { passphrase: 'another long one' };
    expect((await ask('PUT', '/network/passphrase', next, first)).status).toBe(422);
    expect((await ask('PUT', '/network/passphrase', { ...next, current: 'wrong' }, first)).status).toBe(422);
    const changed = await ask('PUT', '/network/passphrase', { ...next, current: PASSPHRASE }, first);
    expect(changed.status).toBe(200);
    expect((await ask('GET', '/network', undefined, first)).status).toBe(401);
    const { body } = await ask('GET', '/network', undefined, changed.cookie);
    expect((body.network as { devices: unknown[] }).devices).toHaveLength(1);
  });

  test('is asked for where there is one, and the door is open where there is none', async () => {
    expect((await ask('GET', '/door')).body).toEqual({ locked: false, letIn: true, damaged: false });
    expect((await ask('POST', '/door', { passphrase: PASSPHRASE })).status).toBe(409);
    const cookie = await setPassphrase();
    expect((await ask('GET', '/door')).body).toEqual({ locked: true, letIn: false, damaged: false });
    expect((await ask('GET', '/door', undefined, cookie)).body).toEqual({
      locked: true,
      letIn: true,
      damaged: false,
    });
    const wrong = await ask('POST', '/door', { passphrase: 'four walnuts' });
    expect([wrong.status, wrong.body.errors]).toEqual([
      422,
      [{ path: ['passphrase'], message: 'that is not it' }],
    ]);
  });

  test('kept at an older cost is kept at the new one once it was said right, and only then', async () => {
    const salt = Buffer.from('salt of sixteen!').toString('base64');
    const old = `scrypt$1024$8$1$${salt}$OgIv6sBnp3IUC/8311nxkvPRyDMP+fxUu89xJmJgQ/0=`;
    store.putMeta(PASSPHRASE_KEY, old);
    expect((await ask('POST', '/door', { passphrase: 'Walnut' })).status).toBe(422);
    expect(store.meta(PASSPHRASE_KEY)).toBe(old);
    expect((await ask('POST', '/door', { passphrase: 'walnut' })).status).toBe(200);
    expect(store.meta(PASSPHRASE_KEY)).toMatch(/^scrypt\$32768\$8\$3\$/);
    expect((await ask('POST', '/door', { passphrase: 'walnut' })).status).toBe(200);
  });

  test('too short or too long is told at its field', async () => {
    for (const passphrase of ['', 'too short', 'x'.repeat(201)])
      expect((await ask('PUT', '/network/passphrase', { passphrase })).status).toBe(422);
    expect((await ask('GET', '/door')).body).toMatchObject({ locked: false });
    expect((await ask('PUT', '/network/passphrase', { passphrase: 'x'.repeat(200) })).status).toBe(200);
  });
});

describe('devices', () => {
  test('one that is not there cannot be shut out; one that is, once', async () => {
    const cookie = await setPassphrase();
    expect((await ask('DELETE', '/network/devices/0123456789abcdef', undefined, cookie)).status).toBe(404);
    const phone = (await ask('POST', '/door', { passphrase: PASSPHRASE })).cookie!;
    const listed = (await ask('GET', '/network', undefined, cookie)).body.network as {
      devices: { id: string; here: boolean }[];
    };
    expect(listed.devices.filter(({ here }) => here)).toHaveLength(1);
    const other = listed.devices.find(({ here }) => !here)!;
    expect((await ask('DELETE', `/network/devices/${other.id}`, undefined, cookie)).status).toBe(204);
    expect((await ask('DELETE', `/network/devices/${other.id}`, undefined, cookie)).status).toBe(404);
    expect((await ask('GET', '/network', undefined, phone)).status).toBe(401);
  });

  test.each([
    ['Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) AppleWebKit/605 Safari/604', 'Safari, iPhone'],
    ['Mozilla/5.0 (iPad; CPU OS 19_0) CriOS/130', 'Chrome, iPad'],
    ['Mozilla/5.0 (Android 15; Mobile; rv:140) Gecko/140 Firefox/140', 'Firefox, Android'],
    ['Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537 Chrome/140 Safari/537 Edg/140', 'Edge, Windows'],
    ['Mozilla/5.0 (Macintosh; Intel Mac OS X 15) AppleWebKit/605 Safari/605', 'Safari, Mac'],
    ['Mozilla/5.0 (X11; Linux x86_64) FxiOS', 'Firefox, Linux'],
    ['curl/8', 'a device'],
    [undefined, 'a device'],
  ])('%s is called %s', (userAgent, name) => {
    expect(deviceName(userAgent)).toBe(name);
  });
});
