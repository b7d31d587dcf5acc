import { afterEach, expect, test } from '@jest/globals';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { startedProgram } from './started-program.ts';
import { openStore } from './store/store.ts';

const ROOT = process.cwd();
const data = mkdtempSync(join(tmpdir(), 'juglans-ending-'));
let child: ChildProcess | undefined;
const sockets: Socket[] = [];
afterEach(() => {
  sockets.forEach((socket) => socket.destroy());
  child?.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

/** A client that says so much and then neither goes on nor lets go. */
async function holding(address: URL, text: string): Promise<Socket> {
  const socket = connect({ host: '127.0.0.1', port: Number(address.port), allowHalfOpen: true });
  sockets.push(socket);
  socket.on('error', () => undefined);
  await once(socket, 'connect');
  if (text) socket.write(text);
  return socket;
}

test('asked to end, it ends whatever its clients do, and what was acknowledged is there', async () => {
  const started = await startedProgram(data);
  ({ child } = started);
  const { address } = started;
  const id = v7();
  const put = (path: string, length: number) =>
    `PUT /api${path} HTTP/1.1\r\nhost: ${address.host}\r\ncontent-type: application/json\r\ncontent-length: ${length}\r\n\r\n`;
  await holding(address, '');
  await holding(address, 'GET /api/hea');
  await holding(address, `${put(`/stations/${v7()}`, 300)}{"id":`);
  await holding(
    address,
    `POST /api/archive HTTP/1.1\r\nhost: ${address.host}\r\ntransfer-encoding: chunked\r\n\r\n5\r\n`,
  );
  // One that never reads what it asked for.
  (await holding(address, `GET /api/garden HTTP/1.1\r\nhost: ${address.host}\r\n\r\n`.repeat(50))).pause();
  const kept = await fetch(new URL(`/api/stations/${id}`, address), {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id, name: 'Post', kind: 'thermometer' }),
  });
  expect(kept.status).toBe(200);
  writeFileSync(join(data, 'weather-in', 'post.csv'), 'date,min °C,max °C\n2026-05-01,1,2\n');
  const ended = once(child!, 'exit');
  child!.kill('SIGTERM');
  expect(await ended).toEqual([0, null]);
  const store = openStore(join(data, 'juglans.sqlite'), join(ROOT, 'server/migrations'));
  expect(store.stations().map((station) => station.id)).toEqual([id]);
  store.close();
}, 60_000);
