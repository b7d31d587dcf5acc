import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { v7 } from 'uuid';
import { addDays } from '#core/calendar';
import { writeDailyCsv } from '#core/formats';
import { FALLOW_BANK } from '#demo/stations';
import { stationCheck } from './answers/station-check.ts';
import { gardenDay } from '#engine';
import { blankGarden } from '#core/records';
import { simulateDays } from '#simulated';
import { createApp } from './app.ts';
import { watchedFolder, type WatchedFolder } from './sources/watched-folder.ts';
import { readWeatherFile } from './sources/weather-file.ts';
import { openStore, type Store } from './store/store.ts';

const [SHED, ROOF, OUTSIDE] = [v7(), v7(), v7()];
const TODAY = '2026-05-20';
let store: Store;
let app: ReturnType<typeof createApp>;
const clock = { today: () => TODAY };
const folder = mkdtempSync(join(tmpdir(), 'juglans-weather-'));
const days = simulateDays(FALLOW_BANK, 5, '2025-01-01', '2026-05-19');

beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock, demo: false }, null, (error) => {
    throw error;
  });
  store.putGarden(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
  store.putStation({ id: SHED, name: 'Shed wall', kind: 'thermometer' });
  store.putStation({ id: ROOF, name: 'Roof', kind: 'thermometer' });
  store.putPlace({
    id: OUTSIDE,
    name: 'Outside',
    kind: 'outdoors',
    stationId: SHED,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [ROOF],
  });
});
afterAll(() => {
  store.close();
  rmSync(folder, { recursive: true });
});

const watching = (where: string) =>
  watchedFolder(
    store,
    clock,
    where,
    (asked, onShare) => Promise.resolve(readWeatherFile(asked, onShare)),
    (error) => {
      throw error;
    },
  );

const send = (method: string, path: string, body?: unknown) =>
  Promise.resolve(
    app.request(`/api${path}`, {
      method,
      ...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}),
    }),
  );

test(
  "a folder's files go to the station they are named for, once, and a doubtful one is refused with its " +
    'reason',
  async () => {
    const watched = watching(folder);
    writeFileSync(
      join(folder, 'shed-wall-2026.csv'),
      writeDailyCsv(days.filter(({ date }) => date < '2026-05-01')),
    );
    writeFileSync(join(folder, 'kitchen.csv'), writeDailyCsv(days.slice(0, 5)));
    writeFileSync(join(folder, 'shed-wall-odd.csv'), Buffer.from([0, 1, 2, 3]));
    await watched.readNow();
    const outcome = (name: string) => store.weatherFiles().find((file) => file.name === name)!.outcome;
    expect(outcome('shed-wall-2026.csv')).toMatchObject({
      kind: 'read',
      stationId: SHED,
      added: 485,
      problems: 0,
    });
    expect(outcome('kitchen.csv')).toEqual({
      kind: 'refused',
      reason: "its name begins with no station's name",
    });
    expect(outcome('shed-wall-odd.csv')).toMatchObject({
      kind: 'refused',
      reason: expect.stringContaining('not a text file') as unknown,
    });

    // The next months of the same thermometer, written in °F under a name that says °C.
    const inFahrenheit = days
      .filter(({ date }) => date >= '2026-05-01')
      .map((day) => ({ ...day, minC: day.minC * 1.8 + 32, maxC: day.maxC * 1.8 + 32 }));
    writeFileSync(join(folder, 'shed-wall-may.csv'), writeDailyCsv(inFahrenheit));
    await watched.readNow();
    expect(outcome('shed-wall-may.csv')).toMatchObject({
      kind: 'refused',
      reason: expect.stringContaining('°F') as unknown,
    });
    writeFileSync(
      join(folder, 'shed-wall-may.csv'),
      writeDailyCsv(days.filter(({ date }) => date >= '2026-05-01' && date < '2026-05-12')),
    );
    await watched.readNow();
    expect(outcome('shed-wall-may.csv')).toMatchObject({ kind: 'read', added: 11 });
  },
);

describe('what lies in the folder and is no file', () => {
  const odd = mkdtempSync(join(tmpdir(), 'juglans-odd-'));
  afterAll(() => rmSync(odd, { recursive: true }));

  test('is told, and neither stops nor holds up those behind it', async () => {
    mkdirSync(join(odd, 'roof-a.csv'));
    symlinkSync(join(odd, 'nowhere'), join(odd, 'roof-b.csv'));
    symlinkSync(join(odd, 'roof-c.csv'), join(odd, 'roof-c.csv'));
    execFileSync('mkfifo', [join(odd, 'roof-d.csv')]);
    writeFileSync(join(odd, 'roof-e.csv'), '');
    writeFileSync(join(odd, 'roof-f.txt'), writeDailyCsv(days.slice(0, 3)));
    writeFileSync(join(odd, 'roof.jpg'), 'no table');
    const watched = watching(odd);
    await watched.readNow();
    const outcomes = () =>
      Object.fromEntries(
        store
          .weatherFiles()
          .filter(({ name }) => name.startsWith('roof'))
          .map(({ name, outcome }) => [
            name,
            outcome.kind === 'refused' ? outcome.reason : `${outcome.added} days`,
          ]),
      );
    expect(outcomes()).toEqual({
      'roof-a.csv': 'it is a folder',
      'roof-b.csv': 'it is a link that leads nowhere',
      'roof-c.csv': 'it cannot be opened (ELOOP)',
      'roof-d.csv': 'it is no file',
      'roof-e.csv': expect.stringContaining('column') as unknown,
      'roof-f.txt': '3 days',
    });
    // What could not be read is read once it can be.
    writeFileSync(join(odd, 'nowhere'), writeDailyCsv(days.slice(3, 5)));
    await watched.readNow();
    expect(outcomes()['roof-b.csv']).toBe('2 days');
  });

  test('a folder that is gone, and a reading that fails, are told in the log and nothing else', async () => {
    const logged: unknown[] = [];
    const failing = watchedFolder(
      store,
      clock,
      odd,
      () => Promise.reject(new Error('no thread')),
      (error) => logged.push(error),
    );
    writeFileSync(join(odd, 'roof-g.csv'), writeDailyCsv(days.slice(5, 6)));
    await failing.readNow();
    expect(logged).toEqual([new Error('no thread')]);
    expect(failing.reading()).toBeNull();
    await watching(odd).readNow();
    expect(store.weatherFiles().find(({ name }) => name === 'roof-g.csv')!.outcome).toMatchObject({
      added: 1,
    });
    const gone = mkdtempSync(join(tmpdir(), 'juglans-gone-'));
    const watched = watching(gone);
    rmSync(gone, { recursive: true });
    await watched.readNow();
  });

  test('readings asked for at once follow each other, and tell how far they are', async () => {
    const told: number[] = [];
    let open = 0;
    const watched: WatchedFolder = watchedFolder(
      store,
      clock,
      odd,
      async (asked, onShare) => {
        expect(++open).toBe(1);
        await nextTurn();
        const read = readWeatherFile(asked, (share) => {
          onShare(share);
          told.push(watched.reading()!.share);
        });
        open--;
        return read;
      },
      (error) => {
        throw error;
      },
    );
    for (const [i, name] of ['roof-h.csv', 'roof-i.csv'].entries())
      writeFileSync(join(odd, name), writeDailyCsv(days.slice(6 + i, 7 + i)));
    await Promise.all([watched.readNow(), watched.readNow(), watched.readNow()]);
    expect(told).toEqual([0, 0]);
    expect(watched.reading()).toBeNull();
  });

  test('one that is being read when the program ends is read the next time, from where it was', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'juglans-ended-'));
    writeFileSync(join(folder, 'roof-all.csv'), writeDailyCsv(days));
    const before = store.rawDays(ROOF, '0001-01-01', '9999-12-31').length;
    const ended = watchedFolder(
      store,
      clock,
      folder,
      (asked) => Promise.resolve(readWeatherFile(asked)),
      (error) => {
        throw error;
      },
    );
    const reading = ended.readNow();
    // The first days are written; the rest has its turn later.
    while (store.rawDays(ROOF, '0001-01-01', '9999-12-31').length === before) await nextTurn();
    await Promise.all([ended.close(), reading]);
    const half = store.rawDays(ROOF, '0001-01-01', '9999-12-31').length;
    expect(half).toBeLessThan(days.length);
    expect(store.weatherFiles().some(({ name }) => name === 'roof-all.csv')).toBe(false);
    await watching(folder).readNow();
    expect(store.weatherFiles().find(({ name }) => name === 'roof-all.csv')!.outcome).toMatchObject({
      added: days.length - half,
      unchanged: half,
    });
    rmSync(folder, { recursive: true });
    store.db.prepare('DELETE FROM station_day WHERE station_id = ?').run(ROOF);
  });
});

test('where the own station is silent another stands in, and that is told', () => {
  store.writeDays(
    ROOF,
    days.map((day) => ({ ...day, minC: day.minC + 1.5, maxC: day.maxC + 3 })),
  );
  const season = gardenDay(store.gardenState()!, TODAY).ofPlace(store.place(OUTSIDE)!);
  expect(season.measured).toHaveLength(139);
  expect(season.stoodInDays).toBe(8);
  const last = season.measured.at(-1)!;
  expect(last).toMatchObject({ date: '2026-05-19', origin: 'neighbour' });
  expect(last.maxC).toBeCloseTo(days.at(-1)!.maxC, 6);
});

test('a doubtful day is left out by a fix that can be taken back; the reading stays', async () => {
  const odd = '2026-03-10';
  const before = store.day(SHED, odd)!;
  store.writeDays(SHED, [{ ...before, maxC: 58 }]);
  const check = () => stationCheck(store, store.station(SHED)!, addDays(TODAY, -1));
  expect(check().doubts).toMatchObject([{ kind: 'spike', from: odd, maxC: 58 }]);
  const fix = { id: v7(), stationId: SHED, from: odd, to: odd, kind: 'leave-out', why: 'stood in the sun' };
  expect((await send('PUT', `/weather-fixes/${fix.id}`, fix)).status).toBe(200);
  expect(check()).toMatchObject({ doubts: [], fixes: [fix], bridged: [{ from: odd, to: odd }] });
  expect((await send('DELETE', `/weather-fixes/${fix.id}`)).status).toBe(200);
  expect(check().doubts).toHaveLength(1);
  const backwards = { ...fix, id: v7(), to: '2026-03-09' };
  expect((await send('PUT', `/weather-fixes/${backwards.id}`, backwards)).status).toBe(422);
  store.writeDays(SHED, [before]);
});

test('hours come in with a day and go out as its sum of heat', async () => {
  const hoursC = Array.from({ length: 24 }, (_, hour) => (hour < 12 ? 4 : 20));
  const body = {
    days: [{ date: '2026-05-15', minC: 4, maxC: 20, rainMm: null, windMs: null, hoursC }],
    replaceChanged: false,
    preview: false,
  };
  expect((await send('POST', `/stations/${SHED}/days`, body)).status).toBe(200);
  expect(store.days(SHED, '2026-05-15', '2026-05-15')[0]!.hoursC).toEqual(hoursC);
  expect(
    (await send('POST', `/stations/${SHED}/days`, { ...body, days: [{ ...body.days[0], hoursC: [1, 2] }] }))
      .status,
  ).toBe(422);
});

test("three paired readings tell a place's offset; twelve months or none are kept", async () => {
  for (const [i, warmer] of [3, 4, 5].entries()) {
    const day = store.days(SHED, `2026-05-0${i + 1}`, `2026-05-0${i + 1}`)[0]!;
    const pair = { id: v7(), placeId: OUTSIDE, on: day.date, lowC: day.minC + warmer, highC: day.maxC + 6 };
    expect((await send('PUT', `/paired-readings/${pair.id}`, pair)).status).toBe(200);
  }
  const { learned } = (await (await send('GET', `/places/${OUTSIDE}/offset`)).json()) as {
    learned: { pairs: unknown[]; offset: { min: { offsetC: number }; max: { offsetC: number } } };
  };
  expect(learned.offset.min.offsetC).toBeCloseTo(4, 6);
  expect(learned.offset.max.offsetC).toBeCloseTo(6, 6);

  const month = (number: number) => ({ month: number, minC: 5, maxC: 15, rainMm: 60, wetDays: 10 });
  const year = Array.from({ length: 12 }, (_, i) => month(i + 1));
  expect((await send('PUT', '/normals', { normals: year.slice(0, 11) })).status).toBe(422);
  expect((await send('PUT', '/normals', { normals: year })).status).toBe(200);
  expect(store.normals()).toEqual(year);
});
