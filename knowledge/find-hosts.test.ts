import { expect, test } from '@jest/globals';
import { findHosts, HOSTS, OTHER_HOSTS } from './index.ts';

const ids = (typed: string) => findHosts(typed).map(({ host }) => host.id);

test.each([
  ['app', 'apple'],
  ['NECTAR', 'peach'],
  ['crepe myrtle', 'crape-myrtle'],
  ['Satsuma', 'orange'],
  ['lime tree', 'linden'],
  ['box', 'boxwood'],
  ['laurel hedge', 'cherry-laurel'],
  ['Malus', 'apple'],
  ['damson', 'plum'],
  ['rhododen', 'azalea'],
  ['mandarin', 'orange'],
  ['  holly ', 'holly'],
  ['Pfaffenhutchen', 'spindle'],
])('%s is %s', (typed, id) => {
  expect(ids(typed)[0]).toBe(id);
});

test('tells by which other name it was known, and nothing for its own', () => {
  expect(findHosts('damson')[0]).toMatchObject({ as: 'damson' });
  expect(findHosts('plum')[0]).toMatchObject({ host: { id: 'plum' }, as: null });
  expect(findHosts('')).toEqual([]);
  expect(findHosts('zzz')).toEqual([]);
});

test('every kind is met by its own name, and lime means the fruit and the tree', () => {
  for (const { id, name } of HOSTS) expect(ids(name)).toContain(id);
  expect(ids('lime')).toEqual(expect.arrayContaining(['citrus-other', 'linden']));
  expect(HOSTS.length - OTHER_HOSTS.length).toBeGreaterThanOrEqual(70);
});

test('what is on no list comes by what decides about it', () => {
  expect(OTHER_HOSTS.map(({ evergreen, edible }) => [evergreen, edible])).toEqual([
    [false, true],
    [false, false],
    [true, false],
    [true, false],
    [true, false],
    [true, false],
  ]);
  expect(OTHER_HOSTS.every(({ oil }) => oil === 'test-first')).toBe(true);
});
