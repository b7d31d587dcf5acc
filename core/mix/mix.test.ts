import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { misfits, perLitre, useLimits, type LabelLine, type RateUnit } from '#core/materials';
import { ML_PER_US_GALLON, SPOONS } from '#core/units';
import { measureWithSpoons, mixingOrder, planSpray, shareOverFills, waterForPlant } from './index.ts';

const LEAF_LINE: LabelLine = {
  id: 'leaf', crop: 'trees and shrubs', hostIds: [], groups: ['armored', 'soft'], leafStates: ['in-leaf'],
  rateLow: 1, rateHigh: 2, rateUnit: 'percent', leastC: 4, greatestC: 29, intervalDays: 14, usesPerYear: null,
  daysToHarvest: 0, reentryHours: 4, rainFreeHours: 24,
};
const BARE_LINE: LabelLine = { ...LEAF_LINE, id: 'bare', leafStates: ['dormant', 'delayed-dormant'], rateLow: 2, rateHigh: 4 };

describe('rates', () => {
  test.each<[number, RateUnit, number]>([
    [1.5, 'percent', 15],
    [2.5, 'floz-per-us-gal', 2.5 * 29.5735295625 / 3.785411784],
    // 5 US tablespoons in a US gallon: 5·14.787/3785.4 = 1.953 %
    [5, 'tbsp-per-us-gal', 19.53125],
    // 1 imperial fluid ounce in an imperial gallon: 1/160.
    [1, 'floz-per-imperial-gal', 6.25],
    [150, 'ml-per-10-l', 15],
    [1, 'oz-per-us-gal', 28.349523125 / 3.785411784],
  ])('%d %s', (rate, unit, amount) => {
    expect(perLitre(rate, unit).amount).toBeCloseTo(amount, 9);
  });

  test('ounces by weight and by volume are told apart; nothing or less is refused', () => {
    expect(perLitre(1, 'oz-per-us-gal').by).toBe('weight');
    expect(perLitre(1, 'floz-per-us-gal').by).toBe('volume');
    expect(() => perLitre(0, 'percent')).toThrow(RangeError);
  });
});

test('water by hand: a hedge 1.8 × 0.9 × 12 m', () => {
  // 19.44 m³: 1.75–2.53 l in leaf, seven tenths of it bare.
  const leaf = waterForPlant({ heightM: 1.8, spreadM: 0.9, lengthM: 12 }, 'in-leaf');
  expect(leaf.lowMl).toBeCloseTo(1749.6, 6);
  expect(leaf.highMl).toBeCloseTo(2527.2, 6);
  expect(waterForPlant({ heightM: 1.8, spreadM: 0.9, lengthM: 12 }, 'dormant').middleMl).toBeCloseTo(leaf.middleMl * 0.7, 6);
  expect(() => waterForPlant({ heightM: 0, spreadM: 1, lengthM: 1 }, 'in-leaf')).toThrow(RangeError);
});

describe('fills', () => {
  test('full ones and the rest', () => {
    expect(shareOverFills(12_000, 5000)).toEqual({ fullFills: 2, fullFillMl: 5000, lastFillMl: 2000 });
    expect(shareOverFills(10_050, 5000)).toEqual({ fullFills: 2, fullFillMl: 5000, lastFillMl: 0 });
    expect(shareOverFills(800, 5000)).toEqual({ fullFills: 0, fullFillMl: 5000, lastFillMl: 800 });
  });

  test('no spray is lost but less than a fiftieth of a tank', () => {
    fc.assert(fc.property(fc.double({ min: 50, max: 1e5, noNaN: true }), fc.double({ min: 500, max: 2e4, noNaN: true }), (spray, tank) => {
      const { fullFills, fullFillMl, lastFillMl } = shareOverFills(spray, tank);
      expect(Math.abs(spray - fullFills * fullFillMl - lastFillMl)).toBeLessThanOrEqual(0.0201 * tank);
      expect(lastFillMl).toBeLessThanOrEqual(tank);
    }), { seed: 11 });
  });
});

describe('spoons', () => {
  test('75 ml is five metric tablespoons, and not five of any other', () => {
    const metric = measureWithSpoons(75, SPOONS.metric);
    expect(metric.scoops.map((s) => [s.count, s.spoon.name])).toEqual([[5, 'tablespoon']]);
    expect(metric.volumeMl).toBe(75);
    expect(measureWithSpoons(75, SPOONS.australian).scoops.map((s) => s.count)).toEqual([3, 3]);
    expect(measureWithSpoons(75, SPOONS.us).volumeMl).toBeCloseTo(75, 0);
  });

  test('never off by more than half the smallest spoon, and never above when rounding down', () => {
    fc.assert(fc.property(fc.double({ min: 0.7, max: 400, noNaN: true }), fc.constantFrom(...Object.values(SPOONS)), (ml, spoons) => {
      const smallest = Math.min(...spoons.map((s) => s.volumeMl));
      expect(Math.abs(measureWithSpoons(ml, spoons).volumeMl - ml)).toBeLessThanOrEqual(smallest / 2 + 1e-6);
      expect(measureWithSpoons(ml, spoons, 'down').volumeMl).toBeLessThanOrEqual(ml + 1e-6);
    }), { seed: 11 });
    expect(measureWithSpoons(300, SPOONS.metric).tooMany).toBe(true);
  });
});

describe('the whole plan', () => {
  test('1.5 % in a 5 l tank for 7.5 l', () => {
    const plan = planSpray({ sprayMl: 7500, tankMl: 5000, line: LEAF_LINE, rate: 1.5, spoons: SPOONS.metric });
    expect(plan.fills.map((f) => [f.times, f.sprayMl, f.productAmount, f.spoonPercent])).toEqual([
      [1, 5000, 75, 1.5], [1, 2500, 37.5, 1.5],
    ]);
    expect(plan.totalProduct).toBe(112.5);
  });

  test('spoons at the top of the range never go over it', () => {
    fc.assert(fc.property(fc.double({ min: 200, max: 20_000, noNaN: true }), fc.constantFrom(...Object.values(SPOONS)), (ml, spoons) => {
      const plan = planSpray({ sprayMl: ml, tankMl: ml, line: LEAF_LINE, rate: 2, spoons });
      expect(plan.fills[0]!.spoonPercent!).toBeLessThanOrEqual(2 + 1e-6);
    }), { seed: 11 });
  });

  test('a small hand bottle may be beyond what spoons can do', () => {
    const narrow = { ...LEAF_LINE, rateLow: 1, rateHigh: 1.05 };
    const [fill] = planSpray({ sprayMl: 100, tankMl: 500, line: narrow, rate: 1, spoons: SPOONS.metric }).fills;
    expect(fill!.spoons).toBeNull();
    expect(fill!.productAmount).toBeCloseTo(1, 12);
  });

  test('a US gallon at a rate written in tablespoons gives those tablespoons back', () => {
    const line: LabelLine = { ...LEAF_LINE, rateLow: 2.5, rateHigh: 5, rateUnit: 'tbsp-per-us-gal' };
    const [fill] = planSpray({ sprayMl: ML_PER_US_GALLON, tankMl: ML_PER_US_GALLON, line, rate: 5, spoons: SPOONS.us }).fills;
    expect(fill!.spoons!.scoops.map((s) => [s.count, s.spoon.name])).toEqual([[5, 'tablespoon']]);
    expect(() => planSpray({ sprayMl: 1000, tankMl: 1000, line, rate: 6, spoons: SPOONS.us })).toThrow('label');
  });

  test('oil goes in last before the water is made up', () => {
    expect(mixingOrder(['emulsifiable-oil', 'powder'])).toEqual([
      'check-sprayer', 'half-water', 'powders', 'agitate', 'oils', 'fill-to-mark', 'shake-and-keep-moving', 'use-today']);
  });
});

describe('which line of the label', () => {
  const spindle = { hostId: 'spindle', evergreen: false, leafState: 'in-leaf' as const, group: 'armored' as const };

  test('bare-wood rates and leaves do not go together, either way', () => {
    expect(misfits(LEAF_LINE, spindle)).toEqual([]);
    expect(misfits(BARE_LINE, spindle)).toEqual(['bare-wood-rate-on-leaves']);
    expect(misfits(LEAF_LINE, { ...spindle, leafState: 'dormant' })).toEqual(['leaf-rate-on-bare-wood']);
  });

  test('an evergreen has no bare wood in any season', () => {
    expect(misfits(BARE_LINE, { ...spindle, evergreen: true, leafState: 'dormant' })).toEqual(['evergreen-has-no-bare-wood']);
    expect(misfits(LEAF_LINE, { ...spindle, evergreen: true, leafState: 'dormant' })).toEqual([]);
  });

  test('plant and trouble must be named, unless the words are wide or the trouble open', () => {
    const citrusOnly: LabelLine = { ...LEAF_LINE, hostIds: ['kumquat'], groups: ['leaf-miner'] };
    expect(misfits(citrusOnly, spindle)).toEqual(['plant-not-on-label', 'trouble-not-on-label']);
    expect(misfits(citrusOnly, { ...spindle, hostId: 'kumquat', group: null })).toEqual([]);
  });
});

test('interval and yearly number by the days it was used', () => {
  const line = { intervalDays: 14, usesPerYear: 3 };
  expect(useLimits(line, ['2025-11-30', '2026-05-02', '2026-05-20'], '2026-05-29')).toEqual({ notBefore: '2026-06-03', usesLeft: 1 });
  expect(useLimits(line, ['2026-05-15'], '2026-05-29')).toEqual({ notBefore: null, usesLeft: 2 });
  expect(useLimits({ intervalDays: null, usesPerYear: null }, ['2026-05-28'], '2026-05-29')).toEqual({ notBefore: null, usesLeft: null });
});
