import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import type { createApp } from '#server/app';
import type { BandAnswer, ClockAnswer, GardenSeasons, NowAnswer, WatchPicture, WatchSeasons } from '#engine';
import type { Store } from '#server/store/store';
import { plantId, recordOf, watchId } from './ids.ts';
import { openFallowBank } from './opened.ts';
import { OPENING_DAY } from './seed.ts';
import { OUTDOORS, P } from './plants.ts';
import { HEDGE_WATCH } from './watches.ts';

const HEDGE = watchId(HEDGE_WATCH);
let store: Store;
let app: ReturnType<typeof createApp>;

beforeAll(() => {
  ({ store, app } = openFallowBank());
});
afterAll(() => store.close());

async function get<T>(path: string, key: string): Promise<T> {
  const body = (await (await app.request(`/api${path}`)).json()) as Record<string, T>;
  return body[key]!;
}
const step = async (days: number) =>
  (
    await app.request('/api/clock/step', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ days }),
    })
  ).status;
const hedge = () => get<WatchPicture>(`/watches/${HEDGE}`, 'picture');

// One test after another: each goes on from the day the one before left the garden at.

test('it opens a few days before a window opens, with one check overdue', async () => {
  const { due, sprayDays } = await get<NowAnswer>('/now', 'now');
  const soon = due.find((item) => item.kind === 'treat-soon')!;
  expect(soon.plantName).toBe('West hedge');
  expect(soon.opens! > OPENING_DAY && soon.opens! <= addDays(OPENING_DAY, 6)).toBe(true);
  expect(due.filter((item) => item.standing === 'late').map((item) => item.plantName)).toEqual([
    'Potted camellia',
  ]);
  const closes = due.map((item) => item.closes ?? '9999');
  expect([...closes].sort()).toEqual(closes);
  expect(sprayDays).toHaveLength(10);
});

test('fifteen past years, and a first point told apart from the window', async () => {
  const clock = await get<ClockAnswer>(`/watches/${HEDGE}/clock`, 'clock');
  expect(clock.pastSeasons).toHaveLength(15);
  expect(clock.refused).toEqual([]);
  const [first, window] = clock.events;
  expect([first!.event.kind, first!.phase, window!.event.kind, window!.phase]).toEqual([
    'first',
    'over',
    'window',
    'ahead',
  ]);
  const average = await get<ClockAnswer>(`/watches/${HEDGE}/clock?method=average`, 'clock');
  expect(average.measured.at(-1)!).toBeLessThan(clock.measured.at(-1)!);
});

test('three seasons: the treated hedge falls, the untreated one over the fence does not', async () => {
  const { watches: listed } = await get<GardenSeasons>('/seasons', 'all');
  const seasons = await Promise.all(
    listed.map(({ watchId }) => get<WatchSeasons>(`/seasons/${watchId}`, 'seasons')),
  );
  const seasonOf = (name: string) => seasons.find((watch) => watch.plantName === name)!;
  expect(seasonOf('West hedge').seasons.map((season) => season.change?.kind ?? null)).toEqual([
    null,
    'fell',
    'fell',
  ]);
  expect(
    seasonOf('Euonymus over the fence')
      .seasons.slice(1)
      .every((season) => season.change!.kind !== 'fell'),
  ).toBe(true);
  expect(seasonOf('West hedge').untreated!.efficacy!.value).toBeGreaterThan(0.6);
  const apple = seasonOf('Apple by the gate').seasons.map((season) => season.holedShare!.value);
  expect(apple[2]!).toBeGreaterThan(apple[0]!);
});

test('plants under glass live by their own thermometer, and a moved one by both', async () => {
  const camellia = store.plant(plantId(P.camellia))!;
  const sumOf = async (plant: number) => {
    const id = recordOf(99)(plant);
    store.putWatch({
      id,
      plantId: plantId(plant),
      openedOn: OPENING_DAY,
      targetId: 'cottony-camellia-scale',
      group: 'soft',
      outcome: 'open',
      outcomeOn: null,
      sourcePlantId: null,
      firstTargetId: null,
      firstGroup: null,
      namedBy: null,
      note: '',
    });
    const clock = await get<ClockAnswer>(`/watches/${id}/clock`, 'clock');
    store.db.prepare('DELETE FROM watch WHERE id = ?').run(id);
    return { days: clock.measured.length, sum: clock.measured.at(-1)! };
  };
  const inside = await sumOf(P.camellia);
  const outside = await sumOf(P.hedge);
  expect(inside.sum).toBeGreaterThan(outside.sum * 2);
  const move = { id: recordOf(98)(1), plantId: camellia.id, placeId: OUTDOORS, movedOn: '2026-05-01' };
  store.putMove(move);
  const moved = await sumOf(P.camellia);
  expect(moved.days).toBe(inside.days);
  expect(moved.sum).toBeLessThan(inside.sum);
  expect(moved.sum).toBeGreaterThan(outside.sum);
  store.takeOut('plant_move', move.id);
});

test("the season band has the year's stages, heat to last night, and each open window", async () => {
  const band = await get<BandAnswer>('/band', 'band');
  expect(band.stages!.map((span) => span.stage)).toEqual([
    'dormant',
    'bud-swell',
    'in-leaf',
    'leaf-fall',
    'dormant',
  ]);
  expect(band.heat).toHaveLength(148);
  expect(band.bars.filter((bar) => bar.watchId === HEDGE).map((bar) => bar.state)).toEqual([
    'done',
    'soon',
    'later',
  ]);
});

test('a day on the first are caught and the window is open; a week later the tapes rise', async () => {
  expect((await hedge()).tapeVerdict.signal).toBe('none-yet');
  expect(await step(1)).toBe(200);
  expect((await hedge()).windows[0]).toMatchObject({ basis: 'seen', phase: 'open' });
  expect(await step(7)).toBe(200);
  const picture = await hedge();
  expect(picture.tapeVerdict.signal).toBe('rising');
  expect(picture.tapes).toHaveLength(3);
  const { due } = await get<NowAnswer>('/now', 'now');
  expect(due.find((item) => item.watchId === HEDGE)).toMatchObject({ kind: 'treat-now', standing: 'open' });
});

test('two weeks later the tapes are past the peak; in July the hatch is over', async () => {
  await step(14);
  expect((await hedge()).tapeVerdict.signal).toBe('past-the-peak');
  await step(21);
  const { due } = await get<NowAnswer>('/now', 'now');
  expect(due.filter((item) => item.watchId === HEDGE && item.kind === 'change-tape')).toEqual([]);
  expect(await step(31)).toBe(200);
});

test('it cannot be stepped beyond its weather', async () => {
  store.putMeta('garden-day', '2029-12-20');
  expect(await step(14)).toBe(409);
});
