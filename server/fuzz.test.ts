import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { connect } from 'node:net';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { blankGarden, blankLine, blankPlant, blankProduct, blankSpray, blankSprayer } from '#core/records';
import { createApp } from './app.ts';
import { listen } from './listen.ts';
import { openStore, type Store } from './store/store.ts';

const STATION = v7(),
  PLACE = v7();
const errors: unknown[] = [];
let store: Store;
let app: ReturnType<typeof createApp>;

beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  store.putGarden(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
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
  app = createApp({ store, clock: { today: () => '2026-05-20' }, demo: false }, null, (error) =>
    errors.push(error),
  );
});
afterAll(() => store.close());

const PUTS = [
  '/places',
  '/plants',
  '/moves',
  '/watches',
  '/inspections',
  '/samples',
  '/tapes',
  '/products',
  '/sprayers',
  '/sprays',
  '/rounds',
  '/stops',
  '/traps',
  '/devices',
  '/tags',
  '/growth',
  '/care',
  '/guesses',
  '/photos',
  '/readings',
  '/weather-fixes',
  '/paired-readings',
  '/sightings',
  '/watch-clocks',
  '/handwork',
  '/local-advice',
];

/** A record of the right shape for each address, to be spoilt. */
const id = v7();
const TEMPLATES: Record<string, Record<string, unknown>> = {
  '/places': {
    id,
    name: 'P',
    kind: 'outdoors',
    stationId: STATION,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  },
  '/plants': blankPlant({
    id,
    name: 'P',
    hostId: 'apple',
    placeId: PLACE,
    edible: true,
    harvestFrom: '09-01',
  }),
  '/moves': { id, plantId: id, placeId: PLACE, movedOn: '2026-05-01' },
  '/watches': {
    id,
    plantId: id,
    openedOn: '2026-05-01',
    targetId: null,
    group: null,
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  },
  '/inspections': { id, watchId: id, on: '2026-05-01', answers: { lift: 'whole' }, coversTurned: 0 },
  '/samples': {
    id,
    watchId: id,
    on: '2026-05-01',
    protocol: 'twig',
    units: [{ counts: { live: 1, dead: 0, holed: 0 } }, { counts: { live: 2, dead: 0, holed: 0 } }],
    roundId: null,
    sprayId: null,
    note: '',
  },
  '/rounds': { id, startedOn: '2026-05-01', finishedOn: null, note: '' },
  '/stops': {
    id,
    roundId: id,
    plantId: id,
    watchId: id,
    on: '2026-05-01',
    outcome: 'skipped',
    reason: 'wet',
    note: '',
  },
  '/traps': {
    id,
    watchId: id,
    label: 'a',
    catches: 'moths',
    putOn: '2026-05-01',
    takenOff: '2026-05-08',
    caught: 3,
  },
  '/devices': { id, watchId: id, kind: 'tape', label: 'a', hungOn: '2026-05-01', takenDownOn: null },
  '/tags': { id, watchId: id, label: 'a', untouched: false, taggedOn: '2026-05-01', lostOn: null },
  '/growth': { id, plantId: id, stage: 'bud-swell', on: '2026-05-01', note: '' },
  '/care': { id, plantId: id, kind: 'feeding', on: '2026-05-01', note: '' },
  '/guesses': { id, on: '2026-05-01', kind: 'rust', seed: 3, truth: 4.5, guess: 5 },
  '/readings': {
    id,
    stationId: STATION,
    readOn: '2026-05-01',
    time: 'morning',
    lowC: 4,
    highC: 15,
    rainMm: null,
  },
  '/weather-fixes': {
    id,
    stationId: STATION,
    from: '2026-05-01',
    to: '2026-05-02',
    kind: 'leave-out',
    why: '',
  },
  '/paired-readings': { id, placeId: PLACE, on: '2026-05-01', lowC: 4, highC: 15 },
  '/handwork': { id, watchId: id, on: '2026-05-01', kind: 'wipe', minutes: 20, note: '' },
  '/sightings': { id, watchId: id, on: '2026-05-01', what: 'all-stages' },
  '/watch-clocks': { id, startKind: 'date', startValue: '03-01' },
  '/photos': { id, watchId: id, takenOn: '2026-05-01', takenFrom: 'added', scale: null, spots: [], note: '' },
  '/tapes': { id, watchId: id, label: 'a', putOn: '2026-05-01', takenOff: '2026-05-08', crawlers: 1 },
  '/products': blankProduct({
    id,
    name: 'P',
    materialId: 'soap',
    strengthPercent: 1,
    formulation: 'soap',
    lines: [blankLine({ id, crop: 'all', rateLow: 1, rateHigh: 2, groups: ['soft'] })],
  }),
  '/local-advice': { id, materialId: 'soap', on: '2026-05-01', from: 'the nursery', says: 'soft water' },
  '/sprayers': blankSprayer({ id, name: 'S', capacityMl: 1000, reachM: 1 }),
  '/sprays': blankSpray({
    id,
    watchId: id,
    parts: [{ productId: id, lineId: id, rate: 1, productAmount: 1 }],
    sprayerId: id,
    on: '2026-05-01',
    leafState: 'in-leaf',
    sprayMl: 1,
  }),
};

const nasty = fc.oneof(
  fc.jsonValue(),
  fc.constantFrom(
    '',
    '2026-02-30',
    '9999-99-99',
    -1,
    0,
    1.5,
    1e308,
    Number.MAX_SAFE_INTEGER,
    null,
    [],
    {},
    '\u0000',
    "'; DROP TABLE plant; --",
    '../../etc/passwd',
    '__proto__',
    '=1+1',
    '💧'.repeat(50),
  ),
  fc.string({ maxLength: 300, unit: 'binary' }),
);

const refused = async (method: string, path: string, body: string): Promise<number> => {
  const response = await app.request(`/api${path}`, {
    method,
    body,
    headers: { 'content-type': 'application/json' },
  });
  if (response.status >= 400) expect(response.headers.get('content-type')).toBe('application/problem+json');
  return response.status;
};

test('records with fields spoilt at random are kept or refused, never half-kept, never a 5xx', async () => {
  let kept = 0;
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...PUTS),
      fc.array(fc.tuple(fc.nat(), nasty), { minLength: 1, maxLength: 3 }),
      async (path, spoilt) => {
        const record: Record<string, unknown> = { ...TEMPLATES[path] };
        const fields = Object.keys(record);
        for (const [n, value] of spoilt) record[fields[n % fields.length]!] = value;
        const before = store.writes();
        const status = await refused('PUT', `${path}/${id}`, JSON.stringify(record));
        expect(status).toBeLessThan(500);
        if (status >= 400) expect(store.writes()).toBe(before);
        else kept++;
      },
    ),
    { numRuns: 3000, seed: 17 },
  );
  // The templates are sound: now and then what was put in did no harm.
  expect(kept).toBeGreaterThan(10);
  expect(errors).toEqual([]);
});

test('any body at any address is answered without a 5xx', async () => {
  const path = fc
    .tuple(
      fc.constantFrom(
        '/garden',
        '/clock/step',
        '/stations',
        `/stations/${STATION}/days`,
        '/watches',
        '/plants',
        '/now',
        '/nowhere',
        '/normals',
        `/stations/${STATION}/forecast`,
        '/spray-hours',
        '/dormant',
        '/weather-files',
      ),
      fc.oneof(
        fc.constant(''),
        fc.string({ maxLength: 40 }).map((tail) => `/${encodeURIComponent(tail)}`),
      ),
    )
    .map((parts) => parts.join(''));
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom('PUT', 'POST', 'DELETE', 'PATCH'),
      path,
      fc.oneof(fc.json(), fc.string({ maxLength: 500 })),
      async (method, address, body) => {
        expect(await refused(method, address, body)).toBeLessThan(500);
      },
    ),
    { numRuns: 1500, seed: 17 },
  );
  expect(errors).toEqual([]);
  expect(store.db.pragma('integrity_check', { simple: true })).toBe('ok');
});

/** Five thousand each time; `TIMES=16000` for a long run. */
const TIMES = Number(process.env.TIMES ?? 5000);

test(
  'every route, thousands of times with spoilt addresses, queries and bodies: no 5xx, nothing ' +
    'written by what was refused',
  async () => {
    const routes = [
      ...new Map(
        app.routes
          .filter(({ method, path }) => method !== 'ALL' && path.startsWith('/api/'))
          .map((route) => [`${route.method} ${route.path}`, route]),
      ).values(),
    ];
    expect(routes.length).toBeGreaterThan(100);
    const piece = fc.oneof(
      fc.constantFrom(
        id,
        STATION,
        PLACE,
        '..',
        '%2e%2e%2f',
        '%00',
        '0',
        'null',
        '-1',
        'a'.repeat(300),
        '__proto__',
        '%F0%9F%92%A7',
        "'--",
      ),
      fc.string({ maxLength: 20 }).map(encodeURIComponent),
    );
    const queries = fc.oneof(
      fc.constant(''),
      fc
        .dictionary(
          fc.constantFrom(
            'hours',
            'product',
            'plant',
            'line',
            'watch',
            'leafState',
            'bees',
            'from',
            'to',
            'school',
            'x',
          ),
          fc.oneof(fc.string({ maxLength: 30 }), fc.constantFrom('NaN', '1e999', '-1', '2026-02-30', id)),
          { maxKeys: 3 },
        )
        .map((parameters) => `?${new URLSearchParams(parameters as Record<string, string>).toString()}`),
    );
    const bodies = fc.oneof(
      fc.json({ maxDepth: 3 }),
      fc.string({ maxLength: 200, unit: 'binary' }),
      fc.constantFrom('', '{', '[]', '{"__proto__":{"x":1}}', 'null', `{"id":"${id}"}`),
    );
    const types = fc.constantFrom(
      'application/json',
      'text/plain',
      'multipart/form-data',
      'application/x-www-form-urlencoded',
      '',
    );
    const tally = { refused: 0, answered: 0 };
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...routes),
        fc.array(piece, { minLength: 3, maxLength: 3 }),
        queries,
        bodies,
        types,
        async ({ method, path }, pieces, query, body, type) => {
          let n = 0;
          const address = path.replace(/:\w+(\{[^/]*\})?/g, () => pieces[n++ % pieces.length]!);
          const before = store.writes();
          const response = await app.request(address + query, {
            method,
            ...(method === 'GET' || method === 'HEAD' ? {} : { body }),
            headers: type ? { 'content-type': type } : {},
          });
          expect([address, response.status < 500]).toEqual([address, true]);
          if (response.status >= 400) {
            tally.refused++;
            expect([address, store.writes()]).toEqual([address, before]);
          } else tally.answered++;
          await response.arrayBuffer();
        },
      ),
      { numRuns: TIMES, seed: 23 },
    );
    expect(errors).toEqual([]);
    expect(tally.refused).toBeGreaterThan(TIMES * 0.6);
    expect(tally.answered).toBeGreaterThan(TIMES * 0.03);
    expect(store.db.pragma('integrity_check', { simple: true })).toBe('ok');
  },
  180_000,
);

test(
  'headers far too long, and a body that claims more than it has, end in a plain refusal; the server ' +
    'goes on',
  async () => {
    const { address, close } = await listen(app, { close: () => undefined }, '127.0.0.1', 0);
    const { port } = new URL(address);
    const raw = (text: string) =>
      new Promise<string>((resolve) => {
        const socket = connect(Number(port), '127.0.0.1', () => socket.write(text));
        let answer = '';
        socket
          .on('data', (part) => {
            answer += String(part);
          })
          .on('close', () => resolve(answer))
          .on('error', () => resolve(answer));
        setTimeout(() => socket.destroy(), 1500);
      });
    expect(
      await raw(`GET /api/health HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Long: ${'a'.repeat(64_000)}\r\n\r\n`),
    ).toMatch(/^HTTP\/1.1 431/);
    expect(await raw('GET /api/health HTTP/1.1\r\nHost: 127.0.0.1\r\nBad Header\r\n\r\n')).toMatch(
      /^HTTP\/1.1 400/,
    );
    expect(
      await raw(
        'PUT /api/garden HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: ' +
          'application/json\r\nContent-Length: 999999999\r\n\r\n{',
      ),
    ).not.toMatch(/^HTTP\/1.1 (2|5)/);
    expect((await fetch(`${address}/api/health`)).status).toBe(200);
    await close();
  },
  20_000,
);
