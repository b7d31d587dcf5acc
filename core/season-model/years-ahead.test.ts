import { describe, expect, test } from '@jest/globals';
import { HEDGE_FIGURES, HEDGE_OIL, hedgeBelief, hedgeYears } from '#simulated';
import { drawSeasons, leftInDraws, sharp, summariseLeft, yearsAhead, type YearsAheadAsked } from './index.ts';

const YEARS = hedgeYears(8, 5);
const drawn = (more: Partial<typeof HEDGE_FIGURES> = {}) =>
  drawSeasons({
    belief: hedgeBelief(),
    figures: { ...HEDGE_FIGURES, ...more },
    years: YEARS,
    draws: 120,
    seed: 9,
  });
const asked = (more: Partial<YearsAheadAsked> = {}): YearsAheadAsked => ({
  draws: drawn(),
  growthAYear: sharp(2),
  years: 3,
  seed: 4,
  thisYear: [],
  eachYear: [],
  sourceCleared: false,
  cutBack: null,
  helpersGrow: null,
  ...more,
});
const medians = (more: Partial<YearsAheadAsked>) => yearsAhead(asked(more)).map(({ median }) => median);

describe('year after year', () => {
  test('left alone it doubles each year where it doubles for certain', () => {
    const levels = medians({});
    [200, 400, 800].forEach((level, year) => expect(levels[year]).toBeCloseTo(level, 6));
  });

  test('the usual growth left alone: twice, with eight in ten between 0.8 and 5 times in the first year', () => {
    const [first] = yearsAhead(asked({ growthAYear: HEDGE_FIGURES.growthAYear }));
    expect(first!.median).toBeGreaterThan(180);
    expect(first!.median).toBeLessThan(220);
    expect(first!.low).toBeGreaterThan(65);
    expect(first!.low).toBeLessThan(95);
    expect(first!.high).toBeGreaterThan(420);
    expect(first!.high).toBeLessThan(580);
  });

  test('a plan that leaves a share each year: the share times the growth, year on year', () => {
    const plan = [{ day: 165, kind: HEDGE_OIL }];
    const [first] = yearsAhead(asked({ thisYear: plan, eachYear: plan }));
    expect(first!.median).toBeCloseTo(2 * summariseLeft(leftInDraws(asked().draws, plan)).median, 6);
    const levels = medians({ thisYear: plan, eachYear: plan });
    expect(levels[2]! / levels[1]!).toBeLessThan(2);
  });

  test('done once and then no more it grows again', () => {
    const plan = [{ day: 165, kind: HEDGE_OIL }];
    const levels = medians({ thisYear: plan });
    expect(levels[1]).toBeCloseTo(2 * levels[0]!, 4);
  });

  test('cut back by nine tenths, a tenth begins', () => {
    expect(medians({ cutBack: sharp(0.9) })[0]).toBeCloseTo(20, 6);
  });

  test('a source keeps adding what it adds, however few are left; cleared it does not', () => {
    const draws = drawn({ source: sharp(0.3) });
    const rest = { growthAYear: sharp(1), cutBack: sharp(1) };
    expect(medians({ draws, ...rest })[0]).toBeCloseTo(30, 6);
    expect(medians({ draws, ...rest })[2]).toBeCloseTo(90, 6);
    expect(medians({ draws, ...rest, sourceCleared: true })).toEqual([0, 0, 0]);
  });

  test('helpers let be: odds of one in three become two in three, and live ones a half of what they were', () => {
    // 0.25 holed is odds of 1 to 3; times 3 it is one to one: 0.5 live where 0.75 did.
    const draws = drawn({ holed: sharp(0.25) });
    expect(medians({ draws, growthAYear: sharp(1), helpersGrow: sharp(3) })[0]).toBeCloseTo(
      (100 * 0.5) / 0.75,
      6,
    );
  });

  test('no plant carries more than twenty times as many', () => {
    expect(medians({ growthAYear: sharp(50) })).toEqual([2000, 2000, 2000]);
  });
});
