import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { createApp } from './app.ts';
import type { ProblemBody } from '#answers';
import { openStore, type Store } from './store/store.ts';

const STATION = v7();
let store: Store;
let app: ReturnType<typeof createApp>;
beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock: { today: () => '2026-05-20' }, demo: false }, null, (error) => {
    throw error;
  });
  store.putStation({ id: STATION, name: 'Shed wall', kind: 'thermometer' });
});
afterAll(() => store.close());

const put = (path: string, body: unknown) =>
  Promise.resolve(
    app.request(`/api${path}`, {
      method: 'PUT',
      body: JSON.stringify(body),
      headers: { 'content-type': 'application/json' },
    }),
  );
const reading = (readOn: string, lowC: number, highC: number, more: Record<string, unknown> = {}) => ({
  id: v7(),
  stationId: STATION,
  readOn,
  time: 'morning',
  lowC,
  highC,
  rainMm: null,
  ...more,
});
const days = () =>
  store.days(STATION, '2026-01-01', '2026-12-31').map(({ date, minC, maxC }) => [date, minC, maxC]);

test('mornings written down become days; a day imported from elsewhere stands above them', async () => {
  const readings = [reading('2026-05-17', 4, 15), reading('2026-05-18', 6, 19), reading('2026-05-19', 7, 22)];
  for (const entry of readings) expect((await put(`/readings/${entry.id}`, entry)).status).toBe(200);
  expect(days()).toEqual([
    ['2026-05-17', 4, 19],
    ['2026-05-18', 6, 22],
  ]);
  store.writeDays(STATION, [{ date: '2026-05-18', minC: 5, maxC: 20, rainMm: 0, windMs: 2 }]);
  expect(days()).toEqual([
    ['2026-05-17', 4, 19],
    ['2026-05-18', 5, 20],
  ]);
  expect((await app.request(`/api/readings/${readings[2]!.id}`, { method: 'DELETE' })).status).toBe(200);
});

test.each<[string, Record<string, unknown>, string]>([
  ['a high below the low', reading('2026-05-15', 12, 4), 'highC'],
  ['a day to come', reading('2026-05-21', 4, 12), 'readOn'],
  ['hotter than any garden', reading('2026-05-15', 4, 99), 'highC'],
  ['a thermometer nobody has', reading('2026-05-15', 4, 12, { stationId: v7() }), 'stationId'],
  ['a second reading of one morning', reading('2026-05-17', 4, 12), 'readOn'],
  ['negative rain', reading('2026-05-15', 4, 12, { rainMm: -1 }), 'rainMm'],
])('%s is refused beside its field', async (_, body, field) => {
  const before = store.writes();
  const response = await put(`/readings/${String(body.id)}`, body);
  expect(response.status).toBe(422);
  expect(((await response.json()) as ProblemBody).errors!.map(({ path }) => path.join('.'))).toContain(field);
  expect(store.writes()).toBe(before);
});

test('a typed forecast replaces the one before; what is open stays unknown', async () => {
  const day = (date: string, rainMm: number | null = null) => ({
    date,
    minC: 5,
    maxC: 15,
    rainMm,
    windMs: null,
  });
  const forecast = (body: unknown) => put(`/stations/${STATION}/forecast`, body);
  expect((await forecast({ days: [day('2026-05-20', 0), day('2026-05-21')] })).status).toBe(200);
  expect((await forecast({ days: [day('2026-05-20', 10)] })).status).toBe(200);
  expect(store.forecast(STATION, '2026-05-20')).toEqual([{ ...day('2026-05-20', 10) }]);
  for (const wrong of [
    { days: [day('2026-05-19')] },
    { days: [day('2026-05-21'), day('2026-05-20')] },
    { days: [{ ...day('2026-05-20'), maxC: 1 }] },
    {},
  ])
    expect((await forecast(wrong)).status).toBe(422);
  expect(store.forecast(STATION, '2026-05-20')).toHaveLength(1);
});

test('what was forecast of days that are over stays, for a year and a little', () => {
  const day = (date: string) => ({ date, minC: 5, maxC: 15, rainMm: 4, windMs: null });
  const dates = () => store.forecast(STATION, '2000-01-01').map(({ date }) => date);
  store.replaceForecast(STATION, '2026-06-01', [day('2026-06-01'), day('2026-06-02'), day('2026-06-03')]);
  store.replaceForecast(STATION, '2026-06-03', [day('2026-06-03'), day('2026-06-04')]);
  expect(dates().slice(-4)).toEqual(['2026-06-01', '2026-06-02', '2026-06-03', '2026-06-04']);
  store.replaceForecast(STATION, '2027-07-07', []);
  expect(dates()).toEqual(['2026-06-02', '2026-06-03', '2026-06-04']);
});
