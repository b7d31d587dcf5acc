import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import type { Plant, Trap, Watch } from '#core/records';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import {
  daysAlike,
  handworkOn,
  madeGarden,
  outdoors,
  plantOf,
  productOf,
  sampleOf,
  sightingOn,
  sprayOf,
  STATION,
  tapeOn,
  twigs,
  watchOn,
} from './made-garden.ts';
import { nowAnswer } from './now-answer.ts';
import { spreadAnswer } from './spread/spread-answer.ts';
import { factsOf, nameOf } from './watch-picture.ts';
import { listedWatch, picturesByPlant, pictureOf, watchPictures } from './watch-pictures.ts';

const TODAY: CivilDate = '2026-06-10';
const HEDGE = plantOf('Hedge', 'spindle');
const SCALE = watchOn(HEDGE, 'euonymus-scale');

interface Asked {
  readonly today?: CivilDate;
  readonly plant?: Plant;
  readonly watch?: Watch;
  readonly schools?: Readonly<Record<string, string>>;
}

function opened(
  said: Partial<GardenState> = {},
  { today = TODAY, plant = HEDGE, watch = SCALE, schools = {} }: Asked = {},
) {
  const day = gardenDay(madeGarden({ plants: [plant], watches: [watch], ...said }, { schools }), today);
  return { day, picture: pictureOf(day, watch.id)! };
}
const facts = (said?: Partial<GardenState>, asked?: Asked) => {
  const { day, picture } = opened(said, asked);
  return factsOf(day, picture);
};

describe('what the rules of what is due are told of a watch', () => {
  test('of one of which nothing is recorded', () => {
    expect(facts()).toEqual({
      watchId: SCALE.id,
      openedOn: '2026-03-01',
      named: true,
      group: 'armored',
      countable: true,
      life: 'unknown',
      open: true,
      reachable: true,
      seasonStart: '2026-01-01',
      miner: { mines: false, flush: null, young: false, minedShare: null, leavesDown: null, budSwell: null },
      infection: null,
      schools: { crawlers: 'while-catching', mining: 'young-or-third' },
      repeatAfterDays: 14,
      beforeLeaves: null,
      events: [],
      tapes: [],
      tapesHungOn: [],
      crawlersSeenOn: [],
      warmth: 'read',
      hatch: { softDays: [10, 14, 20], spanDays: 18 },
      usualWindows: expect.any(Array),
      lookedOn: '2026-03-01',
      clear: false,
      clearedOn: null,
      incubationDays: null,
      drench: null,
      treatedOn: [],
      workedOn: [],
      countedOn: [],
      allStagesOn: null,
      adultsSeenOn: [],
      trapHangs: false,
      trapUnread: null,
    });
  });

  test('whether it is open, named, and can be reached', () => {
    expect(facts({}, { plant: { ...HEDGE, outOfReach: true } })).toMatchObject({
      open: true,
      reachable: false,
    });
    expect(facts({}, { plant: { ...HEDGE, retiredOn: '2026-05-01' } }).open).toBe(false);
    expect(facts({}, { watch: { ...SCALE, outcome: 'closed', outcomeOn: '2026-05-01' } }).open).toBe(false);
    expect(facts({}, { watch: { ...SCALE, targetId: null, group: null } }).named).toBe(false);
  });

  test('what was done and seen, of this season or of the last year, up to the day', () => {
    const soap = productOf('soap');
    const told = facts({
      products: [soap],
      sprays: ['2025-06-04', '2025-06-05', '2026-05-01', '2026-06-11'].map((on) =>
        sprayOf(SCALE, on, [soap]),
      ),
      handwork: ['2025-06-01', '2026-05-03', '2026-06-11'].map((on) => handworkOn(SCALE, on)),
      samples: [
        sampleOf(SCALE, '2025-05-01', 'twig', twigs([3, 4])),
        sampleOf(SCALE, '2026-05-20', 'twig', twigs([0, 0])),
      ],
      tapes: [tapeOn(SCALE, '2025-06-01', 3), tapeOn(SCALE, '2026-06-02', 5), tapeOn(SCALE, '2026-06-20', 9)],
      sightings: [
        sightingOn(SCALE, '2025-05-05', 'all-stages'),
        sightingOn(SCALE, '2026-05-05', 'all-stages'),
        sightingOn(SCALE, '2026-05-06', 'first-crawlers'),
        sightingOn(SCALE, '2026-05-07', 'adults-flying'),
        sightingOn(SCALE, '2026-05-08', 'first-males'),
        sightingOn(SCALE, '2026-06-12', 'first-crawlers'),
      ],
      devices: [
        { id: 'd1', watchId: SCALE.id, kind: 'tape', label: 'A', hungOn: '2025-12-31', takenDownOn: null },
        { id: 'd2', watchId: SCALE.id, kind: 'tape', label: 'B', hungOn: '2026-05-01', takenDownOn: null },
        {
          id: 'd3',
          watchId: SCALE.id,
          kind: 'tape',
          label: 'C',
          hungOn: '2026-05-02',
          takenDownOn: '2026-06-10',
        },
        {
          id: 'd4',
          watchId: SCALE.id,
          kind: 'tape',
          label: 'D',
          hungOn: '2026-05-03',
          takenDownOn: '2026-06-11',
        },
      ],
    });
    expect(told).toMatchObject({
      treatedOn: ['2025-06-05', '2026-05-01'],
      workedOn: ['2026-05-03'],
      countedOn: ['2025-05-01', '2026-05-20'],
      allStagesOn: '2026-05-05',
      crawlersSeenOn: ['2026-05-06'],
      adultsSeenOn: ['2026-05-07', '2026-05-08'],
      tapesHungOn: ['2026-05-01', '2026-05-03'],
      trapHangs: false,
      lookedOn: '2026-06-02',
      clear: true,
      clearedOn: '2026-05-20',
      life: 'alive',
    });
    expect(told.tapes.map(({ takenOff }) => takenOff)).toEqual(['2026-06-02']);
  });

  test('a trap that hangs, or told this season; its catch of what flies, not of wasps', () => {
    const trap = (takenOff: CivilDate, catches: Trap['catches'], caught: number): Trap => ({
      id: takenOff + catches,
      watchId: SCALE.id,
      label: 'T',
      putOn: '2025-01-01',
      takenOff,
      catches,
      caught,
    });
    expect(facts({ traps: [trap('2025-12-31', 'males', 5)] })).toMatchObject({
      trapHangs: false,
      adultsSeenOn: [],
    });
    expect(
      facts({
        traps: [
          trap('2026-05-01', 'males', 5),
          trap('2026-05-08', 'males', 0),
          trap('2026-05-09', 'wasps', 7),
        ],
      }),
    ).toMatchObject({ trapHangs: true, adultsSeenOn: ['2026-05-01'], lookedOn: '2026-05-09' });
    const device = {
      id: 'd',
      watchId: SCALE.id,
      kind: 'trap',
      label: 'T',
      hungOn: '2026-06-01',
      takenDownOn: null,
    } as const;
    expect(facts({ devices: [device] })).toMatchObject({
      trapHangs: true,
      trapUnread: { since: '2026-06-01', due: '2026-06-08' },
    });
    // Of two the one that hangs longest unread; a reading under its own label only counts.
    const other = { ...device, id: 'e', label: 'U', hungOn: '2026-05-20' };
    const read = { ...trap('2026-06-03', 'males', 0), label: 'U', putOn: '2026-05-20' };
    expect(facts({ devices: [device, other] }).trapUnread!.due).toBe('2026-05-27');
    expect(facts({ devices: [device, other], traps: [read] }).trapUnread!.due).toBe('2026-06-08');
    expect(facts({ devices: [other], traps: [read] }).trapUnread).toEqual({
      since: '2026-06-03',
      due: '2026-06-10',
    });
  });

  test('how long its last spray keeps the next one off: the longest of label and school', () => {
    const keptOff = (product: ReturnType<typeof productOf>, schools = {}) =>
      facts({ products: [product], sprays: [sprayOf(SCALE, '2026-06-01', [product])] }, { schools })
        .repeatAfterDays;
    expect(keptOff(productOf('soap'))).toBe(14);
    expect(keptOff(productOf('soap', { intervalDays: 21 }))).toBe(21);
    expect(keptOff(productOf('soap', { intervalDays: 5 }))).toBe(14);
  });

  test('the schools it goes by, and when leaves come where one sprays before them', () => {
    const regulator = facts(
      {},
      { schools: { 'crawler-sprays': 'growth-regulator', 'leaf-mining': 'monthly' } },
    );
    expect(regulator.schools).toEqual({ crawlers: 'growth-regulator', mining: 'monthly' });
    expect(regulator.beforeLeaves!.from < regulator.beforeLeaves!.to).toBe(true);
  });

  test('of miners: the flush, the age, and fallen leaves where they winter in them', () => {
    const lemon = plantOf('Lemon', 'lemon', { age: 'young' });
    const miner = watchOn(lemon, 'citrus-leaf-miner');
    const told = facts(
      { growth: [{ id: 'g', plantId: lemon.id, on: '2026-06-01', stage: 'flush-start', note: '' } as never] },
      { plant: lemon, watch: miner },
    );
    expect(told.miner).toMatchObject({
      mines: true,
      young: true,
      flush: { since: '2026-06-01' },
      leavesDown: null,
    });
    const apple = plantOf('Apple', 'apple');
    const tents = facts({}, { plant: apple, watch: watchOn(apple, 'tentiform-leaf-miner') }).miner;
    expect([tents.mines, tents.flush]).toEqual([false, null]);
    expect(tents.leavesDown! < tents.budSwell!).toBe(true);
    expect(facts({}, { plant: apple, watch: watchOn(apple, 'apple-scab') }).incubationDays).toBeGreaterThan(
      5,
    );
  });
});

describe('the picture of a watch', () => {
  test('has its names, the ways it may be counted, and a status', () => {
    const { picture } = opened();
    expect(picture).toMatchObject({
      targetName: 'Euonymus scale',
      status: 'named',
      level: null,
      change: null,
      levelBefore: null,
      windows: expect.any(Array),
    });
    expect(picture.protocols[0]).toBe('twig');
    expect([
      nameOf(SCALE),
      nameOf({ ...SCALE, targetId: null }),
      nameOf({ ...SCALE, targetId: null, group: null }),
    ]).toEqual(['Euonymus scale', 'Armored scale, species open', 'Not yet named']);
    const closed = opened({}, { watch: { ...SCALE, outcome: 'ruled-out', outcomeOn: '2026-05-01' } }).picture;
    expect(closed).toMatchObject({ status: 'ruled-out', events: [], windows: [] });
  });

  test('counts of cover stand apart; the change is against the same time of an earlier season', () => {
    const samples = [
      sampleOf(SCALE, '2025-05-15', 'twig', twigs([20, 22, 21, 20, 22, 21])),
      sampleOf(SCALE, '2025-05-20', 'bark', [
        { live: 9, dead: 0 },
        { live: 8, dead: 0 },
      ]),
      sampleOf(SCALE, '2026-02-20', 'twig', twigs([9, 9, 9])),
      sampleOf(SCALE, '2026-05-18', 'cover', [{ reached: 1 }, { reached: 0 }]),
      sampleOf(SCALE, '2026-05-20', 'twig', twigs([2, 3, 2, 3, 2, 3])),
    ];
    const { picture } = opened({ samples });
    expect(picture.samples.map(({ on }) => on)).toEqual([
      '2025-05-15',
      '2025-05-20',
      '2026-02-20',
      '2026-05-20',
    ]);
    expect(picture.coverChecks.map(({ on }) => on)).toEqual(['2026-05-18']);
    expect(picture.change).toMatchObject({ kind: 'fell' });
    expect([picture.level!.level, picture.levelBefore!.level]).toEqual([3, 4]);
  });

  test('a body that is moist within a month of an oil spray proves nothing', () => {
    const oil = productOf('mineral-oil', {}, { containsOil: true });
    const life = (sprayedOn: CivilDate, product = oil) =>
      opened({
        products: [product],
        sprays: [sprayOf(SCALE, sprayedOn, [product])],
        inspections: [
          {
            id: 'i',
            watchId: SCALE.id,
            on: '2026-06-05',
            answers: { press: 'fluid' },
            coversTurned: 0,
            note: '',
          } as never,
        ],
      }).picture.life.because;
    expect([life('2026-05-05'), life('2026-05-06'), life('2026-06-05'), life('2026-06-06')]).toEqual([
      'fluid',
      'moist-after-oil',
      'moist-after-oil',
      'fluid',
    ]);
    expect(life('2026-05-20', productOf('soap'))).toBe('fluid');
  });

  test('what was looked at in an earlier season says nothing of whether it lives', () => {
    const looked = (on: CivilDate) =>
      opened({
        inspections: [
          {
            id: 'i',
            watchId: SCALE.id,
            on,
            answers: { 'turn-over': 'empty' },
            coversTurned: 12,
            note: '',
          } as never,
        ],
      }).picture.life.life;
    expect([looked('2025-12-31'), looked('2026-01-01')]).toEqual(['unknown', 'dead']);
    const counted = (on: CivilDate) =>
      opened({ samples: [sampleOf(SCALE, on, 'twig', twigs([2, 2]))] }).picture.life.life;
    expect([counted('2025-12-31'), counted('2026-01-01')]).toEqual(['unknown', 'alive']);
  });

  test('as lists show it, and by its plant', () => {
    const { day, picture } = opened({ samples: [sampleOf(SCALE, '2026-05-20', 'twig', twigs([2, 3]))] });
    expect(listedWatch(picture)).toMatchObject({
      watch: SCALE,
      plant: HEDGE,
      targetName: 'Euonymus scale',
      countedOn: '2026-05-20',
      timed: false,
      status: 'waiting',
    });
    expect(picturesByPlant(watchPictures(day)).get(HEDGE.id)).toEqual([picture]);
    expect(pictureOf(day, 'nobody')).toBeUndefined();
  });
});

describe('where it may be besides', () => {
  const near = plantOf('Near', 'spindle');
  const same = plantOf('Same kind', 'spindle');
  const gone = plantOf('Gone', 'spindle', { retiredOn: '2026-01-01' });
  const other = plantOf('Apple', 'apple');
  const spread = (said: Partial<GardenState> = {}, watch = SCALE) => {
    const { day } = opened(
      {
        plants: [HEDGE, near, same, gone, other],
        watches: [watch],
        touching: [[HEDGE.id, near.id]],
        ...said,
      },
      { watch },
    );
    return spreadAnswer(day, watch);
  };

  test('on what touches it, and on its kind; not on what is gone, nor on what bears none', () => {
    expect(spread().inspect.map(({ plantName, reason }) => [plantName, reason])).toEqual([
      ['Near', 'touches'],
      ['Same kind', 'same-host'],
    ]);
    expect(spread().inspect[0]).toMatchObject({ plantId: near.id, outOfReach: false });
    expect(spread().setApart).toEqual([]);
  });

  test('not where the same is watched already, or was looked over lately', () => {
    const watched = spread({ watches: [SCALE, watchOn(near, 'euonymus-scale')] }).inspect.map(
      ({ plantName }) => plantName,
    );
    expect(watched).toEqual(['Same kind']);
    const closed = spread({
      watches: [SCALE, watchOn(near, 'euonymus-scale', { outcome: 'closed', outcomeOn: '2026-05-01' })],
    });
    expect(closed.inspect.map(({ plantName }) => plantName)).toContain('Near');
    const otherTrouble = watchOn(same, 'oystershell-scale');
    const lately = spread({
      watches: [SCALE, otherTrouble],
      samples: [sampleOf(otherTrouble, '2026-06-09', 'twig', twigs([1, 1]))],
    });
    expect(lately.inspect.map(({ plantName }) => plantName)).toEqual(['Near']);
  });

  test('pots under one roof are set apart', () => {
    const roof = [outdoors({ kind: 'sunroom' })];
    expect(spread({ places: roof }).setApart.map(({ plantName }) => plantName).length).toBeGreaterThan(0);
  });
});

describe('what Now tells', () => {
  test('news of the last week, newest first, of what is watched and within reach', () => {
    const tapes = ['2026-06-02', '2026-06-03', '2026-06-09'].map((on, i) => tapeOn(SCALE, on, i));
    const told = (asked: Asked = {}) =>
      nowAnswer(opened({ tapes }, asked).day).news.map(({ on, what }) => [on, what]);
    expect(told()).toEqual([
      ['2026-06-09', { kind: 'tape', crawlers: 2 }],
      ['2026-06-03', { kind: 'tape', crawlers: 1 }],
    ]);
    expect(told({ plant: { ...HEDGE, outOfReach: true } })).toEqual([]);
    expect(told({ watch: { ...SCALE, outcome: 'closed', outcomeOn: '2026-05-01' } })).toEqual([]);
  });

  test('a spray that the weighing refuses today, and by which rule', () => {
    const hot = {
      forecasts: { [STATION]: daysAlike(TODAY, 4, { minC: 18, maxC: 36 }) },
      tapes: [tapeOn(SCALE, '2026-06-09', 40)],
    };
    const item = (said: Partial<GardenState>) =>
      nowAnswer(opened(said).day).due.find(({ kind }) => kind === 'treat-now')!;
    expect(item(hot).heldBy.length).toBeGreaterThan(0);
    expect(item({ ...hot, forecasts: {} }).heldBy).toEqual([]);
    expect(item(hot)).toMatchObject({
      plantId: HEDGE.id,
      plantName: 'Hedge',
      targetName: 'Euonymus scale',
      targetId: 'euonymus-scale',
      level: null,
      levelBefore: null,
    });
    expect(nowAnswer(opened(hot).day).sprayDays.length).toBeGreaterThan(2);
    expect(nowAnswer(opened().day).sprayDays).toEqual([]);
  });
});
