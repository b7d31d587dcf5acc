import { expect, test } from '@jest/globals';
import { gotThrough } from './got-through.ts';

test.each([
  ['sure', 'not-looked', true],
  ['likely', 'not-yet', true],
  ['possible', 'not-yet', false],
  ['possible', 'spots', true],
  ['sure', 'none', false],
  [null, 'not-yet', false],
] as const)('a bare wet time that is %s, of which there was seen %s', (word, kind, did) => {
  expect(gotThrough({ standing: 'through', word, seen: { kind } })).toBe(did);
  expect(gotThrough({ standing: 'covered', word, seen: { kind } })).toBe(false);
});
