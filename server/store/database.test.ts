import { afterEach, expect, test } from '@jest/globals';
import { existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { NewerDatabaseError, openDatabase } from './database.ts';
import { openStore } from './store.ts';

const folders: string[] = [];
afterEach(() => folders.splice(0).forEach((folder) => rmSync(folder, { recursive: true, force: true })));

function room() {
  const folder = mkdtempSync(join(tmpdir(), 'juglans-db-'));
  folders.push(folder);
  const migrations = join(folder, 'migrations');
  mkdirSync(migrations);
  const add = (name: string, sql: string) => writeFileSync(join(migrations, name), sql);
  add('001-start.sql', 'CREATE TABLE a (x TEXT NOT NULL) STRICT;');
  return { file: join(folder, 'kept', 'records.sqlite'), migrations, add };
}

test('a database is made, kept, and moved forward with a copy of what it was', () => {
  const { file, migrations, add } = room();
  const first = openDatabase(file, migrations);
  first.prepare('INSERT INTO a VALUES (?)').run('kept');
  first.close();
  openDatabase(file, migrations).close();
  expect(existsSync(`${file}.before-2`)).toBe(false);
  add('002-more.sql', 'ALTER TABLE a ADD COLUMN y TEXT;');
  const second = openDatabase(file, migrations);
  expect(second.prepare('SELECT * FROM a').all()).toEqual([{ x: 'kept', y: null }]);
  second.close();
  const copy = openDatabase(`${file}.before-2`, migrations);
  expect(copy.prepare('SELECT x FROM a').get()).toEqual({ x: 'kept' });
  copy.close();
});

test('a migration that fails changes nothing', () => {
  const { file, migrations, add } = room();
  openDatabase(file, migrations).close();
  add('002-sound.sql', 'CREATE TABLE c (x TEXT) STRICT;');
  add('003-broken.sql', 'CREATE TABLE b (x TEXT) STRICT; SELECT nonsense FROM nowhere;');
  expect(() => openDatabase(file, migrations)).toThrow('nowhere');
  rmSync(join(migrations, '002-sound.sql'));
  rmSync(join(migrations, '003-broken.sql'));
  const db = openDatabase(file, migrations);
  expect(db.pragma('user_version', { simple: true })).toBe(1);
  expect(db.prepare("SELECT name FROM sqlite_master WHERE name IN ('b', 'c')").get()).toBeUndefined();
  db.close();
});

test('a database of a later program is refused with the reason', () => {
  const { file, migrations } = room();
  const db = openDatabase(file, migrations);
  db.pragma('user_version = 9');
  db.close();
  expect(() => openDatabase(file, migrations)).toThrow(NewerDatabaseError);
});

test('a statement that answers with one value leaves the same words answering with rows', () => {
  const db = openDatabase(':memory:', join(process.cwd(), 'server/migrations'));
  const sql = 'SELECT 7 AS n';
  const rows = db.prepare(sql);
  expect(db.prepare(sql).pluck().get()).toBe(7);
  expect(rows.get()).toEqual({ n: 7 });
  expect(db.prepare(sql).get()).toEqual({ n: 7 });
  expect(db.prepare(sql).pluck()).toBe(db.prepare(sql).pluck());
  db.close();
});

test('what the store has written counts up, whatever else asks for the count', () => {
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  const before = store.writes();
  store.allSprays();
  store.putStation({ id: 'a', name: 'Post', kind: 'thermometer' });
  expect(store.writes()).toBeGreaterThan(before);
  store.close();
});
