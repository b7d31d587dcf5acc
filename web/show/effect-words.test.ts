import { expect, test } from '@jest/globals';
import { effectWords } from './effect-words.ts';

test('an effect is claimed only where its interval leaves out nothing', () => {
  expect(effectWords({ value: 0.75, low: 0.54, high: 0.86 })).toBe(
    'took away 75 % (54–86 %) more than went by itself',
  );
  expect(effectWords({ value: 0.4, low: -2.1, high: 0.8 })).toBe(
    'cannot be told from doing nothing: these counts allow anything up to 80 % taken away, and nothing at all',
  );
  expect(effectWords({ value: -2, low: -6, high: -0.2 })).toBe('took nothing away: the treated did worse');
});
