import { chromium, type BrowserContext } from '@playwright/test';
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM_ARGS, CHROMIUM_PATH } from '../scripts/chromium.mjs';

const HOME = '192.168.77.1';
const PORT = '4173';
export const PASSPHRASE = 'three walnuts in a shell';

/** A network of its own, with a process in it for as long as it is wanted. */
interface Net {
  readonly keeper: ChildProcess;
  readonly enter: readonly string[];
}

const run = (command: string, ...args: readonly string[]) =>
  execFileSync(command, args, { stdio: ['ignore', 'pipe', 'pipe'] }).toString();

const IS_ROOT = process.getuid?.() === 0;
const KEEP = ['sh', '-c', 'ip link set lo up && echo ready && exec sleep 3600'];

/** The first network, or another beside it; who is not root makes them within a world of his own. */
async function newNet(beside?: Net): Promise<Net> {
  const [command, ...args] = [
    ...(beside && !IS_ROOT ? beside.enter.slice(0, -1) : []),
    'unshare',
    ...(beside || IS_ROOT ? ['-n'] : ['-U', '-r', '-n']),
    ...KEEP,
  ];
  const keeper = spawn(command!, args, { stdio: ['ignore', 'pipe', 'inherit'] });
  await once(keeper.stdout, 'data');
  const asOwner = IS_ROOT ? [] : ['-U', '--preserve-credentials'];
  return { keeper, enter: ['nsenter', '-t', String(keeper.pid), ...asOwner, '-n'] };
}

const inside = ({ enter }: Net, ...command: readonly string[]) =>
  run(enter[0]!, ...enter.slice(1), ...command);

/** A phone: a browser with a profile, and a trust store, of its own. */
export interface Phone {
  /** Opens the browser, with all it kept. */
  open(): Promise<BrowserContext>;
}

/**
 * A house and a garden: two networks joined by a line that can be cut, the program in the one and phones in the
 * other, which know the house by its name and trust it as a person would make them.
 */
export interface HomeAndGarden {
  readonly address: string;
  newPhone(): Phone;
  /** Cuts the line, or joins it again. */
  signal(on: boolean): void;
  /** Asks the program at home, from there. */
  askAtHome(method: string, path: string, body?: object): unknown;
  startProgram(): Promise<void>;
  /** Ends it as a lost power would. */
  killProgram(): Promise<void>;
  close(): Promise<void>;
}

/** Asks over http and prints what came; run by Node inside the house. */
const ASK = `
const [method, path, body] = process.argv.slice(1);
const json = body ? { body, headers: { 'content-type': 'application/json' } } : {};
fetch('http://127.0.0.1:${PORT}/api' + path, { method, ...json }).then(async (r) => {
  if (!r.ok) throw new Error(r.status + ' ' + (await r.text()));
  const cookie = r.headers.get('set-cookie');
  process.stdout.write(JSON.stringify({ cookie, body: r.status === 204 ? null : await r.json() }));
});`;

export async function homeAndGarden(): Promise<HomeAndGarden> {
  const folder = mkdtempSync(join(tmpdir(), 'juglans-out-'));
  const house = await newNet();
  const garden = await newNet(house);
  inside(house, 'ip', 'link', 'add', 'to-garden', 'type', 'veth', 'peer', 'name', 'to-house');
  inside(house, 'ip', 'link', 'set', 'to-house', 'netns', String(garden.keeper.pid));
  inside(house, 'ip', 'addr', 'add', `${HOME}/24`, 'dev', 'to-garden');
  inside(house, 'ip', 'link', 'set', 'to-garden', 'up');
  const signal = (on: boolean) => {
    inside(garden, 'ip', 'link', 'set', 'to-house', on ? 'up' : 'down');
    if (on) inside(garden, 'ip', 'addr', 'replace', '192.168.77.2/24', 'dev', 'to-house');
  };
  signal(true);

  let program: ChildProcess | null = null;
  const startProgram = async () => {
    const [command, ...args] = [...house.enter, process.execPath, 'dist/server/demo.js'] as const;
    program = spawn(command!, args, {
      env: { ...process.env, DATA: join(folder, 'data'), PORT, HOST: '127.0.0.1' },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    await once(program.stdout!, 'data');
  };
  const killProgram = async () => {
    if (!program) return;
    const ended = once(program, 'exit');
    program.kill('SIGKILL');
    await ended;
    program = null;
  };
  let cookie = '';
  const askAtHome = (method: string, path: string, body?: object) => {
    const told = JSON.parse(
      inside(
        house,
        process.execPath,
        '-e',
        ASK_AS(cookie),
        method,
        path,
        ...(body ? [JSON.stringify(body)] : []),
      ),
    ) as { cookie: string | null; body: unknown };
    if (told.cookie) cookie = told.cookie.split(';')[0]!;
    return told.body;
  };
  await startProgram();
  askAtHome('PUT', '/network/passphrase', { passphrase: PASSPHRASE, current: '' });
  askAtHome('PUT', '/network', { listen: true, https: true });
  const { network } = askAtHome('GET', '/network') as { network: { opened: { addresses: string[] } } };
  const { port } = new URL(network.opened.addresses[0]!);
  const name = `${hostname()}.local`;

  let phones = 0;
  const opened: BrowserContext[] = [];
  const newPhone = (): Phone => {
    const belongings = join(folder, `phone-${++phones}`);
    const trusted = join(belongings, '.pki/nssdb');
    mkdirSync(trusted, { recursive: true });
    const file = join(belongings, 'authority.pem');
    const der = inside(house, process.execPath, '-e', AUTHORITY);
    writeFileSync(file, `-----BEGIN CERTIFICATE-----\n${der}\n-----END CERTIFICATE-----\n`);
    run('certutil', '-d', `sql:${trusted}`, '-N', '--empty-password');
    run('certutil', '-d', `sql:${trusted}`, '-A', '-t', 'C,,', '-n', 'home', '-i', file);
    // The driver starts a program; this one starts the browser within the garden's network.
    const starter = join(belongings, 'browser.sh');
    writeFileSync(starter, `#!/bin/sh\nexec ${garden.enter.join(' ')} ${CHROMIUM_PATH} "$@"\n`, {
      mode: 0o755,
    });
    return {
      async open() {
        const context = await chromium.launchPersistentContext(join(belongings, 'profile'), {
          executablePath: starter,
          args: [...CHROMIUM_ARGS, `--host-resolver-rules=MAP ${name} ${HOME}`],
          env: { ...process.env, HOME: belongings } as Record<string, string>,
          viewport: { width: 390, height: 844 },
          reducedMotion: 'reduce',
          serviceWorkers: 'allow',
        });
        context.setDefaultTimeout(25_000);
        opened.push(context);
        return context;
      },
    };
  };
  return {
    address: `https://${name}:${port}`,
    newPhone,
    signal,
    askAtHome,
    startProgram,
    killProgram,
    async close() {
      for (const context of opened) await context.close().catch(() => undefined);
      await killProgram();
      for (const { keeper } of [house, garden]) keeper.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

const ASK_AS = (cookie: string) =>
  ASK.replace(
    'const json = ',
    `const as = ${JSON.stringify(cookie ? { cookie } : {})};\nconst json = `,
  ).replace('{ method, ...json }', '{ method, ...json, headers: { ...json.headers, ...as } }');

const AUTHORITY = `
fetch('http://127.0.0.1:${PORT}/api/authority.crt').then(async (r) =>
  process.stdout.write(Buffer.from(await r.arrayBuffer()).toString('base64').replace(/(.{64})/g, '$1\\n')));`;
