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

describe('the edges of a guess', () => {
  const hoursWet = (rainMm: number, at: 'short' | 'middle' | 'long') =>
    wetHours(leafHours(leafDays([{}, { rainMm }, {}]), DRY_AIR_C).wet[at], 1);

  test('rain of a day without hours is laid where the usual case has it, and is all there', () => {
    const { rainSumMm, isRainTold } = leafHours(leafDays([{}, { rainMm: 6 }, { rainMm: 3 }]), DRY_AIR_C);
    // Four hours of 1.5 mm from midnight, then two.
    expect([23, 24, 26, 27, 47, 48, 49, 71].map((hour) => rainSumMm[hour])).toEqual([
      0, 1.5, 4.5, 6, 6, 7.5, 9, 9,
    ]);
    expect([...isRainTold]).toEqual([0, 0, 0]);
    expect([...leafHours(leafDays([{ hourly: { rainMm: at(1, 3) } }, {}]), 1).isRainTold]).toEqual([1, 0]);
  });

  test('0.2 mm wets; a downpour lasts as many hours as it takes', () => {
    expect(hoursWet(0.2, 'short')).toEqual([14, 15]);
    expect(hoursWet(0.1, 'short')).toEqual([]);
    expect(hoursWet(8.1, 'short')).toEqual([14, 15, 16, 17]);
  });

  test('rain at night dries three hours after sunrise, rain by day three hours after it ends', () => {
    expect(hoursWet(1.5, 'middle')).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    // Eight hours of it, until eight: dry by eleven.
    expect(hoursWet(12, 'middle')).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
  });

  test('a long drizzle dries in a dry afternoon, in its first hour', () => {
    const { wet, humidity } = leafHours(leafDays([{ rainMm: 1.4 }, {}]), DRY_AIR_C);
    const next = wetHours(wet.long, 1);
    // Dry by one: the first hour of dry air takes it.
    expect(next.at(-1)).toBe(12);
    expect(humidity[24 + 12]).toBeLessThan(70);
    // Where the afternoon stays humid it lasts until nothing could still be wet, forty hours on.
    const humid = leafHours(
      leafDays([
        { rainMm: 1.4, minC: 14, maxC: 15 },
        { minC: 14, maxC: 15 },
        { minC: 14, maxC: 15 },
      ]),
      0,
    );
    expect(wetHours(humid.wet.long, 1)).toHaveLength(24);
  });

  test('night is from sunset to sunrise, by the middle of each hour', () => {
    const { isDark } = leafHours(leafDays([{}]), 1);
    const lit = [...isDark].flatMap((dark, hour) => (dark ? [] : [hour]));
    // 45° N, 1 May: about 4:50 to 19:10.
    expect([lit[0], lit.at(-1), lit.length]).toEqual([5, 18, 14]);
  });

  test('a sensor that goes dry ends what rain began', () => {
    const wetShare = none.map((_, hour) => (hour < 6 ? 1 : hour === 6 ? 0 : null));
    const { wet } = leafHours(leafDays([{ rainMm: 6, hourly: { wetShare } }]), DRY_AIR_C);
    expect(wetHours(wet.middle, 0)).toEqual([0, 1, 2, 3, 4, 5]);
    const half = none.map((_, hour) => (hour === 3 ? 0.5 : 0.49));
    expect(wetHours(leafHours(leafDays([{ hourly: { wetShare: half } }]), 1).wet.short, 0)).toEqual([3]);
  });

  test('an hour a logger left out is none of rain', () => {
    const rainMm = none.map((_, hour) => (hour === 10 ? 2 : hour === 11 ? 0 : null));
    const { wet, rainSumMm } = leafHours(leafDays([{ rainMm: 2, hourly: { rainMm } }]), DRY_AIR_C);
    expect(wetHours(wet.short, 0)).toEqual([10, 11]);
    expect(rainSumMm[23]).toBe(2);
  });

  test('humidity of 90 % itself is humid, told or guessed', () => {
    const humidityPercent = none.map((_, hour) => (hour === 4 ? 90 : hour === 6 ? 95 : hour === 8 ? 85 : 60));
    const { wet } = leafHours(leafDays([{ hourly: { humidityPercent } }]), 1);
    expect([wetHours(wet.short, 0), wetHours(wet.middle, 0), wetHours(wet.long, 0)]).toEqual([
      [6],
      [4, 6],
      [4, 6, 8],
    ]);
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

describe('what somebody found, at its edges', () => {
  const looked = (
    look: Parameters<typeof leafDays>[1],
    days: Parameters<typeof leafDays>[0] = [{}, {}, {}],
  ) => leafHours(leafDays(days, look), DRY_AIR_C).wet;

  test('wet where it had long been dry is that hour alone', () => {
    expect(wetHours(looked({ 1: { noon: true } }).short, 1)).toEqual([12]);
  });

  test('wet at breakfast since it was last wet within half a day: the evening before, not noon', () => {
    const rain = (hour: number) => [{ hourly: { rainMm: at(2, hour) } }, {}, {}];
    // Rain at six in the evening: wet until seven, and eleven hours later still.
    expect(wetHours(looked({ 1: { breakfast: true } }, rain(18)).short, 1)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    expect(wetHours(looked({ 1: { breakfast: true } }, rain(12)).short, 1)).toEqual([7]);
  });

  test('dry at noon lasts until rain begins anew, and no longer than the evening', () => {
    const rainMm = at(1, 9, 15);
    const { short, long } = looked({ 1: { noon: false } }, [{}, { hourly: { rainMm } }, {}]);
    expect(wetHours(short, 1)).toEqual([9, 10, 15, 16]);
    expect(wetHours(long, 1).filter((hour) => hour >= 12 && hour < 15)).toEqual([]);
    const drizzle = looked({ 1: { noon: false } }, [{}, { rainMm: 1.4 }, {}]);
    expect(wetHours(drizzle.long, 1).filter((hour) => hour >= 12)).toEqual([
      14, 15, 16, 18, 19, 20, 21, 22, 23,
    ]);
  });

  test('a day’s look leaves other days as they were', () => {
    const days = [{ rainMm: 6 }, { rainMm: 6 }, { rainMm: 6 }];
    const [before, after] = [looked({}, days), looked({ 1: { breakfast: false } }, days)];
    for (const day of [0, 2]) expect(wetHours(after.middle, day)).toEqual(wetHours(before.middle, day));
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
