import { expect, test } from '@jest/globals';
import { changeWords } from './change-words.ts';

test('a change says how far it went and how sure that is, in the unit it was measured in', () => {
  expect(changeWords({ kind: 'fell', by: { as: 'ratio', value: 0.4, low: 0.24, high: 0.67 } })).toBe(
    'It fell to 40 % (24–67 %) of the count before.',
  );
  expect(changeWords({ kind: 'rose', by: { as: 'ratio', value: 3.14, low: 1.2, high: 12 } })).toBe(
    'It rose to 3.1 times (1.2–12) of the count before.',
  );
  expect(changeWords({ kind: 'fell', by: { as: 'points', value: -0.4, low: -0.53, high: -0.25 } })).toBe(
    'It fell by 40 points of a hundred (25–53).',
  );
  expect(
    changeWords({ kind: 'no-change-shown', by: { as: 'points', value: 0.1, low: -0.18, high: 0.36 } }),
  ).toBe('No change can be shown: between −18 and +36 points, and an unchanged plant fits that too.');
  expect(changeWords({ kind: 'not-comparable', why: 'stage' })).toContain('different times of the year');
});
