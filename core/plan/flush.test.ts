import { expect, test } from '@jest/globals';
import { softFlush } from './index.ts';

const began = { stage: 'flush-start' as const, on: '2026-05-14' };

test('a flush is soft from its start until it is logged hard, or must be', () => {
  expect(softFlush([began], '2026-05-13')).toBeNull();
  expect(softFlush([began], '2026-05-29')).toEqual({
    since: '2026-05-14',
    hardEarly: '2026-06-04',
    hardBy: '2026-06-13',
    hardLate: '2026-06-25',
  });
  expect(softFlush([began, { stage: 'flush-hard', on: '2026-06-08' }], '2026-06-09')).toBeNull();
  expect(softFlush([began], '2026-06-26')).toBeNull();
});

test('the next flush is soft though the last was logged hard', () => {
  const log = [
    began,
    { stage: 'flush-hard' as const, on: '2026-06-08' },
    { stage: 'flush-start' as const, on: '2026-07-20' },
  ];
  expect(softFlush(log, '2026-07-25')!.since).toBe('2026-07-20');
});
