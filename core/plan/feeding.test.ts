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
    { on: '2026-04-26', why: 'rhythm', done: false },
    { on: '2026-05-26', why: 'rhythm', done: true },
    { on: '2026-06-25', why: 'rhythm', done: false },
  ]);
  expect(feedingPlan('fortnightly', STAGES, []).map(({ on }) => on)).toEqual([
    '2026-04-26',
    '2026-05-10',
    '2026-05-24',
    '2026-06-07',
    '2026-06-21',
  ]);
});

test('four times by stage; what is not known is left out', () => {
  expect(feedingPlan('four-a-season', STAGES, ['2026-04-04']).map(({ on, done }) => [on, done])).toEqual([
    ['2026-04-05', true],
    ['2026-05-03', false],
    ['2026-05-24', false],
    ['2026-06-07', false],
  ]);
  expect(
    feedingPlan('four-a-season', { ...STAGES, bloomStart: null, petalFall: null }, []).map(({ why }) => why),
  ).toEqual(['bud-swell']);
});
