import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { addDays, type CivilDate } from '#core/calendar';
import {
  blankSeries,
  blankStep,
  type Growth,
  type ProductRecord,
  type Series,
  type StepPlan,
  type Watch,
} from '#core/records';
import { HOUR_RULES } from '#knowledge';
import { aftercare } from './aftercare.ts';
import { comes } from './comes.ts';
import { dormantAnswer } from './dormant-answer.ts';
import { gardenDay } from './garden-day.ts';
import type { GardenState, LoggedSpray } from './garden-state.ts';
import {
  daysAlike,
  handworkOn,
  madeGarden,
  plantOf,
  productOf,
  sampleOf,
  sprayOf,
  STATION,
  tapeOn,
  twigs,
  watchOn,
} from './made-garden.ts';
import { nowAnswer } from './now-answer.ts';
import { plannedItems } from './planned-items.ts';
import { programmeAnswer, standingOf } from './programme-answer.ts';
import { seriesOffers } from './series-offers.ts';
import { dueBesideSeries } from './superseded.ts';
import { judgeLine, useScene } from './use-facts.ts';
import { factsOf } from './watch-picture.ts';
import { pictureOf } from './watch-pictures.ts';

const LEMON = plantOf('Lemon', 'lemon');
const MINED = watchOn(LEMON, 'citrus-leaf-miner');
const SCALE = watchOn(LEMON, 'brown-soft-scale');
const GROUPS_OF_ALL: ProductRecord['lines'][number]['groups'] = [
  'soft',
  'armored',
  'leaf-miner',
  'fungus',
  'sap-sucker',
];
const ANY = { groups: GROUPS_OF_ALL };
const spinosad = productOf('spinosad', { ...ANY });
const oil = productOf('mineral-oil', { ...ANY }, { containsOil: true });
const soap = productOf('soap', { ...ANY });

const every = (leastDays: number, mostDays = leastDays + 2) => ({ leastDays, mostDays, afterRainMm: null });
const spray = (materials: string[], more: Partial<StepPlan> = {}): StepPlan =>
  blankStep({ action: 'spray', materials, every: every(7), times: null, ...more });
const seriesOn = (watch: Watch, startedOn: CivilDate, ...steps: StepPlan[]): Series =>
  blankSeries({ id: `series ${startedOn}`, name: 'S', watchId: watch.id, startedOn, steps });
const growth = (stage: Growth['stage'], on: CivilDate): Growth => ({
  id: stage + on,
  plantId: LEMON.id,
  stage,
  on,
  leaves: null,
  note: '',
});
const garden = (said: Partial<GardenState>) =>
  madeGarden({ plants: [LEMON], watches: [MINED, SCALE], products: [spinosad, oil, soap], ...said });
const answers = (said: Partial<GardenState>, today: CivilDate) =>
  programmeAnswer(gardenDay(garden(said), today));
const first = (said: Partial<GardenState>, today: CivilDate) => answers(said, today)[0]!;
/** What is next: when, with what. */
const next = (said: Partial<GardenState>, today: CivilDate) => {
  const { next: step } = first(said, today);
  return [step?.from, step?.use?.kind === 'use' ? step.use.materialId : step?.use?.kind];
};

describe('a spray is settled by the rules of its day', () => {
  const series = [
    seriesOn(MINED, '2026-06-01', spray(['spinosad', 'mineral-oil'], { every: every(10, 14) })),
  ];

  test('by turns, and what the label keeps off comes as much later with all that follows', () => {
    const slow = productOf('mineral-oil', { ...ANY, intervalDays: 21 }, { containsOil: true });
    const sprays = [sprayOf(MINED, '2026-06-01', [slow]), sprayOf(MINED, '2026-06-10', [slow])];
    const weekly = [seriesOn(MINED, '2026-06-01', spray(['mineral-oil']))];
    const { steps } = first({ series: weekly, products: [slow], sprays }, '2026-06-11');
    expect(steps.slice(2).map(({ from }) => from)).toEqual([
      '2026-07-01',
      '2026-07-22',
      '2026-08-12',
      '2026-09-02',
    ]);
    const { use } = steps[2]!;
    expect(use).toMatchObject({
      kind: 'use',
      from: '2026-07-01',
      waitsFor: { ruleId: 'interval' },
      instead: null,
    });
  });

  test('alternates, and waits without a day while bloom stands against whatever reaches it', () => {
    expect(next({ series }, '2026-06-01')).toEqual(['2026-06-01', 'spinosad']);
    expect(next({ series, sprays: [sprayOf(MINED, '2026-06-01', [spinosad])] }, '2026-06-02')).toEqual([
      '2026-06-11',
      'mineral-oil',
    ]);
    const bloom = [growth('bloom-start', '2026-06-09')];
    const sprays = [sprayOf(MINED, '2026-06-01', [oil])];
    // All that reaches a miner harms bees: no day is proposed while it blooms, since nobody knows how long.
    const inBloom = first({ series, sprays, growth: bloom }, '2026-06-11').next!;
    expect(inBloom).toMatchObject({
      from: null,
      use: { kind: 'refused', against: [{ ruleId: 'in-bloom' }] },
    });
    const over = [...bloom, growth('bloom-end', '2026-06-11')];
    expect(next({ series, sprays, growth: over }, '2026-06-11')).toEqual(['2026-06-11', 'spinosad']);
  });

  test('what may not be used for long gives way to what may', () => {
    const twice = productOf('spinosad', { ...ANY, usesPerYear: 1 });
    const sprays = [sprayOf(MINED, '2026-06-01', [twice]), sprayOf(MINED, '2026-06-11', [oil])];
    const { next: step } = first({ series, sprays, products: [twice, oil] }, '2026-06-22');
    expect(step!.from).toBe('2026-06-21');
    expect(step!.use).toMatchObject({
      materialId: 'mineral-oil',
      instead: { materialId: 'spinosad', against: { ruleId: 'uses-a-year' } },
    });
  });

  test('where nothing may be used it says so, with what stands against it, and proposes no day', () => {
    const alone = productOf('spinosad', { ...ANY, hostIds: ['apple'] });
    const { next: step } = first({ series, products: [alone] }, '2026-06-01');
    expect(step).toMatchObject({ from: null, to: null, use: { kind: 'refused', materialId: 'spinosad' } });
    expect(step!.use).toMatchObject({ against: [{ ruleId: 'label-plant-not-on-label' }] });
    expect(standingOf(step!, '2026-06-01')).toBe('refused');
  });

  test('uses of a year that are used up wait for the next, across New Year', () => {
    const twice = productOf('mineral-oil', { ...ANY, usesPerYear: 2 }, { containsOil: true });
    const sprays = ['2026-12-01', '2026-12-15'].map((on) => sprayOf(SCALE, on, [twice]));
    const fortnightly = [seriesOn(SCALE, '2026-12-01', spray(['mineral-oil'], { every: every(14) }))];
    expect(next({ series: fortnightly, products: [twice], sprays }, '2026-12-20')).toEqual([
      '2027-01-01',
      'mineral-oil',
    ]);
  });

  test('what nobody has on the shelf is named, and what holds for the material is asked all the same', () => {
    const sprays = [sprayOf(SCALE, '2026-06-01', [productOf('soap', { ...ANY })])];
    const neem = [seriesOn(SCALE, '2026-06-10', spray(['raw-neem']))];
    const product = sprays[0]!.parts[0]!.productId;
    const shelf = [{ ...soap, id: product, lines: [{ ...soap.lines[0]!, id: sprays[0]!.parts[0]!.lineId }] }];
    expect(first({ series: neem, products: shelf, sprays }, '2026-06-10').next!.use).toMatchObject({
      kind: 'use',
      materialId: 'raw-neem',
      productId: null,
    });
    const sulfur = productOf('sulfur', { ...ANY });
    const dusted = [sprayOf(SCALE, '2026-06-01', [sulfur])];
    expect(next({ series: neem, products: [sulfur], sprays: dusted }, '2026-06-10')).toEqual([
      '2026-07-01',
      'raw-neem',
    ]);
  });

  test('a series that names no material takes what works, and is open where nobody has any', () => {
    const any = [seriesOn(SCALE, '2026-06-01', spray([]))];
    expect(next({ series: any, products: [soap] }, '2026-06-01')).toEqual(['2026-06-01', 'soap']);
    expect(next({ series: any, products: [] }, '2026-06-01')).toEqual(['2026-06-01', 'open']);
  });
});

describe('what was logged moves it', () => {
  const series = [
    seriesOn(
      SCALE,
      '2026-06-01',
      spray(['soap'], { until: [{ kind: 'looks-clear', looks: 2 }] }),
      blankStep({ action: 'look', trigger: { kind: 'after', leastDays: 14, mostDays: 28 } }),
    ),
  ];

  test('two counts that find nothing end the sprays; covers turned over count as a look', () => {
    const sprays = [sprayOf(SCALE, '2026-06-01', [soap])];
    const none = sampleOf(SCALE, '2026-06-04', 'twig', twigs([0, 0, 0]));
    const dead = {
      id: 'i',
      watchId: SCALE.id,
      on: '2026-06-06',
      answers: { 'turn-over': 'empty' },
      coversTurned: 30,
    };
    const said = { series, sprays, samples: [none], inspections: [dead] };
    expect(first(said, '2026-06-07').next).toMatchObject({ step: 1, from: '2026-06-15' });
    const some = sampleOf(SCALE, '2026-06-05', 'twig', twigs([0, 2, 0]));
    expect(first({ ...said, samples: [none, some] }, '2026-06-07').next).toMatchObject({ step: 0 });
  });

  test('tapes of one day are one look', () => {
    const catching = [
      seriesOn(SCALE, '2026-06-01', spray(['soap'], { until: [{ kind: 'tapes-empty', looks: 2 }] })),
    ];
    const sprays = [sprayOf(SCALE, '2026-06-01', [soap])];
    const oneDay = [tapeOn(SCALE, '2026-06-05', 0), tapeOn(SCALE, '2026-06-05', 0)];
    expect(first({ series: catching, sprays, tapes: oneDay }, '2026-06-06').over).toBeNull();
    const two = [...oneDay, tapeOn(SCALE, '2026-06-12', 0)];
    expect(first({ series: catching, sprays, tapes: two }, '2026-06-12').over?.why).toBe('done');
    expect(
      first({ series: catching, sprays, tapes: [...oneDay, tapeOn(SCALE, '2026-06-12', 1)] }, '2026-06-12')
        .over,
    ).toBeNull();
  });

  test('work on the whole plant counts for the watch, where what was sprayed reaches it', () => {
    const onPlant = { watchId: null, plantId: LEMON.id };
    const soaped = { ...sprayOf(SCALE, '2026-06-03', [soap]), ...onPlant };
    expect(first({ series, sprays: [soaped] }, '2026-06-04').steps[0]).toMatchObject({
      state: 'done',
      doneOn: '2026-06-03',
    });
    const fed = productOf('bacillus', { ...ANY });
    const other = { ...sprayOf(SCALE, '2026-06-03', [fed]), ...onPlant };
    expect(first({ series, products: [soap, fed], sprays: [other] }, '2026-06-04').steps[0]!.state).toBe(
      'late',
    );
    const wiping = [seriesOn(SCALE, '2026-06-01', blankStep({ action: 'hand', hand: 'wipe' }))];
    const wiped = { ...handworkOn(SCALE, '2026-06-02', { kind: 'wipe' }), ...onPlant };
    expect(first({ series: wiping, handwork: [wiped] }, '2026-06-02').over?.why).toBe('done');
  });

  test('a closed watch, or a plant that is gone, has no series any more', () => {
    expect(answers({ series, watches: [MINED, { ...SCALE, outcome: 'closed' }] }, '2026-06-02')).toEqual([]);
    expect(answers({ series, plants: [{ ...LEMON, retiredOn: '2026-06-01' }] }, '2026-06-02')).toEqual([]);
  });
});

describe('beside the rules of the watch', () => {
  const said = {
    sprays: [sprayOf(SCALE, '2026-06-01', [soap])],
    tapes: [tapeOn(SCALE, '2026-05-30', 40), tapeOn(SCALE, '2026-06-06', 60)],
  };
  const kinds = (more: Partial<GardenState>) =>
    dueBesideSeries(gardenDay(garden({ ...said, ...more }), '2026-06-13'))
      .filter(({ watchId }) => watchId === SCALE.id)
      .map(({ kind }) => kind);

  test('what a series says by itself the rules do not say again; other things they do', () => {
    expect(kinds({})).toEqual(expect.arrayContaining(['second-pass', 'change-tape']));
    const series = [seriesOn(SCALE, '2026-06-01', spray(['soap']))];
    expect(kinds({ series })).toContain('change-tape');
    expect(kinds({ series })).not.toContain('second-pass');
    expect(kinds({ series: [{ ...series[0]!, endedOn: '2026-06-12' }] })).toContain('second-pass');
  });

  test('a series that has no day yet takes the word from nobody', () => {
    const waiting = [seriesOn(SCALE, '2026-06-01', spray(['soap'], { trigger: { kind: 'petal-fall' } }))];
    expect(kinds({ series: waiting, sprays: [] })).toContain('treat-now');
  });
});

describe('what is planned stands in Now with its day', () => {
  const apple = plantOf('Apple', 'apple');
  const plum = plantOf('Plum', 'plum');
  const guard = (plantId: string) =>
    blankSeries({
      id: `guard ${plantId}`,
      name: 'Winter sprays',
      plantId,
      winter: true,
      startedOn: '2026-10-01',
    });
  const orchard = (schools: Record<string, string>, said: Partial<GardenState> = {}) =>
    madeGarden({ plants: [apple, plum], series: [guard(apple.id), guard(plum.id)], ...said }, { schools });
  const planned = (state: GardenState, today: CivilDate) =>
    plannedItems(gardenDay(state, today)).map(({ plantName, what, from, standing }) => [
      plantName,
      what.kind === 'winter' ? `${what.step.what} ${what.step.place}` : what.kind,
      from,
      standing,
    ]);

  test('winter sprays of plants nobody watches, each by its kind', () => {
    expect(planned(orchard({ dormant: 'three-sprays' }), '2026-10-10')).toEqual([
      ['Apple', 'oil leaf-fall', '2026-11-11', 'later'],
      ['Plum', 'oil-and-copper leaf-fall', '2026-11-11', 'later'],
    ]);
    expect(planned(orchard({ dormant: 'by-spurs' }), '2026-10-10')[0]![1]).toBe('spur-sample midwinter');
    const { plants } = dormantAnswer(gardenDay(orchard({ dormant: 'three-sprays' }), '2026-10-10'));
    expect(plants.map(({ guard: by, watchId }) => [by !== null, watchId])).toEqual([
      [true, null],
      [true, null],
    ]);
    expect(
      planned(
        orchard({ dormant: 'three-sprays' }, { series: [{ ...guard(apple.id), endedOn: '2026-10-05' }] }),
        '2026-10-10',
      ),
    ).toEqual([]);
  });

  test('a kind that comes both ways is asked about once, and then has its day', () => {
    const magnolia = plantOf('Magnolia', 'magnolia');
    const planted = (evergreen: boolean | null) =>
      madeGarden(
        { plants: [{ ...magnolia, evergreen }], series: [guard(magnolia.id)] },
        { schools: { dormant: 'three-sprays' } },
      );
    expect(planned(planted(null), '2026-10-10')).toEqual([['Magnolia', 'winter-asks', null, 'open']]);
    expect(planned(planted(false), '2026-10-10')[0]).toEqual([
      'Magnolia',
      'oil leaf-fall',
      '2026-11-11',
      'later',
    ]);
  });

  test('one tank for both is a turn of both, and the next is named', () => {
    const mix = productOf('mineral-oil', { leafStates: ['dormant'] }, { containsOil: true });
    const tank = [apple, plum].map((plant): LoggedSpray => ({
      ...sprayOf(SCALE, '2026-11-20', [mix]),
      watchId: null,
      plantId: plant.id,
      loadId: 'one',
      leafState: 'dormant',
    }));
    const state = orchard({ dormant: 'monthly-oil' }, { products: [mix], sprays: tank });
    expect(planned(state, '2026-11-21').map((row) => row.slice(0, 3))).toEqual([
      ['Apple', 'oil monthly', '2026-12-18'],
      ['Plum', 'oil monthly', '2026-12-18'],
    ]);
  });

  test('feedings come to Now, and what was fed is not asked again', () => {
    const fed = { id: 'c', plantId: apple.id, kind: 'feeding', on: '2026-06-05', note: '' } as const;
    const state = madeGarden(
      { plants: [apple], growth: [{ ...growth('green-tip', '2026-05-06'), plantId: apple.id }] },
      { schools: { feeding: 'monthly' } },
    );
    expect(planned(state, '2026-06-04')).toEqual([['Apple', 'feeding', '2026-06-05', 'soon']]);
    expect(planned(state, '2026-06-07')).toEqual([['Apple', 'feeding', '2026-06-05', 'open']]);
    expect(planned({ ...state, care: [fed] }, '2026-06-07')).toEqual([
      ['Apple', 'feeding', '2026-07-05', 'later'],
    ]);
  });

  test('a date of the whole garden', () => {
    const sharpen = blankSeries({
      id: 'g',
      name: 'Sharpen',
      startedOn: '2026-06-01',
      steps: [
        blankStep({
          action: 'errand',
          says: 'Sharpen',
          trigger: { kind: 'date', on: '2026-06-20', forDays: 3 },
        }),
      ],
    });
    const state = madeGarden({ series: [sharpen] });
    expect(planned(state, '2026-06-01')).toEqual([['', 'series', '2026-06-20', 'later']]);
    const tick = { id: 't', seriesId: 'g', on: '2026-06-18', step: 0, what: 'done', note: '' } as const;
    expect(planned({ ...state, ticks: [tick] }, '2026-06-19')).toEqual([]);
    expect(nowAnswer(gardenDay(state, '2026-06-25')).planned[0]!.standing).toBe('late');
  });
});

describe('when what is awaited comes', () => {
  const years = Array.from({ length: 6 }, (_, i) => 2020 + i).flatMap((year) =>
    daysAlike(`${year}-01-01`, 365 + Number(year % 4 === 0), {}).map((day) => ({
      ...day,
      minC: day.date.slice(5) >= '10-20' || day.date.slice(5) < '04-15' ? -2 : 8,
    })),
  );
  const fig = plantOf('Fig', 'fig');
  const day = (today: CivilDate, said: Partial<GardenState> = {}) =>
    gardenDay(madeGarden({ plants: [fig], days: { [STATION]: years }, ...said }), today);
  const asked = (
    what: Parameters<typeof comes>[2],
    after: CivilDate,
    today = '2026-06-01',
    said?: Partial<GardenState>,
  ) => comes(day(today, said), { plant: fig, picture: null }, what, after);
  const log = (stage: Growth['stage'], on: CivilDate): Growth => ({ ...growth(stage, on), plantId: fig.id });

  test('the first frost by past years, this season’s or the next; a frost in the forecast rules', () => {
    expect(asked({ kind: 'frost' }, '2026-06-01')).toMatchObject({ on: '2026-10-20', early: '2026-10-20' });
    expect(asked({ kind: 'frost' }, '2026-11-01')!.on).toBe('2027-10-20');
    const forecasts = { [STATION]: daysAlike('2026-09-28', 5, { minC: 0.8 }) };
    expect(asked({ kind: 'frost' }, '2026-09-28', '2026-09-28', { forecasts })!.on).toBe('2026-09-28');
    expect(asked({ kind: 'frost' }, '2026-06-01', '2026-06-01', { days: {} })).toBeNull();
  });

  test('stages as logged, else as expected; petals and flushes only as logged', () => {
    expect(
      asked({ kind: 'stage', stage: 'leaf-fall' }, '2026-06-01', '2026-12-01', {
        growth: [log('leaf-fall', '2026-11-03')],
      }),
    ).toMatchObject({
      on: '2026-11-03',
      late: '2026-11-03',
    });
    const usual = asked({ kind: 'stage', stage: 'bud-swell' }, '2026-06-01')!;
    expect([usual.on.slice(0, 4), usual.late]).toEqual(['2027', null]);
    expect(asked({ kind: 'petal-fall' }, '2026-05-01')).toBeNull();
    expect(
      asked({ kind: 'petal-fall' }, '2026-05-01', '2026-06-01', {
        growth: [log('petal-fall', '2026-05-09')],
      })!.on,
    ).toBe('2026-05-09');
    expect(
      asked({ kind: 'flush-hard' }, '2026-05-20', '2026-06-01', {
        growth: [log('flush-start', '2026-05-18')],
      }),
    ).toEqual({
      on: '2026-06-17',
      early: '2026-06-08',
      late: '2026-06-29',
      until: null,
    });
    expect(
      asked({ kind: 'flush' }, '2026-07-20', '2026-07-20', { growth: [log('flush-start', '2026-05-18')] }),
    ).toBeNull();
  });

  test('so much heat after a day: 3 °C·days a day above 10 °C on days from 8 to 18 °C', () => {
    const measured = daysAlike('2026-01-01', 151, { minC: 12, maxC: 14 });
    const on = asked({ kind: 'heat', cd: 30 }, '2026-05-01', '2026-06-01', { days: { [STATION]: measured } });
    // 13 °C on the mean: ten days of 3 °C·days each.
    expect(on).toMatchObject({ on: '2026-05-10' });
  });

  test('nothing where there is no plant to tell by', () => {
    expect(
      comes(day('2026-06-01'), { plant: null, picture: null }, { kind: 'flush' }, '2026-06-01'),
    ).toBeNull();
  });
});

describe('usual series are offered', () => {
  const offers = (said: Partial<GardenState>, today = '2026-06-03', schools: Record<string, string> = {}) => {
    const state = { ...garden(said) };
    const day = gardenDay({ ...state, garden: { ...state.garden, schools } }, today);
    return seriesOffers(day, LEMON, pictureOf(day, SCALE.id)!);
  };
  const ids = (list: ReturnType<typeof offers>['andThen']) => list.map(({ series }) => series.templateId);

  test('after what was logged, those of the schools followed first, with its day as their first', () => {
    const sprays = [sprayOf(SCALE, '2026-06-01', [productOf('raw-neem', { ...ANY })])];
    const products = [productOf('raw-neem', { ...ANY }, { id: sprays[0]!.parts[0]!.productId })];
    const { from, andThen } = offers({ sprays, products }, '2026-06-03', { 'neem-repeat': '10' });
    expect(from).toBe('2026-06-01');
    expect(ids(andThen)[0]).toBe('neem-10-21');
    expect(andThen[0]!.answer.next!.from).toBe('2026-06-11');
    expect(andThen.find(({ series }) => series.templateId === 'neem-7-14')!.followed).toBe(false);
  });

  test('not for work of last week, and not again once it is a step of a series', () => {
    const sprays = [sprayOf(SCALE, '2026-06-01', [soap])];
    expect(offers({ sprays }, '2026-06-09').from).toBeNull();
    expect(offers({ sprays, series: [seriesOn(SCALE, '2026-06-01', spray(['soap']))] }).andThen).toEqual([]);
  });

  test('hand work has its own, and without any work those that may begin stand alone', () => {
    const handwork = [handworkOn(SCALE, '2026-06-02', { kind: 'dip' })];
    expect(ids(offers({ handwork }).andThen)).toEqual(['hand-then-spray', 'dip-again', 'dip-six-hours']);
    const { from, andThen, toBegin } = offers({});
    expect([from, andThen]).toEqual([null, []]);
    expect(ids(toBegin)).toContain('crawlers-while-catching');
  });
});

test('days to harvest and hours to keep off stand as long as they last', () => {
  const apple = plantOf('Apple', 'apple', { edible: true });
  const watch = watchOn(apple, 'san-jose-scale');
  const product = productOf('mineral-oil', { daysToHarvest: 3, reentryHours: 30 });
  const told = (today: CivilDate, more = {}) =>
    aftercare(
      gardenDay(
        madeGarden({
          plants: [{ ...apple, ...more }],
          watches: [watch],
          products: [product],
          sprays: [sprayOf(watch, '2026-06-01', [product]), sprayOf(watch, '2026-06-01', [product])],
        }),
        today,
      ),
    ).map(({ pickFrom, offHours, offUntil }) => [pickFrom, offHours, offUntil]);
  expect(told('2026-06-01')).toEqual([['2026-06-04', 30, '2026-06-02']]);
  expect(told('2026-06-03')).toHaveLength(1);
  expect(told('2026-06-04')).toEqual([]);
  expect(told('2026-06-02', { edible: false })).toEqual([[null, 30, '2026-06-02']]);
  expect(told('2026-06-03', { edible: false })).toEqual([]);
});

describe('whatever the shelf, the series and the log', () => {
  const material = fc.constantFrom(
    'soap',
    'mineral-oil',
    'raw-neem',
    'spinosad',
    'azadirachtin',
    'sulfur',
    'pyriproxyfen',
  );
  const product = fc
    .record({
      material,
      intervalDays: fc.option(fc.integer({ min: 1, max: 30 })),
      usesPerYear: fc.option(fc.integer({ min: 1, max: 4 })),
      daysToHarvest: fc.option(fc.integer({ min: 0, max: 40 })),
      onLabel: fc.boolean(),
    })
    .map(({ material: id, onLabel, ...line }) =>
      productOf(
        id,
        { ...ANY, ...line, hostIds: onLabel ? [] : ['apple'] },
        { containsOil: id === 'mineral-oil' },
      ),
    );
  const plan = fc
    .record({
      materials: fc.uniqueArray(material, { maxLength: 3 }),
      least: fc.integer({ min: 3, max: 20 }),
      more: fc.integer({ min: 0, max: 8 }),
      times: fc.option(fc.integer({ min: 1, max: 6 })),
    })
    .map(({ materials, least, more, times }) =>
      spray(materials, { every: every(least, least + more), times }),
    );
  const scene = fc.record({
    products: fc.array(product, { minLength: 1, maxLength: 5 }),
    plan,
    begins: fc.integer({ min: 0, max: 364 }),
    bloomAt: fc.option(fc.integer({ min: 0, max: 120 })),
    lateDays: fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 6 }),
    harvest: fc.boolean(),
  });

  test('no step is proposed that the rules refuse on its day; each one done is one turn, and it ends', () => {
    fc.assert(
      fc.property(scene, ({ products, plan: step, begins, bloomAt, lateDays, harvest }) => {
        const startedOn = addDays('2026-01-01', begins);
        const plant = {
          ...LEMON,
          edible: true,
          harvestFrom: harvest ? '11-01' : null,
          harvestTo: harvest ? '12-15' : null,
        };
        const series = [seriesOn(SCALE, startedOn, step)];
        const bloom = bloomAt === null ? [] : [growth('bloom-start', addDays(startedOn, bloomAt))];
        const sprays: LoggedSpray[] = [];
        let today = startedOn;
        for (let turn = 0; turn < 12; turn++) {
          const state = madeGarden({
            plants: [plant],
            watches: [SCALE],
            products,
            series,
            sprays: [...sprays],
            growth: bloom,
          });
          const now = gardenDay(state, today);
          const [answer] = programmeAnswer(now);
          const done = answer!.steps.filter(({ state: is }) => is === 'done');
          expect(done.map(({ doneOn }) => doneOn)).toEqual(sprays.map(({ on }) => on));
          if (answer!.over) {
            expect(answer!.over.why === 'lapsed' || done.length === step.times).toBe(true);
            return;
          }
          if (step.times !== null) expect(done.length).toBeLessThan(step.times);
          const { use, from } = answer!.next!;
          if (use?.kind !== 'use' || use.productId === null || !from) return;
          const on = from > today ? from : today;
          expect(
            allowed(
              gardenDay(state, on),
              on,
              plant,
              products.find(({ id }) => id === use.productId)!,
            ),
          ).toBe(true);
          const late = addDays(on, lateDays[turn % lateDays.length]!);
          const used = products.find(({ id }) => id === use.productId)!;
          sprays.push(sprayOf(SCALE, late, [used], { id: `spray ${turn}` }));
          today = late;
        }
      }),
      { numRuns: 150, seed: 7 },
    );
  });

  function allowed(
    day: ReturnType<typeof gardenDay>,
    on: CivilDate,
    plant: typeof LEMON,
    item: ProductRecord,
  ): boolean {
    const asked = useScene(day, on, plant, SCALE, {
      leafState: 'in-leaf',
      leafQuestion: null,
      bloom: null,
      weather: 'not-sure',
      beesAtHoneydew: null,
      planned: [],
    });
    return item.lines.some((line) =>
      judgeLine(asked, item, line).every(
        ({ verdict, ruleId }) => HOUR_RULES.has(ruleId) || !['wait', 'no', 'never'].includes(verdict),
      ),
    );
  }
});

test('a drench is told with the days it takes to rise, the last one that was', () => {
  const drench = productOf('imidacloprid', { ...ANY });
  const facts = (sprays: LoggedSpray[]) => {
    const day = gardenDay(garden({ products: [drench, soap], sprays }), '2026-07-01');
    return factsOf(day, pictureOf(day, SCALE.id)!).drench;
  };
  expect(facts([sprayOf(SCALE, '2026-05-01', [drench]), sprayOf(SCALE, '2026-06-01', [soap])])).toEqual({
    on: '2026-05-01',
    onsetDays: 56,
  });
  expect(facts([sprayOf(SCALE, '2026-06-01', [soap])])).toBeNull();
});
