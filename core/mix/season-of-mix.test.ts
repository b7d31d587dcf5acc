import { describe, expect, test } from '@jest/globals';
import { RATE_UNIT_IDS, type RateUnit } from '#core/materials';
import { blankLine } from '#core/records';
import { lineForPart, type RecipePart, seasonOfMix } from './index.ts';

const PARTS: readonly RecipePart[] = [
  { name: 'neem', by: 'volume', perLitre: 5, holds: 'neem' },
  { name: 'kelp meal', by: 'weight', perLitre: 2, holds: 'seaweed' },
  { name: 'soap', by: 'volume', perLitre: 2.5, holds: 'soap' },
  { name: 'water', by: 'volume', perLitre: 990, holds: 'water' },
];

test('five litres four times: what it takes, what is missing, what it costs, and what has no price', () => {
  const { parts, cost, unpriced } = seasonOfMix(
    PARTS,
    [
      { left: 60, pack: { amount: 500, price: 20 } },
      null,
      { left: null, pack: { amount: 1000, price: 6 } },
      null,
    ],
    5000,
    4,
  );
  expect(parts).toEqual([
    { name: 'neem', by: 'volume', once: 25, season: 100, left: 60, missing: 40, cost: 4 },
    { name: 'kelp meal', by: 'weight', once: 10, season: 40, left: null, missing: null, cost: null },
    { name: 'soap', by: 'volume', once: 12.5, season: 50, left: null, missing: null, cost: 0.3 },
  ]);
  expect(cost).toBeCloseTo(4.3, 10);
  expect(unpriced).toEqual(['kelp meal']);
});

test('what is there is not missing, and a mix of nothing priced costs nobody knows what', () => {
  const one = seasonOfMix(PARTS, [{ left: 100, pack: null }, null, null, null], 5000, 4);
  expect(one.parts[0]!.missing).toBe(0);
  expect(one.cost).toBeNull();
  expect(one.unpriced).toEqual(['neem', 'kelp meal', 'soap']);
});

test.each([0, -1, 1.5, Number.NaN])('%p times a season is refused', (times) => {
  expect(() => seasonOfMix(PARTS, [], 1000, times)).toThrow(RangeError);
});

describe('the line a part is logged under', () => {
  const line = (id: string, more: Partial<Parameters<typeof blankLine>[0]>) =>
    blankLine({ id, crop: id, rateLow: 1, rateHigh: 2, ...more });
  const part = { by: 'volume', perLitre: 15 } as const;

  test('holds the amount in its own unit: 15 ml in a litre is 1.5 %', () => {
    const weak = line('weak', { rateLow: 0.1, rateHigh: 0.5 });
    const chosen = lineForPart([weak, line('fit', {})], part, 'in-leaf')!;
    expect(chosen.line.id).toBe('fit');
    expect(chosen.rate).toBeCloseTo(1.5, 10);
  });

  test('else one for what the plant wears, else any that is measured so', () => {
    const bare = line('bare', { leafStates: ['dormant'] });
    const strong = line('strong', { rateLow: 3, rateHigh: 4 });
    expect(lineForPart([bare, strong], part, 'in-leaf')!.line.id).toBe('strong');
    expect(lineForPart([bare], part, 'in-leaf')!.line.id).toBe('bare');
  });

  test('a powder is not taken for a liquid, nor ground for spray', () => {
    expect(lineForPart([line('g', { rateUnit: 'g-per-l' })], part, 'in-leaf')).toBeNull();
    expect(lineForPart([line('m2', { rateUnit: 'ml-per-m2' })], part, 'in-leaf')).toBeNull();
  });

  test('the rate says the same amount in every unit that goes by spray', () => {
    const used = RATE_UNIT_IDS.flatMap(
      (rateUnit) => lineForPart([line('one', { rateUnit })], part, 'in-leaf') ?? [],
    );
    expect(used.length).toBeGreaterThan(10);
    const inLitre: Readonly<Partial<Record<RateUnit, number>>> = {
      percent: 1.5,
      'ml-per-l': 15,
      'ml-per-100-l': 1500,
    };
    for (const { line: chosen, rate } of used)
      if (inLitre[chosen.rateUnit]) expect(rate).toBeCloseTo(inLitre[chosen.rateUnit]!, 9);
    // 15 ml in a litre is 56.78 ml in a US gallon of 3.785 l: 1.92 fl oz.
    expect(used.find(({ line: chosen }) => chosen.rateUnit === 'floz-per-us-gal')!.rate).toBeCloseTo(1.92, 2);
  });
});
