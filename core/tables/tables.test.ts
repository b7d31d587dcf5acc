import { expect, test } from '@jest/globals';
import { isKeyOf, keysOf } from './index.ts';

const TABLE = { showers: 2, dry: 0, rain: 10 };

test('keys come in the order of the table', () => {
  expect(keysOf(TABLE)).toEqual(['showers', 'dry', 'rain']);
  expect(keysOf({})).toEqual([]);
});

test('only what the table lists is a key', () => {
  expect(['dry', 'Dry', '', 'toString', '__proto__'].map((text) => isKeyOf(TABLE, text))).toEqual([
    true,
    false,
    false,
    false,
    false,
  ]);
});
