import { expect, test } from '@jest/globals';
import { feedingPlan, type FeedingStages } from './index.ts';

const STAGES: FeedingStages = {
  budSwell: '2026-04-05',
  greenTip: '2026-04-26',
  bloomStart: '2026-05-10',
  petalFall: '2026-05-24',
  leafFall: '2026-07-01',
};

test('by rhythm from green tip until leaves fall; what was fed near its day is done', () => {
  expect(feedingPlan('none', STAGES, [])).toEqual([]);
  expect(feedingPlan('monthly', STAGES, ['2026-05-30'])).toEqual([
    { on: '2026-04-26', why: 'rhythm', done: false, isGuess: false },
    { on: '2026-05-26', why: 'rhythm', done: true, isGuess: false },
    { on: '2026-06-25', why: 'rhythm', done: false, isGuess: false },
  ]);
  expect(feedingPlan('fortnightly', STAGES, []).map(({ on }) => on)).toEqual([
    '2026-04-26',
    '2026-05-10',
    '2026-05-24',
    '2026-06-07',
    '2026-06-21',
  ]);
});

test('four times by stage', () => {
  expect(feedingPlan('four-a-season', STAGES, ['2026-04-04'])).toEqual([
    { on: '2026-04-05', why: 'bud-swell', done: true, isGuess: false },
    { on: '2026-05-03', why: 'before-bloom', done: false, isGuess: false },
    { on: '2026-05-24', why: 'petal-fall', done: false, isGuess: false },
    { on: '2026-06-07', why: 'after-petal-fall', done: false, isGuess: false },
  ]);
});

test('a stage not seen yet is guessed from the one before, and says so; of nothing seen nothing follows', () => {
  const days = (stages: Partial<FeedingStages>) =>
    feedingPlan('four-a-season', { ...STAGES, ...stages }, []).map(({ on, isGuess }) => [on, isGuess]);
  // Bud swell on 5 April: bloom four weeks on, 3 May; petals fall a fortnight after, 17 May.
  expect(days({ bloomStart: null, petalFall: null })).toEqual([
    ['2026-04-05', false],
    ['2026-04-26', true],
    ['2026-05-17', true],
    ['2026-05-31', true],
  ]);
  expect(days({ petalFall: null }).slice(1)).toEqual([
    ['2026-05-03', false],
    ['2026-05-24', true],
    ['2026-06-07', true],
  ]);
  expect(days({ budSwell: null, bloomStart: null, petalFall: null })).toEqual([]);
});
