import { expect, test } from '@jest/globals';
import { join } from 'node:path';
import { gardenAnswers, PACK_SHAPE, packedAnswers, type PackedGarden, withEntered } from '#answers';
import { versionOf } from '#core/meeting';
import { EVERY, EVERY_GARDEN, everyRecord, threeYearsOfDays } from '#demo/every-record';
import { createApp } from './app.ts';
import { openStore } from './store/store.ts';

const TODAY = '2026-05-29';
const IDS: readonly (readonly [RegExp, string])[] = [
  [/^\/plants\//, EVERY.plant],
  [/^\/stations\//, EVERY.station],
  [/^\/rounds\//, EVERY.round],
];
const QUERIES: Readonly<Record<string, string>> = {
  '/offers': `?watch=${EVERY.watch}`,
  '/bench': `?watch=${EVERY.watch}`,
  '/spray-hours': `?plant=${EVERY.plant}&product=${EVERY.product}&line=${EVERY.line}`,
};
const NOTHING = {} as Parameters<typeof gardenAnswers>[0];
const QUESTIONS = [
  '/garden',
  ...new Set(gardenAnswers({ ...NOTHING, beside: {} as never }).routes.map(({ path }) => path)),
].map((path) => {
  const id = IDS.find(([pattern]) => pattern.test(path))?.[1] ?? EVERY.watch;
  return `${path.replace(':id', id)}${QUERIES[path] ?? ''}`;
});

/** A garden with every kind of record, and the addresses they were put at. */
async function everything() {
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  const app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, () => undefined);
  store.putGarden(EVERY_GARDEN);
  const state = async () => (await (await app.request('/api/state')).json()) as PackedGarden;
  const before = await state();
  const entered = everyRecord(TODAY).map(({ address, record }) => ({
    method: 'PUT' as const,
    path: address,
    json: JSON.stringify(record),
  }));
  for (const { path, json } of entered) {
    const headers = { 'content-type': 'application/json' };
    expect((await app.request(`/api${path}`, { method: 'PUT', body: json, headers })).status).toBe(200);
  }
  return { store, app, state, before, entered };
}

test('a device answers every question as the server does, from what it packed', async () => {
  const { store, app, state } = await everything();
  store.writeDays(EVERY.station, threeYearsOfDays('2023-01-01'));
  const here = packedAnswers()(await state(), TODAY);
  expect(QUESTIONS.length).toBeGreaterThan(35);
  for (const question of QUESTIONS) {
    const there = await app.request(`/api${question}`);
    expect([question, there.status]).toEqual([question, 200]);
    expect([question, await (await here.request(question)).json()]).toEqual([question, await there.json()]);
  }
  expect((await here.request('/watches/none')).status).toBe(404);
  expect((await here.request('/network')).status).toBe(501);
  expect((await here.request('/bench')).status).toBe(422);
  store.close();
});

test('records entered on a device stand there as they will stand at home', async () => {
  const { store, state, before, entered } = await everything();
  const here = withEntered(before, entered);
  const there = await state();
  // Days that follow from typed readings, and how many there are, are summed up at home.
  expect(here.state).toEqual({ ...there.state, days: { [EVERY.station]: [] } });
  const stations = there.beside.stations.map((station) => ({ ...station, days: 0, readings: 0 }));
  expect(here.beside).toEqual({
    ...there.beside,
    stations: stations.map((station) => ({ ...station, from: null, to: null })),
  });
  store.close();
});

/** The fields of a record, and of those in it. */
function fieldsOf(value: unknown): unknown {
  if (Array.isArray(value)) return value.length > 0 ? [fieldsOf(value[0])] : [];
  if (typeof value !== 'object' || value === null) return '';
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([field, inner]) => [/^[0-9a-f]{8}-/.test(field) ? 'id' : field, fieldsOf(inner)]),
  );
}

test('what a pack holds is as its number says: where a record gains or loses a field, the number goes up', async () => {
  const { store, state } = await everything();
  const shape = versionOf(fieldsOf(await state()) as object);
  expect([PACK_SHAPE, shape]).toEqual([6, 'P3rdisidGAZSbddzZdhcO4Abxrk6X9jfalFIakTDOW4']);
  store.close();
});
