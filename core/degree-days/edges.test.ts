import { describe, expect, test } from '@jest/globals';
import { accumulateDegreeDays, dailyDegreeDays, hourlyDegreeDays, type DegreeDayModel } from './index.ts';

const SINE: DegreeDayModel = { lowerC: 10, upperC: null, method: 'single-sine', cutoff: 'none' };
const AVERAGE: DegreeDayModel = { ...SINE, method: 'average' };
/** Twelve hours at 5 °C and twelve at 20 °C: 5 °C·days above 10. */
const HALF_WARM = Array.from({ length: 24 }, (_, hour) => (hour < 12 ? 5 : 20));

describe('a day told by its hours', () => {
  test.each<[string, Parameters<typeof hourlyDegreeDays>[1], number]>([
    ['no cutoff', { lowerC: 10, upperC: null, cutoff: 'none' }, 5],
    ['an upper threshold without a cutoff counts for nothing', { lowerC: 10, upperC: 15, cutoff: 'none' }, 5],
    // Above 15 twelve hours by 5: 2.5.
    ['horizontal', { lowerC: 10, upperC: 15, cutoff: 'horizontal' }, 2.5],
    ['intermediate', { lowerC: 10, upperC: 15, cutoff: 'intermediate' }, 0],
    ['intermediate above 18: 5 − 2 · 1', { lowerC: 10, upperC: 18, cutoff: 'intermediate' }, 3],
    // 5 − 2.5 − 5 · half the day.
    ['vertical', { lowerC: 10, upperC: 15, cutoff: 'vertical' }, 0],
    ['a cutoff above the day changes nothing', { lowerC: 10, upperC: 25, cutoff: 'vertical' }, 5],
  ])('%s', (_, model, heat) => {
    expect(hourlyDegreeDays(HALF_WARM, model)).toBeCloseTo(heat, 12);
  });

  test('vertical takes the hours above away whole, and only those', () => {
    // Six hours each at 12, 14, 16, 18: above 15 two quarters; what is left is (2 + 4) / 4.
    const hours = [12, 14, 16, 18].flatMap((valueC) => Array<number>(6).fill(valueC));
    expect(hourlyDegreeDays(hours, { lowerC: 10, upperC: 15, cutoff: 'vertical' })).toBeCloseTo(1.5, 12);
  });

  test('any number of equal shares will do; none, or what is no number, will not', () => {
    expect(hourlyDegreeDays([5, 20], SINE)).toBeCloseTo(5, 12);
    expect(() => hourlyDegreeDays([], SINE)).toThrow(RangeError);
    expect(() => hourlyDegreeDays([5, Number.NaN], SINE)).toThrow(RangeError);
    expect(() => hourlyDegreeDays([5], { lowerC: 10, upperC: 9, cutoff: 'horizontal' })).toThrow(RangeError);
    expect(() => hourlyDegreeDays([5], { lowerC: Number.NaN, upperC: null, cutoff: 'none' })).toThrow(
      RangeError,
    );
  });
});

describe('a running sum', () => {
  const lows = [5, 5, 5];
  const highs = [20, 20, 20];
  const oneDay = dailyDegreeDays({ minC: 5, maxC: 20 }, SINE);

  test('takes hours where a logger told them, and the shape of the day where not', () => {
    const sums = accumulateDegreeDays(lows, highs, SINE, [undefined, HALF_WARM, undefined]);
    expect(oneDay).not.toBeCloseTo(5, 1);
    expect(sums[0]).toBeCloseTo(oneDay, 12);
    expect(sums[1]).toBeCloseTo(oneDay + 5, 12);
    expect(sums[2]).toBeCloseTo(2 * oneDay + 5, 12);
  });

  test('the simple average stays one, hours or not: it is asked for to compare with sums made so', () => {
    const sums = accumulateDegreeDays(lows, highs, AVERAGE, [HALF_WARM, HALF_WARM, HALF_WARM]);
    expect([...sums]).toEqual([2.5, 5, 7.5]);
  });

  test('a double method cools towards the next morning, also one warmer than the day', () => {
    const double: DegreeDayModel = { ...SINE, method: 'double-sine' };
    const [first, second] = accumulateDegreeDays([5, 12], [20, 22], double);
    expect(first).toBeCloseTo(dailyDegreeDays({ minC: 5, maxC: 20, nextMinC: 12 }, double), 12);
    // The last day has no morning after it: its own low stands in.
    expect(second! - first!).toBeCloseTo(dailyDegreeDays({ minC: 12, maxC: 22 }, double), 12);
    // A cold day before a mild night: the evening warms from 8 to 14, all of it above 7.
    const warmNight = dailyDegreeDays({ minC: 2, maxC: 8, nextMinC: 14 }, { ...double, lowerC: 7 });
    const coldNight = dailyDegreeDays({ minC: 2, maxC: 8, nextMinC: 2 }, { ...double, lowerC: 7 });
    expect(warmNight).toBeCloseTo(coldNight / 2 + (11 - 7) / 2, 9);
  });

  test('is refused for lists unequally long, a high below its low, and what is no number', () => {
    expect(() => accumulateDegreeDays([1, 2], [3], SINE)).toThrow(RangeError);
    expect(() => accumulateDegreeDays([1, 5], [3, 4], SINE)).toThrow(/^day 1/);
    expect(() => accumulateDegreeDays([Number.NaN], [3], SINE)).toThrow(RangeError);
    expect(() => accumulateDegreeDays([1], [Infinity], SINE)).toThrow(RangeError);
    expect([...accumulateDegreeDays([], [], SINE)]).toEqual([]);
    expect([...accumulateDegreeDays([12], [12], SINE)]).toEqual([2]);
  });
});
