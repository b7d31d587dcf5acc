import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ANSWERS = ['/api/now', '/api/band', '/api/seasons', '/api/plants', '/api/watches'];

/**
 * From starting the built demo (records already there) to its first answer, beside starting Node alone;
 * then each answer's time.
 */
export async function benchServer(): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'juglans-bench-'));
  await once(data, async () => undefined);
  const starts: number[] = [];
  for (let i = 0; i < 5; i++) starts.push(await once(data, async () => undefined));
  const bare: number[] = [];
  for (let i = 0; i < 5; i++) bare.push(await nodeAlone());
  console.log(
    `server start to first answer: ${median(starts).toFixed(0)} ms, Node alone ${median(bare).toFixed(0)} ms, ratio ${(median(starts) / median(bare)).toFixed(1)}`,
  );
  await once(data, async (address) => {
    for (const path of ANSWERS) {
      const times: number[] = [];
      for (let i = 0; i < 25; i++) {
        const from = performance.now();
        await (await fetch(address + path)).arrayBuffer();
        times.push(performance.now() - from);
      }
      times.sort((a, b) => a - b);
      console.log(
        `  ${path}: median ${median(times).toFixed(0)} ms, 95 % within ${times[Math.floor(times.length * 0.95)]!.toFixed(0)} ms`,
      );
    }
  });
  rmSync(data, { recursive: true, force: true });
}

/** Starts the demo, waits for one answer, does `then`, stops it; gives the ms to that answer. */
async function once(data: string, then: (address: string) => Promise<void>): Promise<number> {
  const from = performance.now();
  const child = spawn(process.execPath, ['dist/server/demo.js'], {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((resolve) =>
    child.stdout.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(String(text));
      if (address) resolve(address[0]);
    }),
  );
  await (await fetch(`${address}/api/health`)).arrayBuffer();
  const elapsed = performance.now() - from;
  await then(address);
  child.kill('SIGKILL');
  return elapsed;
}

function nodeAlone(): Promise<number> {
  const from = performance.now();
  const child = spawn(process.execPath, ['-e', '0'], { env: { ...process.env, NODE_OPTIONS: '' } });
  return new Promise((resolve) => child.on('exit', () => resolve(performance.now() - from)));
}

function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
}
