import { expect, test } from '@jest/globals';
import type { Tag } from '#core/records';
import { emptyUnit } from '#core/sampling';
import { countedUnits, spotOf } from './counted-units.ts';

const spurs = (n: number) => Array.from({ length: n }, () => emptyUnit('spur'));

test('spurs go by trees, five a tree, the last tree taking what is over', () => {
  const trees = countedUnits(spurs(12), 'spur', 2, null).map(({ tree }) => tree);
  expect(trees).toEqual([1, 1, 1, 1, 1, 2, 2, 2, 2, 2, 2, 2]);
  expect(spotOf('spur', 2, 4)).toEqual({ tree: 1, onTree: 5 });
  expect(spotOf('spur', 2, 11)).toEqual({ tree: 2, onTree: 7 });
});

test('one tree, and what is counted without trees, tells none', () => {
  expect(countedUnits(spurs(3), 'spur', 1, null).every(({ tree }) => tree === undefined)).toBe(true);
  expect(countedUnits([emptyUnit('twig')], 'twig', 12, null)[0]).toEqual(emptyUnit('twig'));
});

test('tagged units carry their tags, and no tree', () => {
  const tag = (id: string): Tag => ({
    id,
    watchId: 'watch',
    label: id,
    protocol: 'spur',
    untouched: false,
    taggedOn: '2026-01-10',
    lostOn: null,
  });
  const units = countedUnits(spurs(2), 'spur', 3, [tag('a'), tag('b')]);
  expect(units).toEqual([
    { ...emptyUnit('spur'), tagId: 'a' },
    { ...emptyUnit('spur'), tagId: 'b' },
  ]);
});
