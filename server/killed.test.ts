import { afterEach, expect, test } from '@jest/globals';
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { openStore } from './store/store.ts';

const ROOT = process.cwd();
let child: ChildProcess | undefined;
const data = mkdtempSync(join(tmpdir(), 'juglans-killed-'));
afterEach(() => {
  child?.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

/** Starts the real server on the records in `data` and waits for its address. */
async function start(): Promise<string> {
  child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    cwd: ROOT, env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0', HOST: '127.0.0.1' }, stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child!.stdout!.on('data', (text: Buffer) => {
      const address = /http:\/\/[\d.:]+/.exec(String(text));
      if (address) resolve(address[0]);
    });
    child!.once('exit', () => reject(new Error('the server ended before it listened')));
  });
}

test('killed amid writes, it loses none that was acknowledged, and opens again', async () => {
  const acknowledged: string[] = [];
  for (const [round, killAfter] of [40, 7, 90].entries()) {
    const address = await start();
    const ended = once(child!, 'exit');
    const target = acknowledged.length + killAfter;
    const write = async (): Promise<void> => {
      const id = v7();
      const response = await fetch(`${address}/api/stations/${id}`, {
        method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ id, name: `round ${round}`, kind: 'thermometer' }),
      }).catch(() => null);
      if (!response?.ok) return;
      acknowledged.push(id);
      if (acknowledged.length === target) child!.kill('SIGKILL');
      return write();
    };
    await Promise.all([write(), write(), write(), write()]);
    await ended;
    const store = openStore(join(data, 'juglans.sqlite'), join(ROOT, 'server/migrations'));
    const kept = new Set(store.stations().map((station) => station.id));
    expect(acknowledged.filter((id) => !kept.has(id))).toEqual([]);
    expect(store.db.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(store.db.pragma('foreign_key_check')).toEqual([]);
    store.close();
  }
  expect(acknowledged.length).toBeGreaterThanOrEqual(137);
}, 60_000);
