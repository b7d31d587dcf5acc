import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { openDatabase, type Db } from './database.ts';
import { untilWritten } from './until-written.ts';

let db: Db;
let reads: string[];
let namesOf: (kind: string) => readonly string[];

beforeEach(() => {
  db = openDatabase(':memory:', join(process.cwd(), 'server/migrations'));
  reads = [];
  namesOf = untilWritten(db, (kind: string) => {
    reads.push(kind);
    return db.prepare('SELECT name FROM station WHERE kind = ? ORDER BY name').pluck().all(kind) as string[];
  });
});
afterEach(() => {
  db.close();
});

const put = (id: string, name: string) =>
  db.prepare("INSERT INTO station (id, name, kind) VALUES (?, ?, 'logger')").run(id, name);

test('the same question is read once while nothing is written', () => {
  put('a', 'One');
  expect(namesOf('logger')).toEqual(['One']);
  expect(namesOf('logger')).toBe(namesOf('logger'));
  namesOf('simulated');
  expect(reads).toEqual(['logger', 'simulated']);
});

test('whatever writes, by whatever way, is seen by the next question', () => {
  expect(namesOf('logger')).toEqual([]);
  put('a', 'One');
  expect(namesOf('logger')).toEqual(['One']);
  db.prepare("UPDATE station SET name = 'Two'").run();
  expect(namesOf('logger')).toEqual(['Two']);
  db.exec('DELETE FROM station');
  expect(namesOf('logger')).toEqual([]);
});

test('within a transaction too, and after one that was rolled back', () => {
  const failing = db.transaction(() => {
    put('a', 'One');
    expect(namesOf('logger')).toEqual(['One']);
    throw new Error('no');
  });
  expect(namesOf('logger')).toEqual([]);
  expect(() => failing()).toThrow('no');
  expect(namesOf('logger')).toEqual([]);
  put('b', 'Two');
  expect(namesOf('logger')).toEqual(['Two']);
});
