import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { leftInPack, misfits, useLimits, type LabelLine } from '#core/materials';
import { blankLine } from '#core/records';
import { SPOONS } from '#core/units';
import {
  costOf,
  measureWithSpoons,
  mixingOrder,
  planHoseEnd,
  planSpray,
  recipeAmounts,
  shareOverFills,
  type TankPart,
  waterForPlant,
  waterLearned,
} from './index.ts';

const LEAF_LINE: LabelLine = blankLine({
  id: 'leaf',
  crop: 'trees and shrubs',
  groups: ['armored', 'soft'],
  rateLow: 1,
  rateHigh: 2,
  leastC: 4,
  greatestC: 29,
  intervalDays: 14,
  daysToHarvest: 0,
  reentryHours: 4,
  rainFreeHours: 24,
});
const BARE_LINE: LabelLine = {
  ...LEAF_LINE,
  id: 'bare',
  leafStates: ['dormant', 'delayed-dormant'],
  rateLow: 2,
  rateHigh: 4,
};

test('water by hand: a hedge 1.8 × 0.9 × 12 m', () => {
  // 19.44 m³: 1.75–2.53 l in leaf, seven tenths of it bare.
  const leaf = waterForPlant({ heightM: 1.8, spreadM: 0.9, lengthM: 12 }, 'in-leaf');
  expect(leaf.lowMl).toBeCloseTo(1749.6, 6);
  expect(leaf.highMl).toBeCloseTo(2527.2, 6);
  expect(waterForPlant({ heightM: 1.8, spreadM: 0.9, lengthM: 12 }, 'dormant').middleMl).toBeCloseTo(
    leaf.middleMl * 0.7,
    6,
  );
  expect(() => waterForPlant({ heightM: 0, spreadM: 1, lengthM: 1 }, 'in-leaf')).toThrow(RangeError);
});

describe('fills', () => {
  test('full ones and the rest', () => {
    expect(shareOverFills(12_000, 5000)).toEqual({ fullFills: 2, fullFillMl: 5000, lastFillMl: 2000 });
    expect(shareOverFills(10_050, 5000)).toEqual({ fullFills: 2, fullFillMl: 5000, lastFillMl: 0 });
    expect(shareOverFills(800, 5000)).toEqual({ fullFills: 0, fullFillMl: 5000, lastFillMl: 800 });
  });

  test('no spray is lost but less than a fiftieth of a tank', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 1e5, noNaN: true }),
        fc.double({ min: 500, max: 2e4, noNaN: true }),
        (spray, tank) => {
          const { fullFills, fullFillMl, lastFillMl } = shareOverFills(spray, tank);
          expect(Math.abs(spray - fullFills * fullFillMl - lastFillMl)).toBeLessThanOrEqual(0.0201 * tank);
          expect(lastFillMl).toBeLessThanOrEqual(tank);
        },
      ),
      { seed: 11 },
    );
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
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 400, noNaN: true }),
        fc.constantFrom(...Object.values(SPOONS)),
        (ml, spoons) => {
          const smallest = Math.min(...spoons.map((s) => s.volumeMl));
          expect(Math.abs(measureWithSpoons(ml, spoons).volumeMl - ml)).toBeLessThanOrEqual(
            smallest / 2 + 1e-6,
          );
          expect(measureWithSpoons(ml, spoons, 'down').volumeMl).toBeLessThanOrEqual(ml + 1e-6);
        },
      ),
      { seed: 11 },
    );
    expect(measureWithSpoons(300, SPOONS.metric).tooMany).toBe(true);
  });
});

describe('the whole plan', () => {
  const one = (line: LabelLine, rate: number, sprayMl: number, tankMl = sprayMl, spoons = SPOONS.metric) =>
    planSpray({ sprayMl, tankMl, parts: [{ line, rate }], spoons });

  test('1.5 % in a 5 l tank for 7.5 l', () => {
    const plan = one(LEAF_LINE, 1.5, 7500, 5000);
    expect(plan.fills.map((f) => [f.times, f.sprayMl, f.parts[0]!.amount, f.parts[0]!.spoonPercent])).toEqual(
      [
        [1, 5000, 75, 1.5],
        [1, 2500, 37.5, 1.5],
      ],
    );
    expect(plan.totals).toEqual([{ by: 'volume', amount: 112.5, percent: 1.5 }]);
  });

  test('two products share each fill; twice the water takes twice of both', () => {
    const powder: LabelLine = { ...LEAF_LINE, id: 'powder', rateLow: 2, rateHigh: 5, rateUnit: 'g-per-l' };
    const parts: TankPart[] = [
      { line: powder, rate: 4 },
      { line: LEAF_LINE, rate: 1 },
    ];
    const plan = planSpray({ sprayMl: 12_000, tankMl: 5000, parts, spoons: SPOONS.metric });
    expect(plan.fills.map(({ times, parts: [a, b] }) => [times, a!.amount, a!.spoons, b!.amount])).toEqual([
      [2, 20, null, 50],
      [1, 8, null, 20],
    ]);
    fc.assert(
      fc.property(fc.double({ min: 100, max: 50_000, noNaN: true }), (ml) => {
        const [single, twice] = [ml, 2 * ml].map((sprayMl) =>
          planSpray({ sprayMl, tankMl: 1e6, parts, spoons: [] }).totals.map(({ amount }) => amount),
        );
        single!.forEach((amount, i) => expect(twice![i]).toBeCloseTo(2 * amount, 6));
      }),
      { seed: 5 },
    );
    expect(() => planSpray({ sprayMl: 1000, tankMl: 1000, parts: [], spoons: [] })).toThrow(RangeError);
    expect(() =>
      planSpray({
        sprayMl: 1000,
        tankMl: 1000,
        parts: [{ line: { ...LEAF_LINE, rateUnit: 'ml-per-cm-diameter' }, rate: 1 }],
        spoons: [],
      }),
    ).toThrow('trunk');
  });

  test('spoons at the top of the range never go over it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 200, max: 20_000, noNaN: true }),
        fc.constantFrom(...Object.values(SPOONS)),
        (ml, spoons) => {
          expect(
            one(LEAF_LINE, 2, ml, ml, [...spoons]).fills[0]!.parts[0]!.spoonPercent!,
          ).toBeLessThanOrEqual(2 + 1e-6);
        },
      ),
      { seed: 11 },
    );
  });

  test('a small hand bottle may be beyond what spoons can do', () => {
    const [part] = one({ ...LEAF_LINE, rateLow: 1, rateHigh: 1.05 }, 1, 100, 500).fills[0]!.parts;
    expect(part!.spoons).toBeNull();
    expect(part!.amount).toBeCloseTo(1, 12);
  });

  test(
    'the order: water, powders, flowables, soap, oil last; raw oil is cut with soap, a fine screen ' +
      'strained for, a new pair tried in a jar',
    () => {
      const load = (formulation: 'emulsifiable-oil' | 'powder', rawOil = false) => ({ formulation, rawOil });
      const quiet = { rinse: false, jarTest: false, fineScreen: false };
      expect(mixingOrder([load('emulsifiable-oil')], quiet)).toEqual([
        'check-sprayer',
        'half-water',
        'oils',
        'fill-to-mark',
        'shake-and-keep-moving',
        'use-today',
      ]);
      expect(
        mixingOrder([load('emulsifiable-oil', true), load('powder')], {
          rinse: true,
          jarTest: true,
          fineScreen: true,
        }),
      ).toEqual([
        'rinse-first',
        'check-sprayer',
        'jar-test',
        'cut-with-soap',
        'half-water',
        'conditioner',
        'strain',
        'powders',
        'agitate',
        'oils',
        'fill-to-mark',
        'shake-and-keep-moving',
        'use-today',
      ]);
    },
  );
});

test('a dial turns to the setting nearest the rate that the label allows, and to none if none does', () => {
  const dial = { unit: 'tbsp-per-us-gal' as const, settings: [1, 2, 4, 8] };
  // 1.5 % is 3.84 US tablespoons in a US gallon; 4 give 1.5625 %, 15.625 ml a litre.
  expect(planHoseEnd(LEAF_LINE, 1.5, 8000, dial)).toMatchObject({
    setting: 4,
    percent: expect.closeTo(1.5625, 4),
    jarMl: expect.closeTo(125, 3),
  });
  expect(planHoseEnd({ ...LEAF_LINE, rateHigh: 1.5 }, 1.5, 8000, dial)).toEqual({
    setting: null,
    percent: null,
    jarMl: null,
  });
  expect(() => planHoseEnd({ ...LEAF_LINE, rateUnit: 'g-per-l' }, 1.5, 8000, dial)).toThrow('liquids');
});

test('the part in scope, and what the same plant took before', () => {
  const box = { heightM: 2, spreadM: 2, lengthM: 2 };
  // 8 m³: 720–1040 ml whole; a third of that for newest growth; bare stems 0.7 of it, and 4 m² of
  // ground at 100 ml.
  expect(waterForPlant(box, 'in-leaf', 'newest-growth').lowMl).toBeCloseTo(216, 9);
  expect(waterForPlant(box, 'dormant', 'bare-stems-and-ground')).toMatchObject({
    lowMl: expect.closeTo(904, 6),
    highMl: expect.closeTo(1128, 6),
  });
  const used = (sprayMl: number, bare = false) => ({ sprayMl, bare, scope: 'whole' as const });
  expect(
    waterLearned([used(9000), used(2000), used(2600), used(2300), used(1500, true)], 'in-leaf', 'whole'),
  ).toEqual({ lowMl: 2000, middleMl: 2300, highMl: 2600 });
  expect(waterLearned([used(2000)], 'in-leaf', 'undersides')).toBeNull();
});

test('cost, what is left, and a recipe by the litre', () => {
  expect(costOf({ pack: { amount: 1000, price: 18 } }, 75)).toBeCloseTo(1.35, 9);
  expect(costOf({ pack: null }, 75)).toBeNull();
  // Used before it was counted: that is in the count already.
  expect(
    leftInPack({ amount: 400, countedOn: '2026-05-01' }, [
      { on: '2026-04-30', amount: 90 },
      { on: '2026-05-01', amount: 75 },
      { on: '2026-05-12', amount: 25 },
    ]),
  ).toBe(300);
  expect(leftInPack({ amount: 50, countedOn: '2026-05-01' }, [{ on: '2026-05-02', amount: 80 }])).toBe(0);
  expect(leftInPack(null, [])).toBeNull();
  expect(recipeAmounts([{ name: 'soap', by: 'volume', perLitre: 15 }], 2500)).toEqual([
    { name: 'soap', by: 'volume', amount: 37.5 },
  ]);
  expect(() => recipeAmounts([], 0)).toThrow(RangeError);
});

describe('which line of the label', () => {
  const spindle = {
    hostId: 'spindle',
    evergreen: false,
    leafState: 'in-leaf' as const,
    group: 'armored' as const,
  };

  test('bare-wood rates and leaves do not go together, either way', () => {
    expect(misfits(LEAF_LINE, spindle)).toEqual([]);
    expect(misfits(BARE_LINE, spindle)).toEqual(['bare-wood-rate-on-leaves']);
    expect(misfits(LEAF_LINE, { ...spindle, leafState: 'dormant' })).toEqual(['leaf-rate-on-bare-wood']);
  });

  test('an evergreen has no bare wood in any season', () => {
    expect(misfits(BARE_LINE, { ...spindle, evergreen: true, leafState: 'dormant' })).toEqual([
      'evergreen-has-no-bare-wood',
    ]);
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
  expect(useLimits(line, ['2025-11-30', '2026-05-02', '2026-05-20'], '2026-05-29')).toEqual({
    notBefore: '2026-06-03',
    usesLeft: 1,
  });
  expect(useLimits(line, ['2026-05-15'], '2026-05-29')).toEqual({ notBefore: null, usesLeft: 2 });
  expect(useLimits({ intervalDays: null, usesPerYear: null }, ['2026-05-28'], '2026-05-29')).toEqual({
    notBefore: null,
    usesLeft: null,
  });
});
