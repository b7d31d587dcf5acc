import { expect, test } from '@jest/globals';
import {
  firstColdNights,
  hardeningOff,
  lastColdNights,
  movingIn,
  type MovingDone,
  quarantine,
} from './index.ts';

/** A season that is cold on the days said, and else mild. */
const season = (...cold: number[]) =>
  Array.from({ length: 365 }, (_, day) => ({ minC: cold.includes(day) ? 1 : 8 }));
const NOTHING: MovingDone = { looks: [], washes: [], carriedIn: null };
const standings = (done: Partial<MovingDone>, today: string, backBy = '2026-10-10') =>
  movingIn(backBy, { ...NOTHING, ...done }, today).map(({ step, standing, doneOn }) => [
    step,
    standing,
    doneOn,
  ]);

test('first cold nights are those after midsummer, below the cold asked for', () => {
  const seasons = [season(20, 280), season(20, 290), season(20, 300)];
  expect(firstColdNights(seasons, 2)).toEqual({
    earlyDay: 280,
    middleDay: 290,
    lateDay: 300,
    share: 1,
    winters: 3,
  });
  expect(firstColdNights(seasons, 1)).toBeNull();
  expect(firstColdNights([], 2)).toBeNull();
});

test('a winter that is first cold after New Year is one of the year before', () => {
  // Cold only on 20 January of the second season: 365 + 19 days after the first began, and half of all winters.
  expect(firstColdNights([season(), season(19)], 2)).toMatchObject({
    earlyDay: 384,
    middleDay: 384,
    share: 0.5,
  });
});

test('last cold nights: nine seasons in ten have none after the late day', () => {
  const seasons = [100, 110, 120, 130, 140, 150, 125, 115, 105, 135].map((day) => season(10, day, 300));
  expect(lastColdNights(seasons, 2)).toMatchObject({ earlyDay: 100, middleDay: 120, lateDay: 140, share: 1 });
  expect(lastColdNights([season(300)], 2)).toBeNull();
  expect(lastColdNights([], 2)).toBeNull();
});

test('steps are counted back from the day it must be in', () => {
  const steps = movingIn('2026-10-10', NOTHING, '2026-09-20').map(({ step, from, to }) => [step, from, to]);
  expect(steps).toEqual([
    ['last-look', '2026-09-12', '2026-09-19'],
    ['wash', '2026-09-19', '2026-09-26'],
    ['look-again', '2026-09-28', '2026-10-05'],
    ['carry-in', '2026-10-03', '2026-10-10'],
    ['quarantine', '2026-10-10', '2026-10-31'],
  ]);
});

test('what was not done in its days is late, what begins is open, what comes waits', () => {
  expect(standings({}, '2026-09-20')).toEqual([
    ['last-look', 'late', null],
    ['wash', 'open', null],
    ['look-again', 'later', null],
    ['carry-in', 'later', null],
    ['quarantine', 'later', null],
  ]);
  expect(standings({}, '2026-10-11').at(-1)).toEqual(['quarantine', 'later', null]);
});

test('a look before the wash is the last look, one after it the second', () => {
  const done = standings({ looks: ['2026-09-14', '2026-09-30'], washes: ['2026-09-21'] }, '2026-10-01');
  expect(done.slice(0, 3)).toEqual([
    ['last-look', 'done', '2026-09-14'],
    ['wash', 'done', '2026-09-21'],
    ['look-again', 'done', '2026-09-30'],
  ]);
  const unwashed = standings({ looks: ['2026-09-14', '2026-09-30'] }, '2026-10-01');
  expect(unwashed[2]).toEqual(['look-again', 'open', null]);
});

test('work of the summer before is no part of it', () => {
  const long = standings({ looks: ['2026-07-01'], washes: ['2026-07-02'] }, '2026-09-14');
  expect(long.slice(0, 2)).toEqual([
    ['last-look', 'open', null],
    ['wash', 'later', null],
  ]);
});

test('the quarantine begins when it came in and ends by a look a fortnight later', () => {
  const inside = { carriedIn: '2026-10-04' };
  expect(standings(inside, '2026-10-20').at(-1)).toEqual(['quarantine', 'open', null]);
  expect(standings({ ...inside, looks: ['2026-10-10'] }, '2026-10-20').at(-1)).toEqual([
    'quarantine',
    'open',
    null,
  ]);
  expect(standings({ ...inside, looks: ['2026-10-18'] }, '2026-10-20').at(-1)).toEqual([
    'quarantine',
    'done',
    '2026-10-18',
  ]);
  expect(standings(inside, '2026-10-26').at(-1)).toEqual(['quarantine', 'late', null]);
});

test('a bought plant is kept apart the same way', () => {
  expect(quarantine('2026-05-01', true, ['2026-05-16'], '2026-05-20')).toMatchObject({
    standing: 'done',
    to: '2026-05-22',
  });
});

test('in spring it is used to sun and wind in steps', () => {
  expect(hardeningOff('2026-05-20')).toEqual([
    { step: 'shade', from: '2026-05-10', to: '2026-05-14' },
    { step: 'morning-sun', from: '2026-05-15', to: '2026-05-19' },
    { step: 'out', from: '2026-05-20', to: '2026-06-03' },
  ]);
});

test('one winter in ten, half, and nine in ten of ten winters', () => {
  const seasons = [310, 290, 300, 295, 305, 315, 320, 325, 330, 340].map((day) => season(day));
  expect(firstColdNights(seasons, 2)).toMatchObject({
    earlyDay: 290,
    middleDay: 310,
    lateDay: 330,
    share: 1,
  });
});

test('where few winters are so cold there is an early day and no middle; where nearly none is, nothing', () => {
  const mild = Array.from({ length: 8 }, () => season());
  expect(firstColdNights([...mild, season(330), season(340)], 2)).toMatchObject({
    earlyDay: 330,
    middleDay: null,
    lateDay: null,
    share: 0.2,
  });
  expect(firstColdNights([...mild, ...mild, ...mild, season(330)], 2)).toBeNull();
});

test('a night of just the limit is not below it', () => {
  const even = [Array.from({ length: 365 }, () => ({ minC: 2 }))];
  expect(firstColdNights(even, 2)).toBeNull();
  expect(lastColdNights(even, 2)).toBeNull();
});
