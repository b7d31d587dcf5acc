import { describe, expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import type { Garden, SeasonPlan } from '#core/records';
import { HEDGE_CLIMATE, simulateDays } from '#simulated';
import type { GardenState } from '../garden-state.ts';
import {
  allowedDays,
  gardenDay,
  pictureOf,
  planAnswer,
  planBack,
  planGround,
  type PlanCut,
  type PlanMaterial,
  tollOf,
} from '../index.ts';
import {
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
} from '../made-garden.ts';

const YEARS = simulateDays(HEDGE_CLIMATE, 5, '2018-01-01', '2026-12-31');
const upTo = (today: CivilDate) => ({ [STATION]: YEARS.filter(({ date }) => date < today) });

const hedge = plantOf('Hedge', 'euonymus');
const watch = watchOn(hedge, 'euonymus-scale');
const TELLS: Garden['climate'] = {
  lastFrost: '05-01',
  firstFrost: '10-10',
  summerHighC: 27,
  winterLowC: -8,
  summerLowC: null,
  summers: 'even',
};

function asked(today: CivilDate, said: Partial<GardenState> = {}, garden: Partial<Garden> = {}) {
  const state = madeGarden({ plants: [hedge], watches: [watch], ...said }, garden);
  const day = gardenDay(state, today);
  return planAnswer(day, pictureOf(day, (said.watches ?? [watch])[0]!.id)!);
}
function planned(...args: Parameters<typeof asked>) {
  const answer = asked(...args);
  if (answer.kind !== 'plan') throw new Error(`no plan: ${answer.why}`);
  return answer;
}
/** Fewer possible seasons than the page draws are enough here. */
const groundOf = (material: PlanMaterial) => planGround(material, 40);
/** The first day on which crawlers are about in the middle season. */
function hatchesFrom(material: ReturnType<typeof planned>): CivilDate {
  const { hatching } = groundOf(material);
  return addDays(material.frame.start, hatching![0]);
}

describe('which season is planned', () => {
  test.each([
    ['2026-01-15', {}, '2026-01-01'],
    ['2026-05-20', {}, '2026-01-01'],
    ['2026-10-10', {}, '2026-01-01'],
    ['2026-10-25', {}, '2027-01-01'],
    ['2026-12-31', {}, '2027-01-01'],
    ['2026-10-25', { latitudeDeg: -38 }, '2026-07-01'],
    ['2026-05-20', { latitudeDeg: -38 }, '2026-07-01'],
    ['2027-01-01', { latitudeDeg: -38 }, '2026-07-01'],
  ] as const)('on %s with %j it begins %s', (today, garden, season) => {
    const { frame } = planned(today, {}, garden);
    expect(frame.season).toBe(season);
    expect(addDays(frame.start, frame.today)).toBe(today);
    expect(frame.today).toBeGreaterThanOrEqual(0);
    expect(frame.today).toBeLessThan(frame.days);
  });
});

describe('an empty garden', () => {
  test('with no thermometer and nothing told, the usual months tell when, and no weather is made up', () => {
    const material = planned('2026-05-02', { places: [outdoors({ stationId: null })] });
    expect(material.hatch).toMatchObject({ basis: 'months', tapes: { count: 0, caught: 0 } });
    expect(material.weather).toMatchObject({ measured: [], forecast: [], normals: null });
    const ground = groundOf(material);
    const way = material.ways.find(({ means }) => means.by === 'spray')!;
    expect(ground.chance({ day: material.frame.today + 40, wayId: way.id }).good).toBeNull();
    const best = ground.best({ wayId: way.id, count: 1, beside: [], freeDays: [] })!;
    expect(best.left.median).toBeLessThan(75);
    expect(material.goodDays).toBeNull();
  });
  test('in the south the usual months are half a year on', () => {
    const from = hatchesFrom(
      planned('2026-10-02', { places: [outdoors({ stationId: null })] }, { latitudeDeg: -38 }),
    );
    expect(from > '2026-10-01' && from < '2026-12-31').toBe(true);
  });
  test('materials of the usual kinds stand where the shelf is empty, none that is not for an organic garden', () => {
    const names = (garden: Partial<Garden>) =>
      planned('2026-05-02', {}, garden).ways.flatMap(({ means }) =>
        means.by === 'spray' ? [means.materialId] : [],
      );
    expect(names({})).toEqual(['mineral-oil', 'soap', 'pyriproxyfen']);
    expect(names({ schools: { organic: 'organic-only' } })).toEqual(['mineral-oil', 'soap']);
  });
  test('told what the place is like, possible years are drawn from that', () => {
    const material = planned('2026-05-02', {}, { climate: TELLS });
    expect(material.weather.fittedToYears).toBe(0);
    expect(material.weather.normals?.months).toHaveLength(12);
    const way = material.ways[0]!;
    const { good } = groundOf(material).chance({ day: material.frame.today + 30, wayId: way.id });
    expect(good).toBeGreaterThan(0.2);
    expect(good).toBeLessThan(1);
  });
});

describe('no plan', () => {
  const why = (...args: Parameters<typeof asked>) => {
    const answer = asked(...args);
    return answer.kind === 'none' ? answer.why : 'a plan';
  };
  test('for what nobody named, for fungi and aphids, and for what is closed', () => {
    expect(why('2026-05-02', { watches: [watchOn(hedge, null)] })).toBe('not-named');
    const apple = plantOf('Apple', 'apple');
    expect(why('2026-05-02', { plants: [apple], watches: [watchOn(apple, 'apple-scab')] })).toBe(
      'not-modelled',
    );
    expect(why('2026-05-02', { watches: [{ ...watch, outcome: 'closed', outcomeOn: '2026-04-01' }] })).toBe(
      'closed',
    );
  });
  test('for a group without a species and without any tapes, and then by its tapes', () => {
    const open = { ...watch, targetId: null };
    expect(why('2026-06-20', { watches: [open] })).toBe('no-hatch');
    expect(why('2026-06-20', { watches: [open], tapes: [tapeOn(open, '2026-06-10', 0)] })).toBe('no-hatch');
    for (const seen of [
      { tapes: [tapeOn(open, '2026-06-10', 12), tapeOn(open, '2026-06-17', 30)] },
      { sightings: [sightingOn(open, '2026-06-10', 'first-crawlers')] },
    ]) {
      const material = planned('2026-06-20', { watches: [open], ...seen });
      expect(material.hatch.basis).toBe('seen');
      const from = hatchesFrom(material);
      expect(from > '2026-05-15' && from < '2026-06-12').toBe(true);
    }
  });
});

describe('when it hatches', () => {
  const TODAY = '2026-05-20';
  const weather = { days: upTo(TODAY) };
  test('by the published sum on the garden’s own thermometer', () => {
    const material = planned(TODAY, weather);
    expect(material.hatch.basis).toBe('published');
    expect(material.weather.fittedToYears).toBe(8);
    expect(hatchesFrom(material) > '2026-04-25' && hatchesFrom(material) < '2026-06-15').toBe(true);
  });
  test('empty tapes hold it back, a catch brings it forward', () => {
    const late = '2026-06-10';
    const days = { days: upTo(late) };
    const firstOf = (counts: readonly number[]) =>
      hatchesFrom(
        planned(late, {
          ...days,
          tapes: counts.map((count, i) => tapeOn(watch, addDays(late, -7 * (counts.length - 1 - i)), count)),
        }),
      );
    expect(firstOf([0, 0, 0, 0]) > firstOf([])).toBe(true);
    expect(firstOf([0, 6, 40, 60]) < firstOf([0, 0, 0, 0])).toBe(true);
  });
  test('crawlers seen by eye count where no tape hangs', () => {
    const seen = { ...weather, sightings: [sightingOn(watch, '2026-05-06', 'first-crawlers')] };
    expect(hatchesFrom(planned(TODAY, seen)) < hatchesFrom(planned(TODAY, weather))).toBe(true);
  });
  test('next season is planned from past years when this one is over', () => {
    const material = planned('2026-11-10', { days: upTo('2026-11-10') });
    expect(material.hatch.tapes.count).toBe(0);
    expect(hatchesFrom(material) > '2027-04-15' && hatchesFrom(material) < '2027-06-30').toBe(true);
    expect(material.ways.map(({ id }) => id)).toContain('winter-oil');
  });
});

describe('what is reckoned with', () => {
  const TODAY = '2026-06-15';
  const oil = productOf('mineral-oil', { intervalDays: 14, usesPerYear: 2 });
  const base = { days: upTo(TODAY), products: [oil] };
  const leftOf = (said: Partial<GardenState>) =>
    groundOf(planned(TODAY, { ...base, ...said })).outcome([]).left.median;

  test('sprays and hand work that were done, and how well they wetted', () => {
    const spray = (coverage: 'everything' | 'missed-some' | null) => ({
      sprays: [sprayOf(watch, '2026-06-08', [oil], { coverage })],
    });
    expect(leftOf({})).toBe(100);
    expect(leftOf(spray(null))).toBeLessThan(85);
    expect(leftOf(spray('missed-some'))).toBeGreaterThan(leftOf(spray('everything')) + 8);
    expect(leftOf({ handwork: [handworkOn(watch, '2026-06-01')] })).toBeLessThan(60);
  });
  test('winter oil takes from what wintered, and only before the hatch', () => {
    const winter = (on: CivilDate) =>
      leftOf({ sprays: [sprayOf(watch, on, [oil], { leafState: 'dormant' })] });
    expect(winter('2026-03-20')).toBeLessThan(75);
    expect(winter('2026-06-14')).toBe(100);
  });
  test('a source plant sends more', () => {
    const over = plantOf('Over the fence', 'euonymus');
    const material = planned(TODAY, {
      ...base,
      plants: [hedge, over],
      watches: [{ ...watch, sourcePlantId: over.id }],
    });
    expect(material.figures.source).not.toBeNull();
    expect(planned(TODAY, base).figures.source).toBeNull();
  });
  test('holes among the covers, as counted', () => {
    const counted = (holed: number) =>
      planned(TODAY, {
        ...base,
        samples: [sampleOf(watch, '2026-06-01', 'twig', twigs([3, 4, 2, 5, 3], 2, holed))],
      }).figures.holed!;
    expect(counted(9).middle).toBeGreaterThan(0.5);
    expect(counted(0).middle).toBeLessThan(0.12);
  });
  test('the gardener’s own figures stand above the rules of thumb', () => {
    const figures = { coverage: { low: 0.2, middle: 0.25, high: 0.3 } };
    const plan: SeasonPlan = { id: watch.id, cuts: [], freeDays: [], figures };
    const material = planned(TODAY, { ...base, seasonPlans: [plan] });
    const wayId = `product:${oil.id}`;
    const left = (from: typeof material) =>
      groundOf(from).outcome([{ day: from.frame.today + 3, wayId }]).left.median;
    expect(material.ways.find(({ id }) => id === wayId)!.way.kind.coverage).toEqual(figures.coverage);
    expect(left(material)).toBeGreaterThan(left(planned(TODAY, base)) + 15);
  });
  test('the label’s interval and uses, and days it may not be', () => {
    const sprayed = { sprays: [sprayOf(watch, '2026-06-08', [oil])] };
    const way = planned(TODAY, { ...base, ...sprayed }).ways.find(({ id }) => id === `product:${oil.id}`)!;
    expect(way).toMatchObject({ intervalDays: 14, usesLeft: 1 });
    expect(way.fences[0]).toMatchObject({ from: planned(TODAY, base).frame.today });
    expect(way.fences[0]!.finding.ruleId).toContain('interval');
  });
  test('free days, intervals and fences leave the days that are allowed', () => {
    const material = planned(TODAY, base);
    const way = { ...material.ways[0]!, fences: [], intervalDays: 10 };
    const beside = [{ day: material.frame.today + 20, wayId: way.id }];
    const days = allowedDays(material, way, beside, [6]);
    expect(
      days.every((day) => new Date(`${addDays(material.frame.start, day)}T00:00:00Z`).getUTCDay() === 6),
    ).toBe(true);
    expect(days.every((day) => Math.abs(day - beside[0]!.day) >= 10)).toBe(true);
    expect(days.length).toBeGreaterThan(10);
  });
});

describe('schools side by side', () => {
  const TODAY = '2026-05-05';
  const oil = productOf('mineral-oil');
  const asked = (said: Partial<GardenState> = {}, today = TODAY) => {
    const material = planned(today, { days: upTo(today), products: [oil], ...said });
    return new Map(
      groundOf(material)
        .schools(`product:${oil.id}`)
        .map(({ question, outcomes }) => [
          question as string,
          new Map(outcomes.map((each) => [each.id, each])),
        ]),
    );
  };
  const schools = (said: Partial<GardenState> = {}) => asked(said).get('crawler-sprays')!;
  test('each sprays as its people would, and leaves less than nothing done', () => {
    const all = schools();
    expect([...all.keys()]).toEqual(['while-catching', 'at-peak', 'at-fall', 'monthly']);
    for (const { left, times, hours } of all.values()) {
      expect(left.median).toBeLessThan(90);
      expect(left.low).toBeLessThanOrEqual(left.median);
      expect(times).toBeGreaterThan(0.5);
      expect(hours / times).toBeCloseTo(all.get('at-fall')!.hours / all.get('at-fall')!.times, 6);
    }
    expect(all.get('while-catching')!.times).toBeGreaterThan(all.get('at-fall')!.times);
  });
  test('what was done already stays in all of them', () => {
    const winter = { sprays: [sprayOf(watch, '2026-03-20', [oil], { leafState: 'dormant' as const })] };
    const alone = schools();
    for (const [id, { left }] of schools(winter)) expect(left.mean).toBeLessThan(alone.get(id)!.left.mean);
  });
  test('hand work first takes more than the same sprays alone, and an hour or more besides', () => {
    const strike = asked().get('first-strike')!;
    const [hand, spray] = [strike.get('hand-first')!, strike.get('spray-first')!];
    expect(hand.left.mean).toBeLessThan(spray.left.mean);
    expect(hand.times).toBeGreaterThan(spray.times);
    expect(hand.hours).toBeGreaterThan(spray.hours);
  });
  test('in winter the dormant schools: three oils take more than one, by trouble is one; in May there are none', () => {
    expect(asked().has('dormant')).toBe(false);
    const winter = asked({}, '2026-01-20').get('dormant')!;
    expect([...winter.keys()]).toEqual(['by-trouble', 'three-sprays', 'monthly-oil', 'delayed-oil']);
    expect(winter.get('by-trouble')!.left).toEqual(winter.get('delayed-oil')!.left);
    expect(winter.get('delayed-oil')!.times).toBeGreaterThan(0.5);
    expect(winter.get('delayed-oil')!.left.mean).toBeLessThan(80);
    expect(winter.get('three-sprays')!.left.mean).toBeLessThan(winter.get('delayed-oil')!.left.mean);
  });
  test('the school the garden follows is told', () => {
    const followed = (garden: Parameters<typeof planned>[2]) =>
      planned(TODAY, {}, garden).schools['crawler-sprays'];
    expect(followed({ schools: { 'crawler-sprays': 'at-fall' } })).toBe('at-fall');
  });
});

describe('the stream that is drawn', () => {
  const TODAY = '2026-05-05';
  const oil = productOf('mineral-oil');
  test('a cut takes on its own day, dry or wet, so that it follows the hand', () => {
    const ground = groundOf(planned(TODAY, { days: upTo(TODAY), products: [oil] }));
    const total = (day: (typeof ground.alone)[number]) => day.crawler + day.settled + day.second + day.grown;
    const from = ground.hatching![0] + 12;
    for (let day = from; day < from + 20; day++) {
      const { stream } = ground.outcome([{ day, wayId: `product:${oil.id}` }]);
      expect(total(stream[day]!)).toBeLessThan(0.95 * total(ground.alone[day]!));
      expect(total(stream[day - 1]!)).toBeCloseTo(total(ground.alone[day - 1]!), 6);
    }
  });
});

describe('what the label allows', () => {
  const TODAY = '2026-05-05';
  const once = productOf('mineral-oil');
  const oil = { ...once, lines: once.lines.map((line) => ({ ...line, usesPerYear: 1 })) };
  const material = planned(TODAY, { days: upTo(TODAY), products: [oil] });
  const wayId = `product:${oil.id}`;
  test('one use left: the best day for one is told, for two there is none', () => {
    const best = (count: 1 | 2) => groundOf(material).best({ wayId, count, beside: [], freeDays: [] });
    expect(best(1)!.days).toHaveLength(1);
    expect(best(2)).toBeNull();
  });
  test('the schools too spray no oftener than it allows', () => {
    for (const { outcomes } of groundOf(material)
      .schools(wayId)
      .filter(({ question }) => question === 'crawler-sprays'))
      for (const { times } of outcomes) expect(times).toBeLessThanOrEqual(1);
  });
});

describe('the schools of leaf miners', () => {
  const lemon = plantOf('Lemon', 'lemon');
  const priced = (materialId: string, price: number) =>
    productOf(materialId, { groups: ['leaf-miner'] }, { pack: { amount: 1000, price } });
  const products = [priced('spinosad', 90), priced('mineral-oil', 20)];
  const schoolsOf = (plant: typeof lemon, shelf: typeof products = products) =>
    new Map(
      groundOf(
        planned('2026-05-05', {
          products: shelf,
          plants: [plant],
          watches: [watchOn(plant, 'citrus-leaf-miner')],
        }),
      )
        .schools(`product:${shelf[0]!.id}`)
        .map(({ question, outcomes }) => [
          question as string,
          new Map(outcomes.map((each) => [each.id, each])),
        ]),
    );
  const asked = schoolsOf(lemon);
  test('are asked of the flush and of spinosad and oil, and of nothing that is asked of scale', () => {
    expect([...asked.keys()]).toEqual(['spinosad-oil', 'leaf-mining']);
  });
  test('left alone all stay; every flush is sprayed oftener than monthly, and leaves less', () => {
    const mining = asked.get('leaf-mining')!;
    expect(mining.get('young-or-third')).toMatchObject({ times: 0, hours: 0, left: { median: 100 } });
    expect(mining.get('every-flush')!.times).toBeGreaterThan(mining.get('monthly')!.times);
    expect(mining.get('every-flush')!.left.mean).toBeLessThan(mining.get('monthly')!.left.mean);
  });
  test('on a young tree those who leave mines otherwise treat every flush', () => {
    const young = schoolsOf({ ...lemon, age: 'young' }).get('leaf-mining')!;
    expect(young.get('young-or-third')!.left).toEqual(young.get('every-flush')!.left);
    expect(young.get('young-or-third')!.times).toBeGreaterThan(1);
  });
  test('a label that does not name them is not sprayed under by any school', () => {
    const scale = [productOf('spinosad'), productOf('mineral-oil')];
    for (const { times } of schoolsOf(lemon, scale).get('leaf-mining')!.values()) expect(times).toBe(0);
  });
  test('one tank costs both at once, by turns the mean of them', () => {
    const both = asked.get('spinosad-oil')!;
    const each = ({ cost, times }: { cost: number | null; times: number }) => cost! / times;
    expect(each(both.get('tank-mix')!)).toBeCloseTo(2 * each(both.get('alternate')!), 6);
  });
  test('one tank a month holds both, and takes more than either school of one at a time would monthly', () => {
    const both = asked.get('spinosad-oil')!;
    expect(both.get('tank-mix')!.left.mean).toBeLessThan(asked.get('leaf-mining')!.get('monthly')!.left.mean);
    expect(both.get('alternate')!.times).toBeGreaterThan(both.get('tank-mix')!.times);
  });
});

describe('a growth regulator before leaves', () => {
  const TODAY = '2026-02-10';
  const apple = plantOf('Apple', 'apple');
  const leftOn = (targetId: string) => {
    const regulator = productOf('pyriproxyfen');
    const on = watchOn(apple, targetId);
    const material = planned(TODAY, {
      days: upTo(TODAY),
      products: [regulator],
      plants: [apple],
      watches: [on],
    });
    return groundOf(material)
      .schools(`product:${regulator.id}`)
      .find(({ question }) => question === 'crawler-sprays')!
      .outcomes.find(({ id }) => id === 'growth-regulator')!.left.median;
  };
  test('meets what winters young, and hardly what winters as eggs', () => {
    expect(leftOn('san-jose-scale')).toBeLessThan(60);
    expect(leftOn('oystershell-scale')).toBeGreaterThan(80);
  });
});

describe('what a plan takes and puts at risk', () => {
  const TODAY = '2026-05-05';
  const oil = { ...productOf('mineral-oil'), pack: { amount: 1000, price: 20 } };
  const bifenthrin = productOf('bifenthrin');
  const material = planned(TODAY, { days: upTo(TODAY), products: [oil, bifenthrin] });
  const toll = (...wayIds: string[]) =>
    tollOf(
      material,
      wayIds.map((wayId, i) => ({ wayId, day: 200 + i * 14 })),
    );
  const hand = material.ways.find(({ means }) => means.by === 'hand')!.id;
  test('nothing takes nothing', () => {
    expect(toll()).toEqual({ sprays: 0, hands: 0, hours: 0, cost: 0, beeDays: 0, helperDays: 0 });
  });
  test('twice takes twice: hours, money and helpers alike', () => {
    const [once, twice] = [toll(`product:${oil.id}`), toll(`product:${oil.id}`, `product:${oil.id}`)];
    expect(once.cost).toBeGreaterThan(0);
    expect(twice).toMatchObject({ sprays: 2, hours: 2 * once.hours, cost: 2 * once.cost! });
    expect(twice.helperDays).toBeCloseTo(2 * once.helperDays, 9);
  });
  test('a long deposit that harms bees is told in days; hand work harms none; an unknown price is not known', () => {
    const long = toll(`product:${bifenthrin.id}`);
    expect(long.beeDays).toBeGreaterThan(28);
    expect(long.cost).toBeNull();
    expect(long.helperDays).toBeGreaterThan(toll(`product:${oil.id}`).helperDays);
    expect(toll(hand)).toMatchObject({ sprays: 0, hands: 1, beeDays: 0, helperDays: 0, cost: 0 });
  });
});

describe('three years ahead', () => {
  const TODAY = '2026-05-05';
  const oil = productOf('mineral-oil');
  const lilac = { ...hedge, id: 'source-plant', name: 'Over the fence' };
  const years = (said: Partial<GardenState>, cuts: readonly PlanCut[] = []) =>
    new Map(
      groundOf(planned(TODAY, { days: upTo(TODAY), products: [oil], ...said }))
        .yearsAhead(cuts)
        .map(({ way, levels }) => [way as string, levels]),
    );
  const two = [230, 245].map((day) => ({ day, wayId: `product:${oil.id}` }));
  test('left alone it grows, with the plan it does less, cut back first least; no source, no helpers told of', () => {
    const all = years({}, two);
    expect([...all.keys()]).toEqual(['left-alone', 'plan', 'cut-back-then-plan']);
    const after = (way: string) => all.get(way)![2]!.median;
    expect(after('left-alone')).toBeGreaterThan(400);
    expect(after('plan')).toBeLessThan(after('left-alone'));
    expect(after('cut-back-then-plan')).toBeLessThan(after('plan'));
  });
  test('with a source beside it, clearing it helps every year', () => {
    const all = years({ plants: [hedge, lilac], watches: [{ ...watch, sourcePlantId: lilac.id }] }, two);
    for (const year of [0, 1, 2])
      expect(all.get('plan-source-cleared')![year]!.median).toBeLessThan(all.get('plan')![year]!.median);
  });
});

describe('looking back', () => {
  const TODAY = '2026-04-10';
  const oil = productOf('mineral-oil');
  const said = (sprayed: readonly CivilDate[]) => ({
    plants: [hedge],
    watches: [{ ...watch, openedOn: '2025-03-01' }],
    products: [oil],
    days: upTo(TODAY),
    sprays: sprayed.map((on) => sprayOf(watch, on, [oil])),
    tapes: [12, 40, 25, 4].map((count, i) => tapeOn(watch, addDays('2025-06-04', 7 * i), count)),
  });
  const back = (sprayed: readonly CivilDate[]) => {
    const day = gardenDay(madeGarden(said(sprayed)), TODAY);
    return planBack(day, watch.id);
  };

  test('last season as it was: its sprays on their days, its tapes, its measured weather', () => {
    const looked = back(['2025-06-02', '2025-06-16'])!;
    const { material } = looked;
    expect(material.frame.season).toBe('2025-01-01');
    expect(material.done.map(({ on }) => on)).toEqual(['2025-06-02', '2025-06-16']);
    expect(material.hatch.tapes).toEqual({ count: 4, caught: 81 });
    expect(material.weather.measured.at(-1)!.date).toBe(
      addDays(material.frame.start, material.frame.days - 1),
    );
    expect(looked).toMatchObject({ times: 2, way: { id: `product:${oil.id}` } });
    const left = groundOf(material).outcome([]).left.median;
    expect(left).toBeGreaterThan(5);
    expect(left).toBeLessThan(70);
  });
  test('the best days of that season leave no more than the days they were', () => {
    const looked = back(['2025-05-01', '2025-05-15'])!;
    const without = { ...looked.material, done: [] };
    const best = groundOf(without).best({ wayId: looked.way!.id, count: 2, beside: [], freeDays: [] })!;
    expect(best.left.mean).toBeLessThan(groundOf(looked.material).outcome([]).left.mean - 20);
  });
  test('nothing done, nothing to look back on', () => {
    expect(back([])).toBeNull();
  });
});
