import { expect, test } from '@jest/globals';
import { alsoChanged, fieldName, shownValue } from './record-words.ts';

test('fields are told in words, by whichever name they go', () => {
  expect(
    ['placeId', 'place_id', 'harvestFrom', 'min_offset_c', 'note', 'id', 'on_day'].map(fieldName),
  ).toEqual(['place', 'place', 'harvest from', 'min offset, °C', 'note', 'id', 'on']);
});

test('values are told in words, records by their names, and long ones are cut', () => {
  const nameOf = (id: string) => (id === 'p1' ? 'South bed' : undefined);
  const shown = ['', null, undefined, 0, true, false, 'p1', 'p2', [1, 2], { a: null }].map((value) =>
    shownValue(value, nameOf),
  );
  expect(shown).toEqual([
    'nothing',
    'nothing',
    'nothing',
    '0',
    'yes',
    'no',
    'South bed',
    'p2',
    '[1,2]',
    '{"a":null}',
  ]);
  expect(shownValue('x'.repeat(500), nameOf)).toBe(`${'x'.repeat(200)}…`);
});

test('what was kept beside what was wanted is told by its fields', () => {
  const wanted = { name: 'Apple', heightM: 2, schools: { a: 'b' } as Record<string, string> };
  expect(alsoChanged(wanted, { ...wanted, schools: { a: 'b' } })).toBeNull();
  expect(alsoChanged(wanted, { name: 'Apple', heightM: 3, schools: {} })).toBe(
    'Meanwhile changed elsewhere, and kept too: height, m; schools.',
  );
});
