import { afterAll, expect, test } from '@jest/globals';
import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { holdRecords, RecordsInUseError } from './hold-records.ts';
import { openStore } from './store.ts';

const folder = mkdtempSync(join(tmpdir(), 'juglans-hold-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const MIGRATIONS = join(process.cwd(), 'server/migrations');

test('records are held by one at a time, and can be had when let go of', () => {
  const file = join(folder, 'one.sqlite');
  const letGo = holdRecords(file);
  expect(() => holdRecords(file)).toThrow(RecordsInUseError);
  expect(() => holdRecords(file)).toThrow(file);
  // What lies beside them is not held.
  holdRecords(join(folder, 'two.sqlite'))();
  letGo();
  holdRecords(file)();
});

test('another process finds them held, and a killed one holds nothing', async () => {
  const file = join(folder, 'three.sqlite');
  const hold = `import('${join(process.cwd(), 'server/store/hold-records.ts')}').then(({ holdRecords }) => {
    try { holdRecords('${file}'); console.log('held'); setInterval(() => undefined, 1000); }
    catch (error) { console.log(error.name); }
  })`;
  const run = ['--import', 'tsx', '--input-type=module', '-e', hold];
  const env = { ...process.env, NODE_OPTIONS: '' };
  const first = spawn(process.execPath, run, { env, stdio: ['ignore', 'pipe', 'inherit'] });
  await once(first.stdout, 'data');
  expect(execFileSync(process.execPath, run, { env, encoding: 'utf8' })).toContain('RecordsInUseError');
  first.kill('SIGKILL');
  await once(first, 'exit');
  holdRecords(file)();
}, 60_000);

test('nobody else on the computer may read them', () => {
  const file = join(folder, 'inner', 'records.sqlite');
  const store = openStore(file, MIGRATIONS);
  store.putStation({ id: 'a', name: 'Post', kind: 'thermometer' });
  const modes = [join(folder, 'inner'), file, `${file}-wal`].map((path) => statSync(path).mode & 0o077);
  expect(modes).toEqual([0, 0, 0]);
  store.close();
});
