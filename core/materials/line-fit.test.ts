import { describe, expect, test } from '@jest/globals';
import { blankLine } from '#core/records';
import { misfits, type LabelLine, type SprayCase } from './index.ts';

const line = (more: Partial<LabelLine>): LabelLine => ({
  ...blankLine({ id: 'l', crop: 'shrubs', rateLow: 1, rateHigh: 2 }),
  groups: ['armored', 'soft'],
  ...more,
});
const HEDGE: SprayCase = { hostId: 'spindle', evergreen: false, leafState: 'in-leaf', group: 'armored' };

describe('the state of the leaves', () => {
  test.each<[string, LabelLine['leafStates'], SprayCase['leafState'], readonly string[]]>([
    [
      'a bare-wood line on leaves burns them',
      ['dormant', 'delayed-dormant'],
      'in-leaf',
      ['bare-wood-rate-on-leaves'],
    ],
    ['a leaf line on bare wood is the wrong one', ['in-leaf'], 'dormant', ['leaf-rate-on-bare-wood']],
    [
      'a leaf line on swelling buds is the wrong one',
      ['in-leaf'],
      'delayed-dormant',
      ['leaf-rate-on-bare-wood'],
    ],
    ['a dormant line is none for swelling buds', ['dormant'], 'delayed-dormant', ['leaf-rate-on-bare-wood']],
    ['a line for every state fits each', ['dormant', 'delayed-dormant', 'in-leaf'], 'delayed-dormant', []],
    ['a leaf line on leaves fits', ['in-leaf'], 'in-leaf', []],
    ['a dormant line on bare wood fits', ['dormant'], 'dormant', []],
  ])('%s', (_, leafStates, leafState, reasons) => {
    expect(misfits(line({ leafStates }), { ...HEDGE, leafState })).toEqual(reasons);
  });

  test('an evergreen takes leaf lines in any state, and bare-wood lines in none', () => {
    for (const leafState of ['dormant', 'delayed-dormant', 'in-leaf'] as const) {
      const holly: SprayCase = { ...HEDGE, hostId: 'holly', evergreen: true, leafState };
      expect(misfits(line({ leafStates: ['in-leaf'] }), holly)).toEqual([]);
      expect(misfits(line({ leafStates: ['dormant', 'delayed-dormant'] }), holly)).toEqual([
        'evergreen-has-no-bare-wood',
      ]);
    }
  });
});

describe('plant and trouble', () => {
  test('a line that names no plant holds for all, one that names some for those', () => {
    expect(misfits(line({ hostIds: [] }), HEDGE)).toEqual([]);
    expect(misfits(line({ hostIds: ['apple', 'spindle'] }), HEDGE)).toEqual([]);
    expect(misfits(line({ hostIds: ['apple', 'pear'] }), HEDGE)).toEqual(['plant-not-on-label']);
  });

  test('a trouble the line does not name is told, a trouble without a name yet is not', () => {
    expect(misfits(line({ groups: ['fungus'] }), HEDGE)).toEqual(['trouble-not-on-label']);
    expect(misfits(line({ groups: ['fungus'] }), { ...HEDGE, group: null })).toEqual([]);
    expect(misfits(line({ groups: ['soft', 'armored'] }), HEDGE)).toEqual([]);
  });

  test('every reason is told, not only the first', () => {
    expect(misfits(line({ leafStates: ['dormant'], hostIds: ['apple'], groups: ['mite'] }), HEDGE)).toEqual([
      'bare-wood-rate-on-leaves',
      'plant-not-on-label',
      'trouble-not-on-label',
    ]);
  });
});
