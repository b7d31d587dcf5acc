import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';

const CLIENTS = 20;
const SECONDS = Number(process.env.LOAD_SECONDS ?? 30);
/** Reads alone, and one request in five a write. */
const WRITES = [Infinity, 5];
export const PAGES = [
  '/api/now',
  '/api/plants',
  '/api/watches',
  '/api/band',
  '/api/walk',
  '/api/seasons',
  '/api/garden',
];

/**
 * Twenty clients reading, and reading and writing, beside a bare route of the same server and database packages
 * in the same run.
 */
export async function benchLoad(): Promise<void> {
  for (const writeEvery of WRITES) {
    const data = mkdtempSync(join(tmpdir(), 'juglans-load-'));
    const what = writeEvery === Infinity ? 'reads alone' : `one request in ${writeEvery} a write`;
    console.log(`${CLIENTS} clients for ${SECONDS} s each, ${what}:`);
    const bare = await run(
      'bare Hono and SQLite',
      ['--import', 'tsx', 'bench/bare-server.ts'],
      data,
      () => '/notes',
      (id) => ['/notes', { id, note: 'a line' }],
      writeEvery,
    );
    const garden = await run(
      'the garden',
      ['dist/server/demo.js'],
      data,
      (n) => PAGES[n % PAGES.length]!,
      (id) => [
        `/api/handwork/${id}`,
        {
          id,
          watchId: '01900000-0000-7004-8000-000000000001',
          on: '2026-05-20',
          kind: 'wipe',
          minutes: 5,
          note: 'a line',
        },
      ],
      writeEvery,
    );
    console.log(`  the garden answers ${(garden / bare).toFixed(2)} of what the bare route does`);
    rmSync(data, { recursive: true, force: true });
  }
}

/** Requests answered a second. */
async function run(
  what: string,
  program: readonly string[],
  data: string,
  page: (n: number) => string,
  write: (id: string) => readonly [path: string, body: object],
  writeEvery: number,
): Promise<number> {
  const child = spawn(process.execPath, program, {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await addressOf(child);
  await (await fetch(address + page(0))).arrayBuffer();
  const until = performance.now() + SECONDS * 1000;
  const reads: number[] = [],
    writes: number[] = [];
  let errors = 0;
  const client = async (n: number): Promise<void> => {
    for (let i = n; performance.now() < until; i++) {
      const from = performance.now();
      const isWrite = writeEvery !== Infinity && i % writeEvery === 0;
      const [path, body] = write(v7());
      const response = await (
        isWrite
          ? fetch(address + path, {
              method: 'PUT',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify(body),
            })
          : fetch(address + page(i))
      ).catch(() => null);
      if (!response?.ok) errors++;
      await response?.arrayBuffer();
      (isWrite ? writes : reads).push(performance.now() - from);
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, n) => client(n)));
  child.kill('SIGKILL');
  await once(child, 'exit');
  const p95 = (times: number[]) =>
    times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)]?.toFixed(0) ?? '–';
  const perSecond = (reads.length + writes.length) / SECONDS;
  console.log(
    `  ${what}: ${errors} errors, ${perSecond.toFixed(0)} requests a second; 95 % of ${reads.length} reads within ${p95(reads)} ms, of ${writes.length} writes within ${p95(writes)} ms`,
  );
  return perSecond;
}

export function addressOf(child: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    child.stdout!.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(String(text));
      if (address) resolve(address[0]);
    });
    child.once('exit', () => reject(new Error('it ended before it listened')));
  });
}
