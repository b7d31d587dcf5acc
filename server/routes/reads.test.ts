import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { addDays } from '#core/calendar';
import { EVERY, EVERY_GARDEN, everyRecord } from '#demo/every-record';
import { createApp } from '../app.ts';
import { openStore, type Store } from '../store/store.ts';

/** What is asked of a garden with one record of every kind. */

const TODAY = '2026-05-29';
const LAST_WEEK = addDays(TODAY, -7);
let store: Store;
let app: ReturnType<typeof createApp>;

async function ask(method: string, address: string, body?: unknown) {
  const response = await app.request(`/api${address}`, {
    method,
    ...(body === undefined
      ? {}
      : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
  });
  const text = await response.text();
  return { status: response.status, headers: response.headers, text };
}
/** What an address answers, which has to be there. */
async function read(address: string): Promise<Record<string, never>> {
  const { status, text } = await ask('GET', address);
  expect([address, status]).toEqual([address, 200]);
  return JSON.parse(text) as Record<string, never>;
}
const refusal = async (method: string, address: string, body?: unknown) => {
  const { status, text } = await ask(method, address, body);
  const { title, errors = [] } = JSON.parse(text) as {
    title: string;
    errors?: { path: string[]; message: string }[];
  };
  return [status, errors.length > 0 ? errors.map((e) => `${e.path.join('.')}: ${e.message}`).join() : title];
};

beforeAll(async () => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, (error) => {
    throw error;
  });
  store.putGarden(EVERY_GARDEN);
  for (const { address, record } of everyRecord(TODAY)) await ask('PUT', address, record);
});
afterAll(() => store.close());

describe('the garden', () => {
  test('says what it is, which day it has, and that this day is not moved', async () => {
    expect(await read('/garden')).toEqual({
      garden: EVERY_GARDEN,
      today: TODAY,
      demo: false,
      canStep: false,
    });
    expect(await refusal('POST', '/clock/step', { days: 1 })).toEqual([
      409,
      "Only the made-up garden's day can be moved.",
    ]);
  });

  test('a made-up one is moved by days, and told from when to when', async () => {
    let today = TODAY;
    const steps: string[][] = [];
    const stepping = createApp(
      {
        store,
        clock: { today: () => today, step: (days) => void (today = addDays(today, days)) },
        demo: true,
        onStep: (from, to) => {
          steps.push([from, to]);
          return Promise.resolve();
        },
      },
      null,
      (error) => {
        throw error;
      },
    );
    const step = (days: number) =>
      stepping.request('/api/clock/step', {
        method: 'POST',
        body: JSON.stringify({ days }),
        headers: { 'content-type': 'application/json' },
      });
    expect(await (await step(7)).json()).toEqual({ today: '2026-06-05' });
    expect(steps).toEqual([[TODAY, '2026-06-05']]);
    expect((await step(0)).status).toBe(422);
    expect((await step(32)).status).toBe(422);
    expect(await (await stepping.request('/api/garden')).json()).toMatchObject({ demo: true, canStep: true });
  });

  test('its places, and its plants with where they went and what is watched on them', async () => {
    expect(await read('/places')).toMatchObject({ places: [{ id: EVERY.place, stationId: EVERY.station }] });
    await ask('PUT', `/plants/${EVERY.plant}/touching/${EVERY.neighbour}`, { touches: true });
    const { plants } = await read('/plants');
    const [apple, pear] = plants as unknown as Record<string, unknown>[];
    expect(apple).toMatchObject({
      id: EVERY.plant,
      touching: [EVERY.neighbour],
      moves: [{ placeId: EVERY.place, movedOn: LAST_WEEK }],
      watches: [{ id: EVERY.watch, targetName: 'San Jose scale' }],
    });
    expect(pear).toMatchObject({ id: EVERY.neighbour, touching: [EVERY.plant], moves: [], watches: [] });
    const pair = `/plants/${EVERY.plant}/touching`;
    expect(JSON.parse((await ask('DELETE', `${pair}/${EVERY.neighbour}`)).text)).toEqual({ touching: [] });
    expect(await refusal('DELETE', `${pair}/${EVERY.neighbour}`)).toEqual([
      404,
      'There is no such touching pair.',
    ]);
    expect(await refusal('PUT', `${pair}/${EVERY.plant}`, { touches: true })).toEqual([
      422,
      'A plant does not touch itself.',
    ]);
    expect(await refusal('PUT', `${pair}/${v7()}`, { touches: true })).toEqual([
      404,
      'There is no such plant.',
    ]);
  });
});

describe('the shelf', () => {
  test('products, sprayers, and how they stand', async () => {
    expect(await read('/shelf')).toMatchObject({
      products: [{ id: EVERY.product }],
      sprayers: [{ id: EVERY.sprayer }],
    });
    expect(await read('/shelf/state')).toMatchObject({
      state: { products: [{ productId: EVERY.product, usesThisYear: 1, expired: false }] },
    });
  });

  test('what the bench offers is for the watches asked about, the leaves and the bees as told', async () => {
    const { bench } = await read(`/bench?watch=${EVERY.watch}`);
    expect(bench).toMatchObject({ watches: [{ watchId: EVERY.watch, leafState: 'delayed-dormant' }] });
    expect(await read(`/bench?watch=${EVERY.watch}&leafState=dormant`)).toMatchObject({
      bench: { watches: [{ leafState: 'dormant', leaves: { value: 'delayed-dormant' } }] },
    });
    const findings = async (bees: string) => JSON.stringify(await read(`/bench?watch=${EVERY.watch}${bees}`));
    expect(await findings('&bees=yes')).not.toBe(await findings('&bees=no'));
    expect(await refusal('GET', `/bench?watch=${EVERY.watch},${v7()}`)).toEqual([
      404,
      'There is no such watch.',
    ]);
    expect(await refusal('GET', `/bench?watch=${'x'.repeat(1501)}`)).toEqual([
      422,
      'watch: at most forty at a time',
    ]);
    expect(await refusal('GET', '/bench')).toEqual([422, 'watch: say for which watch or plant']);
    expect(await refusal('GET', '/bench?plant=nobody')).toEqual([404, 'There is no such plant.']);
    for (const odd of ['leafState=green', 'bees=maybe'])
      expect((await refusal('GET', `/bench?watch=${EVERY.watch}&${odd}`))[0]).toBe(422);
  });

  test('a product of no listed material, a line for no listed plant', async () => {
    const { products } = await read('/shelf');
    const [product] = products as unknown as { id: string; lines: object[] }[];
    const address = `/products/${product!.id}`;
    expect(await refusal('PUT', address, { ...product, materialId: 'cola' })).toEqual([
      422,
      'materialId: choose one from the list',
    ]);
    const lines = [{ ...product!.lines[0], hostIds: ['apple', 'palm tree'] }];
    expect(await refusal('PUT', address, { ...product, lines })).toEqual([
      422,
      'lines: a line names a plant that is not in the list',
    ]);
  });

  test('earlier states of a record, of a kind that keeps them', async () => {
    const plant = store.plant(EVERY.plant)!;
    await ask('PUT', `/plants/${EVERY.plant}`, { ...plant, note: 'new' });
    const { now, changes } = await read(`/changes/plant/${EVERY.plant}`);
    expect(now).toMatchObject({ note: 'new' });
    expect(changes).toMatchObject([{ action: 'changed', before: { note: 'old' } }]);
    expect(await refusal('GET', '/changes/session/x')).toEqual([404, 'There is no such kind of record.']);
  });
});

describe('what was done', () => {
  test('stands in the book, and as a table', async () => {
    const { entries } = await read('/book');
    expect((entries as unknown as unknown[]).length).toBe(2);
    const { headers, text } = await ask('GET', '/exports/book');
    expect(headers.get('content-type')).toBe('text/csv; charset=utf-8');
    expect(headers.get('content-disposition')).toBe('attachment; filename="record-book.csv"');
    expect(text).toContain('Plain soap');
  });

  test('rounds, the walk of one, and the walk a new one would be', async () => {
    expect(await read('/rounds')).toMatchObject({ rounds: [{ round: { id: EVERY.round }, stops: 1 }] });
    expect(await read(`/rounds/${EVERY.round}`)).toMatchObject({ round: { round: { id: EVERY.round } } });
    for (const address of ['/walk', `/rounds/${v7()}`])
      expect(await read(address)).toMatchObject({
        round: { round: null, stops: [{ plantId: EVERY.plant }] },
      });
    const stop = everyRecord(TODAY).find(({ table }) => table === 'stop')!;
    expect(await refusal('PUT', stop.address, { ...stop.record, plantId: EVERY.neighbour })).toEqual([
      422,
      'watchId: is a watch on another plant',
    ]);
    expect(
      (await ask('PUT', stop.address, { ...stop.record, plantId: EVERY.neighbour, watchId: null })).status,
    ).toBe(200);
    expect((await ask('PUT', stop.address, stop.record)).status).toBe(200);
  });

  test("a plant's diary and feeding, all growth, and the eye's guesses", async () => {
    expect(await read(`/plants/${EVERY.plant}/diary`)).toMatchObject({
      growth: [{ stage: 'bud-swell' }],
      care: [{ kind: 'watering' }],
    });
    expect(await read(`/plants/${EVERY.neighbour}/diary`)).toEqual({ growth: [], care: [] });
    expect(await read(`/plants/${EVERY.plant}/feeding`)).toMatchObject({
      feeding: { school: { id: 'none' } },
    });
    for (const what of ['diary', 'feeding'])
      expect(await refusal('GET', `/plants/${v7()}/${what}`)).toEqual([404, 'There is no such plant.']);
    expect(await read('/growth')).toMatchObject({ growth: [{ plantId: EVERY.plant }] });
    expect(await read('/guesses')).toMatchObject({ guesses: [{ truth: 20, guess: 25 }] });
  });
});

describe('the weather', () => {
  const at = `/stations/${EVERY.station}`;

  test('readings, what is doubtful, what was learned of a place', async () => {
    expect(await read('/stations')).toMatchObject({ stations: [{ id: EVERY.station }] });
    expect(await read(`${at}/readings`)).toMatchObject({ readings: [{ lowC: 4, highC: 15 }] });
    expect(await read(`${at}/check`)).toMatchObject({ check: { fixes: [{ why: 'in the sun' }] } });
    expect(await read(`/places/${EVERY.place}/offset`)).toMatchObject({ learned: { pairs: [{ lowC: 3 }] } });
    expect(await read('/weather-files')).toEqual({ folder: null, reading: null, files: [] });
    for (const what of ['readings', 'check', 'forecast', 'days.csv'])
      expect(await refusal('GET', `/stations/${v7()}/${what}`)).toEqual([
        404,
        'There is no such thermometer.',
      ]);
    expect(await refusal('GET', `/places/${v7()}/offset`)).toEqual([404, 'There is no such place.']);
    const reading = everyRecord(TODAY).find(({ table }) => table === 'reading')!;
    const id = v7();
    expect(await refusal('PUT', `/readings/${id}`, { ...reading.record, id })).toEqual([
      422,
      'readOn: there is a reading of that morning already; take it out first',
    ]);
    const others: readonly Record<string, string>[] = [{ time: 'evening' }, { readOn: TODAY }];
    for (const other of others) {
      const more = v7();
      expect((await ask('PUT', `/readings/${more}`, { ...reading.record, id: more, ...other })).status).toBe(
        200,
      );
      await ask('DELETE', `/readings/${more}`);
    }
  });

  test('a typed forecast, from today on', async () => {
    const day = (date: string) => ({ date, minC: 8, maxC: 20, rainMm: 0, windMs: null });
    expect(await refusal('PUT', `${at}/forecast`, { days: [day(LAST_WEEK)] })).toEqual([
      422,
      'days: a forecast begins today or later',
    ]);
    const days = [day(TODAY), day(addDays(TODAY, 1))];
    expect((await ask('PUT', `${at}/forecast`, { days })).text).toBe(JSON.stringify({ days }));
    expect(await read(`${at}/forecast`)).toEqual({ days });
    expect(await refusal('PUT', `/stations/${v7()}/forecast`, { days })).toEqual([
      404,
      'There is no such thermometer.',
    ]);
    expect((await ask('PUT', `${at}/forecast`, { days: [] })).status).toBe(200);
    expect(await read(`${at}/forecast`)).toEqual({ days: [] });
  });

  test('days brought in are told of twice, ahead, or as written', async () => {
    const day = (date: string) => ({ date, minC: 8, maxC: 20, rainMm: 0, windMs: null });
    const bring = (days: unknown[], preview = false) => ({ days, replaceChanged: false, preview });
    expect(await refusal('POST', `${at}/days`, bring([day(LAST_WEEK), day(LAST_WEEK)]))).toEqual([
      422,
      'days: a day stands in it twice',
    ]);
    const tomorrow = addDays(TODAY, 1);
    expect(await refusal('POST', `${at}/days`, bring([day(TODAY), day(tomorrow)]))).toEqual([
      422,
      `days: ${tomorrow} lies ahead of the garden's day, ${TODAY}`,
    ]);
    expect(await refusal('POST', `/stations/${v7()}/days`, bring([day(TODAY)]))).toEqual([
      404,
      'There is no such thermometer.',
    ]);
    await ask('POST', `${at}/days`, bring([day(TODAY)], true));
    expect((await ask('GET', `${at}/days.csv`)).text).not.toContain(TODAY);
    await ask('POST', `${at}/days`, bring([day(TODAY)]));
    const { text, headers } = await ask('GET', `${at}/days.csv`);
    expect(text).toContain(`${TODAY},8,20,0,`);
    expect(headers.get('content-disposition')).toBe('attachment; filename="daily-weather.csv"');
    expect(headers.get('content-type')).toBe('text/csv; charset=utf-8');
  });

  test('usual months, all twelve or none', async () => {
    const normals = Array.from({ length: 12 }, (_, i) => ({
      month: i + 1,
      minC: 1,
      maxC: 12,
      rainMm: 50,
      wetDays: 10,
    }));
    expect(JSON.parse((await ask('PUT', '/normals', { normals })).text)).toEqual({ normals });
    expect(await read('/normals')).toMatchObject({ normals, usual: { origin: 'table', widthC: 0 } });
    expect((await ask('PUT', '/normals', { normals: normals.slice(1) })).status).toBe(422);
    expect(await read('/normals')).toMatchObject({ normals, usual: { origin: 'table', widthC: 0 } });
    await ask('PUT', '/normals', { normals: [] });
    expect(await read('/normals')).toEqual({ normals: [], usual: null });
  });
});

describe('the moment', () => {
  test('the clock by the method asked for, which must know its cutoff', async () => {
    const clock = async (asked: string) => read(`/watches/${EVERY.watch}/clock${asked}`);
    expect(await clock('?method=double-triangle&cutoff=vertical')).toMatchObject({
      clock: { model: { method: 'double-triangle', cutoff: 'vertical' } },
    });
    for (const method of ['single-sine', 'double-sine', 'single-triangle'])
      for (const cutoff of ['none', 'horizontal', 'intermediate'])
        expect(await clock(`?method=${method}&cutoff=${cutoff}`)).toMatchObject({
          clock: { model: { method, cutoff } },
        });
    for (const cutoff of ['none', 'horizontal'])
      expect(await clock(`?method=average&cutoff=${cutoff}`)).toMatchObject({ clock: { model: { cutoff } } });
    expect(await refusal('GET', `/watches/${EVERY.watch}/clock?method=average&cutoff=vertical`)).toEqual([
      422,
      'cutoff: the average method has no such cutoff',
    ]);
    for (const what of ['clock', 'hatch', 'futures', 'season-days', 'weigh', 'spread'])
      expect(await refusal('GET', `/watches/${v7()}/${what}`)).toEqual([404, 'There is no such watch.']);
    expect(await read(`/watches/${EVERY.watch}/season-days`)).toMatchObject({
      start: '2026-01-01',
      forecast: [],
    });
    const chosen = { id: v7(), startKind: 'season', startValue: null };
    expect(await refusal('PUT', `/watch-clocks/${chosen.id}`, chosen)).toEqual([
      422,
      'id: there is no such watch',
    ]);
  });

  test('spray hours for a product, a line and a plant that are there', async () => {
    const asked = (more: Record<string, string>) =>
      `/spray-hours?${new URLSearchParams({
        plant: EVERY.plant,
        product: EVERY.product,
        line: EVERY.line,
        ...more,
      }).toString()}`;
    expect(Object.keys(await read(asked({})))).toEqual(['spray']);
    expect(await refusal('GET', asked({ product: v7() }))).toEqual([404, 'There is no such product.']);
    expect(await refusal('GET', asked({ line: v7() }))).toEqual([404, 'There is no such label line.']);
    expect(await refusal('GET', asked({ plant: v7() }))).toEqual([404, 'There is no such plant.']);
    expect(await refusal('GET', asked({ hours: '0' }))).toEqual([422, 'hours: at least 1']);
    expect(await refusal('GET', asked({ hours: '13' }))).toEqual([422, 'hours: at most 12']);
    expect(await refusal('GET', asked({ hours: '1.5' }))).toEqual([422, 'hours: a whole number']);
  });

  test('an hour at hand, from a quarter to twelve', async () => {
    expect(await refusal('GET', '/hour?hours=0.2')).toEqual([422, 'hours: at least a quarter']);
    expect(await refusal('GET', '/hour?hours=12.5')).toEqual([422, 'hours: at most 12']);
    expect(Object.keys(await read('/hour?hours=0.25'))).toEqual(['jobs']);
  });

  test('seasons of what was counted, and of one watch', async () => {
    expect(await read('/seasons')).toMatchObject({ all: { watches: [{ watchId: EVERY.watch }] } });
    expect(Object.keys(await read(`/seasons/${EVERY.watch}`))).toEqual(['seasons']);
    expect(await read(`/seasons/${EVERY.watch}/path`)).toMatchObject({ path: { watchId: EVERY.watch } });
    expect(await read(`/seasons/${EVERY.watch}/why`)).toMatchObject({ why: { kind: 'not-counted' } });
    for (const part of ['', '/path', '/why'])
      expect(await refusal('GET', `/seasons/${v7()}${part}`)).toEqual([404, 'There is no such watch.']);
  });

  test('the year looked back on, and what was kept of it', async () => {
    expect(await read('/review')).toMatchObject({
      review: { season: { start: '2026-01-01' }, isOver: false },
    });
    expect(await read('/year-reviews')).toMatchObject({ reviews: [{ sheet: 'The year 2025.' }] });
  });
});

describe('the calendar', () => {
  test('as a file, and at an address that ends when it is closed', async () => {
    const file = await ask('GET', '/calendar.ics');
    expect(file.text).toMatch(/^BEGIN:VCALENDAR/);
    expect(Object.fromEntries(file.headers)).toMatchObject({
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="juglans.ics"',
      'cache-control': 'no-store',
    });
    const none = [404, 'There is no calendar at this address. It may have been closed.'];
    // While there is no address, the empty one is none either.
    expect(await read('/calendar')).toMatchObject({ address: null });
    expect(await refusal('GET', `/calendar/${'0'.repeat(48)}.ics`)).toEqual(none);
    const { address } = JSON.parse((await ask('POST', '/calendar')).text) as { address: string };
    const open = address.replace('/api', '');
    const inline = await ask('GET', open);
    expect(inline.headers.get('content-disposition')).toBe('inline; filename="juglans.ics"');
    expect(await refusal('GET', open.replace('.ics', '0.ics'))).toEqual(none);
    expect(await refusal('GET', open.replace(/.\.ics/, '.ics'))).toEqual(none);
    expect((await ask('DELETE', '/calendar')).status).toBe(204);
    expect(await refusal('GET', open)).toEqual(none);
    expect(await read('/calendar')).toMatchObject({ address: null });
  });
});
