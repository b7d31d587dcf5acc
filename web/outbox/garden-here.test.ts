import { expect, test } from '@jest/globals';
import { blankGarden, type Tape } from '#core/records';
import { emptyState } from '#engine';
import { withEntered } from './garden-here.ts';

const tape = (id: string, crawlers: number): Tape => ({
  id,
  watchId: 'w',
  label: 'Tape 1',
  putOn: '2026-05-01',
  takenOff: '2026-05-08',
  crawlers,
});
const garden = {
  ...emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' })),
  tapes: [tape('a', 1)],
};
const put = (path: string, record: object) =>
  ({ method: 'PUT', path, label: '', json: JSON.stringify(record) }) as const;
const takeOut = (path: string) => ({ method: 'DELETE', path, label: '' }) as const;

test('what waits to be sent is laid over the records in the order it was entered', () => {
  const { tapes } = withEntered(garden, [
    put('/tapes/b', tape('b', 4)),
    put('/tapes/b', tape('b', 5)),
    put('/tapes/c', tape('c', 6)),
    takeOut('/tapes/a'),
    takeOut('/tapes/c'),
  ]);
  expect(tapes.map(({ id, crawlers }) => [id, crawlers])).toEqual([['b', 5]]);
});

test('rounds, readings and pictures change nothing that is worked out here', () => {
  expect(
    withEntered(garden, [
      put('/rounds/r', { id: 'r' }),
      put('/readings/x', { id: 'x' }),
      takeOut('/photos/p'),
    ]),
  ).toBe(garden);
});
