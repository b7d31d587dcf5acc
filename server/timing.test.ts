import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { v7 } from 'uuid';
import { openFallowBank } from '#demo/opened';
import { OPENING_DAY } from '#demo/seed';
import type {
  BandAnswer,
  ClockAnswer,
  DormantAnswer,
  FuturesMaterial,
  GardenHatch,
  HourJob,
  NowAnswer,
  SprayAnswer,
  WeighAnswer,
} from '#engine';
import type { createApp } from './app.ts';
import type { ProblemBody } from '#answers';
import type { Store } from './store/store.ts';

const HEDGE = '01900000-0000-7004-8000-000000000001',
  SAN_JOSE = '01900000-0000-7004-8000-000000000003',
  MINER = '01900000-0000-7004-8000-000000000005',
  CAMELLIA = '01900000-0000-7004-8000-000000000008';
let store: Store;
let today = OPENING_DAY;
let app: ReturnType<typeof createApp>;
beforeAll(() => {
  ({ store, app } = openFallowBank({ today: () => today }));
});
afterAll(() => store.close());

const ask = async <T>(path: string): Promise<T> => (await (await app.request(`/api${path}`)).json()) as T;
const send = (method: string, path: string, body?: unknown) =>
  Promise.resolve(
    app.request(`/api${path}`, {
      method,
      ...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}),
    }),
  );
const clock = async (id: string, choice = '') =>
  (await ask<{ clock: ClockAnswer }>(`/watches/${id}/clock${choice}`)).clock;

describe('clocks', () => {
  test("count from the trap's steady catch, from a chosen start, and back", async () => {
    const byTrap = await clock(SAN_JOSE);
    // Hung on 12 April; six and fourteen males in the fourth and fifth week, so from the middle of the
    // fourth.
    expect(byTrap.started).toEqual({ on: '2026-05-06', by: 'trap' });
    expect(byTrap.measured.slice(0, 125).every((sum) => sum === 0)).toBe(true);
    expect(byTrap.measured.at(-1)).toBeGreaterThan(100);
    expect(
      (
        await send('PUT', `/watch-clocks/${SAN_JOSE}`, {
          id: SAN_JOSE,
          startKind: 'stage',
          startValue: 'bloom-start',
        })
      ).status,
    ).toBe(200);
    const byBloom = await clock(SAN_JOSE);
    expect(byBloom.started).toEqual({ on: '2026-05-09', by: 'stage' });
    expect(byBloom.measured.at(-1)).toBeLessThan(byTrap.measured.at(-1)!);
    expect(
      (
        await send('PUT', `/watch-clocks/${SAN_JOSE}`, {
          id: SAN_JOSE,
          startKind: 'first-males',
          startValue: '03-01',
        })
      ).status,
    ).toBe(422);
    expect((await send('DELETE', `/watch-clocks/${SAN_JOSE}`)).status).toBe(200);
    expect((await clock(SAN_JOSE)).started).toEqual(byTrap.started);
  });

  test('change with the method, and refuse what a method does not know', async () => {
    const sine = await clock(HEDGE),
      average = await clock(HEDGE, '?method=average');
    expect(average.measured.at(-1)).toBeLessThan(sine.measured.at(-1)!);
    const refused = await send('GET', `/watches/${SAN_JOSE}/clock?method=average&cutoff=vertical`);
    expect(refused.status).toBe(422);
    expect(((await refused.json()) as ProblemBody).errors?.[0]?.message).toContain('no such cutoff');
  });

  test('a lilac in bloom is a second opinion that agrees within days', async () => {
    const { opinions, events } = await clock(HEDGE);
    const next = events.find(({ phase }) => phase === 'ahead')!;
    expect(opinions.map(({ indicator }) => indicator.hostId)).toEqual(['lilac']);
    if (next.opens.kind !== 'expected' || opinions[0]!.opens.kind !== 'expected')
      throw new Error('unreachable');
    expect(
      Math.abs(Date.parse(next.opens.median) - Date.parse(opinions[0]!.opens.median)),
    ).toBeLessThanOrEqual(3 * 864e5);
  });

  test(
    "under glass a miner's rounds count from its first mines, and an egg laid today takes longer than " +
      'one laid then',
    async () => {
      const { started, events, round, hasColdSeason } = await clock(MINER);
      expect(hasColdSeason).toBe(false);
      expect(started).toEqual({ on: '2026-05-20', by: 'seen' });
      const first = events[0]!.opens,
        egg = round!.eggToday;
      if (first.kind !== 'expected' || egg.kind !== 'expected') throw new Error('unreachable');
      expect(egg.median > first.median).toBe(true);
      expect(round!.roundsPassed).toBe(0);
    },
  );
});

describe("the garden's own hatch", () => {
  test('two seasons of tapes move the book towards the garden, and say how surely', async () => {
    const { hatch } = await ask<{ hatch: GardenHatch }>(`/watches/${HEDGE}/hatch`);
    expect(hatch.seasons.map(({ season }) => season.name)).toEqual(['2024', '2025', '2026']);
    // The demo's hedge truly hatches half by 340 °C·days, and one in twenty by 293.
    expect(hatch.half!.lowCd < 340 && 340 < hatch.half!.highCd).toBe(true);
    expect(Math.abs(hatch.first!.valueCd - 293)).toBeLessThan(Math.abs(hatch.book!.fromCd - 293));
    expect(hatch.first!.gardenShare).toBeGreaterThan(0.7);
    expect(hatch.seasons[2]!.fit).toMatchObject({ kind: 'too-few-caught' });
    expect(hatch.firstOn!.kind).not.toBe('not-started');
  });

  test('a watch without tapes has nothing to say, and a book alone', async () => {
    const { hatch } = await ask<{ hatch: GardenHatch }>(
      '/watches/01900000-0000-7004-8000-00000000000a/hatch',
    );
    expect(hatch.seasons).toEqual([]);
    expect(hatch.first).toMatchObject({ gardenShare: 0 });
  });

  test('futures are drawn from normals fitted to the measured years', async () => {
    const { futures } = await ask<{ futures: FuturesMaterial }>(`/watches/${HEDGE}/futures`);
    expect(futures).toMatchObject({ fittedToYears: 15, start: '2026-01-01', end: '2026-12-31' });
    expect(futures.measured).toHaveLength(148);
    expect(futures.normals!.months).toHaveLength(12);
    expect(futures.normals!.persistence).toBeCloseTo(0.72, 1);
  });
});

describe('winter', () => {
  const plan = async (name: string) =>
    (await ask<{ dormant: DormantAnswer }>('/dormant')).dormant.plants.find(
      ({ plantName }) => plantName === name,
    )!;

  test('in May the coming winter is planned and the last one remembered', async () => {
    const hedge = await plan('West hedge');
    expect(hedge.plan).toMatchObject({
      kind: 'steps',
      steps: [{ what: 'oil', place: 'delayed', state: 'coming' }],
    });
    expect(hedge.before).toMatchObject({ steps: [{ state: 'done', doneOn: '2026-04-11' }] });
    expect((await plan('Holly, left of the door')).plan).toEqual({ kind: 'left-out', reason: 'no-trouble' });
    expect((await plan('Pear')).plan).toEqual({ kind: 'left-out', reason: 'no-trouble' });
  });

  test("the apple's logged stages set its own dates", async () => {
    const apple = await plan('Apple by the gate');
    // Logged this spring a few days from the default, so next spring is expected as far off it.
    expect(apple.winter!.budSwell).toEqual({ on: '2027-04-07', basis: 'own-years' });
    expect(apple.winter!.greenTip.basis).toBe('own-years');
  });

  test('on a day in April the spray is due, on the list, in the band and in the calendar', async () => {
    today = '2026-04-08';
    try {
      expect((await plan('Lilac')).plan).toMatchObject({ steps: [{ state: 'ask', question: 'green-yet' }] });
      const asked = await ask<{ now: NowAnswer }>('/now');
      const question = asked.now.due.find(({ plantName, asks }) => plantName === 'Lilac' && asks !== null)!;
      expect(question).toMatchObject({ kind: 'say-leaves', asks: 'green-yet' });
      const look = { id: v7(), plantId: question.plantId, stage: 'bud-swell', on: today, note: '' };
      await app.request(`/api/growth/${look.id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(look),
      });
      expect((await plan('Lilac')).plan).toMatchObject({ steps: [{ state: 'due', question: null }] });
      const { now } = await ask<{ now: NowAnswer }>('/now');
      expect(
        now.due.filter(({ kind }) => kind === 'dormant-spray').map(({ plantName }) => plantName),
      ).toContain('Lilac');
      const { band } = await ask<{ band: BandAnswer }>('/band');
      expect(
        band.bars.find(({ what }) => what.kind === 'winter' && what.plantName === 'Lilac'),
      ).toMatchObject({ state: 'open' });
      const { entries } = await ask<{ entries: { title: string }[] }>('/calendar');
      expect(entries.map(({ title }) => title)).toContain('Dormant oil: Lilac');
    } finally {
      today = OPENING_DAY;
    }
  });
});

describe('spray hours', () => {
  const shelf = () => store.products().find(({ name }) => name.startsWith('Horticultural'))!;
  const plantId = (name: string) => store.plants().find((plant) => plant.name === name)!.id;
  const hours = async (plant: string, more = '') =>
    (
      await ask<{ spray: SprayAnswer }>(
        `/spray-hours?plant=${plantId(plant)}&product=${shelf().id}&line=${shelf().lines[0]!.id}${more}`,
      )
    ).spray;

  test('stretches lie within go hours, and bees at honeydew close them all', async () => {
    const open = await hours('West hedge', '&hours=3');
    expect(open.stretches.length).toBeGreaterThan(0);
    for (const { date, fromHour, toHour } of open.stretches) {
      expect(toHour - fromHour).toBeGreaterThanOrEqual(3);
      expect(
        open.days
          .find((day) => day.date === date)!
          .hours.slice(fromHour, toHour)
          .every(({ verdict }) => verdict === 'go'),
      ).toBe(true);
    }
    const bees = await hours('West hedge', '&bees=yes');
    expect(bees.stretches).toEqual([]);
    expect(bees.days.every((day) => day.hours.every(({ verdict }) => verdict === 'no'))).toBe(true);
  });

  test('without a forecast there are no hours, and unknown questions are told beside their field', async () => {
    expect((await hours('Kumquat')).days).toEqual([]);
    const wrong = await send(
      'GET',
      `/spray-hours?plant=${plantId('Kumquat')}&product=${shelf().id}&line=${shelf().lines[0]!.id}&hours=0`,
    );
    expect(wrong.status).toBe(422);
    expect(
      (await send('GET', `/spray-hours?plant=${v7()}&product=${shelf().id}&line=${shelf().lines[0]!.id}`))
        .status,
    ).toBe(404);
  });
});

describe('what to do, and what was done', () => {
  const weighed = async (id: string, more = '') =>
    (await ask<{ answer: WeighAnswer }>(`/watches/${id}/weigh${more}`)).answer;

  test("the hedge waits for its window; bees at a camellia's honeydew stop the spray", async () => {
    const { facts, weighed: hedge } = await weighed(HEDGE);
    expect(facts).toMatchObject({
      group: 'armored',
      life: 'alive',
      window: 'soon',
      leafState: 'in-leaf',
      sourceOpen: true,
      sheltered: false,
    });
    expect(hedge.options[0]!.option).toBe('spray-in-window');
    expect(
      (await weighed(CAMELLIA, '?beesAtHoneydew=yes')).weighed.refused.map(({ option }) => option),
    ).toContain('spray-now');
    expect((await send('GET', `/watches/${HEDGE}/weigh?thirsty=perhaps`)).status).toBe(422);
  });

  test('more time holds at least as much, and never more than there is', async () => {
    const jobs = async (time: number) => (await ask<{ jobs: HourJob[] }>(`/hour?hours=${time}`)).jobs;
    for (const time of [0.5, 1, 4])
      expect((await jobs(time)).reduce((sum, job) => sum + job.hours, 0)).toBeLessThanOrEqual(time + 1e-9);
    expect((await jobs(4)).length).toBeGreaterThanOrEqual((await jobs(0.5)).length);
  });

  test('hand work changes what is due and stands in the book, whose CSV reads back', async () => {
    const work = { id: v7(), watchId: CAMELLIA, on: '2026-05-28', kind: 'wipe', minutes: 25, note: '@sum' };
    expect((await send('PUT', `/handwork/${work.id}`, { ...work, on: '2026-06-28' })).status).toBe(422);
    expect((await send('PUT', `/handwork/${work.id}`, work)).status).toBe(200);
    const { now } = await ask<{ now: NowAnswer }>('/now');
    // The overdue look after April's soap is now a look after the wiping.
    expect(
      now.due.some(
        ({ watchId, standing, kind }) =>
          watchId === CAMELLIA && kind === 'check-after-treatment' && standing === 'late',
      ),
    ).toBe(false);
    const csv = await (await send('GET', '/exports/book')).text();
    const { data } = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true });
    expect(data[0]).toMatchObject({
      date: '2026-05-28',
      plant: 'Potted camellia',
      work: 'wipe',
      minutes: '25',
      remark: "'@sum",
    });
    expect(data).toHaveLength(9);
    expect(data.find(({ date }) => date === '2026-04-11')).toMatchObject({
      'active ingredient': 'Mineral horticultural oil',
      rate: '3',
      'rate unit': 'percent',
      'spray l': '1.6',
      'against label': 'no',
    });
  });

  test('all stages seen is heard at once, and a day ahead is refused', async () => {
    const seen = { id: v7(), watchId: HEDGE, on: OPENING_DAY, what: 'all-stages' };
    expect((await send('PUT', `/sightings/${seen.id}`, { ...seen, on: '2026-06-01' })).status).toBe(422);
    expect((await send('PUT', `/sightings/${seen.id}`, seen)).status).toBe(200);
    const kinds = async () =>
      (await ask<{ now: NowAnswer }>('/now')).now.due
        .filter(({ watchId }) => watchId === HEDGE)
        .map(({ kind }) => kind);
    expect(await kinds()).toContain('all-stages');
    expect((await weighed(HEDGE)).facts.allStagesSeen).toBe(true);
    expect((await send('DELETE', `/sightings/${seen.id}`)).status).toBe(200);
    expect(await kinds()).not.toContain('all-stages');
  });
});
