import { expect, test } from '@jest/globals';
import { daysBetween } from '#core/calendar';
import { accumulateDegreeDays, type DegreeDayModel } from '#core/degree-days';
import { simulateDays, type SimulatedClimate } from '#simulated';
import { firstIndexAtLeast, projectCrossing, seasonEnsemble, type TemperaturePair } from './index.ts';

const CLIMATE: SimulatedClimate = {
  meanC: 9,
  seasonalC: 13,
  coldestDay: 15,
  dailyRangeWinterC: 8,
  dailyRangeSummerC: 12,
  spreadWinterC: 5,
  spreadSummerC: 3,
  persistence: 0.72,
  wetAfterDry: 0.2,
  wetAfterWet: 0.4,
  rainPerWetDayMm: 7,
  windMeanMs: 2,
};
const MODEL: DegreeDayModel = { lowerC: 10, upperC: null, method: 'single-sine', cutoff: 'none' };
const steady = (heatCd: number, days: number): TemperaturePair[] =>
  Array.from({ length: days }, () => ({ minC: 10 + heatCd, maxC: 10 + heatCd }));

test('guessed days bring the mean of the years to the sum, and their own year to each future', () => {
  // Ten days nobody measured, in years of 1 to 5 a day; then ten measured ones of 2.
  const ensemble = seasonEnsemble({
    start: '2026-01-01',
    measured: [...steady(3, 10).map((day) => ({ ...day, guessed: true as const })), ...steady(2, 10)],
    forecast: [],
    pastSeasons: [1, 2, 3, 4, 5].map((heat) => steady(heat, 365)),
    model: MODEL,
  });
  expect(ensemble.guessedDays).toBe(10);
  expect([ensemble.guessedSums[9], ensemble.guessedSums.at(-1), ensemble.measuredSums.at(-1)]).toEqual([
    30, 30, 50,
  ]);
  expect(ensemble.members.map((sums) => sums[19])).toEqual([30, 40, 50, 60, 70]);
  // 40 is passed on day 15 by the mean; years of 1 a day have 30 by then, years of 5 had 40 on day 8.
  const reached = projectCrossing(ensemble, 40);
  expect(reached).toMatchObject({ kind: 'reached', on: '2026-01-15' });
  if (reached.kind !== 'reached') throw new Error('unreachable');
  expect(reached.range![0] < reached.on && reached.on < reached.range![1]).toBe(true);
  const ahead = projectCrossing(ensemble, 110);
  if (ahead.kind !== 'expected') throw new Error('unreachable');
  // Of 110 the thermometer told 20; the guesses count with the years.
  expect(ahead.shares.measured).toBeCloseTo(20 / 110, 12);
  expect(ahead.shares.measured + ahead.shares.forecast + ahead.shares.pastYears).toBeCloseTo(1, 12);
});

test('with nothing guessed a sum that is passed has no range', () => {
  const ensemble = seasonEnsemble({
    start: '2026-01-01',
    measured: steady(2, 10),
    forecast: [],
    pastSeasons: [1, 2, 3, 4, 5].map((heat) => steady(heat, 365)),
    model: MODEL,
  });
  expect(projectCrossing(ensemble, 20)).toEqual({ kind: 'reached', on: '2026-01-10' });
});

test('begun in April, the range of a sum holds the truth about four times in five', () => {
  const yearOf = (seed: number) => simulateDays(CLIMATE, seed, '2025-01-01', '2025-12-31');
  const past = Array.from({ length: 15 }, (_, i) => yearOf(100 + i));
  const mean = (i: number, side: 'minC' | 'maxC') =>
    past.reduce((sum, year) => sum + year[i]![side], 0) / past.length;
  let held = 0;
  const runs = 300;
  for (let seed = 1; seed <= runs; seed++) {
    const truth = yearOf(1000 + seed);
    const measured = truth
      .slice(0, 125)
      .map((day, i): TemperaturePair =>
        i < 100 ? { minC: mean(i, 'minC'), maxC: mean(i, 'maxC'), guessed: true } : day,
      );
    const ensemble = seasonEnsemble({
      start: '2025-01-01',
      measured,
      forecast: [],
      pastSeasons: past,
      model: MODEL,
    });
    const sums = accumulateDegreeDays(
      truth.map((day) => day.minC),
      truth.map((day) => day.maxC),
      MODEL,
    );
    const on = firstIndexAtLeast(sums, 250)!;
    const at = projectCrossing(ensemble, 250);
    const [early, late] =
      at.kind === 'reached' ? at.range! : at.kind === 'expected' ? [at.early, at.late!] : ['', ''];
    const index = (date: string) => daysBetween('2025-01-01', date);
    if (index(early) <= on && on <= index(late)) held++;
  }
  expect(held / runs).toBeGreaterThan(0.7);
  expect(held / runs).toBeLessThan(0.92);
});
