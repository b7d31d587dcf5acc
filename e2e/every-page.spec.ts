import { join } from 'node:path';
import { expect, type Page } from '@playwright/test';
import { EVERY, EVERY_GARDEN, everyRecord, EXTREMES, threeYearsOfDays } from '#demo/every-record';
import { createApp } from '#server/app';
import { openStore } from '#server/store/store';
import { settled, test } from './server.ts';

/**
 * A garden with every kind of record, each with a value hardly ever meant, opened on every page of the built
 * interface on the odd days of four years, north and south of the equator and at both ends of the date line.
 * The program's answers come from here, so that it can be any day.
 */

const CREATED = '2024-06-01';
const PAGES = [
  '/now',
  '/now/hour',
  '/garden',
  '/garden/plan',
  '/garden/moving',
  `/garden/plan?plant=${EVERY.plant}`,
  '/garden/new',
  `/garden/${EVERY.plant}`,
  `/garden/${EVERY.neighbour}`,
  '/seasons',
  `/seasons/watch/${EVERY.watch}`,
  `/seasons/watch/${EVERY.watch}/why`,
  '/seasons/review',
  '/seasons/book',
  `/look/${EVERY.watch}/handover`,
  `/look/${EVERY.watch}/before`,
  `/look/${EVERY.watch}/after`,
  '/setup',
  `/mix?watch=${EVERY.watch}`,
  '/mix/meet?a=soap',
  '/mix/shelf',
  '/mix/shelf/new',
  `/mix/shelf/${EVERY.product}`,
  '/mix/shopping',
  '/mix/recipes',
  '/look',
  `/look/new?plant=${EVERY.plant}`,
  `/look/${EVERY.watch}`,
  `/look/${EVERY.watch}/name`,
  `/look/${EVERY.watch}/weigh`,
  `/look/${EVERY.watch}/hand`,
  `/look/${EVERY.watch}/count`,
  `/look/${EVERY.watch}/tape`,
  `/look/${EVERY.watch}/spray/${EVERY.spray}`,
  '/look/round',
  `/look/round/${EVERY.round}`,
  '/look/eye',
  '/look/guide/host/apple',
  '/look/guide/euonymus-scale',
  '/look/guide/season',
  '/look/guide/pocket',
  `/when/${EVERY.watch}`,
  '/when/day',
  '/when/plan',
  '/when/infections',
  '/when/practise',
  '/when/practise/armored-hedge?plant=1907&climate=own',
  '/when/dormant',
  '/when/hours',
  '/when/calendar',
  '/when/normals',
  '/when/stations',
  `/when/stations/${EVERY.station}/import`,
  `/when/stations/${EVERY.station}/check`,
  `/when/stations/${EVERY.station}/reading`,
  `/when/stations/${EVERY.station}/forecast`,
] as const;

const WATCHES = [
  { outcome: 'open' },
  { outcome: 'closed', outcomeOn: CREATED },
  { outcome: 'ruled-out', outcomeOn: CREATED },
  { outcome: 'open', targetId: null, group: null },
] as const;
const NORTH = { latitudeDeg: 70, longitudeDeg: 180, timeZone: 'Pacific/Kiritimati' };
const SOUTH = { latitudeDeg: -70, longitudeDeg: -180, timeZone: 'Pacific/Pago_Pago' };
const MIDDLE = {
  latitudeDeg: 0,
  longitudeDeg: 0,
  timeZone: 'UTC',
  temperatureUnit: 'F',
  measureSystem: 'us',
} as const;

/** The program over such a garden, on a day. */
async function programOn(today: string, place: object, watch: object) {
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  const failures: unknown[] = [];
  const app = createApp({ store, clock: { today: () => today }, demo: false }, null, (error) =>
    failures.push(error),
  );
  store.putGarden({ ...EVERY_GARDEN, ...place });
  for (const { table, address, record } of everyRecord(CREATED)) {
    const answer = await app.request(`/api${address}`, {
      method: 'PUT',
      body: JSON.stringify({ ...record, ...EXTREMES[table], ...(table === 'watch' ? watch : {}) }),
      headers: { 'content-type': 'application/json' },
    });
    expect([address, answer.status]).toEqual([address, 200]);
  }
  store.writeDays(EVERY.station, threeYearsOfDays('2023-01-01'));
  return { app, store, failures };
}

/** Words no page is meant to show. */
const NO_WORDS = /\bNaN\b|\bundefined\b|Invalid Date|\[object Object\]|Infinity/;

async function faultsOf(page: Page, where: string): Promise<string[]> {
  const text = await page.locator('body').innerText();
  const word = NO_WORDS.exec(text)?.[0];
  const title = await page.getByRole('heading', { level: 1 }).first().innerText();
  return [
    ...(word ? [`${where}: says ${word}`] : []),
    ...(/could not be shown|new version/.test(title) ? [`${where}: ${title}`] : []),
  ];
}

/** `DAYS=all` for every year everywhere; otherwise one of them each, since each takes half a minute. */
const ALL = process.env.DAYS === 'all';
const FOUR_YEARS = ['2025-01-01', '2026-02-28', '2027-12-31', '2028-02-29'];

/** A third of the pages far north, a third far south and a third somewhere in the middle: for time. */
const everyThird = (from: 0 | 1 | 2) => PAGES.filter((_, i) => ALL || i % 3 === from);

for (const [place, few, pages] of [
  [NORTH, ['2028-02-29'], everyThird(0)],
  [SOUTH, ['2027-12-31'], everyThird(1)],
  [MIDDLE, ['2025-01-01'], everyThird(2)],
] as const)
  test(`every page at ${place.latitudeDeg}°, ${place.timeZone}, on the odd days of its years`, async ({
    onlooker,
    sharedDemo,
  }) => {
    const days = ALL ? FOUR_YEARS : few;
    test.setTimeout(300_000);
    const thrown: string[] = [];
    const onError = (error: Error) => thrown.push(error.message);
    onlooker.on('pageerror', onError);
    const faults: string[] = [];
    for (const today of days) {
      const watch = WATCHES[Number(today.slice(0, 4)) % WATCHES.length]!;
      const { app, store, failures } = await programOn(today, place, watch);
      await onlooker.route('**/api/**', async (route) => {
        const request = route.request();
        const answer = await app.request(request.url().slice(sharedDemo.address.length), {
          method: request.method(),
          headers: { accept: 'application/json' },
        });
        await route.fulfill({
          status: answer.status,
          contentType: answer.headers.get('content-type') ?? 'application/json',
          body: await answer.text(),
        });
      });
      for (const address of pages) {
        await onlooker.goto(`${sharedDemo.address}${address}`);
        await settled(onlooker);
        faults.push(...(await faultsOf(onlooker, `${today} ${address}`)));
      }
      await onlooker.unroute('**/api/**');
      store.close();
      expect([today, failures]).toEqual([today, []]);
    }
    onlooker.off('pageerror', onError);
    expect([...faults, ...thrown]).toEqual([]);
  });
