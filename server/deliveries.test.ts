import { afterEach, beforeEach, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { blankPlant } from '#core/records';
import { createApp } from './app.ts';
import { openStore, type Store } from './store/store.ts';

const STATION = v7(),
  PLACE = v7(),
  PLANT = v7(),
  WATCH = v7();
let store: Store;
let app: ReturnType<typeof createApp>;

beforeEach(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock: { today: () => '2026-05-20' }, demo: false }, null, (error) => {
    throw error;
  });
  store.putStation({ id: STATION, name: 'S', kind: 'thermometer' });
  store.putPlace({
    id: PLACE,
    name: 'Out',
    kind: 'outdoors',
    stationId: STATION,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.putPlant(
    blankPlant({ id: PLANT, name: 'P', hostId: 'apple', placeId: PLACE, edible: true, age: 'young' }),
  );
  store.putWatch({
    id: WATCH,
    plantId: PLANT,
    openedOn: '2026-05-01',
    targetId: null,
    group: null,
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    note: '',
  });
});
afterEach(() => store.close());

interface Entry {
  readonly method: 'PUT' | 'DELETE';
  readonly path: string;
  readonly body?: Record<string, unknown>;
  readonly enteredAt: number;
}

const deliver = async ({ method, path, body, enteredAt }: Entry) =>
  (
    await app.request(`/api${path}`, {
      method,
      headers: { 'content-type': 'application/json', 'entered-at': String(enteredAt) },
      ...(body ? { body: JSON.stringify(body) } : {}),
    })
  ).status;

const ROUND = v7(),
  SAMPLE = v7();
const sample = (note: string) => ({
  id: SAMPLE,
  watchId: WATCH,
  on: '2026-05-10',
  protocol: 'twig',
  units: [{ counts: { live: 1, dead: 0, holed: 0 } }, { counts: { live: 2, dead: 0, holed: 0 } }],
  roundId: null,
  sprayId: null,
  note,
});
const round = (finishedOn: string | null) => ({ id: ROUND, startedOn: '2026-05-10', finishedOn, note: '' });

test('deliveries doubled, late and in any order come to what was entered last', async () => {
  const entries: Entry[] = [
    { method: 'PUT', path: `/rounds/${ROUND}`, body: round(null), enteredAt: 1000 },
    { method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('first'), enteredAt: 2000 },
    { method: 'DELETE', path: `/samples/${SAMPLE}`, enteredAt: 3000 },
    { method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('put back'), enteredAt: 4000 },
    { method: 'PUT', path: `/rounds/${ROUND}`, body: round('2026-05-10'), enteredAt: 5000 },
  ];
  await fc.assert(
    fc.asyncProperty(fc.shuffledSubarray([...entries, ...entries], { minLength: 10 }), async (order) => {
      store.db.exec('DELETE FROM sample; DELETE FROM round; DELETE FROM delivery');
      store.putSample(sample('left by an older page') as never);
      store.takeOut('sample', SAMPLE);
      for (const entry of order) expect([200, 204, 404]).toContain(await deliver(entry));
      expect(store.samples(WATCH).map(({ note }) => note)).toEqual(['put back']);
      expect(store.rounds.all()).toEqual([round('2026-05-10')]);
    }),
    { numRuns: 60, seed: 23 },
  );
});

test('two people on one round each keep what they did', async () => {
  await deliver({ method: 'PUT', path: `/rounds/${ROUND}`, body: round(null), enteredAt: 1000 });
  const stop = (note: string) => ({
    id: v7(),
    roundId: ROUND,
    plantId: PLANT,
    watchId: WATCH,
    on: '2026-05-10',
    outcome: 'counted',
    reason: null,
    note,
  });
  for (const body of [stop('mine'), stop('yours')])
    expect(await deliver({ method: 'PUT', path: `/stops/${body.id}`, body, enteredAt: 2000 })).toBe(200);
  expect(store.stops.by('round_id', ROUND).map(({ note }) => note)).toEqual(['mine', 'yours']);
});

test('a device whose clock runs ahead does not lock a record; a refused entry leaves no trace', async () => {
  expect(
    await deliver({
      method: 'PUT',
      path: `/rounds/${ROUND}`,
      body: round(null),
      enteredAt: Date.now() + 1e10,
    }),
  ).toBe(200);
  expect(
    await deliver({
      method: 'PUT',
      path: `/rounds/${ROUND}`,
      body: round('2026-05-10'),
      enteredAt: Date.now() + 1000,
    }),
  ).toBe(200);
  expect(store.rounds.all()[0]!.finishedOn).toBe('2026-05-10');
  expect(
    await deliver({
      method: 'PUT',
      path: `/samples/${SAMPLE}`,
      body: { ...sample('x'), protocol: 'nonsense' },
      enteredAt: 9000,
    }),
  ).toBe(422);
  expect(
    await deliver({ method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('mended'), enteredAt: 8000 }),
  ).toBe(200);
});
