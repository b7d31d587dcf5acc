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
  readonly number: number;
  readonly device?: string;
}

const deliver = async ({ method, path, body, number, device = 'phone' }: Entry) =>
  (
    await app.request(`/api${path}`, {
      method,
      headers: {
        'content-type': 'application/json',
        'entered-by': device,
        'entered-as': String(number),
      },
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
    { method: 'PUT', path: `/rounds/${ROUND}`, body: round(null), number: 1 },
    { method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('first'), number: 2 },
    { method: 'DELETE', path: `/samples/${SAMPLE}`, number: 3 },
    { method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('put back'), number: 4 },
    { method: 'PUT', path: `/rounds/${ROUND}`, body: round('2026-05-10'), number: 5 },
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
  await deliver({ method: 'PUT', path: `/rounds/${ROUND}`, body: round(null), number: 1 });
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
    expect(await deliver({ method: 'PUT', path: `/stops/${body.id}`, body, number: 2 })).toBe(200);
  expect(store.stops.by('round_id', ROUND).map(({ note }) => note)).toEqual(['mine', 'yours']);
});

test('a refused entry leaves no trace', async () => {
  const path = `/samples/${SAMPLE}`;
  const put = (body: Record<string, unknown>, number: number) =>
    deliver({ method: 'PUT', path, body, number });
  expect(await put({ ...sample('x'), protocol: 'nonsense' }, 9)).toBe(422);
  expect(await put(sample('mended'), 8)).toBe(200);
});

test('what two devices enter is kept as it arrives, whatever their counts, and what stood before is kept too', async () => {
  const path = `/samples/${SAMPLE}`;
  const put = (note: string, device: string, number: number) =>
    deliver({ method: 'PUT', path, body: sample(note), device, number });
  await put('of the phone', 'phone', 9_000_000);
  await put('of the tablet, which counts anew', 'tablet', 1);
  expect(store.samples(WATCH).map(({ note }) => note)).toEqual(['of the tablet, which counts anew']);
  expect(store.changesOf('sample', SAMPLE).changes.map(({ before }) => before.note)).toEqual([
    'of the phone',
  ]);
  // Each still goes by its own count.
  await put('late', 'phone', 8_999_999);
  await put('late', 'tablet', 1);
  expect(store.samples(WATCH).map(({ note }) => note)).toEqual(['of the tablet, which counts anew']);
  await put('later', 'phone', 9_000_001);
  expect(store.samples(WATCH).map(({ note }) => note)).toEqual(['later']);
});

test('an entry is noted with its record or not at all', async () => {
  const path = `/samples/${SAMPLE}`;
  // The disk fails as the delivery would be noted.
  store.db.exec(
    "CREATE TEMP TRIGGER broken BEFORE INSERT ON main.delivery BEGIN SELECT RAISE(ABORT, 'disk'); END",
  );
  await expect(deliver({ method: 'PUT', path, body: sample('first'), number: 1 })).rejects.toThrow('disk');
  expect(store.samples(WATCH)).toEqual([]);
  store.db.exec('DROP TRIGGER broken');
  expect(await deliver({ method: 'PUT', path, body: sample('first'), number: 1 })).toBe(200);
  expect(store.lastDelivery({ address: `/api${path}`, device: 'phone' })).toBe(1);
});

test('a photo and its words are one record; what was taken out elsewhere is taken out', async () => {
  expect(store.lastDelivery({ address: '/api/samples/x', device: 'phone' })).toBeNull();
  expect(await deliver({ method: 'DELETE', path: `/samples/${SAMPLE}`, number: 5 })).toBe(404);
  expect(await deliver({ method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('late'), number: 4 })).toBe(
    200,
  );
  expect(store.samples(WATCH)).toEqual([]);
});

test.each([
  [{ 'entered-by': 'phone' }],
  [{ 'entered-as': '3' }],
  [{ 'entered-by': 'a b', 'entered-as': '3' }],
  [{ 'entered-by': 'phone', 'entered-as': '-3' }],
  [{ 'entered-by': 'phone', 'entered-as': '1.5' }],
] as Record<string, string>[][])(
  'without a name and a number of its own it is taken as it comes: %o',
  async (headers) => {
    const put = (note: string) =>
      app.request(`/api/samples/${SAMPLE}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json', ...headers },
        body: JSON.stringify(sample(note)),
      });
    await put('first');
    await put('second');
    expect(store.samples(WATCH).map(({ note }) => note)).toEqual(['second']);
    expect(store.db.prepare('SELECT count(*) FROM delivery').pluck().get()).toBe(0);
  },
);
