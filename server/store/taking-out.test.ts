import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { keysOf } from '#core/tables';
import { EVERY, EVERY_GARDEN, everyRecord } from '#demo/every-record';
import { createApp } from '../app.ts';
import { ARCHIVED, columnsOf } from '../archive/tables.ts';
import { KINDS, type KindTable } from './kinds.ts';
import { openStore, type Store } from './store.ts';

const TODAY = '2026-05-29';
let store: Store;

beforeEach(async () => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  store.putGarden(EVERY_GARDEN);
  const app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, (error) => {
    throw error;
  });
  for (const { address, record } of everyRecord(TODAY))
    await app.request(`/api${address}`, {
      method: 'PUT',
      body: JSON.stringify(record),
      headers: { 'content-type': 'application/json' },
    });
});
afterEach(() => store.close());

/** Every row of every kind. */
const everything = () =>
  Object.fromEntries(
    keysOf(KINDS).map((table) => [table, store.db.prepare(`SELECT * FROM ${table} ORDER BY id`).all()]),
  );
const idsOf = (table: KindTable) => store.db.prepare(`SELECT id FROM ${table}`).pluck().all() as string[];

describe('the description of kinds', () => {
  test('names every reference the database knows, and no other', () => {
    for (const table of keysOf(KINDS)) {
      const foreign = store.db.pragma(`foreign_key_list(${table})`) as { from: string; table: string }[];
      expect([table, Object.fromEntries(foreign.map(({ from, table: to }) => [from, to]))]).toEqual([
        table,
        Object.fromEntries(Object.entries(KINDS[table].references).map(([column, { to }]) => [column, to])),
      ]);
    }
  });

  test('has every table whose rows have an id of their own', () => {
    const withId = ARCHIVED.filter((table) => columnsOf(store.db, table).key.join() === 'id');
    expect([...withId].sort()).toEqual([...keysOf(KINDS)].sort());
  });

  test('an archive holds what is referred to before what refers', () => {
    const place = (table: string) => (ARCHIVED as readonly string[]).indexOf(table);
    for (const table of keysOf(KINDS))
      for (const { to } of Object.values(KINDS[table].references))
        expect([table, to, place(to) < place(table)]).toEqual([table, to, true]);
  });
});

describe('in a garden of every kind, taking one out', () => {
  test('leaves no reference to nothing, and taking it back leaves every row as it was', () => {
    const before = everything();
    let taken = 0;
    for (const table of keysOf(KINDS))
      for (const id of idsOf(table)) {
        const held = referrers(table).some(({ by, column }) => count(by, column, id) > 0);
        if (held) {
          expect(() => store.takeOut(table, id)).toThrow(`still refers to this ${KINDS[table].called}.`);
          expect(everything()).toEqual(before);
          continue;
        }
        const undo = store.takeOut(table, id)!;
        expect(idsOf(table)).not.toContain(id);
        expect(store.db.pragma('foreign_key_check')).toEqual([]);
        expect(store.putBack(undo)).toBeGreaterThan(0);
        expect(everything()).toEqual(before);
        taken++;
      }
    expect(taken).toBeGreaterThan(20);
  });

  const referrers = (table: string) =>
    keysOf(KINDS).flatMap((by) =>
      Object.entries(KINDS[by].references)
        .filter(([, { to, then }]) => to === table && then === 'holds')
        .map(([column]) => ({ by, column })),
    );
  const count = (table: string, column: string, id: string) =>
    store.db.prepare(`SELECT count(*) FROM ${table} WHERE ${column} = ?`).pluck().get(id) as number;

  test('a spray takes the check of its cover with it; a round its stops, and lets go of its counts', () => {
    const samples = () => store.samples(EVERY.watch).map(({ protocol, roundId }) => [protocol, roundId]);
    expect(samples()).toEqual(
      expect.arrayContaining([
        ['twig', EVERY.round],
        ['cover', null],
      ]),
    );
    const spray = store.takeOut('spray', EVERY.spray)!;
    expect(samples()).toEqual([['twig', EVERY.round]]);
    const round = store.takeOut('round', EVERY.round)!;
    expect(samples()).toEqual([['twig', null]]);
    expect(store.stops.all()).toEqual([]);
    expect(store.putBack(round)).toBe(2);
    expect(store.putBack(spray)).toBe(2);
    expect(samples()).toEqual(
      expect.arrayContaining([
        ['twig', EVERY.round],
        ['cover', null],
      ]),
    );
  });

  test('what is back already, or was linked anew since, stays as it is', () => {
    const undo = store.takeOut('round', EVERY.round)!;
    const other = { id: 'other', startedOn: TODAY, finishedOn: null, note: 'another' };
    store.rounds.put(other);
    const [twig] = store.samples(EVERY.watch).filter(({ protocol }) => protocol === 'twig');
    store.putSample({ ...twig!, roundId: 'other' });
    store.rounds.put({ id: EVERY.round, startedOn: TODAY, finishedOn: null, note: 'written again' });
    store.putBack(undo);
    expect(store.rounds.one(EVERY.round)!.note).toBe('written again');
    expect(store.samples(EVERY.watch).find(({ id }) => id === twig!.id)!.roundId).toBe('other');
  });

  test('what belonged to something taken out since waits for that, or comes back without it', () => {
    const stop = store.takeOut('stop', idsOf('stop')[0]!)!;
    const [twig] = store.samples(EVERY.watch).filter(({ roundId }) => roundId === EVERY.round);
    const sample = store.takeOut('sample', twig!.id)!;
    const round = store.takeOut('round', EVERY.round)!;
    const before = everything();
    expect(() => store.putBack(stop)).toThrow('The round this stop belonged to is taken out.');
    expect(everything()).toEqual(before);
    store.putBack(sample);
    expect(store.sample(twig!.id)).toEqual({ ...twig, roundId: null });
    store.putBack(round);
    expect(store.putBack(stop)).toBe(1);
  });

  test('what is not there is told, and several go in one', () => {
    expect(store.takeOut('tape', 'none')).toBeNull();
    const before = everything();
    const undo = store.takeOut('sample', ...idsOf('sample'), 'none')!;
    expect(idsOf('sample')).toEqual([]);
    expect(store.putBack(undo)).toBe(2);
    expect(everything()).toEqual(before);
  });

  test('a spray comes back although its label line was taken off the label since', () => {
    const before = store.sprays(EVERY.watch);
    const undo = store.takeOut('spray', EVERY.spray)!;
    const product = store.product(EVERY.product)!;
    store.putProduct({ ...product, lines: product.lines.map((line) => ({ ...line, id: EVERY.tag })) });
    store.putBack(undo);
    expect(store.sprays(EVERY.watch)).toEqual(before);
  });
});
