import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { addressOf } from './load.ts';

const TRIES = 30;

/** Thirty guesses at once: how many are looked at, and the memory they take; then the end with a client hanging. */
export async function benchDoor(): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'juglans-door-'));
  const child = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await addressOf(child);
  const memoryMb = () =>
    Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))![1]) / 1024;
  const say = (method: string, path: string, body: object) =>
    fetch(`${address}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  await say('PUT', '/network/passphrase', { passphrase: 'the old walnut tree' });
  await pause(1500);
  const rest = memoryMb();
  let most = rest;
  const looking = setInterval(() => {
    most = Math.max(most, memoryMb());
  }, 5);
  const answers = await Promise.all(
    Array.from({ length: TRIES }, (_, i) => say('POST', '/door', { passphrase: `guess ${i}` })),
  );
  clearInterval(looking);
  const checked = answers.filter(({ status }) => status === 422).length;
  console.log(
    `${TRIES} guesses at once: ${checked} looked at, the others told to wait; ${(most - rest).toFixed(0)} MB more memory than at rest (${rest.toFixed(0)} MB)`,
  );
  const hanging = connect(Number(new URL(address).port), '127.0.0.1');
  hanging.on('error', () => undefined);
  await once(hanging, 'connect');
  hanging.write(
    `PUT /api/stations/x HTTP/1.1\r\nhost: ${new URL(address).host}\r\ncontent-length: 500\r\n\r\n{`,
  );
  await pause(300);
  const asked = performance.now();
  const ended = once(child, 'exit');
  child.kill('SIGTERM');
  await ended;
  console.log(
    `asked to end while a request is half sent: gone after ${(performance.now() - asked).toFixed(0)} ms`,
  );
  hanging.destroy();
  rmSync(data, { recursive: true, force: true });
}
