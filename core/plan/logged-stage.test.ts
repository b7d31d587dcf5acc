import { expect, test } from '@jest/globals';
import { leafSignsOf, loggedBloom, type LoggedStage } from './index.ts';

const log: LoggedStage[] = [
  { stage: 'bloom-start', on: '2026-05-06' },
  { stage: 'bud-swell', on: '2026-04-08' },
  { stage: 'leaf-fall', on: '2025-11-09' },
  { stage: 'green-tip', on: '2026-04-20' },
  { stage: 'bloom-end', on: '2026-05-15' },
];

test('stages tell of leaves in order; bloom says nothing of them', () => {
  expect(leafSignsOf(log)).toEqual([
    { kind: 'leaf-fall', on: '2025-11-09', leafState: 'dormant' },
    { kind: 'bud-swell', on: '2026-04-08', leafState: 'delayed-dormant' },
    { kind: 'green-tip', on: '2026-04-20', leafState: 'in-leaf' },
  ]);
});

test('a bloom whose end nobody logged is not open for ever', () => {
  const begun: LoggedStage[] = [{ stage: 'bloom-start', on: '2026-05-06' }];
  expect(loggedBloom(begun, '2026-01-01', '2026-07-05').kind).toBe('open');
  expect(loggedBloom(begun, '2026-01-01', '2026-07-06').kind).toBe('unknown');
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
