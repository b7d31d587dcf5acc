import { expect, test } from '@jest/globals';
import { keysOf } from './index.ts';

const TABLE = { showers: 2, dry: 0, rain: 10 };

test('keys come in the order of the table', () => {
  expect(keysOf(TABLE)).toEqual(['showers', 'dry', 'rain']);
  expect(keysOf({})).toEqual([]);
});
