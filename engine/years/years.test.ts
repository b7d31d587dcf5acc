import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { CivilDate } from '#core/calendar';
import type { Inspection } from '#core/records';
import { HEDGE_CLIMATE, simulateDays } from '#simulated';
import type { GardenState } from '../garden-state.ts';
import {
  type CountedFailure,
  failureAnswer,
  gardenDay,
  gardenSeasons,
  pathAnswer,
  pictureOf,
  planAnswer,
  watchAnswer,
} from '../index.ts';
import {
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
} from '../made-garden.ts';

const DRY = simulateDays(HEDGE_CLIMATE, 5, '2020-01-01', '2026-12-31').map((day) => ({ ...day, rainMm: 0 }));
const upTo = (today: CivilDate, days = DRY) => ({ [STATION]: days.filter(({ date }) => date < today) });

const hedge = plantOf('Hedge', 'euonymus');
const other = plantOf('Other', 'euonymus');
const watch = watchOn(hedge, 'euonymus-scale', { openedOn: '2023-04-01' });
const beside = watchOn(other, 'euonymus-scale', { openedOn: '2023-04-01' });
const oil = productOf('mineral-oil', {}, { name: 'Oil' });

/** Twenty twigs with about so many live on each. */
const about = (level: number, of = watch, on: CivilDate = '2025-04-20') =>
  sampleOf(
    of,
    on,
    'twig',
    twigs(Array.from({ length: 20 }, (_, i) => Math.round(level * (0.5 + (i % 5) * 0.25)))),
  );
const yearly = (levels: readonly number[], of = watch) =>
  levels.map((level, i) => about(level, of, `${2026 - levels.length + 1 + i}-04-20`));

function made(said: Partial<GardenState>, today: CivilDate = '2026-05-20') {
  const state = madeGarden({
    plants: [hedge, other],
    watches: [watch, beside],
    products: [oil],
    days: upTo(today),
    ...said,
  });
  const day = gardenDay(state, today);
  return { day, picture: pictureOf(day, watch.id)! };
}
function path(said: Partial<GardenState>) {
  const { day, picture } = made(said);
  return pathAnswer(day, picture)!;
}

describe('the path of a watch', () => {
  test('never counted it has none; one count teaches nothing', () => {
    const { day, picture } = made({});
    expect(pathAnswer(day, picture)).toBeNull();
    const once = path({ samples: yearly([8]) });
    expect(once).toMatchObject({ stretches: [], apart: [], watches: 1, kinds: [] });
    expect(once.growth.middle).toBeCloseTo(2, 9);
  });

  test('left alone and doubling, growth narrows, and beside it another of the trouble narrows it more', () => {
    const samples = yearly([3, 6, 12, 24]);
    const alone = path({ samples });
    expect(alone.growth.middle).toBeGreaterThan(1.6);
    expect(alone.growth.middle).toBeLessThan(2.4);
    const both = path({ samples: [...samples, ...yearly([2, 4, 8, 16], beside)] });
    expect(both.watches).toBe(2);
    expect(both.growth.high / both.growth.low).toBeLessThan(alone.growth.high / alone.growth.low);
  });

  test('sprays stand on it with what they left by the book and by the counts, and what alone would have been', () => {
    const answer = path({
      samples: yearly([12, 3]),
      sprays: [sprayOf(watch, '2025-06-05', [oil]), sprayOf(watch, '2025-06-19', [oil])],
    });
    const [stretch] = answer.stretches;
    expect(stretch!.done.map(({ on, name }) => [on, name])).toEqual([
      ['2025-06-05', 'Oil'],
      ['2025-06-19', 'Oil'],
    ]);
    for (const { left, thought } of stretch!.done) {
      expect(left.low).toBeGreaterThan(0);
      expect(left.middle).toBeLessThanOrEqual(thought.middle);
      expect(left.high / left.low).toBeLessThan(1.3 * (thought.high / thought.low));
    }
    expect(stretch!.alone.middle).toBeGreaterThan(2 * answer.counts[1]!.path.middle);
    expect(answer.kinds).toMatchObject([{ kindId: 'mineral-oil', times: 2 }]);
  });

  test('work by hand is on it too; what was counted in another way or season stands apart and says why', () => {
    const answer = path({
      samples: [
        ...yearly([12, 6, 3]),
        about(4, watch, '2025-09-20'),
        sampleOf(watch, '2025-04-21', 'leaf', [
          { live: 1, dead: 0, holed: 0 },
          { live: 0, dead: 0, holed: 0 },
        ]),
      ].sort((a, b) => (a.on < b.on ? -1 : 1)),
      handwork: [handworkOn(watch, '2025-05-01')],
    });
    expect(answer.counts.map(({ on }) => on)).toEqual(['2024-04-20', '2025-04-20', '2026-04-20']);
    expect(answer.apart).toEqual([
      { on: '2025-04-21', why: 'protocol' },
      { on: '2025-09-20', why: 'stage' },
    ]);
    expect(answer.kinds).toMatchObject([{ kindId: 'hand:brush', times: 1 }]);
  });
});

describe('a trouble no season is modelled for', () => {
  test('a fall under sprays is not taken for its growth; all sprays of a season count as one', () => {
    const tree = plantOf('Apple', 'apple');
    const scab = watchOn(tree, 'apple-scab', { openedOn: '2024-05-01' });
    const sulfur = productOf('sulfur', {}, { name: 'Sulfur' });
    const leaves = (on: CivilDate, percent: number) =>
      sampleOf(
        scab,
        on,
        'disease',
        Array.from({ length: 20 }, (_, i) => ({ percent: percent * (0.5 + (i % 5) * 0.25) })),
      );
    const said = (sprayedOn: readonly CivilDate[]) => {
      const state = madeGarden({
        plants: [tree],
        watches: [scab],
        products: [sulfur],
        samples: [leaves('2025-06-20', 16), leaves('2026-06-20', 4)],
        sprays: sprayedOn.map((on) => sprayOf(scab, on, [sulfur])),
        days: upTo('2026-07-01'),
      });
      const day = gardenDay(state, '2026-07-01');
      return pathAnswer(day, pictureOf(day, scab.id)!)!;
    };
    const [sprayed, alone] = [said(['2026-05-01', '2026-05-12', '2026-05-20']), said([])];
    expect(sprayed.stretches[0]!.done.map(({ name }) => name)).toEqual(['3 sprays: Sulfur']);
    expect(sprayed.kinds).toMatchObject([{ kindId: 'sprays', times: 1 }]);
    expect(alone.stretches[0]!.done).toEqual([]);
    expect(sprayed.growth.middle).toBeGreaterThan(1.2 * alone.growth.middle);
    expect(alone.growthThought.middle).toBe(1);
  });
});

describe('what the counts taught goes into the plan', () => {
  const figure = (said: Partial<GardenState>, id: string) => {
    const { day, picture } = made(said);
    const answer = planAnswer(day, picture);
    if (answer.kind !== 'plan') throw new Error(answer.why);
    return answer.shown.find((each) => each.id === id)!;
  };

  test('growth of the garden stands above the rule of thumb, and the gardener above both', () => {
    const samples = yearly([3, 9, 27]);
    expect(figure({ samples: yearly([3]) }, 'growth')).toMatchObject({ middle: 2, grade: 'C' });
    const taught = figure({ samples }, 'growth');
    expect(taught.middle).toBeGreaterThan(2.2);
    expect(taught).toMatchObject({ grade: 'B', sourceIds: ['own-counts'] });
    const growth = { low: 1, middle: 1.1, high: 1.2 };
    expect(
      figure(
        { samples, seasonPlans: [{ id: watch.id, cuts: [], freeDays: [], figures: { growth } }] },
        'growth',
      ),
    ).toMatchObject({ ...growth, grade: 'C' });
  });

  test('sprays that left more than the book says take less from now on', () => {
    const years = ['2024', '2025'] as const;
    const sprays = years.flatMap((year) => [
      sprayOf(watch, `${year}-06-05`, [oil]),
      sprayOf(watch, `${year}-06-19`, [oil]),
    ]);
    const poor = figure({ samples: yearly([6, 18, 54]), sprays }, 'coverage');
    const good = figure({ samples: yearly([54, 9, 1]), sprays }, 'coverage');
    expect(poor.middle).toBeLessThan(0.75);
    expect(good.middle).toBeGreaterThan(0.75);
    expect(poor.sourceIds).toEqual(['own-counts']);
    expect(
      figure({ samples: yearly([54, 9, 1]), sprays }, 'kill mineral-oil settled').middle,
    ).toBeGreaterThan(figure({ samples: yearly([6, 18, 54]), sprays }, 'kill mineral-oil settled').middle);
  });
});

describe('why work shows no fall', () => {
  const BEFORE = about(8, watch, '2025-06-01');
  const AFTER = about(8, watch, '2025-07-10');
  const tapes = [
    tapeOn(watch, '2025-05-27', 3),
    tapeOn(watch, '2025-06-03', 40),
    tapeOn(watch, '2025-06-10', 60),
    tapeOn(watch, '2025-06-17', 25),
    tapeOn(watch, '2025-06-24', 2),
  ];
  const look = (on: CivilDate, answers: Inspection['answers'], coversTurned = 0): Inspection => ({
    id: v7(),
    watchId: watch.id,
    on,
    answers,
    coversTurned,
  });
  const asked = (said: Partial<GardenState>, today: CivilDate = '2025-08-01') => {
    const { day, picture } = made({ samples: [BEFORE, AFTER], tapes, days: upTo(today), ...said }, today);
    return failureAnswer(day, picture);
  };
  const counted = (said: Partial<GardenState>): CountedFailure => {
    const answer = asked(said);
    if (answer.kind !== 'counted') throw new Error(answer.kind);
    return answer;
  };
  const reason = ({ explained }: CountedFailure, id: string) => explained.find((each) => each.id === id)!;
  const codes = (some: readonly { readonly code: string }[]) => some.map(({ code }) => code);
  const good = (more: Parameters<typeof sprayOf>[3] = {}) => [
    sprayOf(watch, '2025-06-08', [oil], more),
    sprayOf(watch, '2025-06-18', [oil], more),
  ];

  test('nothing done, or not counted since, is said as such', () => {
    expect(asked({})).toEqual({ kind: 'nothing-done' });
    expect(asked({ sprays: [sprayOf(watch, '2025-07-20', [oil])] })).toEqual({
      kind: 'not-counted',
      lastOn: '2025-07-20',
      countFrom: '2025-08-03',
    });
  });

  test('a fall is a fall', () => {
    expect(counted({ samples: [BEFORE, about(1, watch, '2025-07-10')], sprays: good() }).failed).toBe(false);
    expect(counted({ sprays: good() }).failed).toBe(true);
  });

  test('a watch says by itself that work shows no fall, while it is open', () => {
    const said = (level: number, outcome: 'open' | 'closed' = 'open', on: CivilDate = '2025-07-10') => {
      const { day } = made(
        {
          watches: [{ ...watch, outcome }, beside],
          samples: [BEFORE, about(level, watch, on)],
          sprays: good(),
          days: upTo('2025-08-01'),
        },
        '2025-08-01',
      );
      return watchAnswer(day, watch.id)!.noFallSince;
    };
    expect(said(8)).toBe('2025-06-08');
    expect(said(1)).toBeNull();
    expect(said(8, 'closed')).toBeNull();
    // Four days after the last spray nothing can show yet.
    expect(said(8, 'open', '2025-06-22')).toBeNull();
  });

  test('a wrong stage: sprayed weeks before its own tapes caught any', () => {
    const early = counted({
      samples: [about(8, watch, '2025-05-10'), about(9, watch, '2025-06-22')],
      sprays: [sprayOf(watch, '2025-05-12', [oil])],
    });
    expect(early.explained[0]!.id).toBe('wrong-stage');
    expect(codes(early.explained[0]!.towards)).toEqual(['met-few']);
    expect(codes(reason(counted({ sprays: good() }), 'wrong-stage').against)).toContain(
      'met-most-by-own-hatch',
    );
  });

  test('a source: an infested plant that touches it, named or not', () => {
    const there = [about(20, beside, '2025-05-20')];
    const touching = counted({
      samples: [BEFORE, AFTER, ...there],
      sprays: good({ coverage: 'everything' }),
      touching: [[hedge.id, other.id]],
    });
    expect(touching.explained[0]!.id).toBe('came-back');
    expect(codes(touching.explained[0]!.towards)).toEqual(['source-touching', 'source-infested']);
    const named = counted({
      watches: [{ ...watch, sourcePlantId: other.id }, beside],
      samples: [BEFORE, AFTER, ...there],
      sprays: good(),
    });
    expect(codes(reason(named, 'came-back').towards)).toEqual(['source-near', 'source-infested']);
    const clear = counted({
      samples: [BEFORE, AFTER, sampleOf(beside, '2025-05-20', 'twig', twigs([0, 0, 0, 0]))],
      sprays: good(),
      touching: [[hedge.id, other.id]],
    });
    expect(codes(reason(clear, 'came-back').against)).toEqual(['source-clear']);
  });

  test('old covers: turned over after the work they were empty, and new growth was clean', () => {
    const empty = counted({
      sprays: good(),
      inspections: [look('2025-07-10', { press: 'dry', 'turn-over': 'empty' }, 20)],
    });
    expect(empty.explained[0]!.id).toBe('old-covers');
    expect(codes(empty.explained[0]!.towards)).toEqual(['pressed-dry']);
    const sure = counted({
      sprays: good({ coverage: 'everything' }),
      inspections: [
        look('2025-07-10', { press: 'dry', 'turn-over': 'empty', 'why new-growth-clean': 'yes' }, 20),
      ],
    });
    expect(sure.said).toEqual({ kind: 'told', id: 'old-covers' });
    expect(sure.looked).toEqual([{ id: 'new-growth-clean', found: true }]);
    expect(sure.look).not.toBe('new-growth-clean');
    // What was answered before the work tells nothing of after it.
    const before = counted({
      sprays: good(),
      inspections: [look('2025-05-10', { press: 'dry', 'turn-over': 'empty' })],
    });
    expect(codes(reason(before, 'old-covers').towards)).not.toContain('pressed-dry');
  });

  test('a weak mix, rain after it, spots left dry, the same mode again: each from its own record', () => {
    const weak = oil.lines[0]!;
    const half = { parts: [{ productId: oil.id, lineId: weak.id, rate: 0.5, productAmount: 10 }] };
    expect(codes(reason(counted({ sprays: good(half) }), 'too-weak').towards)).toEqual(['below-label']);
    const rainy = DRY.map((day) =>
      day.date === '2025-06-09' || day.date === '2025-06-19' ? { ...day, rainMm: 20 } : day,
    );
    expect(
      codes(reason(counted({ sprays: good(), days: upTo('2025-08-01', rainy) }), 'washed-or-baked').towards),
    ).toEqual(['rain-much']);
    expect(codes(reason(counted({ sprays: good() }), 'washed-or-baked').against)).toEqual(['dry-after']);
    const sprays = good();
    const spots = sampleOf(
      watch,
      '2025-06-18',
      'cover',
      Array.from({ length: 10 }, (_, i) => ({ reached: i < 4 ? 1 : 0 })),
      {
        sprayId: sprays[1]!.id,
      },
    );
    expect(
      codes(reason(counted({ sprays, samples: [BEFORE, spots, AFTER] }), 'too-little-wetted').towards),
    ).toEqual(['spots-dry']);
    const pyrethroid = productOf('bifenthrin', {}, { name: 'Spray' });
    const often = ['2025-06-02', '2025-06-08', '2025-06-14', '2025-06-20'].map((on) =>
      sprayOf(watch, on, [pyrethroid]),
    );
    expect(
      codes(reason(counted({ sprays: often, products: [oil, pyrethroid] }), 'same-mode').towards),
    ).toEqual(['same-mode-often']);
    expect(
      codes(reason(counted({ sprays: often, products: [oil, pyrethroid] }), 'helpers-or-ants').towards),
    ).toEqual(['helpers-killed']);
  });

  test('with no weather, no tapes and nothing said nobody can tell, and a look is asked for', () => {
    const bare = counted({ sprays: good(), tapes: [], days: {} });
    expect(bare.said).toEqual({ kind: 'cannot-tell' });
    expect(bare.look).not.toBeNull();
    expect(codes(bare.explained.flatMap(({ towards }) => towards))).toEqual([]);
  });

  test('looks for why it failed are no signs of what it is', () => {
    const { picture } = made({
      inspections: [look('2025-07-10', { press: 'dry', 'why ants-about': 'yes' })],
    });
    expect(picture.answers).toEqual({ press: 'dry' });
  });
});

describe('all seasons', () => {
  const seasons = (said: Partial<GardenState>, today: CivilDate = '2026-05-20') =>
    gardenSeasons(made(said, today).day);

  test('an empty garden and one without counts say so', () => {
    expect(gardenSeasons(gardenDay(madeGarden(), '2026-01-15'))).toMatchObject({
      watches: [],
      told: null,
      changes: [],
    });
    expect(seasons({})).toMatchObject({ told: null, changes: [] });
  });

  test('levels, work and cost by season; what weighs most stands first, what is not compared says why', () => {
    const priced = { ...oil, pack: { amount: 1000, price: 20 } };
    const third = plantOf('Third', 'euonymus');
    const thirdWatch = watchOn(third, 'euonymus-scale', { openedOn: '2024-04-01' });
    const answer = seasons({
      plants: [hedge, other, third],
      watches: [watch, beside, thirdWatch],
      products: [priced],
      samples: [
        ...yearly([30, 3]),
        ...yearly([4, 4.4], beside),
        about(3, thirdWatch, '2025-09-10'),
        about(3, thirdWatch, '2026-04-20'),
      ].sort((a, b) => (a.on < b.on ? -1 : 1)),
      sprays: [sprayOf(watch, '2025-06-08', [priced])],
      handwork: [
        handworkOn(watch, '2025-06-20', { minutes: 45 }),
        handworkOn(watch, '2025-06-21', { minutes: null }),
      ],
    });
    expect(answer.seasons.map(({ season }) => season.name)).toEqual(['2025', '2026']);
    expect(answer.seasons[0]).toMatchObject({
      sprays: 1,
      sprayMl: 2000,
      handMinutes: 45,
      handUntold: 1,
      unpriced: 0,
    });
    // 40 ml of a pack of 1,000 ml at 20.
    expect(answer.seasons[0]!.cost).toBeCloseTo(0.8, 9);
    expect(answer.seasons[1]).toMatchObject({ sprays: 0, cost: null, handMinutes: 0 });
    expect(answer.watches.map(({ cells }) => cells.map((cell) => cell?.count?.on ?? null))).toEqual([
      ['2025-04-20', '2026-04-20'],
      ['2025-04-20', '2026-04-20'],
      ['2025-09-10', '2026-04-20'],
    ]);
    expect(answer.watches[0]!.cells[0]).toMatchObject({ sprays: 1, handwork: 2, helpers: false });
    expect(answer.changes.map(({ plantName, kind }) => [plantName, kind])).toEqual([
      ['Hedge', 'level'],
      ['Other', 'level'],
      ['Third', 'not-compared'],
    ]);
    expect(answer.changes[0]!.weight).toBeGreaterThan(1);
    expect(answer.changes[1]!.weight).toBe(0);
    expect(answer.changes[2]).toMatchObject({ why: 'stage', on: '2026-04-20' });
  });

  test('holed covers that rise are told, and a watch nobody counted is named', () => {
    const holed = (on: CivilDate, share: number) =>
      sampleOf(watch, on, 'twig', twigs(Array<number>(20).fill(5), 0, share));
    const answer = seasons({ samples: [holed('2025-04-20', 0), holed('2026-04-20', 5)] });
    expect(answer.changes.map(({ kind, plantName }) => [plantName, kind])).toEqual([
      ['Hedge', 'holed'],
      ['Hedge', 'level'],
      ['Other', 'not-counted'],
    ]);
  });
});
