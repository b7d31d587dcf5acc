import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { addDays } from '#core/calendar';
import { EVERY, EVERY_GARDEN, everyRecord } from '#demo/every-record';
import { createApp } from './app.ts';
import { openStore, type Store } from './store/store.ts';

const CREATED = '2026-05-29';
let today = CREATED;
let store: Store;
let app: ReturnType<typeof createApp>;

beforeEach(async () => {
  today = CREATED;
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock: { today: () => today }, demo: false }, null, (error) => {
    throw error;
  });
  store.putGarden(EVERY_GARDEN);
  for (const { address, record } of everyRecord(CREATED))
    await app.request(`/api${address}`, {
      method: 'PUT',
      body: JSON.stringify(record),
      headers: { 'content-type': 'application/json' },
    });
});
afterEach(() => store.close());

const ahead = async () =>
  ((await (await app.request('/api/now')).json()) as { now: { ahead: object | null } }).now.ahead;

test('records of days the clock has not come to are told on Now, with the last of them', async () => {
  expect(await ahead()).toBeNull();
  // They lie a week before the day they were entered on; that day itself is not ahead.
  today = addDays(CREATED, -7);
  expect(await ahead()).toBeNull();
  today = addDays(CREATED, -8);
  const { records, last } = (await ahead()) as { records: number; last: string };
  expect(last).toBe(addDays(CREATED, -7));
  // Every kind that has a day of its own is counted.
  const withDay = everyRecord(CREATED).filter(({ days }) => days.some((field) => field !== 'retiredOn'));
  expect(records).toBe(
    withDay.length + everyRecord(CREATED).filter(({ table }) => table === 'local_advice').length,
  );
});

test('one of them, when it alone is ahead, and a measured day too', async () => {
  store.writeDays(EVERY.station, [{ date: '2026-06-02', minC: 8, maxC: 20, rainMm: null, windMs: null }]);
  expect(await ahead()).toEqual({ records: 1, last: '2026-06-02' });
  today = '2026-06-02';
  expect(await ahead()).toBeNull();
});
