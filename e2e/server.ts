import { type Page, test as base } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A built program running on records of its own. */
export interface Running {
  readonly address: string;
  /** Stops it and starts it again on the same records and port. */
  restart(): Promise<void>;
  /** Ends it as a lost power would, and starts it again on the same records and port. */
  kill(): Promise<void>;
  startAgain(): Promise<void>;
}

async function startProgram(
  program: string,
  data: string,
  port: string,
  more: NodeJS.ProcessEnv,
): Promise<{ child: ChildProcess; address: string }> {
  const child = spawn(process.execPath, [`dist/server/${program}.js`], {
    env: { ...process.env, DATA: data, PORT: port, HOST: '127.0.0.1', ...more },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((resolve, reject) => {
    child.stdout.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(String(text));
      if (address) resolve(address[0]);
    });
    child.once('exit', () => reject(new Error(`${program} ended before it listened`)));
  });
  return { child, address };
}

async function running(
  program: string,
  use: (running: Running) => Promise<void>,
  more: NodeJS.ProcessEnv = {},
): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'juglans-e2e-'));
  const first = await startProgram(program, data, '0', more);
  const { address } = first;
  let { child } = first;
  const end = async (signal: NodeJS.Signals) => {
    const ended = once(child, 'exit');
    child.kill(signal);
    await ended;
  };
  const startAgain = async () => {
    ({ child } = await startProgram(program, data, new URL(address).port, more));
  };
  await use({
    address,
    async restart() {
      await end('SIGTERM');
      await startAgain();
    },
    kill: () => end('SIGKILL'),
    startAgain,
  });
  child.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
}

interface PerJourney {
  /** The made-up garden, seeded for this journey alone. */
  readonly demo: Running;
  /** The program on empty records. */
  readonly empty: Running;
  /** The day a stepped garden begins on. */
  readonly startsOn: string;
  /** The program on empty records, with a day that stands still until it is stepped. */
  readonly stepped: Running;
}

interface PerWorker {
  /** One made-up garden for all that only look at it. */
  readonly sharedDemo: Running;
  /** One open page on it, with the program already read in. */
  readonly onlooker: Page;
}

export const test = base.extend<PerJourney, PerWorker>({
  demo: async ({}, use) => running('demo', use),
  empty: async ({}, use) => running('main', use),
  startsOn: ['2026-05-02', { option: true }],
  stepped: async ({ startsOn }, use) => running('demo', use, { EMPTY_ON: startsOn }),
  sharedDemo: [async ({}, use) => running('demo', use), { scope: 'worker' }],
  onlooker: [
    async ({ browser, sharedDemo }, use) => {
      const context = await browser.newContext({
        baseURL: sharedDemo.address,
        reducedMotion: 'reduce',
        serviceWorkers: 'block',
      });
      await use(await context.newPage());
      await context.close();
    },
    { scope: 'worker' },
  ],
});

/** Waits until a page has its title and nothing on it says that it is still coming. */
export async function settled(page: Page): Promise<void> {
  await page.waitForFunction(
    () =>
      (document.querySelector('h1')?.textContent ?? '') !== '' &&
      !/(^|\n)(Working it out|Opening|Drawing)…(\n|$)/.test(document.body.innerText),
    undefined,
    { polling: 'raf' },
  );
}

export const HEDGE = '01900000-0000-7004-8000-000000000001';
export const HEDGE_PLANT = '01900000-0000-7003-8000-000000000006';
export const STATION = '01900000-0000-7001-8000-000000000001';
