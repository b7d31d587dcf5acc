import { expect, test } from '@jest/globals';
import { fieldName, shownValue } from './record-words.ts';

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
