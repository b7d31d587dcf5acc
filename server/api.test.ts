import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { blankGarden, blankLine, blankPlant, blankProduct, blankSpray, blankSprayer } from '#core/records';
import { createApp } from './app.ts';
import type { ProblemBody } from '#answers';
import { openStore, type Store } from './store/store.ts';

const TODAY = '2026-05-20';
const MIGRATIONS = join(process.cwd(), 'server/migrations');
const errors: unknown[] = [];
let store: Store;
let app: ReturnType<typeof createApp>;

beforeAll(() => {
  store = openStore(':memory:', MIGRATIONS);
  app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, (error) => errors.push(error));
});
afterAll(() => {
  store.close();
  expect(errors).toEqual([]);
});

const send = (method: string, path: string, body?: unknown) =>
  app.request(`/api${path}`, {
    method,
    ...(body === undefined
      ? {}
      : {
          body: typeof body === 'string' ? body : JSON.stringify(body),
          headers: { 'content-type': 'application/json' },
        }),
  });
const put = (path: string, body: Record<string, unknown> & { id: string }) =>
  send('PUT', `${path}/${body.id}`, body);

const station = { id: v7(), name: 'Thermometer', kind: 'thermometer' };
const place = {
  id: v7(),
  name: 'Outdoors',
  kind: 'outdoors',
  stationId: station.id,
  minOffsetC: 0,
  maxOffsetC: 0,
  standInIds: [],
};
const plant = blankPlant({
  id: v7(),
  name: 'Hedge',
  hostId: 'spindle',
  placeId: place.id,
  heightM: 1.8,
  spreadM: 0.9,
  lengthM: 12,
});
const watch = {
  id: v7(),
  plantId: plant.id,
  openedOn: '2026-05-01',
  targetId: 'euonymus-scale',
  group: 'armored',
  outcome: 'open',
  outcomeOn: null,
  note: '',
};
const garden = blankGarden({ name: 'Test', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' });
const line = blankLine({
  id: v7(),
  crop: 'shrubs',
  groups: ['armored'],
  rateLow: 1,
  rateHigh: 2,
  intervalDays: 14,
});
const product = blankProduct({
  id: v7(),
  name: 'Oil',
  materialId: 'mineral-oil',
  strengthPercent: 98,
  containsOil: true,
  formulation: 'emulsifiable-oil',
  lines: [line],
});
const sprayer = blankSprayer({ id: v7(), name: 'Pump', capacityMl: 5000, reachM: 2 });
const sample = {
  id: v7(),
  watchId: watch.id,
  on: '2026-05-10',
  protocol: 'twig',
  units: [{ counts: { live: 3, dead: 1, holed: 0 } }, { counts: { live: 0, dead: 0, holed: 0 } }],
  roundId: null,
  sprayId: null,
  note: '',
};
const tape = {
  id: v7(),
  watchId: watch.id,
  label: 'one',
  putOn: '2026-05-01',
  takenOff: '2026-05-08',
  crawlers: 4,
};
const spray = blankSpray({
  id: v7(),
  watchId: watch.id,
  parts: [{ productId: product.id, lineId: line.id, rate: 1.5, productAmount: 30 }],
  sprayerId: sprayer.id,
  on: '2026-05-12',
  leafState: 'in-leaf',
  sprayMl: 2000,
});
const days = (from: number, count: number) =>
  Array.from({ length: count }, (_, i) => ({
    date: `2026-05-${String(from + i).padStart(2, '0')}`,
    minC: 8,
    maxC: 18,
    rainMm: null,
    windMs: null,
  }));

describe('a season kept from the beginning', () => {
  test('before there is a garden, answers say so', async () => {
    const response = await send('GET', '/now');
    expect(response.status).toBe(409);
    expect(response.headers.get('content-type')).toBe('application/problem+json');
  });

  test('every record is kept, and sent again changes nothing', async () => {
    expect((await send('PUT', '/garden', garden)).status).toBe(200);
    const records: [string, Record<string, unknown> & { id: string }][] = [
      ['/stations', station],
      ['/places', place],
      ['/plants', plant],
      ['/watches', watch],
      ['/products', product],
      ['/sprayers', sprayer],
      ['/samples', sample],
      ['/tapes', tape],
      ['/sprays', spray],
    ];
    for (let round = 0; round < 2; round++)
      for (const [path, record] of records)
        expect([path, (await put(path, record)).status]).toEqual([path, 200]);
    const { picture } = (await (await send('GET', `/watches/${watch.id}`)).json()) as {
      picture: { samples: unknown[]; tapes: unknown[]; sprays: unknown[] };
    };
    expect([picture.samples.length, picture.tapes.length, picture.sprays.length]).toEqual([1, 1, 1]);
    expect(picture.samples[0]).toMatchObject(sample);
    for (const path of [
      '/now',
      '/band',
      '/seasons',
      '/plants',
      '/watches',
      `/watches/${watch.id}/clock?method=average`,
    ])
      expect((await send('GET', path)).status).toBe(200);
  });

  test('what was taken out comes back by sending it again', async () => {
    expect((await send('DELETE', `/samples/${sample.id}`)).status).toBe(200);
    expect((await send('DELETE', `/samples/${sample.id}`)).status).toBe(404);
    await put('/samples', sample);
    expect(store.samples(watch.id)).toEqual([sample]);
  });

  test("a spray carries its day's weather once there is any", async () => {
    await send('POST', `/stations/${station.id}/days`, {
      days: days(10, 5),
      replaceChanged: false,
      preview: false,
    });
    const { spray: kept } = (await (await put('/sprays', spray)).json()) as { spray: { weather: unknown } };
    expect(kept.weather).toEqual({ minC: 8, maxC: 18, rainMm: null, windMs: null, origin: 'measured' });
  });
});

describe('weather in and out', () => {
  const post = async (body: unknown) =>
    (await (await send('POST', `/stations/${station.id}/days`, body)).json()) as {
      outcome: { added: number; unchanged: number; changed: unknown[]; replaced: number };
    };

  test('a preview writes nothing, the same file twice changes nothing, changes wait for consent', async () => {
    const first = { days: days(1, 3), replaceChanged: false, preview: true };
    expect((await post(first)).outcome).toMatchObject({ added: 3, unchanged: 0 });
    expect(store.days(station.id, '2026-05-01', '2026-05-03')).toEqual([]);
    await post({ ...first, preview: false });
    expect((await post({ ...first, preview: false })).outcome).toMatchObject({
      added: 0,
      unchanged: 3,
      replaced: 0,
    });
    const warmer = first.days.map((day) => ({ ...day, maxC: 21 }));
    expect((await post({ days: warmer, replaceChanged: false, preview: false })).outcome).toMatchObject({
      replaced: 0,
    });
    expect(store.day(station.id, '2026-05-02')!.maxC).toBe(18);
    expect((await post({ days: warmer, replaceChanged: true, preview: false })).outcome).toMatchObject({
      replaced: 3,
    });
    expect(store.day(station.id, '2026-05-02')!.maxC).toBe(21);
  });

  test('the export reads back as it was', async () => {
    const csv = await (await send('GET', `/stations/${station.id}/days.csv`)).text();
    expect(csv.split('\n')[0]).toBe('date,min_c,max_c,rain_mm,wind_ms,wind_from_deg');
    expect(csv.trim().split('\n')).toHaveLength(9);
  });
});

describe('bad input', () => {
  const elsewhere = v7();
  const cases: [what: string, path: string, body: Record<string, unknown> & { id: string }, field: string][] =
    [
      ['an empty name', '/plants', { ...plant, name: ' ' }, 'name'],
      ['a height of nothing', '/plants', { ...plant, heightM: 0 }, 'heightM'],
      ['a count that is text', '/plants', { ...plant, count: 'many' }, 'count'],
      ['a host nobody knows', '/plants', { ...plant, hostId: 'triffid' }, 'hostId'],
      ['a place that is not there', '/plants', { ...plant, placeId: elsewhere }, 'placeId'],
      ['an impossible day', '/tapes', { ...tape, takenOff: '2026-02-30' }, 'takenOff'],
      ['a tape off before it was on', '/tapes', { ...tape, takenOff: '2026-04-30' }, 'takenOff'],
      ['a negative count', '/tapes', { ...tape, crawlers: -1 }, 'crawlers'],
      ['half a crawler', '/tapes', { ...tape, crawlers: 1.5 }, 'crawlers'],
      ['a tape of tomorrow', '/tapes', { ...tape, takenOff: '2026-05-21' }, 'takenOff'],
      ['a watch that is not there', '/tapes', { ...tape, watchId: elsewhere }, 'watchId'],
      ['one twig', '/samples', { ...sample, units: [{ counts: { live: 1, dead: 0, holed: 0 } }] }, 'units'],
      [
        'a negative twig',
        '/samples',
        {
          ...sample,
          units: [{ counts: { live: -1, dead: 0, holed: 0 } }, { counts: { live: 1, dead: 0, holed: 0 } }],
        },
        'units.0.counts.live',
      ],
      [
        'a twig without its dead',
        '/samples',
        { ...sample, units: [{ counts: { live: 1, holed: 0 } }, { counts: { live: 1, dead: 0, holed: 0 } }] },
        'units.0.counts.dead',
      ],
      [
        'a leaf more than all spotted',
        '/samples',
        { ...sample, protocol: 'disease', units: [{ counts: { percent: 101 } }, { counts: { percent: 3 } }] },
        'units.0.counts.percent',
      ],
      [
        'a twig counted as a leaf',
        '/samples',
        {
          ...sample,
          protocol: 'present',
          units: [{ counts: { present: 1, live: 3 } }, { counts: { present: 0 } }],
        },
        'units.0.counts.live',
      ],
      [
        'a tag nobody hung',
        '/samples',
        { ...sample, units: sample.units.map((unit) => ({ ...unit, tagId: v7() })) },
        'units',
      ],
      ['a count of an unknown round', '/samples', { ...sample, roundId: v7() }, 'roundId'],
      [
        'a skip without a reason',
        '/stops',
        {
          id: v7(),
          roundId: v7(),
          plantId: plant.id,
          watchId: null,
          on: '2026-05-10',
          outcome: 'skipped',
          reason: null,
          note: '',
        },
        'reason',
      ],
      ['a plant as its own source', '/watches', { ...watch, sourcePlantId: plant.id }, 'sourcePlantId'],
      ['a source that is not there', '/watches', { ...watch, sourcePlantId: elsewhere }, 'sourcePlantId'],
      ['a target of another group', '/watches', { ...watch, targetId: 'rose-black-spot' }, 'targetId'],
      [
        'an answer no check has',
        '/inspections',
        { id: v7(), watchId: watch.id, on: TODAY, answers: { lift: 'sideways' }, coversTurned: 0 },
        'answers.lift',
      ],
      [
        'a rate above the label',
        '/sprays',
        { ...spray, parts: [{ ...spray.parts[0]!, rate: 3 }] },
        'parts.0.rate',
      ],
      [
        'the same product twice in a tank',
        '/sprays',
        { ...spray, parts: [spray.parts[0]!, spray.parts[0]!] },
        'parts',
      ],
      ['a negative rate', '/products', { ...product, lines: [{ ...line, rateLow: -1 }] }, 'lines.0.rateLow'],
      ['an absurd tank', '/sprayers', { ...sprayer, capacityMl: 1e9 }, 'capacityMl'],
      ['a dial on a tank', '/sprayers', { ...sprayer, dial: { unit: 'percent', settings: [1] } }, 'dial'],
      ['a pack of nothing', '/products', { ...product, pack: { amount: 0, price: 3 } }, 'pack.amount'],
      [
        'less than nothing left',
        '/products',
        { ...product, stock: { amount: -5, countedOn: TODAY } },
        'stock.amount',
      ],
      ['picking until without from', '/plants', { ...plant, harvestTo: '10-01' }, 'harvestFrom'],
      ['a day no year has', '/plants', { ...plant, harvestFrom: '02-31' }, 'harvestFrom'],
      [
        'advice about nothing known',
        '/local-advice',
        { id: v7(), materialId: 'moonlight', on: TODAY, from: 'a neighbour', says: 'spray by it' },
        'materialId',
      ],
      ['a leaf rate on bare wood', '/sprays', { ...spray, leafState: 'dormant' }, 'parts.0.lineId'],
      [
        'a label with high below low',
        '/products',
        { ...product, lines: [{ ...line, rateHigh: 0.5 }] },
        'lines.0.rateHigh',
      ],
      [
        'a rate no spray has',
        '/products',
        { ...product, lines: [{ ...line, rateHigh: 200 }] },
        'lines.0.rateHigh',
      ],
    ];
  test.each(cases)('%s is refused beside its field', async (_, path, body, field) => {
    const before = store.db.prepare('SELECT total_changes() AS n').get();
    const response = await put(path, body);
    const problem = (await response.json()) as ProblemBody;
    expect(response.status).toBe(422);
    expect(response.headers.get('content-type')).toBe('application/problem+json');
    expect(problem.errors!.map((error) => error.path.join('.'))).toContain(field);
    expect(store.db.prepare('SELECT total_changes() AS n').get()).toEqual(before);
  });

  test('what was done against the label can be recorded by saying so', async () => {
    expect((await put('/sprays', { ...spray, id: v7(), rate: 3, againstLabel: true })).status).toBe(200);
  });

  test.each<[string, unknown, number, string]>([
    [
      'a maximum below its minimum',
      {
        days: [{ date: '2026-05-01', minC: 9, maxC: 3, rainMm: null, windMs: null }],
        replaceChanged: false,
        preview: false,
      },
      422,
      'days.0.maxC',
    ],
    [
      'a day twice',
      { days: [...days(1, 1), ...days(1, 1)], replaceChanged: false, preview: false },
      422,
      'days',
    ],
    ['a day to come', { days: days(25, 1), replaceChanged: false, preview: false }, 422, 'days'],
    ['no days', { days: [], replaceChanged: false, preview: false }, 422, 'days'],
  ])('weather with %s is refused whole', async (_, body, status, field) => {
    const response = await send('POST', `/stations/${station.id}/days`, body);
    expect(response.status).toBe(status);
    expect(((await response.json()) as ProblemBody).errors!.map((error) => error.path.join('.'))).toContain(
      field,
    );
  });

  test('plants that touch: kept once whichever way round, never with themselves or with none', async () => {
    const other = { ...plant, id: v7(), name: 'Other' };
    await put('/plants', other);
    for (const [a, b] of [
      [plant.id, other.id],
      [other.id, plant.id],
    ])
      expect((await send('PUT', `/plants/${a}/touching/${b}`, { touches: true })).status).toBe(200);
    expect(store.touching(other.id)).toEqual([plant.id]);
    expect(store.db.prepare('SELECT count(*) AS n FROM plant_touch').get()).toEqual({ n: 1 });
    expect((await send('PUT', `/plants/${plant.id}/touching/${plant.id}`, { touches: true })).status).toBe(
      422,
    );
    expect((await send('PUT', `/plants/${plant.id}/touching/${elsewhere}`, { touches: true })).status).toBe(
      404,
    );
    const { spread } = (await (await send('GET', `/watches/${watch.id}/spread`)).json()) as {
      spread: { inspect: unknown[] };
    };
    expect(spread.inspect).toMatchObject([
      { plantId: other.id, plantName: 'Other', outOfReach: false, reason: 'touches', also: ['same-host'] },
    ]);
    expect((await send('DELETE', `/plants/${other.id}/touching/${plant.id}`)).status).toBe(200);
    expect((await send('DELETE', `/plants/${other.id}/touching/${plant.id}`)).status).toBe(404);
  });

  test('ids in address and record must agree; unknown addresses and records are not found', async () => {
    expect((await send('PUT', `/plants/${v7()}`, plant)).status).toBe(422);
    expect((await send('GET', `/watches/${v7()}`)).status).toBe(404);
    expect((await send('GET', '/watches/%00')).status).toBe(404);
    expect((await send('DELETE', `/tapes/${v7()}`)).status).toBe(404);
    expect((await send('GET', '/nowhere')).status).toBe(404);
    expect((await send('GET', `/watches/${watch.id}/clock?method=guess`)).status).toBe(422);
  });

  test('what is not JSON, or far too large, is refused', async () => {
    expect((await send('PUT', `/plants/${plant.id}`, '{"id":')).status).toBe(400);
    expect((await send('PUT', `/plants/${plant.id}`, '[]')).status).toBe(422);
    expect((await send('PUT', `/plants/${plant.id}`, '{}')).status).toBe(422);
    const huge = JSON.stringify({ ...plant, note: 'x'.repeat(10_000_000) });
    expect((await send('PUT', `/plants/${plant.id}`, huge)).status).toBe(413);
    const larger = JSON.stringify({ ...plant, note: 'x'.repeat(17_000_000) });
    expect((await send('POST', `/stations/${station.id}/days`, larger)).status).toBe(413);
    expect(store.plant(plant.id)).toEqual(plant);
  });

  test("a garden's day that is real cannot be stepped", async () => {
    expect((await send('POST', '/clock/step', { days: 1 })).status).toBe(409);
    expect((await send('POST', '/clock/step', { days: 0 })).status).toBe(422);
  });
});

describe('one tank for several watches', () => {
  const second = { ...watch, id: v7(), targetId: 'oystershell-scale' };
  const tank = (on: string, amounts: readonly [number, number], more: Record<string, unknown> = {}) => {
    const id = v7();
    return {
      id,
      sprays: [watch, second].map(({ id: watchId }, i) => ({
        ...spray,
        id: v7(),
        watchId,
        loadId: id,
        on,
        parts: [{ ...spray.parts[0]!, productAmount: amounts[i]! }],
        ...(i === 1 ? more : {}),
      })),
    };
  };
  const setUp = async (mostPerYear: number | null = null) => {
    await send('PUT', '/garden', garden);
    const records: [string, Record<string, unknown> & { id: string }][] = [
      ['/stations', station],
      ['/places', place],
      ['/plants', plant],
      ['/watches', watch],
      ['/watches', second],
      ['/sprayers', sprayer],
      ['/products', { ...product, lines: [{ ...line, mostPerYear }] }],
    ];
    for (const [path, record] of records)
      expect([path, (await put(path, record)).status]).toEqual([path, 200]);
    store.takeOut('spray', ...store.allSprays().map(({ id }) => id));
  };

  test("is one spray of a plant, however many of its troubles it was for; the label's days hold after it", async () => {
    await setUp();
    expect((await put('/loads', tank('2026-05-02', [10, 20]))).status).toBe(200);
    expect(store.allSprays()).toHaveLength(2);
    expect((await put('/loads', tank('2026-05-10', [10, 20]))).status).toBe(422);
    expect((await put('/loads', tank('2026-05-16', [10, 20]))).status).toBe(200);
  });

  test('is kept as a whole or not at all, and taken out as a whole', async () => {
    await setUp();
    expect((await put('/loads', tank('2026-05-02', [10, 20], { leafState: 'dormant' }))).status).toBe(422);
    expect(store.allSprays()).toEqual([]);
    const kept = tank('2026-05-02', [10, 20]);
    await put('/loads', kept);
    expect((await send('DELETE', `/loads/${kept.id}`)).status).toBe(200);
    expect(store.allSprays()).toEqual([]);
    expect((await send('DELETE', `/loads/${kept.id}`)).status).toBe(404);
  });

  test("keeps the label's amount of a year, what is about to go on counted in", async () => {
    await setUp(50);
    expect((await put('/loads', tank('2026-05-02', [10, 20]))).status).toBe(200);
    const response = await put('/loads', tank('2026-05-16', [5, 25]));
    expect(response.status).toBe(422);
    expect(JSON.stringify(await response.json())).toContain('leaves 20 ml of its 50');
    expect((await put('/loads', tank('2026-05-16', [5, 15]))).status).toBe(200);
  });
});
