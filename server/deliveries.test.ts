import { afterAll, afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { v7 } from 'uuid';
import type { Outcome } from './journal/take-entry.ts';
import { oneWatch, twoTwigs } from './one-watch.ts';

let { store, app, errors, watch } = oneWatch('2026-05-20');
let PLANT = watch.plantId,
  WATCH = watch.id;
beforeEach(() => {
  store.close();
  ({ store, app, errors, watch } = oneWatch('2026-05-20'));
  [PLANT, WATCH] = [watch.plantId, watch.id];
});
afterEach(() => expect(errors.splice(0)).toEqual([]));
afterAll(() => store.close());

interface Entry {
  readonly method: 'PUT' | 'DELETE';
  readonly path: string;
  readonly body?: Record<string, unknown>;
  readonly number: number;
  readonly device?: string;
  readonly from?: Record<string, unknown>;
  readonly asks?: boolean;
}

const deliver = async ({
  method,
  path,
  body,
  number,
  device = 'phone',
  from,
  asks,
}: Entry): Promise<Outcome> => {
  const response = await app.request('/api/journal', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ device, entries: [{ number, method, path, record: body, from, asks }] }),
  });
  expect(response.status).toBe(200);
  return ((await response.json()) as { outcomes: Outcome[] }).outcomes[0]!;
};
const kindOf = async (entry: Entry) => (await deliver(entry)).kind;

const ROUND = v7(),
  SAMPLE = v7();
const sample = (note: string) => ({ ...twoTwigs(WATCH, { id: SAMPLE, note }) });
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
      for (const entry of order) expect(await kindOf(entry)).toBe('kept');
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
    expect(await kindOf({ method: 'PUT', path: `/stops/${body.id}`, body, number: 2 })).toBe('kept');
  expect(store.stops.by('round_id', ROUND).map(({ note }) => note)).toEqual(['mine', 'yours']);
});

test('a refused entry leaves no trace', async () => {
  const path = `/samples/${SAMPLE}`;
  const put = (body: Record<string, unknown>, number: number) =>
    kindOf({ method: 'PUT', path, body, number });
  expect(await put({ ...sample('x'), protocol: 'nonsense' }, 9)).toBe('refused');
  expect(await put(sample('mended'), 8)).toBe('kept');
});

test('of two devices each goes by its own count, and what one had not seen it does not write over', async () => {
  const path = `/samples/${SAMPLE}`;
  const put = (note: string, device: string, number: number, from?: Record<string, unknown>) =>
    kindOf({ method: 'PUT', path, body: sample(note), device, number, ...(from ? { from } : {}) });
  const notes = () => store.samples(WATCH).map(({ note }) => note);
  await put('of the phone', 'phone', 9_000_000);
  await put('of the tablet, which counts anew', 'tablet', 1);
  expect(notes()).toEqual(['of the phone']);
  expect(store.unsettled()).toMatchObject([{ field: 'note', value: 'of the tablet, which counts anew' }]);
  // Having seen it, it may.
  await put('of the tablet', 'tablet', 2, sample('of the phone'));
  expect(notes()).toEqual(['of the tablet']);
  // Each still goes by its own count.
  await put('late', 'phone', 8_999_999);
  await put('late', 'tablet', 1);
  expect(notes()).toEqual(['of the tablet']);
});

describe('two edits of a record made from the same state', () => {
  const path = `/samples/${SAMPLE}`;
  const edit = (
    more: Record<string, unknown>,
    { device = 'phone', number = 5, asks = false, seen = sample('as it was') } = {},
  ) => deliver({ method: 'PUT', path, body: { ...seen, ...more }, from: seen, device, number, asks });
  const stands = () => store.samples(WATCH)[0]!;
  beforeEach(async () => {
    await deliver({ method: 'PUT', path, body: sample('as it was'), number: 1 });
    expect(await edit({ note: 'theirs' }, { device: 'laptop' })).toMatchObject({ kind: 'kept' });
  });

  test('of different fields are both kept in it', async () => {
    const outcome = await edit({ on: '2026-05-11' });
    expect(outcome.kind).toBe('kept');
    expect(outcome).not.toHaveProperty('unsettled');
    expect(stands()).toMatchObject({ note: 'theirs', on: '2026-05-11' });
    expect(store.unsettled()).toEqual([]);
  });

  test('of the same field are both kept, and wait for a choice; sent again they wait once', async () => {
    for (let sent = 0; sent < 2; sent++) await edit({ note: 'mine', on: '2026-05-11' });
    expect(stands()).toMatchObject({ note: 'theirs', on: '2026-05-11' });
    expect(store.unsettled()).toMatchObject([
      { kind: 'sample', recordId: SAMPLE, field: 'note', value: 'mine' },
    ]);
  });

  test.each([
    ['kept-aside', 'mine'],
    ['standing', 'theirs'],
  ])('are settled by taking what was %s', async (take, note) => {
    await edit({ note: 'mine' });
    const { id } = store.unsettled()[0]!;
    const settled = await app.request(`/api/unsettled/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ take }),
    });
    expect(settled.status).toBe(200);
    expect(stands().note).toBe(note);
    expect(store.unsettled()).toEqual([]);
  });

  test('of the same value are one', async () => {
    await edit({ note: 'theirs' });
    expect(store.unsettled()).toEqual([]);
  });

  test('meet at once where somebody waits to look', async () => {
    const outcome = await edit({ note: 'mine' }, { asks: true });
    expect(outcome).toMatchObject({ kind: 'met', meanwhile: { note: 'theirs' } });
    expect(stands().note).toBe('theirs');
    expect(store.unsettled()).toEqual([]);
  });

  test('of one device after another: its own last word is kept aside, and nobody else’s is let go of', async () => {
    const word = (note: string, from: string, device: string, number: number) =>
      deliver({ method: 'PUT', path, body: sample(note), from: sample(from), device, number });
    await word('mine', 'as it was', 'phone', 5);
    await word('tablet’s', 'as it was', 'tablet', 5);
    await word('mine, better', 'mine', 'phone', 6);
    // It had seen a word that another kept aside too: that one is not its own to take back.
    await word('third', 'tablet’s', 'phone', 7);
    expect(
      store
        .unsettled()
        .map(({ value }) => value)
        .sort(),
    ).toEqual(['mine, better', 'tablet’s', 'third']);
  });

  test('leave nothing aside where the server would not take them', async () => {
    expect((await edit({ note: 'mine', on: '2030-01-01' })).kind).toBe('refused');
    expect(stands()).toMatchObject({ note: 'theirs', on: '2026-05-10' });
    expect(store.unsettled()).toEqual([]);
  });

  test('one that takes out what the other changed is told first', async () => {
    const out = { method: 'DELETE', path, from: sample('as it was') } as const;
    expect(await deliver({ ...out, number: 6 })).toMatchObject({ kind: 'met' });
    expect(store.samples(WATCH)).toHaveLength(1);
    expect(await kindOf({ method: 'DELETE', path, from: sample('theirs'), number: 6 })).toBe('kept');
    expect(store.samples(WATCH)).toEqual([]);
    expect(await kindOf({ ...out, device: 'laptop', number: 9 })).toBe('kept');
  });

  test('one of what was taken out elsewhere is told so', async () => {
    await deliver({ method: 'DELETE', path, number: 7, from: sample('theirs') });
    expect((await edit({ note: 'mine' }, { device: 'laptop', number: 8 })).kind).toBe('gone');
  });
});

test('one the server is in trouble over ends the batch: what comes after may rest on it', async () => {
  const asked = await app.request('/api/journal', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      device: 'phone',
      entries: [
        { number: 1, method: 'PUT', path: '/network', record: {} },
        { number: 2, method: 'PUT', path: '/network/passphrase', record: { passphrase: 'mine now' } },
        { number: 3, method: 'PUT', path: `/samples/${SAMPLE}`, record: sample('kept') },
      ],
    }),
  });
  const { outcomes } = (await asked.json()) as { outcomes: Outcome[] };
  // Only records can be entered: the house's own doors are not opened from here.
  expect(outcomes.map(({ kind }) => kind)).toEqual(['refused', 'refused', 'kept']);
});

test('an entry is noted with its record or not at all', async () => {
  const path = `/samples/${SAMPLE}`;
  // The disk fails as the delivery would be noted.
  store.db.exec(
    "CREATE TEMP TRIGGER broken BEFORE INSERT ON main.delivery BEGIN SELECT RAISE(ABORT, 'disk'); END",
  );
  expect(await kindOf({ method: 'PUT', path, body: sample('first'), number: 1 })).toBe('failed');
  expect(errors.splice(0)).toMatchObject([{ message: 'disk' }]);
  expect(store.samples(WATCH)).toEqual([]);
  store.db.exec('DROP TRIGGER broken');
  expect(await kindOf({ method: 'PUT', path, body: sample('first'), number: 1 })).toBe('kept');
  expect(store.lastDelivery({ address: `/api${path}`, device: 'phone' })).toBe(1);
});

test('what cannot be taken out is not said to be', async () => {
  expect(await kindOf({ method: 'DELETE', path: `/watches/${WATCH}`, number: 5 })).toBe('refused');
  expect(store.watch(WATCH)).toBeDefined();
});

test('what was taken out elsewhere is taken out', async () => {
  expect(store.lastDelivery({ address: '/api/samples/x', device: 'phone' })).toBeNull();
  expect(await kindOf({ method: 'DELETE', path: `/samples/${SAMPLE}`, number: 5 })).toBe('kept');
  expect(await kindOf({ method: 'PUT', path: `/samples/${SAMPLE}`, body: sample('late'), number: 4 })).toBe(
    'kept',
  );
  expect(store.samples(WATCH)).toEqual([]);
});

test.each([
  { device: 'a b', entries: [] },
  { device: 'phone', entries: [{ number: -3, method: 'PUT', path: '/samples/x' }] },
  { device: 'phone', entries: [{ number: 1.5, method: 'PUT', path: '/samples/x' }] },
  { device: 'phone', entries: [{ number: 1, method: 'POST', path: '/samples/x' }] },
  { entries: [] },
])('a journal that makes no sense is refused as a whole: %j', async (journal) => {
  const response = await app.request('/api/journal', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(journal),
  });
  expect(response.status).toBe(422);
});
