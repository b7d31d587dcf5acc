import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Check, FrequencyWord, Looks } from './evidence.ts';
import { tellingChecks } from './telling-checks.ts';

const sign = (id: string, effort: Check['effort'] = 'look'): Check => ({
  id,
  kind: 'sign',
  name: id,
  question: id,
  how: '',
  effort,
  answers: [
    { id: 'yes', label: 'yes' },
    { id: 'no', label: 'no' },
  ],
});
const WORDS: readonly FrequencyWord[] = ['never', 'rarely', 'sometimes', 'usually', 'always'];
const seen = (word: FrequencyWord, id = 'sticky'): Looks => ({ [id]: { yes: word } });

describe('looks that tell two troubles apart', () => {
  test('what comes out alike tells nothing', () => {
    for (const word of WORDS) expect(tellingChecks(seen(word), seen(word), [sign('sticky')])).toEqual([]);
  });

  test('always against never is nearly a whole bit, usually against never is less', () => {
    const bits = (a: FrequencyWord, b: FrequencyWord) =>
      tellingChecks(seen(a), seen(b), [sign('sticky')])[0]!.bits;
    expect(bits('always', 'never')).toBeGreaterThan(0.5);
    expect(bits('always', 'never')).toBeLessThan(1);
    expect(bits('usually', 'never')).toBeLessThan(bits('always', 'never'));
  });

  test('the same whichever stands first', () => {
    fc.assert(
      fc.property(fc.constantFrom(...WORDS), fc.constantFrom(...WORDS), (a, b) => {
        const one = tellingChecks(seen(a), seen(b), [sign('sticky')]);
        const other = tellingChecks(seen(b), seen(a), [sign('sticky')]);
        expect(one.map(({ checkId }) => checkId)).toEqual(other.map(({ checkId }) => checkId));
        if (one[0]) expect(one[0].bits).toBeCloseTo(other[0]!.bits, 12);
      }),
    );
  });

  test('the most telling first; among like ones the easier; no more than asked for', () => {
    const checks = [sign('weak'), sign('lens', 'lens'), sign('plain')];
    const first: Looks = { weak: { yes: 'usually' }, lens: { yes: 'always' }, plain: { yes: 'always' } };
    const second: Looks = { weak: { yes: 'sometimes' }, lens: { yes: 'never' }, plain: { yes: 'never' } };
    const ids = (most: number) => tellingChecks(first, second, checks, most).map(({ checkId }) => checkId);
    expect(ids(2)).toEqual(['plain', 'lens']);
    expect(ids(1)).toEqual(['plain']);
  });
});
