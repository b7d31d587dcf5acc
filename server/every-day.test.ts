import { describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { yearOf } from '#core/calendar';
import type { Garden } from '#core/records';
import { EVERY, EVERY_GARDEN, everyRecord, EXTREMES, threeYearsOfDays } from '#demo/every-record';
import { createApp } from './app.ts';
import { openStore } from './store/store.ts';

/** Everything that is asked, of a garden with every kind of record, on the odd days of four years. */

const CREATED = '2024-06-01';
const ODD_DAYS = ['01-01', '02-28', '02-29', '03-01', '06-30', '07-01', '12-31'];
const DAYS = [2025, 2026, 2027, 2028]
  .flatMap((year) => ODD_DAYS.map((day) => `${year}-${day}`))
  .filter((day) => yearOf(day) === 2028 || !day.endsWith('02-29'));

/** Which record an address with `:id` in it is asked about. */
const IDS: readonly (readonly [RegExp, string])[] = [
  [/^\/api\/(watches|seasons)\//, EVERY.watch],
  [/^\/api\/plants\//, EVERY.plant],
  [/^\/api\/stations\//, EVERY.station],
  [/^\/api\/places\//, EVERY.place],
  [/^\/api\/rounds\//, EVERY.round],
];
const QUERIES: Readonly<Record<string, string>> = {
  '/api/offers': `?watch=${EVERY.watch}`,
  '/api/bench': `?watch=${EVERY.watch}`,
  '/api/spray-hours': `?plant=${EVERY.plant}&product=${EVERY.product}&line=${EVERY.line}`,
};
/** Files of the disk, the list of towns and doors of the network have tests of their own. */
const ELSEWHERE = /^\/api\/(towns|backups|export|photos|calendar\/|door|authority|network)/;

function addressesOf(app: ReturnType<typeof createApp>): string[] {
  const patterns = app.routes.filter(({ method, path }) => method === 'GET' && path.startsWith('/api/'));
  return [...new Set(patterns.map(({ path }) => path))]
    .filter((path) => !path.includes('*') && !ELSEWHERE.test(path))
    .map((path) => {
      const id = IDS.find(([pattern]) => pattern.test(path))?.[1] ?? EVERY.plant;
      return `${path.replace(':id', id).replace(':kind', 'plant')}${QUERIES[path] ?? ''}`;
    });
}

function gardenOf(garden: Partial<Garden>) {
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  let today = CREATED;
  const failures: unknown[] = [];
  const app = createApp({ store, clock: { today: () => today }, demo: false }, null, (error) =>
    failures.push(error),
  );
  store.putGarden({ ...EVERY_GARDEN, ...garden });
  const put = (address: string, record: unknown) =>
    app.request(`/api${address}`, {
      method: 'PUT',
      body: JSON.stringify(record),
      headers: { 'content-type': 'application/json' },
    });
  return { store, app, put, failures, on: (day: string) => void (today = day) };
}

describe.each([
  ['north, far east', { latitudeDeg: 70, timeZone: 'Pacific/Kiritimati', longitudeDeg: 180 }],
  ['south, at the date line', { latitudeDeg: -70, timeZone: 'Pacific/Pago_Pago', longitudeDeg: -180 }],
  [
    'on the equator, Fahrenheit',
    { latitudeDeg: 0, timeZone: 'UTC', temperatureUnit: 'F', measureSystem: 'us' },
  ],
] as const)('%s', (_, garden) => {
  test('every question is answered on every odd day', async () => {
    const { store, app, put, failures, on } = gardenOf(garden);
    for (const { table, address, record } of everyRecord(CREATED)) {
      expect([address, (await put(address, { ...record, ...EXTREMES[table] })).status]).toEqual([
        address,
        200,
      ]);
    }
    store.writeDays(EVERY.station, threeYearsOfDays('2023-01-01'));
    const addresses = addressesOf(app);
    expect(addresses.length).toBeGreaterThan(30);
    for (const day of DAYS) {
      on(day);
      for (const address of addresses)
        expect([day, address, (await app.request(address)).status, failures]).toEqual([
          day,
          address,
          200,
          [],
        ]);
    }
    store.close();
  }, 120_000);
});
