import { expect, test } from '@jest/globals';
import { blankGarden, type Tape } from '#core/records';
import { emptyState, isEnteredList, withoutRecord, withRecord } from './index.ts';

const tape = (id: string, takenOff: string, crawlers = 1): Tape => ({
  id,
  watchId: 'w',
  label: 'Tape 1',
  putOn: '2026-05-01',
  takenOff,
  crawlers,
  colour: null,
});
const EMPTY = emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
const two = { ...EMPTY, tapes: [tape('a', '2026-05-08'), tape('c', '2026-05-22')] };

test('a record goes in at its day, after those of the same day', () => {
  const ids = (takenOff: string) => withRecord(two, 'tapes', tape('b', takenOff)).tapes.map(({ id }) => id);
  expect(ids('2026-05-15')).toEqual(['a', 'b', 'c']);
  expect(ids('2026-05-07')).toEqual(['b', 'a', 'c']);
  expect(ids('2026-05-22')).toEqual(['a', 'c', 'b']);
  expect(withRecord(EMPTY, 'tapes', tape('b', '2026-05-15')).tapes).toHaveLength(1);
});

test('one of the same id is replaced, and moves to its new day', () => {
  const moved = withRecord(two, 'tapes', tape('a', '2026-05-29', 7)).tapes;
  expect(moved.map(({ id, crawlers }) => [id, crawlers])).toEqual([
    ['c', 1],
    ['a', 7],
  ]);
});

test('taken out it is gone, and nothing else; the state before stays as it was', () => {
  const before = JSON.stringify(two);
  expect(withoutRecord(two, 'tapes', 'a').tapes.map(({ id }) => id)).toEqual(['c']);
  expect(withoutRecord(two, 'tapes', 'none').tapes).toHaveLength(2);
  withRecord(two, 'tapes', tape('b', '2026-05-15'));
  expect(JSON.stringify(two)).toBe(before);
});

test('only lists whose records are kept one by one are taken', () => {
  expect(['tapes', 'handwork', 'growth', 'plants', 'sprays'].every(isEnteredList)).toBe(true);
  expect(['plant', 'garden', 'normals', 'days', 'toString', '__proto__'].some(isEnteredList)).toBe(false);
});
