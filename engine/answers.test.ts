import { describe, expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import type { Care, Growth, Plant, Sample, Stop } from '#core/records';
import { benchAnswer, type BenchAsked } from './bench-answer.ts';
import { feedingAnswer } from './feeding-answer.ts';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import { bareWoodQuestion, leafSigns, leavesOf, usualYear } from './leaf-state.ts';
import {
  daysAlike,
  handworkOn,
  madeGarden,
  outdoors,
  plantOf,
  productOf,
  PUMP,
  sampleOf,
  sprayOf,
  STATION,
  twigs,
  watchOn,
} from './made-garden.ts';
import { nowAnswer } from './now-answer.ts';
import { plantWinter } from './plant-winter.ts';
import { roundAnswer } from './round-answer.ts';
import { seasonsAnswer } from './seasons-answer.ts';
import { shelfAnswer } from './shelf-answer.ts';
import { sprayAnswer } from './spray-answer.ts';
import { pictureOf } from './watch-pictures.ts';

const TODAY: CivilDate = '2026-06-10';
const stage = (plant: Plant, on: CivilDate, what: Growth['stage']): Growth => ({
  id: `${what}${on}`,
  plantId: plant.id,
  on,
  stage: what,
  leaves: null,
  note: '',
});

describe('the shelf', () => {
  const plant = plantOf('Hedge', 'spindle');
  const watch = watchOn(plant, 'euonymus-scale');
  const oil = productOf('mineral-oil', { intervalDays: 14, usesPerYear: 3 }, { containsOil: true });
  const shelf = (said: Partial<GardenState>, today: CivilDate = TODAY) =>
    shelfAnswer(
      gardenDay(madeGarden({ plants: [plant], watches: [watch], products: [oil], ...said }), today),
    );
  const state = (said: Partial<GardenState>, today?: CivilDate) => shelf(said, today).products[0]!;

  test('one tank over two plants is one use, and comes off the shelf once', () => {
    const stock = { amount: 500, countedOn: '2026-05-01' } as never;
    const tank = [1, 2].map(() => ({ ...sprayOf(watch, '2026-05-20', [oil]), loadId: 'one' }));
    const alone = sprayOf(watch, '2026-06-01', [oil]);
    const [amount] = tank.map(({ parts }) => parts[0]!.productAmount);
    expect(state({ sprays: [...tank, alone], products: [{ ...oil, stock }] })).toMatchObject({
      usesThisYear: 2,
      left: 500 - 3 * amount!,
    });
  });

  test('tells what is left, how often it was used this year, and when it may be used again', () => {
    const stock = { amount: 500, countedOn: '2026-05-01' } as never;
    const sprays = ['2025-09-01', '2026-05-20', '2026-06-01', '2026-06-20'].map((on) =>
      sprayOf(watch, on, [oil]),
    );
    expect(state({ sprays, products: [{ ...oil, stock }] })).toMatchObject({
      productId: oil.id,
      usesThisYear: 2,
      expired: false,
      next: [
        {
          plantName: 'Hedge, euonymus scale',
          watchId: watch.id,
          lastOn: '2026-06-01',
          on: '2026-06-15',
          usesLeft: 1,
        },
      ],
    });
    expect(state({ sprays }).left).toBeNull();
    // On the first day it may go on again nothing is said any more.
    expect(state({ sprays: sprays.slice(0, 3) }, '2026-06-14').next).toHaveLength(1);
    expect(state({ sprays: sprays.slice(0, 3) }, '2026-06-15').next).toEqual([]);
    expect(state({}).next).toEqual([]);
  });

  test('used as often as the label allows, not before New Year', () => {
    const sprays = ['2026-04-01', '2026-04-20', '2026-05-10'].map((on) => sprayOf(watch, on, [oil]));
    expect(state({ sprays }).next[0]).toMatchObject({ on: '2027-01-01', usesLeft: 0 });
    // Where the interval runs past New Year it decides.
    const late = ['2026-12-01', '2026-12-15', '2026-12-24'].map((on) => sprayOf(watch, on, [oil]));
    expect(state({ sprays: late }, '2026-12-25').next[0]!.on).toBe('2027-01-07');
  });

  test('a product past its day is told', () => {
    const expired = (expiresOn: CivilDate | null) => state({ products: [{ ...oil, expiresOn }] }).expired;
    expect([expired(null), expired('2026-06-09'), expired('2026-06-10')]).toEqual([false, true, false]);
  });

  test('the shopping card names what works, for which plants, how often, and how much', () => {
    const [item] = shelf({}).shopping;
    expect(item).toMatchObject({
      materialId: 'mineral-oil',
      forWhat: ['Hedge, euonymus scale'],
      sprays: 2,
      left: null,
    });
    const [low, high] = item!.amount!;
    expect(high).toBeGreaterThan(low);
    const two = plantOf('Second', 'spindle', { count: 3 });
    const [both] = shelf({ plants: [plant, two], watches: [watch, watchOn(two, 'euonymus-scale')] }).shopping;
    expect(both!.forWhat).toEqual(['Hedge, euonymus scale', 'Second, euonymus scale']);
    expect(both!.amount![0]).toBeCloseTo(4 * low, 6);
    const stocked = { ...oil, stock: { amount: 300, countedOn: '2026-06-01' } as never };
    const more = { ...productOf('mineral-oil'), stock: { amount: 200, countedOn: '2026-06-01' } as never };
    const lefts = shelf({ products: [stocked, more] }).shopping[0]!.left;
    expect(lefts).toBe(
      (shelf({ products: [stocked] }).shopping[0]!.left ?? 0) +
        (shelf({ products: [more] }).shopping[0]!.left ?? 0),
    );
  });

  test('what is closed, dead, over the fence or no longer there is not shopped for', () => {
    const shopped = (more: Partial<Plant>, closed: Partial<typeof watch> = {}) => {
      const other = { ...plant, ...more };
      return shelf({ plants: [other], watches: [{ ...watch, ...closed }] }).shopping.length;
    };
    expect(shopped({})).toBe(1);
    expect(shopped({ outOfReach: true })).toBe(0);
    expect(shopped({ retiredOn: '2026-01-01' })).toBe(0);
    expect(shopped({}, { outcome: 'closed', outcomeOn: '2026-05-01' })).toBe(0);
    expect(shopped({}, { targetId: null })).toBe(0);
  });

  test('sprays follow the trouble and the school', () => {
    const wanted = (target: string, host: string, schools: Readonly<Record<string, string>> = {}) => {
      const other = plantOf('P', host);
      const state = madeGarden(
        { plants: [other], watches: [watchOn(other, target)], products: [] },
        { schools },
      );
      return shelfAnswer(gardenDay(state, TODAY)).shopping[0]?.sprays;
    };
    expect(wanted('euonymus-scale', 'spindle')).toBe(2);
    expect(wanted('euonymus-scale', 'spindle', { 'crawler-sprays': 'at-peak' })).toBe(1);
    expect(wanted('apple-scab', 'apple')).toBe(3);
  });
});

describe('a round', () => {
  const scaly = plantOf('Hedge', 'spindle');
  const clean = plantOf('Lilac', 'lilac');
  const over = plantOf('Fence', 'spindle', { outOfReach: true });
  const gone = plantOf('Stump', 'apple', { retiredOn: '2026-02-01' });
  const watch = watchOn(scaly, 'euonymus-scale');
  const round = (said: Partial<GardenState> = {}, id: string | null = null, stops: readonly Stop[] = []) =>
    roundAnswer(
      gardenDay(madeGarden({ plants: [scaly, clean, over, gone], watches: [watch], ...said }), TODAY),
      id === null ? null : ({ id } as never),
      stops,
    );

  test('goes to every plant that stands and can be walked to, watched or not', () => {
    const { stops, changes } = round();
    expect(stops.map(({ name }) => name).sort()).toEqual(['Hedge', 'Lilac']);
    expect(stops.find(({ name }) => name === 'Hedge')).toMatchObject({
      watchId: watch.id,
      placeName: 'Out',
      place: 0,
      targetName: 'Euonymus scale',
      level: null,
      protocol: 'twig',
      tagged: 0,
      lookedOn: null,
      done: [],
    });
    expect(stops.find(({ name }) => name === 'Lilac')).toMatchObject({
      watchId: null,
      targetName: null,
      level: null,
      protocol: null,
      lookedOn: null,
      due: null,
    });
    expect(changes).toEqual([]);
    // Over the fence it is looked at only where somebody watches it.
    const watched = round({ watches: [watch, watchOn(over, 'euonymus-scale')] });
    expect(watched.stops.map(({ name }) => name)).toContain('Fence');
  });

  test('a stop counted twice the same way is asked about, both counts with it', () => {
    const count = (id: string, more: Partial<Sample> = {}) =>
      sampleOf(watch, TODAY, 'twig', twigs([1, 2]), { id, roundId: 'r', ...more });
    const twice = (...samples: Sample[]) => round({ samples }, 'r').countedTwice;
    expect(twice(count('a'))).toEqual([]);
    expect(twice(count('a'), count('b', { roundId: null }))).toEqual([]);
    expect(twice(count('a'), count('b', { protocol: 'leaf' }))).toEqual([]);
    expect(twice(count('a'), count('b'))).toMatchObject([
      { watchId: watch.id, name: 'Hedge', samples: [{ id: 'a' }, { id: 'b' }], canBeOne: true },
    ]);
    const tagged = {
      units: twigs([1, 2]).map((counts, i) => ({ counts, tagId: `t${i}` })),
    };
    expect(twice(count('a', tagged), count('b', tagged))[0]!.canBeOne).toBe(false);
  });

  test('knows when each was looked at, and what came of it on this round', () => {
    const samples = [
      sampleOf(watch, '2026-05-01', 'twig', twigs([4, 4])),
      sampleOf(watch, '2026-06-05', 'twig', twigs([6, 6])),
    ];
    const stop = { id: 's', roundId: 'r', plantId: scaly.id, watchId: watch.id } as never;
    const other = { id: 't', roundId: 'r', plantId: clean.id, watchId: null } as never;
    const { stops } = round({ samples }, 'r', [stop, other]);
    expect(stops.find(({ name }) => name === 'Hedge')).toMatchObject({
      lookedOn: '2026-06-05',
      done: [{ id: 's' }],
    });
    expect(stops.find(({ name }) => name === 'Lilac')!.done).toEqual([other]);
  });

  test('tells what its counts say against those before, counted the same way', () => {
    const before = sampleOf(watch, '2026-05-20', 'twig', twigs([8, 9, 8, 9, 8]));
    const otherWay = sampleOf(watch, '2026-06-01', 'bark', [
      { live: 1, dead: 0 },
      { live: 2, dead: 0 },
    ]);
    const now = sampleOf(watch, '2026-06-10', 'twig', twigs([1, 2, 1, 2, 1]), { roundId: 'r' });
    const again = sampleOf(watch, '2026-06-10', 'twig', twigs([1, 1, 1, 2, 1]), { roundId: 'r' });
    const { changes } = round({ samples: [before, otherWay, now, again] }, 'r');
    expect(changes.map(({ sample, before: earlier }) => [sample.id, earlier?.id])).toEqual([
      [now.id, before.id],
      [again.id, before.id],
    ]);
    expect(changes[0]).toMatchObject({
      watchId: watch.id,
      name: 'Hedge',
      targetName: 'Euonymus scale',
      change: { kind: 'fell' },
    });
    const first = round({ samples: [{ ...now, on: '2026-06-10' }] }, 'r').changes;
    expect(first).toMatchObject([{ before: null, change: null }]);
  });
});

describe('feeding', () => {
  const plant = plantOf('Apple', 'apple');
  const fed = (on: CivilDate, kind: Care['kind'] = 'feeding'): Care =>
    ({ id: on + kind, plantId: plant.id, on, kind, note: '' }) as Care;
  const feeding = (school: string, said: Partial<GardenState> = {}, today: CivilDate = TODAY) =>
    feedingAnswer(
      gardenDay(madeGarden({ plants: [plant], ...said }, { schools: { feeding: school } }), today),
      plant,
    );

  test('by no school there is none', () => {
    expect(feeding('none')).toMatchObject({ school: { id: 'none' }, feedings: [] });
  });

  test('by rhythm from the first green to leaf fall: as logged, else by rule of thumb', () => {
    const { feedings } = feeding('monthly');
    expect(feedings[0]).toEqual({
      on: addDays('2026-01-01', 75),
      why: 'rhythm',
      done: false,
      isGuess: false,
    });
    expect(feedings.at(-1)!.on < addDays('2026-01-01', 290)).toBe(true);
    const growth = [
      stage(plant, '2025-04-01', 'green-tip'),
      stage(plant, '2026-04-20', 'green-tip'),
      stage(plant, '2026-06-01', 'leaf-fall'),
    ];
    expect(feeding('monthly', { growth }).feedings.map(({ on }) => on)).toEqual(['2026-04-20', '2026-05-20']);
    const care = [
      fed('2025-04-20'),
      fed('2026-04-22'),
      fed('2026-05-21', 'pruning' as never),
      fed('2026-06-20'),
    ];
    expect(feeding('monthly', { growth, care }).feedings.map(({ done }) => done)).toEqual([true, false]);
  });

  test('four a season by its stages', () => {
    const growth = [
      stage(plant, '2026-04-01', 'bud-swell'),
      stage(plant, '2026-05-05', 'bloom-start'),
      stage(plant, '2026-05-18', 'bloom-end'),
      stage(plant, '2026-05-20', 'petal-fall'),
    ];
    expect(feeding('four-a-season', { growth }).feedings.map(({ on, why }) => [on, why])).toEqual([
      ['2026-04-01', 'bud-swell'],
      ['2026-04-28', 'before-bloom'],
      ['2026-05-20', 'petal-fall'],
      ['2026-06-03', 'after-petal-fall'],
    ]);
    expect(feeding('four-a-season', { growth: growth.slice(0, 3) }).feedings[2]!.on).toBe('2026-05-18');
    expect(feeding('four-a-season').feedings).toEqual([]);
  });
});

describe('leaves', () => {
  const plant = plantOf('Apple', 'apple');
  const watch = watchOn(plant, 'apple-scab');
  const day = (said: Partial<GardenState>, today: CivilDate = TODAY) =>
    gardenDay(madeGarden({ plants: [plant], watches: [watch], ...said }), today);

  test('are told by stages, sprays in leaf and counts on leaves, in order, up to the day', () => {
    const oil = productOf('mineral-oil');
    const made = day({
      products: [oil],
      growth: [stage(plant, '2026-04-20', 'green-tip'), stage(plant, '2026-07-01', 'flush-start')],
      sprays: [
        sprayOf(watch, '2026-05-01', [oil]),
        sprayOf(watch, '2026-03-01', [oil], { leafState: 'dormant' }),
      ],
      samples: [
        sampleOf(watch, '2026-04-25', 'disease', [{ percent: 1 }, { percent: 2 }]),
        sampleOf(watch, '2026-04-26', 'twig', twigs([1, 2])),
      ],
    });
    expect(leafSigns(made.books.plantBook(plant.id), TODAY).map(({ kind, on }) => [kind, on])).toEqual([
      ['green-tip', '2026-04-20'],
      ['counted-on-leaves', '2026-04-25'],
      ['sprayed', '2026-05-01'],
    ]);
    expect(leavesOf(made, plant)).toMatchObject({ value: 'in-leaf', by: 'sprayed' });
  });

  test('before a dose for bare wood are asked about after midwinter, unless just seen', () => {
    const bare = (growth: readonly Growth[], today: CivilDate) => {
      const made = day({ growth }, today);
      return bareWoodQuestion(made, leavesOf(made, plant));
    };
    const fallen = [stage(plant, '2025-11-20', 'leaf-fall')];
    expect(bare(fallen, '2025-12-20')).toBeNull();
    expect(bare(fallen, '2026-02-01')).toBe('green-yet');
    expect(bare([...fallen, stage(plant, '2026-02-01', 'seen-bare')], '2026-02-02')).toBeNull();
    expect(bare([...fallen, stage(plant, '2026-02-01', 'seen-bare')], '2026-02-10')).toBe('green-yet');
    expect(bare([stage(plant, '2026-06-01', 'seen-in-leaf')], TODAY)).toBeNull();
    const evergreen = plantOf('Holly', 'holly');
    const made = gardenDay(madeGarden({ plants: [evergreen] }), '2026-02-01');
    expect(bareWoodQuestion(made, leavesOf(made, evergreen))).toBeNull();
  });

  test('of a place without years go by its latitude, under a roof with more doubt', () => {
    const year = (kind: 'outdoors' | 'cold-house') => {
      const made = day({ places: [outdoors({ kind })] });
      return usualYear(made, made.books.plantBook(plant.id));
    };
    expect(year('outdoors')).toMatchObject({ basis: 'calendar', marginDays: 25 });
    expect(year('cold-house').marginDays).toBe(60);
  });
});

describe('a plant by its own warmth', () => {
  // Warm days begin on 1 March of every year: 14 °C·days above 4 a day, none before.
  const years = (from: number, to: CivilDate) =>
    daysAlike(`${from}-01-01`, 3000)
      .filter(({ date }) => date < to)
      .map((day) =>
        day.date.slice(5) < '03-01' || day.date.slice(5) >= '11-01'
          ? { ...day, minC: -6, maxC: 2 }
          : { ...day, minC: 13, maxC: 23 },
      );
  const plant = plantOf('Apple', 'apple');
  const winter = (growth: readonly Growth[], today: CivilDate, on?: CivilDate) => {
    const state = madeGarden({ plants: [plant], growth, days: { [STATION]: years(2019, today) } });
    const made = gardenDay(state, today);
    return plantWinter(made, plant, on);
  };

  test('swells when it has had the warmth it had at its swell in other years', () => {
    const log = [stage(plant, '2024-03-11', 'bud-swell'), stage(plant, '2025-03-13', 'bud-swell')];
    const { budSwell } = winter(log, '2026-02-01');
    expect(budSwell.basis).toBe('own-heat');
    expect(['2026-03-10', '2026-03-11', '2026-03-12']).toContain(budSwell.on);
    // In its season the next spring is worked out from how the years run.
    expect(winter(log, '2026-06-01').budSwell).toMatchObject({ basis: 'own-heat' });
    expect(winter(log, '2026-06-01').budSwell.on.slice(0, 4)).toBe('2027');
    // A stage of a year nobody measured tells nothing of warmth, but of its days.
    expect(winter([stage(plant, '2012-03-20', 'bud-swell')], '2026-02-01').budSwell.basis).toBe('own-years');
    expect(winter([], '2026-02-01').budSwell.basis).toBe('default');
  });
});

describe('the bench', () => {
  const plant = plantOf('Hedge', 'spindle', { count: 2 });
  const watch = watchOn(plant, 'euonymus-scale');
  const oil = productOf('mineral-oil', { mostPerYear: 500 }, { containsOil: true });
  const dormantOil = productOf('mineral-oil', { leafStates: ['dormant'] }, { containsOil: true });
  const ASKED: BenchAsked = { leafState: null, beesAtHoneydew: null, bloom: null, weather: 'not-sure' };
  const bench = (said: Partial<GardenState> = {}, asked: Partial<BenchAsked> = {}) => {
    const made = gardenDay(
      madeGarden({ plants: [plant], watches: [watch], products: [dormantOil, oil], ...said }),
      TODAY,
    );
    return benchAnswer(made, [pictureOf(made, watch.id)!], { ...ASKED, ...asked });
  };

  test('offers the line that may be used before the one that may not', () => {
    const { watches } = bench({ growth: [stage(plant, '2026-06-08', 'seen-in-leaf')] }, { bloom: 'over' });
    expect(watches[0]).toMatchObject({
      watchId: watch.id,
      evergreen: false,
      leafState: 'in-leaf',
      leafQuestion: null,
      weatherKnown: false,
    });
    expect(watches[0]!.lines.map(({ productId }) => productId)).toEqual([oil.id, dormantOil.id]);
    expect(watches[0]!.lines.map(({ verdict }) => verdict === 'no')).toEqual([false, true]);
  });

  test('goes by what the gardener says it wears', () => {
    const said = bench({}, { leafState: 'dormant' }).watches[0]!;
    expect([said.leafState, said.leafQuestion]).toEqual(['dormant', null]);
  });

  test('water goes by its size, for as many as there are, and then by what it took', () => {
    const whole = (answer: ReturnType<typeof bench>) =>
      answer.watches[0]!.waters.find(({ scope }) => scope === 'whole')!;
    const box = whole(bench());
    expect(box.basis).toBe('box');
    const one = whole(bench({ plants: [{ ...plant, count: 1 }] }));
    expect(box.need.middleMl).toBeCloseTo(2 * one.need.middleMl, 6);
    const row = whole(bench({ plants: [{ ...plant, lengthM: 3 }] }));
    expect(row.need.middleMl).toBeCloseTo(3 * one.need.middleMl, 6);
    const sprays = [
      sprayOf(watch, '2026-05-01', [oil]),
      sprayOf(watch, '2026-05-20', [oil], { sprayMl: 3000 }),
    ];
    expect(whole(bench({ sprays })).basis).toBe('learned');
  });

  test('tells what is in the packs, and what each sprayer held last unless it was rinsed', () => {
    const sprays = [sprayOf(watch, '2026-05-01', [oil])];
    const answer = bench({
      sprays,
      products: [{ ...oil, stock: { amount: 300, countedOn: '2026-04-01' } as never }, dormantOil],
    });
    expect(answer.left[dormantOil.id]).toBeNull();
    expect(answer.watches[0]!.lines.find(({ productId }) => productId === oil.id)!.leftThisYear).toBe(460);
    expect(answer.sprayers).toMatchObject([
      {
        sprayerId: PUMP.id,
        lastLoad: { on: '2026-05-01', productNames: ['mineral-oil'], ingredients: ['oil'] },
      },
    ]);
    const rinsed = (rinsedOn: CivilDate) =>
      bench({ sprays, sprayers: [{ ...PUMP, rinsedOn }] }).sprayers[0]!.lastLoad;
    expect(rinsed('2026-05-02')).toBeNull();
    expect(rinsed('2026-04-30')).not.toBeNull();
  });
});

describe('spray hours', () => {
  const plant = plantOf('Apple', 'apple');
  const lemon = plantOf('Lemon', 'lemon');
  const oil = productOf(
    'mineral-oil',
    { greatestC: 27, leastC: 10, rainFreeHours: 30 },
    { containsOil: true },
  );
  const killer = productOf('malathion', {});
  const answer = (
    sprayed: Plant,
    product = oil,
    growth: readonly Growth[] = [],
    told = { beesAtHoneydew: false, thirsty: false },
  ) => {
    const state = madeGarden({
      plants: [plant, lemon],
      products: [oil, killer],
      growth,
      forecasts: { [STATION]: daysAlike(TODAY, 5) },
    });
    return sprayAnswer(gardenDay(state, TODAY), sprayed, product, product.lines[0]!, told, 2);
  };

  test('go by the label, the school and the plant', () => {
    expect(answer(plant)).toMatchObject({
      limits: { leastC: 10, betterC: 13, greatestC: 27, rainFreeHours: 30 },
      isOil: true,
      school: { id: expect.any(String) },
    });
    const plain = productOf('mineral-oil', {}, { containsOil: true });
    expect(answer(lemon, plain).limits.greatestC).toBe(29);
    expect(answer(plant, killer)).toMatchObject({
      isOil: false,
      limits: { greatestC: 30, rainFreeHours: 12 },
    });
    expect(answer(plant).days.length).toBeGreaterThanOrEqual(3);
    expect(answer(plant).stretches.length).toBeGreaterThan(0);
  });

  test('stop for bees at an open bloom or at honeydew, where it harms them', () => {
    const bloom = [stage(plant, '2026-06-05', 'bloom-start')];
    expect(answer(plant, killer, bloom).scene).toEqual({
      bloom: true,
      beesAtHoneydew: false,
      thirsty: false,
    });
    expect(answer(plant, killer).scene.bloom).toBe(false);
    expect(answer(plant, killer, [], { beesAtHoneydew: true, thirsty: true }).scene).toEqual({
      bloom: false,
      beesAtHoneydew: true,
      thirsty: true,
    });
  });
});

describe('seasons', () => {
  const plant = plantOf('Hedge', 'spindle');
  const watch = watchOn(plant, 'euonymus-scale', { openedOn: '2025-04-01' });
  const oil = productOf('mineral-oil');
  const seasons = (said: Partial<GardenState>) => {
    const made = gardenDay(
      madeGarden({ plants: [plant], watches: [watch], products: [oil], ...said }),
      TODAY,
    );
    return seasonsAnswer(made, pictureOf(made, watch.id)!);
  };

  test('each count stands with what changed and what was done since the one before', () => {
    const samples = ['2025-04-10', '2026-04-12', '2026-05-01'].map((on, i) =>
      sampleOf(
        watch,
        on,
        'twig',
        twigs(Array.from({ length: 10 }, (_, twig) => [20, 4, 2][i]! + (twig % 2))),
      ),
    );
    const {
      seasons: counted,
      plantName,
      targetName,
    } = seasons({
      samples,
      sprays: [
        sprayOf(watch, '2025-04-09', [oil]),
        sprayOf(watch, '2025-04-10', [oil]),
        sprayOf(watch, '2026-04-11', [oil]),
        sprayOf(watch, '2026-04-12', [oil]),
      ],
      handwork: [handworkOn(watch, '2025-12-31'), handworkOn(watch, '2026-05-02')],
    });
    expect([plantName, targetName]).toEqual(['Hedge', 'Euonymus scale']);
    expect(counted.map(({ treatments }) => treatments.map(({ on }) => on))).toEqual([
      [],
      ['2025-04-10', '2026-04-11'],
      ['2026-04-12'],
    ]);
    expect(counted.map(({ handwork }) => handwork.map(({ on }) => on))).toEqual([[], ['2025-12-31'], []]);
    expect(counted[0]!.change).toBeNull();
    expect(counted[1]!.change!.kind).toBe('fell');
    expect(counted[1]!.treatments[0]).toEqual({
      on: '2025-04-10',
      rate: 1.5,
      product: 'mineral-oil',
      rateUnit: 'percent',
    });
    expect(counted[2]).toMatchObject({
      sampleId: samples[2]!.id,
      protocol: 'twig',
      tagged: false,
      holedShare: expect.anything(),
    });
  });
});

describe('Now', () => {
  test('tells what is due, what of it the weighing holds back, how many are watched and what is new', () => {
    const plant = plantOf('Hedge', 'spindle');
    const watch = watchOn(plant, 'euonymus-scale');
    const unnamed = watchOn(plant, null, { openedOn: '2026-06-09' });
    const closed = watchOn(plant, 'euonymus-scale', { outcome: 'closed', outcomeOn: '2026-06-01' });
    const now = nowAnswer(
      gardenDay(madeGarden({ plants: [plant], watches: [watch, unnamed, closed] }), TODAY),
    );
    expect(now.today).toBe(TODAY);
    expect(now.openWatches).toBe(2);
    expect(now.due.find(({ watchId }) => watchId === unnamed.id)).toMatchObject({
      kind: 'name-it',
      plantName: 'Hedge',
      targetName: 'Not yet named',
      plantId: plant.id,
      level: null,
      heldBy: [],
    });
    expect(now.due.some(({ watchId }) => watchId === closed.id)).toBe(false);
  });
});
