import { describe, expect, test } from '@jest/globals';
import { blankLine } from '#core/records';
import { labelDoubts, type LabelLine, type Product, type UsualPercent } from './index.ts';

const OIL: UsualPercent = { dormant: [2, 4], inLeaf: [1, 2] };
const EDIBLE = new Set(['apple', 'lemon']);
const doubts = (
  line: Partial<LabelLine>,
  formulation: Product['formulation'] = 'emulsifiable-oil',
  usual: UsualPercent | null = OIL,
) =>
  labelDoubts(
    {
      formulation,
      lines: [
        { ...blankLine({ id: 'l', crop: 'trees', rateLow: 1, rateHigh: 2, daysToHarvest: 1 }), ...line },
      ],
    },
    usual,
    EDIBLE,
  ).map(({ field, why }) => [field, why]);

test('a usual line raises none', () => {
  expect(doubts({})).toEqual([]);
  expect(doubts({ leafStates: ['dormant'], rateLow: 2, rateHigh: 4 })).toEqual([]);
});

test('a line that is not filled in yet is left alone', () => {
  expect(doubts({ rateLow: 0, rateHigh: 90 })).toEqual([]);
  expect(doubts({ rateLow: -1, rateHigh: 90 })).toEqual([]);
  expect(doubts({ rateLow: 50, rateHigh: 40 })).toEqual([]);
});

test('one rate alone, low and high the same, is looked at too', () => {
  expect(doubts({ rateLow: 9, rateHigh: 9 })).toEqual([
    ['rateHigh', { kind: 'unusual-strength', percent: 9, usual: [1, 2] }],
  ]);
});

test('a range over five times its low end is two lines in one', () => {
  const wide = (rateHigh: number) => doubts({ rateLow: 0.5, rateHigh }, 'flowable', null);
  expect(wide(2.5)).toEqual([]);
  expect(wide(3)).toEqual([['rateHigh', { kind: 'wide-range', times: 6 }]]);
});

describe('ounces', () => {
  test.each<[Product['formulation'], LabelLine['rateUnit'], boolean]>([
    ['powder', 'floz-per-us-gal', true],
    ['powder', 'ml-per-l', true],
    ['powder', 'oz-per-us-gal', false],
    ['powder', 'tbsp-per-us-gal', false],
    ['powder', 'tsp-per-l', false],
    ['flowable', 'oz-per-us-gal', true],
    ['soap', 'g-per-l', true],
    ['emulsifiable-oil', 'floz-per-us-gal', false],
    ['soluble', 'g-per-l', false],
    ['soluble', 'floz-per-us-gal', false],
  ])('%s in %s: doubted %s', (formulation, rateUnit, doubted) => {
    const expected = doubted ? [['rateUnit', { kind: 'ounces-mixed-up' }]] : [];
    expect(doubts({ rateUnit }, formulation, null)).toEqual(expected);
  });
});

describe('strength', () => {
  const strength = (percent: number, usual: readonly [number, number]) => [
    ['rateHigh', { kind: 'unusual-strength', percent, usual }],
  ];

  test('over twice the usual, or under half of it, is doubted; the ends are not', () => {
    const at = (rate: number) => doubts({ rateLow: rate, rateHigh: rate });
    expect(at(4)).toEqual([]);
    expect(at(4.5)).toEqual(strength(4.5, [1, 2]));
    expect(at(0.5)).toEqual([]);
    expect(at(0.4)).toEqual(strength(0.4, [1, 2]));
  });

  test('bare wood and leaves each have their own', () => {
    expect(doubts({ leafStates: ['dormant'], rateLow: 6, rateHigh: 6 })).toEqual([]);
    expect(doubts({ leafStates: ['in-leaf'], rateLow: 6, rateHigh: 6 })).toEqual(strength(6, [1, 2]));
    expect(doubts({ leafStates: ['dormant', 'in-leaf'], rateLow: 6, rateHigh: 6 })).toEqual(
      strength(6, [1, 2]),
    );
  });

  test('any unit of volume is turned into per cent first', () => {
    expect(doubts({ rateUnit: 'ml-per-l', rateLow: 10, rateHigh: 20 })).toEqual([]);
    expect(doubts({ rateUnit: 'ml-per-l', rateLow: 60, rateHigh: 60 })).toEqual(strength(6, [1, 2]));
  });

  test('what is weighed, goes by ground or trunk, or has no usual strength is not judged', () => {
    expect(doubts({ rateUnit: 'g-per-l', rateLow: 90, rateHigh: 90 }, 'soluble')).toEqual([]);
    expect(doubts({ rateUnit: 'ml-per-m2', rateLow: 90, rateHigh: 90 })).toEqual([]);
    expect(doubts({ rateUnit: 'ml-per-cm-diameter', rateLow: 90, rateHigh: 90 })).toEqual([]);
    expect(doubts({ rateLow: 9, rateHigh: 9 }, 'flowable', null)).toEqual([]);
    expect(doubts({ rateLow: 9, rateHigh: 9 }, 'flowable', { dormant: [1, 2], inLeaf: null })).toEqual([]);
  });
});

test('a line that names what is eaten and no days before picking is doubted', () => {
  const missing = [['daysToHarvest', { kind: 'no-days-to-harvest' }]];
  expect(doubts({ hostIds: ['spindle', 'apple'], daysToHarvest: null })).toEqual(missing);
  expect(doubts({ hostIds: ['spindle', 'apple'], daysToHarvest: 0 })).toEqual([]);
  expect(doubts({ hostIds: ['spindle'], daysToHarvest: null })).toEqual([]);
  expect(doubts({ hostIds: [], daysToHarvest: null })).toEqual([]);
});

test('a greatest temperature that is not above the least is doubted; one alone is not', () => {
  const crossed = [['greatestC', { kind: 'temperatures-crossed' }]];
  expect(doubts({ leastC: 10, greatestC: 5 })).toEqual(crossed);
  expect(doubts({ leastC: 10, greatestC: 10 })).toEqual(crossed);
  expect(doubts({ leastC: 10, greatestC: 29 })).toEqual([]);
  expect(doubts({ leastC: 10, greatestC: null })).toEqual([]);
  expect(doubts({ leastC: null, greatestC: -5 })).toEqual([]);
});

test('each line is told by its own id', () => {
  const line = (id: string, rate: number) =>
    blankLine({ id, crop: 'trees', rateLow: rate, rateHigh: rate, daysToHarvest: 1 });
  const product = { formulation: 'emulsifiable-oil' as const, lines: [line('a', 1), line('b', 9)] };
  expect(labelDoubts(product, OIL, EDIBLE).map(({ lineId }) => lineId)).toEqual(['b']);
});
