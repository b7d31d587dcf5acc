import { describe, expect, test } from '@jest/globals';
import type { LabelLine } from '#core/materials';
import { blankLine } from '#core/records';
import { SPOONS } from '#core/units';
import {
  measureWithSpoons,
  mixingOrder,
  planDrench,
  planGround,
  planHoseEnd,
  planSpray,
  shareOverFills,
  waterForPlant,
  waterLearned,
  type MixLoad,
} from './index.ts';

/** Where an amount is refused, rounded or chosen: the ends of every range. */

const line = (more: Partial<LabelLine> = {}): LabelLine => ({
  ...blankLine({ id: 'l', crop: 'trees', rateLow: 1, rateHigh: 2 }),
  ...more,
});
const METRIC = SPOONS.metric;

describe('shares of a tank', () => {
  test.each([
    [0, 5000],
    [-1, 5000],
    [5000, 0],
    [5000, -1],
    [Number.NaN, 5000],
  ])('%d ml in a tank of %d is refused', (sprayMl, tankMl) => {
    expect(() => shareOverFills(sprayMl, tankMl)).toThrow(RangeError);
  });

  test('a last fill of a fiftieth of the tank is left off, one a little larger is mixed', () => {
    expect(shareOverFills(5100, 5000)).toEqual({ fullFills: 1, fullFillMl: 5000, lastFillMl: 0 });
    expect(shareOverFills(5101, 5000)).toEqual({ fullFills: 1, fullFillMl: 5000, lastFillMl: 101 });
    expect(shareOverFills(4900, 5000)).toMatchObject({ fullFills: 1, lastFillMl: 0 });
    expect(shareOverFills(4899, 5000)).toMatchObject({ fullFills: 0, lastFillMl: 4899 });
  });

  test('a little spray is one small fill, however small', () => {
    expect(shareOverFills(10, 5000)).toEqual({ fullFills: 0, fullFillMl: 5000, lastFillMl: 10 });
  });
});

describe('a rate and its label line', () => {
  const ground = (rate: number) =>
    planGround(line({ rateUnit: 'ml-per-m2', rateLow: 1.1, rateHigh: 3.3 }), rate, 10, METRIC);

  test('both ends are allowed, and rounding does not push them out', () => {
    expect(ground(1.1).amount).toBeCloseTo(11, 9);
    expect(ground(3.3).amount).toBeCloseTo(33, 9);
    expect(ground(1.1 + 2.2).amount).toBeCloseTo(33, 9);
    expect(() => ground(1.0999)).toThrow(RangeError);
    expect(() => ground(3.3001)).toThrow(RangeError);
    expect(() => ground(Number.NaN)).toThrow(RangeError);
  });

  test.each([0, -2, Number.NaN, Infinity])('%d m² is no ground', (areaM2) => {
    expect(() => planGround(line({ rateUnit: 'ml-per-m2' }), 1, areaM2, METRIC)).toThrow(RangeError);
  });

  test('what goes by spray or trunk is no rate for ground, and the other way round', () => {
    expect(() => planGround(line(), 1, 10, METRIC)).toThrow(RangeError);
    expect(() => planGround(line({ rateUnit: 'ml-per-cm-diameter' }), 1, 10, METRIC)).toThrow(RangeError);
    const trunk = { measured: 'diameter', cm: 10, atHeightM: 1.3 } as const;
    expect(() => planDrench(line({ rateUnit: 'ml-per-m2' }), 1, [trunk], METRIC)).toThrow(RangeError);
    expect(() => planDrench(line(), 1, [trunk], METRIC)).toThrow(RangeError);
    expect(() => planDrench(line({ rateUnit: 'ml-per-cm-diameter' }), 1, [], METRIC)).toThrow(RangeError);
  });

  test('nothing undiluted has a strength; what is weighed has no spoons', () => {
    expect(ground(2).spoonPercent).toBeNull();
    const powder = planGround(line({ rateUnit: 'g-per-m2' }), 1, 10, METRIC);
    expect(powder).toMatchObject({ by: 'weight', spoons: null, spoonPercent: null, spoonWithinLabel: false });
  });
});

describe('spoons', () => {
  test('are needed, and something to measure', () => {
    expect(() => measureWithSpoons(10, [])).toThrow(RangeError);
    expect(() => measureWithSpoons(0, METRIC)).toThrow(RangeError);
    expect(() => measureWithSpoons(-1, METRIC)).toThrow(RangeError);
    expect(() => measureWithSpoons(Number.NaN, METRIC)).toThrow(RangeError);
  });

  test('the largest go first, in whatever order they lie', () => {
    const told = (spoons: typeof METRIC) =>
      measureWithSpoons(26.25, spoons).scoops.map(({ spoon, count }) => [spoon.volumeMl, count]);
    const expected = [
      [15, 1],
      [5, 2],
      [1.25, 1],
    ];
    expect(told(METRIC)).toEqual(expected);
    expect(told(METRIC.toReversed())).toEqual(expected);
    expect(told([METRIC[2]!, METRIC[0]!, METRIC[3]!, METRIC[1]!])).toEqual(expected);
  });

  test('more than sixteen spoonfuls are too many to count', () => {
    expect(measureWithSpoons(240, METRIC)).toMatchObject({ volumeMl: 240, tooMany: false });
    expect(measureWithSpoons(245, METRIC)).toMatchObject({ volumeMl: 245, tooMany: true });
    expect(measureWithSpoons(5, METRIC).tooMany).toBe(false);
  });

  test('an amount at the ends of the label line is within it', () => {
    const oneRate = (rateLow: number, rateHigh: number, rate: number) =>
      planGround(line({ rateUnit: 'ml-per-m2', rateLow, rateHigh }), rate, 1, METRIC);
    expect(oneRate(5, 10, 5)).toMatchObject({ spoonWithinLabel: true, spoons: { volumeMl: 5 } });
    expect(oneRate(5, 10, 10)).toMatchObject({ spoonWithinLabel: true, spoons: { volumeMl: 10 } });
    // Nearest to 5.7 would be 6.25, above the label; one step lower is within.
    expect(oneRate(4, 5.7, 5.7)).toMatchObject({ spoonWithinLabel: true, spoons: { volumeMl: 5 } });
    // Between two steps there is none: less than a twentieth off is a spoon's own error, more is said.
    expect(oneRate(5.2, 5.6, 5.4)).toMatchObject({ spoonWithinLabel: true, spoons: { volumeMl: 5 } });
    expect(oneRate(5.3, 5.6, 5.4)).toMatchObject({ spoonWithinLabel: false });
    expect(oneRate(4.4, 4.7, 4.6)).toMatchObject({ spoonWithinLabel: false });
    // Less than half of the smallest spoon is no spoonful.
    expect(oneRate(0.1, 0.4, 0.4)).toMatchObject({
      spoons: null,
      spoonPercent: null,
      spoonWithinLabel: false,
    });
  });
});

describe('a dial', () => {
  const dialled = (rate: number, settings: readonly number[], unit: LabelLine['rateUnit'] = 'percent') =>
    planHoseEnd(line(), rate, 10_000, { unit, settings });

  test('is turned to the setting nearest the rate, of those the label allows', () => {
    expect(dialled(1.4, [2, 1, 1.5])).toEqual({ setting: 1.5, percent: 1.5, jarMl: 150 });
    expect(dialled(1.9, [1, 1.5, 2])).toMatchObject({ setting: 2 });
    expect(dialled(1.1, [2, 1.5, 1])).toMatchObject({ setting: 1 });
    expect(dialled(2, [0.5, 1.2, 2.1])).toMatchObject({ setting: 1.2 });
  });

  test('the ends of the label are allowed, also through another unit', () => {
    expect(dialled(1, [1])).toMatchObject({ setting: 1 });
    expect(dialled(2, [2])).toMatchObject({ setting: 2 });
    expect(dialled(2, [20], 'ml-per-l')).toMatchObject({ setting: 20, percent: 2 });
    expect(dialled(2, [2 * (1 + 1e-5)])).toEqual({ setting: null, percent: null, jarMl: null });
    expect(dialled(1, [1 - 1e-5])).toMatchObject({ setting: null });
    expect(dialled(2, [2 * (1 + 1e-7)])).toMatchObject({ setting: 2 * (1 + 1e-7) });
    expect(dialled(1, [1 - 1e-7])).toMatchObject({ setting: 1 - 1e-7 });
  });

  test('with nothing to spray, by weight, or outside the label it is refused', () => {
    const dial = { unit: 'percent', settings: [1] } as const;
    for (const sprayMl of [0, -1, Number.NaN]) {
      expect(() => planHoseEnd(line(), 1, sprayMl, dial)).toThrow(RangeError);
    }
    expect(() => planHoseEnd(line({ rateUnit: 'g-per-l' }), 1, 1000, dial)).toThrow(RangeError);
    expect(() => planHoseEnd(line(), 3, 1000, dial)).toThrow(RangeError);
  });
});

describe('the order of mixing', () => {
  const load = (formulation: MixLoad['formulation'], rawOil = false): MixLoad => ({ formulation, rawOil });
  const PLAIN = { rinse: false, jarTest: false, fineScreen: false };

  test('one product is poured and topped up', () => {
    expect(mixingOrder([load('flowable')], PLAIN)).toEqual([
      'check-sprayer',
      'half-water',
      'flowables',
      'fill-to-mark',
      'shake-and-keep-moving',
      'use-today',
    ]);
  });

  test('each kind has its place, and only when it is there', () => {
    const kinds = ['flowables', 'solubles', 'soaps', 'oils', 'powders'] as const;
    const stepsOf = (formulation: MixLoad['formulation']) =>
      mixingOrder([load(formulation)], PLAIN).filter((step) => (kinds as readonly string[]).includes(step));
    expect(stepsOf('flowable')).toEqual(['flowables']);
    expect(stepsOf('soluble')).toEqual(['solubles']);
    expect(stepsOf('soap')).toEqual(['soaps']);
    expect(stepsOf('emulsifiable-oil')).toEqual(['oils']);
    expect(stepsOf('powder')).toEqual(['powders']);
  });

  test('all that can be said of a tank, in order', () => {
    const loads = [
      load('emulsifiable-oil', true),
      load('soap'),
      load('soluble'),
      load('flowable'),
      load('powder'),
    ];
    expect(mixingOrder(loads, { rinse: true, jarTest: true, fineScreen: true })).toEqual([
      'rinse-first',
      'check-sprayer',
      'jar-test',
      'cut-with-soap',
      'half-water',
      'conditioner',
      'strain',
      'powders',
      'agitate',
      'flowables',
      'solubles',
      'soaps',
      'oils',
      'fill-to-mark',
      'shake-and-keep-moving',
      'use-today',
    ]);
  });

  test('a jar test is for two, and a fine screen only strains powders', () => {
    expect(mixingOrder([load('soap')], { ...PLAIN, jarTest: true })).not.toContain('jar-test');
    expect(mixingOrder([load('soap'), load('flowable')], PLAIN)).not.toContain('jar-test');
    expect(mixingOrder([load('soap'), load('flowable')], { ...PLAIN, jarTest: true })).toContain('jar-test');
    expect(mixingOrder([load('soap')], { ...PLAIN, fineScreen: true })).not.toContain('strain');
    expect(mixingOrder([load('powder')], PLAIN)).not.toContain('strain');
    expect(mixingOrder([load('soap')], PLAIN)).not.toContain('conditioner');
    expect(mixingOrder([load('soap')], PLAIN)).not.toContain('cut-with-soap');
  });
});

describe('a whole plan', () => {
  const plan = (rateUnit: LabelLine['rateUnit'], sprayMl: number) =>
    planSpray({ parts: [{ line: line({ rateUnit }), rate: 2 }], sprayMl, tankMl: 5000, spoons: METRIC });

  test('adds up all fills, and tells the strength of what is poured', () => {
    const poured = plan('percent', 12_000);
    expect(poured.fills.map(({ times, sprayMl }) => [times, sprayMl])).toEqual([
      [2, 5000],
      [1, 2000],
    ]);
    expect(poured.totalSprayMl).toBe(12_000);
    expect(poured.totals).toEqual([{ by: 'volume', amount: 240, percent: 2 }]);
  });

  test('what is weighed has no per cent by volume', () => {
    expect(plan('g-per-l', 12_000).totals).toEqual([{ by: 'weight', amount: 24, percent: null }]);
  });
});

describe('water', () => {
  test('the middle lies between the ends', () => {
    const { lowMl, middleMl, highMl } = waterForPlant({ heightM: 2, spreadM: 1, lengthM: 3 }, 'in-leaf');
    expect([lowMl, middleMl, highMl]).toEqual([540, 660, 780]);
  });

  test('what was used bare says nothing of leaves, nor one scope of another', () => {
    const past = [
      { sprayMl: 900, bare: true, scope: 'whole' as const },
      { sprayMl: 500, bare: false, scope: 'whole' as const },
      { sprayMl: 700, bare: false, scope: 'whole' as const },
      { sprayMl: 100, bare: false, scope: 'undersides' as const },
    ];
    expect(waterLearned(past, 'in-leaf', 'whole')).toEqual({ lowMl: 500, middleMl: 600, highMl: 700 });
    expect(waterLearned(past, 'dormant', 'whole')).toEqual({ lowMl: 900, middleMl: 900, highMl: 900 });
    expect(waterLearned(past, 'delayed-dormant', 'whole')).toEqual({
      lowMl: 900,
      middleMl: 900,
      highMl: 900,
    });
    expect(waterLearned(past, 'dormant', 'undersides')).toBeNull();
  });

  test('only the last three are looked at', () => {
    const past = [100, 400, 500, 600].map((sprayMl) => ({ sprayMl, bare: false, scope: 'whole' as const }));
    expect(waterLearned(past, 'in-leaf', 'whole')).toEqual({ lowMl: 400, middleMl: 500, highMl: 600 });
  });
});
