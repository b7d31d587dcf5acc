import { getConnInfo } from '@hono/node-server/conninfo';
import { type Context, Hono } from 'hono';
import { deleteCookie, getCookie, setCookie } from 'hono/cookie';
import { z } from 'zod';
import { addDays } from '#core/calendar';
import { civilDate } from '#core/records';
import { type AppParts, notInFuture } from '../context.ts';
import { fieldProblem, Problem, jsonBody } from '#answers';
import { askingDevice, cookieName, PASSPHRASE_KEY } from '../security/guard.ts';
import {
  hashPassphrase,
  isOfOtherCost,
  isPassphrase,
  LONGEST_PASSPHRASE,
  SHORTEST_PASSPHRASE,
} from '../security/passphrase.ts';
import { sourceOf, throttle } from '../security/throttle.ts';
import { IDLE_MS } from '../store/session-store.ts';

export const NETWORK_KEY = 'home-network';

const TOO_LONG = `at most ${LONGEST_PASSPHRASE} characters`;
const passphrase = z
  .string()
  .min(SHORTEST_PASSPHRASE, `at least ${SHORTEST_PASSPHRASE} characters; three or four words do well`)
  .max(LONGEST_PASSPHRASE, TOO_LONG);
const said = z.object({ passphrase: z.string().max(LONGEST_PASSPHRASE, TOO_LONG) });

/** Letting devices in and shutting them out. */
export function doorRoutes({ store, network, damage, now = Date.now }: AppParts) {
  const guesses = throttle();
  const letIn = (c: Context) => {
    const old = getCookie(c, cookieName(c));
    const oldDevice = old ? store.deviceOf(old, now()) : null;
    // A new secret at every login: one that was put there before it is worth nothing after.
    if (oldDevice) store.shutOut(oldDevice.id);
    const token = store.letIn(deviceName(c.req.header('user-agent')), now());
    setCookie(c, cookieName(c), token, {
      httpOnly: true,
      sameSite: 'Strict',
      secure: new URL(c.req.url).protocol === 'https:',
      path: '/',
      maxAge: IDLE_MS / 1000,
    });
  };
  const check = async (c: Context, passphrase: string): Promise<boolean> => {
    const source = sourceOf(callerOf(c));
    const wait = guesses.begin(source, now());
    if (wait > 0) {
      c.header('retry-after', String(wait));
      throw new Problem(
        429,
        `Too many tries. Wait ${wait < 90 ? `${wait} seconds` : `${Math.ceil(wait / 60)} minutes`}.`,
      );
    }
    let right = false;
    const kept = store.meta(PASSPHRASE_KEY) ?? '';
    try {
      right = await isPassphrase(passphrase, kept);
    } finally {
      guesses.ended(source, right);
    }
    if (right && isOfOtherCost(kept)) {
      const anew = await hashPassphrase(passphrase);
      // Unless it was changed meanwhile.
      if (store.meta(PASSPHRASE_KEY) === kept) store.putMeta(PASSPHRASE_KEY, anew);
    }
    return right;
  };
  const state = (c: Context) => {
    const here = askingDevice(store, c, now());
    return {
      passphraseSet: Boolean(store.meta(PASSPHRASE_KEY)),
      canOpen: network !== undefined,
      opened: network?.state() ?? null,
      devices: store.letInDevices().map((device) => ({ ...device, here: device.id === here?.id })),
    };
  };
  return (
    new Hono()
      .get('/door', (c) =>
        c.json({
          locked: Boolean(store.meta(PASSPHRASE_KEY)),
          letIn: !store.meta(PASSPHRASE_KEY) || askingDevice(store, c, now()) !== null,
          damaged: damage !== undefined,
        }),
      )
      .post('/door', jsonBody(said), async (c) => {
        if (!store.meta(PASSPHRASE_KEY)) throw new Problem(409, 'There is no passphrase: the door is open.');
        if (!(await check(c, c.req.valid('json').passphrase)))
          throw fieldProblem('passphrase', 'that is not it');
        letIn(c);
        return c.json({ letIn: true });
      })
      .delete('/door', (c) => {
        const device = askingDevice(store, c, now());
        if (device) store.shutOut(device.id);
        deleteCookie(c, cookieName(c), { path: '/' });
        return c.body(null, 204);
      })

      /** What a phone installs to trust this computer; by its type the phone knows what to do with it. */
      .get('/authority.crt', (c) => {
        const authority = network?.authority();
        if (!authority) throw new Problem(404, 'There is nothing here for a phone to trust.');
        return c.body(new Uint8Array(authority), 200, {
          'content-type': 'application/x-x509-ca-cert',
          'content-disposition': 'attachment; filename="juglans-at-home.crt"',
        });
      })
      /** A device tells, once it is back, that it was opened without a signal. */
      .put('/door/offline', jsonBody(z.object({ on: civilDate })), (c) => {
        const { on } = c.req.valid('json');
        notInFuture(on, 'on', addDays(dayOf(now()), 1));
        const device = askingDevice(store, c, now());
        if (device) store.openedOffline(device.id, on);
        return c.json({ offlineOn: device ? on : null });
      })

      .get('/network', (c) => c.json({ network: state(c) }))
      .put(
        '/network/passphrase',
        jsonBody(z.object({ passphrase, current: z.string().max(LONGEST_PASSPHRASE, TOO_LONG).default('') })),
        async (c) => {
          const change = c.req.valid('json');
          if (store.meta(PASSPHRASE_KEY) && !(await check(c, change.current)))
            throw fieldProblem('current', 'that is not the passphrase until now');
          store.putMeta(PASSPHRASE_KEY, await hashPassphrase(change.passphrase));
          store.shutOutAllBut(null);
          letIn(c);
          return c.json({ set: true });
        },
      )
      .post('/network/passphrase/removal', jsonBody(said), async (c) => {
        if (network?.state())
          throw new Problem(
            409,
            'Stop listening on the home network first: without a passphrase anybody there could come in.',
          );
        if (store.meta(PASSPHRASE_KEY) && !(await check(c, c.req.valid('json').passphrase)))
          throw fieldProblem('passphrase', 'that is not it');
        store.putMeta(PASSPHRASE_KEY, '');
        store.shutOutAllBut(null);
        return c.json({ set: false });
      })
      .put('/network', jsonBody(z.object({ listen: z.boolean(), https: z.boolean() })), async (c) => {
        const { listen, https } = c.req.valid('json');
        if (!network)
          throw new Problem(
            409,
            'This program was started in a way that has no second address to listen on.',
          );
        if (listen && !store.meta(PASSPHRASE_KEY))
          throw new Problem(
            409,
            'Set a passphrase first: on the home network anybody could come in without one.',
          );
        if (listen)
          await network.openAgain(https).catch((error: Error) => {
            throw new Problem(409, `It could not listen: ${error.message}`);
          });
        else await network.close();
        store.putMeta(NETWORK_KEY, listen ? (https ? 'https' : 'http') : '');
        return c.json({ network: state(c) });
      })
      .delete('/network/devices/:id{[0-9a-f]{16}}', (c) => {
        if (!store.shutOut(c.req.param('id'))) throw new Problem(404, 'There is no such device.');
        return c.body(null, 204);
      })
  );
}

/** The day by UTC; a device's own may be one ahead of it. */
const dayOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);

/** Who is guessing: the address at the other end of the line. */
function callerOf(c: Context): string | undefined {
  try {
    return getConnInfo(c).remote.address;
  } catch {
    return undefined;
  }
}

const BROWSERS = [
  ['Firefox', /firefox|fxios/i],
  ['Edge', /edg/i],
  ['Chrome', /chrome|crios/i],
  ['Safari', /safari/i],
] as const;
const SYSTEMS = [
  ['iPhone', /iphone/i],
  ['iPad', /ipad/i],
  ['Android', /android/i],
  ['Windows', /windows/i],
  ['Mac', /mac os/i],
  ['Linux', /linux/i],
] as const;

/** What a device calls itself, in few words. */
export function deviceName(userAgent: string | undefined): string {
  const named = (patterns: readonly (readonly [string, RegExp])[]) =>
    patterns.find(([, pattern]) => pattern.test(userAgent ?? ''))?.[0];
  return [named(BROWSERS), named(SYSTEMS)].filter(Boolean).join(', ') || 'a device';
}
