import { expect, test } from '@jest/globals';
import { loggedBloom, loggedLeafState, type LoggedStage } from './index.ts';

const log: LoggedStage[] = [
  { stage: 'bloom-start', on: '2026-05-06' },
  { stage: 'bud-swell', on: '2026-04-08' },
  { stage: 'leaf-fall', on: '2025-11-09' },
  { stage: 'green-tip', on: '2026-04-20' },
  { stage: 'bloom-end', on: '2026-05-15' },
];

test('the last logged stage says what a plant wears; bloom says nothing of leaves', () => {
  const wears = (date: string, since = '2026-01-01') => loggedLeafState(log, since, date)?.leafState ?? null;
  expect([wears('2026-04-07'), wears('2026-04-08'), wears('2026-04-19'), wears('2026-05-10')]).toEqual([
    null,
    'delayed-dormant',
    'delayed-dormant',
    'in-leaf',
  ]);
  expect(wears('2026-02-01', '2025-07-01')).toBe('dormant');
});

test('bloom is open from its start to its end, and unknown while nothing was logged', () => {
  const bloom = (date: string) => loggedBloom(log, '2026-01-01', date).kind;
  expect([bloom('2026-05-05'), bloom('2026-05-06'), bloom('2026-05-14'), bloom('2026-05-15')]).toEqual([
    'unknown',
    'open',
    'open',
    'over',
  ]);
});
