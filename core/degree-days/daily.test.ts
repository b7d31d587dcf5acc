import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { celsiusDaysFromFahrenheitDays, celsiusFromFahrenheit } from '#core/units';
import { dailyDegreeDays, hourlyDegreeDays, type Cutoff, type DegreeDayModel, type Method } from './index.ts';

const SHAPED: Method[] = ['single-triangle', 'double-triangle', 'single-sine', 'double-sine'];
const SLICES = 8_000;
const CUTOFFS: Cutoff[] = ['none', 'horizontal', 'intermediate', 'vertical'];
const temperature = fc.double({ min: -30, max: 48, noNaN: true });
const day = fc.tuple(temperature, temperature, temperature).map(([a, b, nextMinC]) => ({
  minC: Math.min(a, b),
  maxC: Math.max(a, b),
  nextMinC,
}));

function model(
  method: Method,
  cutoff: Cutoff = 'none',
  lowerC = 10,
  upperC: number | null = 30,
): DegreeDayModel {
  return { lowerC, upperC, method, cutoff };
}

/** The definition itself, summed over fine slices of one half day that runs from `fromC` to `toC`. */
function sliceHalfDay(fromC: number, toC: number, m: DegreeDayModel): number {
  const slices = SLICES;
  let above = 0,
    aboveUpper = 0,
    timeAbove = 0;
  for (let i = 0; i < slices; i++) {
    const x = (i + 0.5) / slices;
    const part = m.method.endsWith('sine') ? (1 - Math.cos(Math.PI * x)) / 2 : x;
    const t = fromC + (toC - fromC) * part;
    above += Math.max(0, t - m.lowerC);
    aboveUpper += Math.max(0, t - m.upperC!);
    timeAbove += t > m.upperC! ? 1 : 0;
  }
  const [d, u, share] = [above / slices, aboveUpper / slices, timeAbove / slices];
  if (m.cutoff === 'none') return d;
  if (m.cutoff === 'horizontal') return d - u;
  if (m.cutoff === 'intermediate') return Math.max(0, d - 2 * u);
  return Math.max(0, d - u - (m.upperC! - m.lowerC) * share);
}

describe('one day worked by hand, lower 10 °C, upper 30 °C', () => {
  test.each<[string, Method, Cutoff, number, number, number]>([
    ['wholly between, average', 'average', 'none', 12, 24, 8],
    ['wholly between, sine', 'single-sine', 'none', 12, 24, 8],
    // mean 10 on the threshold: half a sine arch of height 8, so 8/π
    ['mean on the threshold, sine', 'single-sine', 'none', 2, 18, 8 / Math.PI],
    // triangle above: (18−10)²/(2·16)
    ['mean on the threshold, triangle', 'single-triangle', 'none', 2, 18, 2],
    // mean 6, half range 8, crossing asin(½)=π/6: (−4·π/3 + 8·cos π/6)/π
    [
      'crossing at 30°, sine',
      'single-sine',
      'none',
      -2,
      14,
      ((-4 * Math.PI) / 3 + 8 * Math.cos(Math.PI / 6)) / Math.PI,
    ],
    ['mean on the threshold, average', 'average', 'none', 2, 18, 0],
    ['all above the upper, horizontal', 'single-sine', 'horizontal', 32, 40, 20],
    ['all above the upper, vertical', 'single-sine', 'vertical', 32, 40, 0],
    // mean 36: D(L)=26, D(U)=6
    ['all above the upper, intermediate', 'single-sine', 'intermediate', 32, 40, 14],
    // mean on the upper: D(L)=20, D(U)=8/π, half the day above it
    ['crossing the upper, horizontal', 'single-sine', 'horizontal', 22, 38, 20 - 8 / Math.PI],
    ['crossing the upper, vertical', 'single-sine', 'vertical', 22, 38, 20 - 8 / Math.PI - 10],
    ['crossing the upper, triangle intermediate', 'single-triangle', 'intermediate', 22, 38, 20 - 2 * 2],
    // both readings held: (22+30)/2 − 10
    ['average held at the upper', 'average', 'horizontal', 22, 38, 16],
    ['no range, above', 'single-sine', 'none', 15, 15, 5],
    ['no range, on the threshold', 'single-triangle', 'vertical', 10, 10, 0],
  ])('%s', (_, method, cutoff, minC, maxC, expected) => {
    expect(dailyDegreeDays({ minC, maxC }, model(method, cutoff))).toBeCloseTo(expected, 12);
  });

  test('the double sine takes each half by its own night', () => {
    const rise = dailyDegreeDays({ minC: 2, maxC: 18 }, model('single-sine'));
    const fall = dailyDegreeDays({ minC: 12, maxC: 18 }, model('single-sine'));
    expect(dailyDegreeDays({ minC: 2, maxC: 18, nextMinC: 12 }, model('double-sine'))).toBeCloseTo(
      (rise + fall) / 2,
      12,
    );
    expect(dailyDegreeDays({ minC: 2, maxC: 18 }, model('double-sine'))).toBeCloseTo(rise, 12);
  });
});

describe('properties over random days', () => {
  test.each(SHAPED.flatMap((m) => CUTOFFS.map((c) => [m, c] as const)))(
    '%s with %s cutoff agrees with numerical integration to 1e-6',
    (method, cutoff) => {
      fc.assert(
        fc.property(day, ({ minC, maxC, nextMinC }) => {
          const next = Math.min(nextMinC, maxC);
          const m = model(method, cutoff, 10, 27);
          const got = dailyDegreeDays({ minC, maxC, nextMinC: next }, m);
          const second = method.startsWith('double') ? next : minC;
          // A slice that straddles a threshold leaves the vertical share short by up to one slice.
          const slack = cutoff === 'vertical' ? (17 * 2) / SLICES : 0;
          const halves = (sliceHalfDay(minC, maxC, m) + sliceHalfDay(second, maxC, m)) / 2;
          expect(Math.abs(got - halves)).toBeLessThanOrEqual(1e-6 + 1e-6 * Math.abs(halves) + slack);
        }),
        { numRuns: 12, seed: 7 },
      );
    },
  );

  test('a day wholly below the lower threshold gives exactly 0', () => {
    fc.assert(
      fc.property(day, fc.constantFrom(...SHAPED), fc.constantFrom(...CUTOFFS), (d, method, cutoff) => {
        const lowerC = Math.max(d.maxC, d.nextMinC);
        expect(dailyDegreeDays(d, model(method, cutoff, lowerC, lowerC + 20))).toBe(0);
      }),
      { seed: 7 },
    );
  });

  test('°F and °C agree', () => {
    fc.assert(
      fc.property(day, fc.constantFrom(...SHAPED, 'average' as const), (d, method) => {
        const inC = dailyDegreeDays(d, model(method));
        // The same arithmetic done wholly in °F: thresholds and readings in °F, the sum in °F·days.
        const toF = (c: number) => (c * 9) / 5 + 32;
        const inFd = dailyDegreeDays(
          { minC: toF(d.minC), maxC: toF(d.maxC), nextMinC: toF(d.nextMinC) },
          { ...model(method), lowerC: 50, upperC: 86 },
        );
        expect(celsiusDaysFromFahrenheitDays(inFd)).toBeCloseTo(inC, 9);
        expect(celsiusFromFahrenheit(toF(d.minC))).toBeCloseTo(d.minC, 10);
      }),
      { seed: 7 },
    );
  });

  test('more heat never means fewer degree days without a cutoff, and a cutoff never adds any', () => {
    fc.assert(
      fc.property(
        day,
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.constantFrom(...SHAPED),
        (d, rise, method) => {
          const warmer = { minC: d.minC, maxC: d.maxC + rise, nextMinC: d.nextMinC };
          const plain = dailyDegreeDays(d, model(method));
          expect(dailyDegreeDays(warmer, model(method))).toBeGreaterThanOrEqual(plain - 1e-9);
          for (const cutoff of CUTOFFS)
            expect(dailyDegreeDays(d, model(method, cutoff))).toBeLessThanOrEqual(plain + 1e-9);
        },
      ),
      { seed: 7 },
    );
  });
});

describe('hours', () => {
  test('worked by hand: half a day at 8, half at 35, lower 10, upper 30', () => {
    const hours = Array.from({ length: 24 }, (_, hour) => (hour < 12 ? 8 : 35));
    const by = (cutoff: Cutoff) => hourlyDegreeDays(hours, { lowerC: 10, upperC: 30, cutoff });
    expect([by('none'), by('horizontal'), by('intermediate'), by('vertical')]).toEqual([12.5, 10, 7.5, 0]);
    expect(() => hourlyDegreeDays([], { lowerC: 10, upperC: null, cutoff: 'none' })).toThrow(RangeError);
    expect(() => hourlyDegreeDays([NaN], { lowerC: 10, upperC: null, cutoff: 'none' })).toThrow(RangeError);
  });

  test('many readings along a sine come to the single sine, under every cutoff', () => {
    fc.assert(
      fc.property(day, fc.constantFrom(...CUTOFFS), ({ minC, maxC }, cutoff) => {
        const readings = Array.from(
          { length: 4000 },
          (_, i) => (minC + maxC) / 2 - ((maxC - minC) / 2) * Math.cos((2 * Math.PI * (i + 0.5)) / 4000),
        );
        const m = model('single-sine', cutoff, 10, 27);
        const slack = cutoff === 'vertical' ? (17 * 2) / 4000 : 0;
        expect(
          Math.abs(hourlyDegreeDays(readings, m) - dailyDegreeDays({ minC, maxC }, m)),
        ).toBeLessThanOrEqual(1e-4 + slack);
      }),
      { numRuns: 30, seed: 7 },
    );
  });
});

describe('refusals', () => {
  test.each<[string, { minC: number; maxC: number }, DegreeDayModel]>([
    ['maximum below minimum', { minC: 12, maxC: 8 }, model('single-sine')],
    ['a missing reading', { minC: NaN, maxC: 8 }, model('single-sine')],
    ['thresholds the wrong way round', { minC: 2, maxC: 8 }, model('single-sine', 'none', 30, 10)],
    ['average with a vertical cutoff', { minC: 2, maxC: 8 }, model('average', 'vertical')],
    ['average with an intermediate cutoff', { minC: 2, maxC: 8 }, model('average', 'intermediate')],
  ])('%s', (_, d, m) => {
    expect(() => dailyDegreeDays(d, m)).toThrow(RangeError);
  });
});
