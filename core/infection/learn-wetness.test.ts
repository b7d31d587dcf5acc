import { describe, expect, test } from '@jest/globals';
import {
  dewPointC,
  humidityPercent,
  infectionChance,
  learnWetness,
  sharesAfter,
  USUAL_CASES,
} from './index.ts';
import { leafDays } from './made-hours.ts';

const rainyDays = (count: number) => Array.from({ length: count }, (_, i) => ({ rainMm: i % 2 ? 6 : 0 }));
const onEach = (count: number, look: { breakfast: boolean; noon: boolean }) =>
  Object.fromEntries(Array.from({ length: count }, (_, i) => [i, i % 2 ? look : {}]));

describe('what a place teaches of its leaves', () => {
  test('nothing was looked at: as usual', () => {
    expect(learnWetness(leafDays(rainyDays(10)), 2)).toEqual({
      cases: USUAL_CASES,
      dewOffsetC: 2,
      looks: 0,
      nights: 0,
    });
  });

  test('dry at breakfast after rain, again and again, makes the short case likelier, and wet at noon the long', () => {
    const dry = learnWetness(leafDays(rainyDays(20), onEach(20, { breakfast: false, noon: false })), 3);
    const wet = learnWetness(leafDays(rainyDays(20), onEach(20, { breakfast: true, noon: true })), 3);
    expect(dry.looks).toBe(10);
    expect(dry.cases.short).toBeGreaterThan(USUAL_CASES.short + 0.1);
    expect(wet.cases.long).toBeGreaterThan(USUAL_CASES.long + 0.15);
    for (const { cases } of [dry, wet]) expect(cases.short + cases.middle + cases.long).toBeCloseTo(1, 9);
  });

  test('a humidity sensor tells the dew point outright', () => {
    const night = { minC: 10, maxC: 20, hourly: { humidityPercent: Array.from({ length: 24 }, () => 85) } };
    const { dewOffsetC, nights } = learnWetness(leafDays(Array.from({ length: 6 }, () => night)), 0);
    expect(nights).toBe(6);
    // 85 % at 10 °C is a dew point of 7.6 °C.
    expect(dewOffsetC).toBeCloseTo(2.4, 1);
    expect(learnWetness(leafDays([night, night]), 0.5).dewOffsetC).toBe(0.5);
  });

  test('shares stay as they were without a day, and move towards what the days say', () => {
    expect(sharesAfter(USUAL_CASES, 5, [])).toEqual(USUAL_CASES);
    const long = Array.from({ length: 30 }, () => ({ short: 0.05, middle: 0.05, long: 0.9 }));
    expect(sharesAfter(USUAL_CASES, 5, long).long).toBeGreaterThan(0.8);
  });
});

test('humidity and dew point are the inverse of one another', () => {
  // 20 °C with a dew point of 9.3 °C: 50 %.
  expect(humidityPercent(20, 9.26)).toBeCloseTo(50, 0);
  for (const percent of [20, 55, 90, 100])
    expect(humidityPercent(14, dewPointC(14, percent))).toBeCloseTo(percent, 6);
  expect(humidityPercent(5, 9)).toBe(100);
  expect(() => dewPointC(10, 0)).toThrow(RangeError);
});

test('the chance is the cases that say so', () => {
  expect(infectionChance({ short: false, middle: true, long: true }, USUAL_CASES)).toBeCloseTo(0.6, 9);
});
