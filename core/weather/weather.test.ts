import { describe, expect, test } from '@jest/globals';
import { mean, sampleCorrelation, standardDeviation } from 'simple-statistics';
import { simulateDays, type SimulatedClimate } from '#simulated';
import { completeSeries, followPlant, offsetDays, placeOn, type WeatherDay } from './index.ts';

const CLIMATE: SimulatedClimate = {
  meanC: 8,
  seasonalC: 14,
  coldestDay: 18,
  dailyRangeWinterC: 8,
  dailyRangeSummerC: 12,
  spreadWinterC: 5,
  spreadSummerC: 3,
  persistence: 0.7,
  wetAfterDry: 0.25,
  wetAfterWet: 0.45,
  rainPerWetDayMm: 7,
  windMeanMs: 2.4,
};

function day(date: string, minC: number, maxC: number): WeatherDay {
  return { date, minC, maxC, rainMm: 0, windMs: null };
}

describe('gaps', () => {
  test('a short gap is filled on a straight line and marked', () => {
    const series = completeSeries(
      [day('2026-05-01', 4, 10), day('2026-05-04', 10, 16)],
      '2026-05-01',
      '2026-05-04',
    );
    expect(series.days.map((d) => [d.minC, d.maxC, d.origin])).toEqual([
      [4, 10, 'measured'],
      [6, 12, 'interpolated'],
      [8, 14, 'interpolated'],
      [10, 16, 'measured'],
    ]);
    expect(series.filled).toEqual([{ from: '2026-05-02', to: '2026-05-03' }]);
    expect(series.refused).toEqual([]);
  });

  test('a long gap and a missing end are refused by date, and nothing after the first is used', () => {
    const series = completeSeries(
      [day('2026-05-01', 4, 10), day('2026-05-06', 4, 10)],
      '2026-05-01',
      '2026-05-08',
    );
    expect(series.days).toHaveLength(1);
    expect(series.refused).toEqual([
      { from: '2026-05-02', to: '2026-05-05' },
      { from: '2026-05-07', to: '2026-05-08' },
    ]);
  });

  test('a missing start is refused rather than guessed', () => {
    const series = completeSeries([day('2026-05-02', 4, 10)], '2026-05-01', '2026-05-02');
    expect(series.refused).toEqual([{ from: '2026-05-01', to: '2026-05-01' }]);
    expect(series.days).toEqual([]);
  });

  test('nothing measured refuses the whole span', () => {
    expect(completeSeries([], '2026-05-01', '2026-05-03').refused).toEqual([
      { from: '2026-05-01', to: '2026-05-03' },
    ]);
  });
});

describe('a plant that moves', () => {
  const stays = [
    { placeId: 'sunroom', from: '2025-10-01' },
    { placeId: 'out', from: '2026-05-02' },
  ];

  test('reads the thermometer of the place it stands in', () => {
    const series = new Map([
      [
        'out',
        new Map([
          ['2026-05-01', day('2026-05-01', 2, 12)],
          ['2026-05-02', day('2026-05-02', 3, 13)],
        ]),
      ],
      [
        'sunroom',
        new Map([
          ['2026-05-01', day('2026-05-01', 14, 24)],
          ['2026-05-02', day('2026-05-02', 15, 25)],
        ]),
      ],
    ]);
    const lived = followPlant(stays, series, ['2026-05-01', '2026-05-02']);
    expect(lived.map((d) => d.minC)).toEqual([14, 3]);
  });

  test('stands in its first place before its first dated stay', () => {
    expect(placeOn(stays, '2020-01-01')).toBe('sunroom');
    expect(() => placeOn([], '2020-01-01')).toThrow(RangeError);
  });

  test('an offset never puts the maximum below the minimum', () => {
    expect(offsetDays([day('2026-05-01', 4, 6)], 5, 0)[0]).toMatchObject({ minC: 9, maxC: 9 });
  });
});

describe('simulated station', () => {
  const days = simulateDays(CLIMATE, 20110101, '2001-01-01', '2040-12-31');

  test('is the same for the same seed, and a longer run begins with the shorter', () => {
    expect(simulateDays(CLIMATE, 20110101, '2001-01-01', '2001-03-01')).toEqual(days.slice(0, 60));
    expect(simulateDays(CLIMATE, 5, '2001-01-01', '2001-03-01')).not.toEqual(days.slice(0, 60));
  });

  test('has the climate it was asked for', () => {
    const july = days.filter((d) => d.date.slice(5, 7) === '07').map((d) => (d.minC + d.maxC) / 2);
    expect(mean(july)).toBeGreaterThan(20.5);
    expect(mean(july)).toBeLessThan(22.5);
    expect(standardDeviation(july)).toBeGreaterThan(2.5);
    expect(standardDeviation(july)).toBeLessThan(3.6);
    expect(sampleCorrelation(july.slice(0, -1), july.slice(1))).toBeGreaterThan(0.5);
    const wetShare = mean(days.map((d) => ((d.rainMm ?? 0) > 0 ? 1 : 0)));
    // Stationary share of the two-state chain: 0.25 / (0.25 + 0.55) = 0.3125.
    expect(wetShare).toBeGreaterThan(0.29);
    expect(wetShare).toBeLessThan(0.335);
    expect(days.every((d) => d.maxC >= d.minC)).toBe(true);
  });
});
