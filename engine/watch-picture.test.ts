import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { CivilDate } from '#core/calendar';
import {
  blankGarden,
  blankPlant,
  blankSpray,
  type Handwork,
  type Sample,
  type Tag,
  type Watch,
} from '#core/records';
import type { Unit } from '#core/sampling';
import { dormantAnswer } from './dormant-answer.ts';
import { gardenDay } from './garden-day.ts';
import { emptyState, type GardenState, type LoggedSpray } from './garden-state.ts';
import { nowAnswer } from './now-answer.ts';
import { pictureOf } from './watch-pictures.ts';
import { type SeenOnTheSpot, weighAnswer } from './weigh-answer.ts';

const NOBODY_SAID: SeenOnTheSpot = {
  helpersSeen: null,
  antsSeen: null,
  beesAtHoneydew: null,
  thirsty: null,
  cropIsOff: null,
  bloomSoon: null,
};

const OUTDOORS = v7();
const WATCH_ID = v7();

/** One apple with one watch, on whatever day it is looked at. */
function oneWatch(watch: Partial<Watch>, hostId = 'apple'): GardenState {
  const plant = blankPlant({ id: v7(), name: 'Old apple', hostId, placeId: OUTDOORS });
  return {
    ...emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' })),
    places: [
      {
        id: OUTDOORS,
        name: 'Out',
        kind: 'outdoors',
        stationId: null,
        minOffsetC: 0,
        maxOffsetC: 0,
        standInIds: [],
      },
    ],
    plants: [plant],
    watches: [
      {
        id: WATCH_ID,
        plantId: plant.id,
        openedOn: '2026-03-01',
        targetId: 'san-jose-scale',
        group: 'armored',
        outcome: 'open',
        outcomeOn: null,
        sourcePlantId: null,
        firstTargetId: null,
        firstGroup: null,
        namedBy: null,
        note: '',
        ...watch,
      },
    ],
  };
}

const sample = (on: CivilDate, protocol: Sample['protocol'], units: readonly Unit[]): Sample => ({
  id: v7(),
  watchId: WATCH_ID,
  on,
  protocol,
  units: [...units],
  roundId: null,
  sprayId: null,
  note: '',
});
const twigs = (live: number, howMany = 10) =>
  Array.from({ length: howMany }, () => ({ counts: { live, dead: 0, holed: 0 } }));
const brushed = (on: CivilDate): Handwork => ({
  id: v7(),
  watchId: WATCH_ID,
  on,
  plantId: null,
  kind: 'brush',
  minutes: 5,
  note: '',
});
const sprayed = (on: CivilDate): LoggedSpray => ({
  ...blankSpray({
    id: v7(),
    watchId: WATCH_ID,
    parts: [],
    sprayerId: v7(),
    on,
    leafState: 'in-leaf',
    sprayMl: 1000,
  }),
  weather: null,
});
const pictureOn = (state: GardenState, today: CivilDate) =>
  pictureOf(gardenDay(state, today, null), WATCH_ID)!;

describe('tagged counts', () => {
  const tag = (label: string, untouched: boolean): Tag => ({
    id: v7(),
    watchId: WATCH_ID,
    label,
    protocol: null,
    untouched,
    taggedOn: '2026-05-01',
    lostOn: null,
  });
  const tags = [
    tag('1', false),
    tag('2', false),
    tag('3', false),
    tag('4', true),
    tag('5', true),
    tag('6', true),
  ];
  const counted = (on: CivilDate, live: readonly number[]) =>
    sample(
      on,
      'twig',
      tags.map(({ id }, i) => ({ tagId: id, counts: { live: live[i]!, dead: 0, holed: 0 } })),
    );

  test('sum up the treated alone; what was left alone stands beside them', () => {
    const state = { ...oneWatch({}), tags, samples: [counted('2026-06-20', [1, 2, 3, 20, 30, 40])] };
    const [only] = pictureOn(state, '2026-06-21').samples;
    expect(only!.summary.measure).toMatchObject({ value: 2, units: 3 });
    expect(only!.leftAlone!.summary.measure).toMatchObject({ value: 30, units: 3 });
  });

  test('all left alone, or none, are one count', () => {
    const alone = tags.map((one) => ({ ...one, untouched: true }));
    const none = tags.map((one) => ({ ...one, untouched: false }));
    for (const all of [alone, none]) {
      const state = { ...oneWatch({}), tags: all, samples: [counted('2026-06-20', [1, 2, 3, 20, 30, 40])] };
      const [only] = pictureOn(state, '2026-06-21').samples;
      expect(only!.summary.measure).toMatchObject({ value: 16, units: 6 });
      expect(only!.leftAlone).toBeNull();
    }
  });

  test('show what work by hand did, as they show a spray', () => {
    const samples = [
      counted('2026-05-20', [20, 22, 18, 20, 21, 19]),
      counted('2026-06-20', [2, 3, 2, 19, 22, 20]),
    ];
    const state = { ...oneWatch({}), tags, samples };
    expect(pictureOn(state, '2026-06-21').tagged).toBeNull();
    const after = pictureOn({ ...state, handwork: [brushed('2026-05-20')] }, '2026-06-21').tagged!;
    expect(after).toMatchObject({ treated: 3, untouched: 3 });
    expect(after.takenAway.value).toBeGreaterThan(0.85);
    // Three tags a side show that it did something, not how much.
    expect(after.takenAway.low).toBeGreaterThan(0.4);
    expect(after.takenAway.low).toBeLessThan(0.6);
    expect(pictureOn({ ...state, sprays: [sprayed('2026-05-25')] }, '2026-06-21').tagged).toEqual(after);
  });
});

describe('within a season', () => {
  const before = sample(
    '2026-05-10',
    'twig',
    [4, 6, 5, 7, 5, 4, 6, 5, 6, 4].flatMap((live) => twigs(live, 1)),
  );
  const statusAfter = (live: number, on: CivilDate, more: Partial<GardenState>, watch: Partial<Watch> = {}) =>
    pictureOn(
      { ...oneWatch(watch), samples: [before, sample(on, 'twig', twigs(live))], ...more },
      '2026-08-01',
    ).status;

  test('a clean count after treating is recovering, a fall is clearing, and neither is being treated', () => {
    for (const treated of [{ handwork: [brushed('2026-05-20')] }, { sprays: [sprayed('2026-05-20')] }]) {
      expect(statusAfter(0, '2026-06-20', treated)).toBe('recovering');
      expect(statusAfter(2, '2026-06-20', treated)).toBe('clearing');
      expect(statusAfter(5, '2026-06-20', treated)).toBe('treating');
    }
  });

  test('without treatment, or counted before it, nothing is said of clearing', () => {
    expect(statusAfter(0, '2026-06-20', {})).toBe('waiting');
    expect(statusAfter(0, '2026-06-20', { sprays: [sprayed('2026-06-20')] })).toBe('treating');
    expect(statusAfter(0, '2026-06-20', { sprays: [sprayed('2025-06-01')] })).toBe('waiting');
  });

  test('of a fungus nothing is said before what was on its way has shown', () => {
    const scab = { targetId: 'apple-scab', group: 'fungus' } as const;
    const leaves = (percent: number) => Array.from({ length: 10 }, () => ({ counts: { percent } }));
    const status = (on: CivilDate) =>
      pictureOn(
        {
          ...oneWatch(scab),
          samples: [sample('2026-05-10', 'disease', leaves(10)), sample(on, 'disease', leaves(0))],
          sprays: [sprayed('2026-05-12')],
        },
        '2026-08-01',
      ).status;
    expect(status('2026-05-20')).toBe('treating');
    expect(status('2026-06-20')).toBe('recovering');
  });
});

describe('crawlers after a look', () => {
  const caught = (takenOff: CivilDate) => ({
    id: v7(),
    watchId: WATCH_ID,
    label: 'Tape',
    putOn: '2026-05-20',
    takenOff,
    crawlers: 9,
    colour: null,
  });
  const none = sample('2026-06-01', 'twig', twigs(0));
  const pages = (takenOff: CivilDate) => {
    const day = gardenDay(
      { ...oneWatch({}), samples: [none], tapes: [caught(takenOff)] },
      '2026-06-12',
      null,
    );
    const picture = pictureOf(day, WATCH_ID)!;
    return {
      life: picture.life.because,
      now: nowAnswer(day).due.some(({ kind }) => kind === 'treat-now'),
      weighed: weighAnswer(day, picture, NOBODY_SAID).weighed.options.some(
        ({ option }) => option === 'spray-now',
      ),
    };
  };

  test('are alive, whatever the count before found: both pages ask for a spray', () => {
    expect(pages('2026-06-08')).toEqual({ life: 'crawlers-walk', now: true, weighed: true });
    expect(pages('2026-06-01')).toEqual({ life: 'crawlers-walk', now: true, weighed: true });
  });

  test('that a later count did not find again are gone: neither does', () => {
    expect(pages('2026-05-27')).toMatchObject({ now: false, weighed: false });
  });
});

test('whoever notes crawlers, works by hand or sprays has looked: the next look counts from there', () => {
  const seen = { id: v7(), watchId: WATCH_ID, on: '2026-05-20', what: 'adults-flying' as const };
  const nextLook = (more: Partial<GardenState>) => {
    const day = gardenDay(
      { ...oneWatch({ targetId: 'tar-spot', group: 'fungus' }), ...more },
      '2026-06-25',
      null,
    );
    return nowAnswer(day).due.find(({ kind }) => kind === 'next-look')?.opens;
  };
  expect(nextLook({})).toBe('2026-04-12');
  expect(nextLook({ sightings: [seen] })).toBe('2026-07-01');
});

describe('a spur sample', () => {
  const spur = (marks: Readonly<Record<string, number>>): Unit => ({
    counts: {
      liveScale: 0,
      holedScale: 0,
      softNymphs: 0,
      stalkedEggs: 0,
      plainEggs: 0,
      aphidEggs: 0,
      ...marks,
    },
  });
  const spurs = (hits: number, marks: Readonly<Record<string, number>>) =>
    Array.from({ length: 20 }, (_, i) => spur(i < hits ? marks : {}));
  /** What the winter page asks for under the school that asks the spurs. */
  const asked = (units: readonly Unit[], hostId = 'apple') => {
    const state = oneWatch({}, hostId);
    const schools = { dormant: 'by-spurs' };
    const day = gardenDay(
      { ...state, garden: { ...state.garden, schools }, samples: [sample('2026-01-15', 'spur', units)] },
      '2026-02-01',
      null,
    );
    const plan = dormantAnswer(day).plants[0]!.plan;
    return plan.kind === 'steps' ? plan.steps.map(({ what }) => what) : [];
  };

  test('keeps the share of every item, and of those with scale how many wasps have left', () => {
    const units = [
      spur({ liveScale: 1, holedScale: 1 }),
      spur({ liveScale: 1 }),
      spur({ liveScale: 1 }),
      spur({ holedScale: 1, stalkedEggs: 1 }),
      spur({}),
    ];
    const [only] = pictureOn(
      { ...oneWatch({}), samples: [sample('2026-01-15', 'spur', units)] },
      '2026-02-01',
    ).samples;
    expect(only!.summary.found.liveScale!.value).toBeCloseTo(0.6);
    expect(only!.summary.found.stalkedEggs!.value).toBeCloseTo(0.2);
    expect(only!.summary.holedShare).toMatchObject({ value: 0.5, outOf: 4 });
  });

  test('opens the oil from a fifth of spurs with live scale or stalked mite eggs on', () => {
    expect(asked(spurs(3, { liveScale: 1 }))).not.toContain('oil');
    expect(asked(spurs(4, { liveScale: 1 }))).toContain('oil');
    expect(asked(spurs(3, { stalkedEggs: 1 }))).not.toContain('oil');
    expect(asked(spurs(4, { stalkedEggs: 1 }))).toContain('oil');
    expect(asked(spurs(20, { softNymphs: 1 }))).not.toContain('oil');
  });

  test('aphid eggs ask for it on plums, however few', () => {
    expect(asked(spurs(1, { aphidEggs: 1 }), 'plum')).toContain('oil');
    expect(asked(spurs(0, { aphidEggs: 1 }), 'plum')).not.toContain('oil');
    expect(asked(spurs(20, { aphidEggs: 1 }), 'apple')).not.toContain('oil');
  });
});

test('last winter is told of only to those who watched then', () => {
  const before = (openedOn: CivilDate) =>
    dormantAnswer(gardenDay(oneWatch({ openedOn }), '2026-10-10', null)).plants[0]!.before;
  expect(before('2026-01-10')).not.toBeNull();
  expect(before('2026-09-20')).toBeNull();
});
