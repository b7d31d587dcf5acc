import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { leafHours, WETNESS_CASES } from './index.ts';
import { leafDays } from './made-hours.ts';

const DRY_AIR_C = 5;
const wetHours = (wet: Uint8Array, day: number) =>
  [...wet.subarray(day * 24, day * 24 + 24)].flatMap((isWet, hour) => (isWet ? [hour] : []));
const none = Array.from({ length: 24 }, () => null);
const at = (value: number, ...hours: number[]) => none.map((_, hour) => (hours.includes(hour) ? value : 0));

describe('a day with only its low, high and rain', () => {
  const days = leafDays([{}, { rainMm: 6 }, {}, {}]);
  const { wet, basis } = leafHours(days, DRY_AIR_C);

  test('short: an hour for 4 mm in the afternoon, dry an hour after', () => {
    expect(wetHours(wet.short, 1)).toEqual([14, 15, 16]);
    expect(wetHours(wet.short, 2)).toEqual([]);
  });

  test('middle: an hour for 1.5 mm at night, dry three hours after sunrise', () => {
    // Sun up at about 4:50 at 45° N in early May: wet until 8.
    expect(wetHours(wet.middle, 1)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  });

  test('long: at any hour, dry only in a dry afternoon', () => {
    expect(wet.long[24 + 3]).toBe(1);
    expect(wet.long[24 + 23]).toBe(1);
    expect(wet.long[48 + 8]).toBe(1);
    expect(wet.long[48 + 15]).toBe(0);
  });

  test('is a guess; where nobody told the rain it is not known', () => {
    expect(basis).toEqual(['guessed', 'guessed', 'guessed', 'guessed']);
    expect(leafHours(leafDays([{ rainMm: null }]), 1).basis).toEqual(['unknown']);
  });

  test('dew lies on a clear night where the dew point is near the low, and not where the air is dry', () => {
    const dewy = leafHours(leafDays([{}, {}]), 0.3);
    expect(wetHours(dewy.wet.middle, 1).length).toBeGreaterThan(2);
    expect(wetHours(dewy.wet.short, 1)).toEqual([]);
    expect(wetHours(leafHours(leafDays([{}, {}]), DRY_AIR_C).wet.long, 1)).toEqual([]);
  });

  test('a drizzle of less than 0.2 mm wets nothing', () => {
    expect(leafHours(leafDays([{ rainMm: 0.1 }]), DRY_AIR_C).wet.long.includes(1)).toBe(false);
  });
});

describe('hours that were told', () => {
  test('wet while it rains and where the air is humid, at 90 % and a little either side', () => {
    const humidityPercent = none.map((_, hour) => (hour === 4 ? 92 : hour === 5 ? 87 : hour === 6 ? 97 : 60));
    const { wet, basis } = leafHours(leafDays([{ hourly: { rainMm: at(1, 10), humidityPercent } }]), 1);
    expect(basis).toEqual(['measured']);
    expect(wetHours(wet.short, 0)).toEqual([6, 10]);
    expect(wetHours(wet.middle, 0)).toEqual([4, 6, 10]);
    expect(wetHours(wet.long, 0)).toEqual([4, 5, 6, 10]);
  });

  test('a leaf sensor rules over both', () => {
    const wetShare = none.map((_, hour) => (hour === 7 ? 0.6 : 0.3));
    const { wet } = leafHours(
      leafDays([{ hourly: { wetShare, rainMm: at(1, 10), humidityPercent: at(99, 3) } }]),
      1,
    );
    for (const one of WETNESS_CASES) expect(wetHours(wet[one], 0)).toEqual([7]);
  });

  test('rain of the hours adds up hour by hour', () => {
    const { rainSumMm } = leafHours(leafDays([{ rainMm: 5, hourly: { rainMm: at(2.5, 3, 20) } }]), 1);
    expect([rainSumMm[2], rainSumMm[3], rainSumMm[19], rainSumMm[23]]).toEqual([0, 2.5, 2.5, 5]);
  });
});

describe('what somebody found', () => {
  test('wet at noon keeps it wet since it last was; dry at breakfast dries it', () => {
    const looked = leafHours(leafDays([{}, { rainMm: 6 }, {}], { 1: { noon: true } }), DRY_AIR_C);
    expect(wetHours(looked.wet.middle, 1)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
    const dry = leafHours(leafDays([{}, { rainMm: 6 }, {}], { 1: { breakfast: false } }), DRY_AIR_C);
    expect(wetHours(dry.wet.middle, 1)).toEqual([0, 1, 2, 3, 4, 5, 6]);
  });

  test('dry by an hour: wet until then, dry after', () => {
    const { wet } = leafHours(leafDays([{}, { rainMm: 6 }, {}], { 1: { dryByHour: 11 } }), DRY_AIR_C);
    expect(wetHours(wet.middle, 1)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
    expect(wet.long[24 + 11]).toBe(0);
  });
});

test('short lies within long, and so does middle, whatever the days', () => {
  const day = fc.record({
    minC: fc.integer({ min: -5, max: 18 }),
    rangeC: fc.integer({ min: 1, max: 18 }),
    rainMm: fc.constantFrom(null, 0, 0.3, 2, 9, 30),
  });
  fc.assert(
    fc.property(
      fc.array(day, { minLength: 1, maxLength: 12 }),
      fc.integer({ min: 0, max: 5 }),
      (drawn, dewC) => {
        const { wet } = leafHours(
          leafDays(drawn.map(({ minC, rangeC, rainMm }) => ({ minC, maxC: minC + rangeC, rainMm }))),
          dewC,
        );
        for (const one of ['short', 'middle'] as const)
          expect(wet[one].every((isWet, hour) => !isWet || wet.long[hour])).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});
