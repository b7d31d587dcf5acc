import { expect, test } from '@jest/globals';
import { seasonStages } from './index.ts';

/** A year whose daily mean is a pure cosine, coldest on day 15. */
const cosineYear = (meanC: number, halfRangeC: number) =>
  Array.from({ length: 365 }, (_, day) => {
    const c = meanC - halfRangeC * Math.cos((2 * Math.PI * (day - 15)) / 365);
    return { minC: c - 4, maxC: c + 4 };
  });

test('stages follow the mean temperature through the year', () => {
  const stages = seasonStages('2026-01-01', [cosineYear(8, 14)])!;
  expect(stages.map((s) => s.stage)).toEqual(['dormant', 'bud-swell', 'in-leaf', 'leaf-fall', 'dormant']);
  // cos = 1/7 at day 15 + 365·acos(1/7)/2π = 97.9: the mean passes 6 °C then (8 April).
  expect(Math.abs(Date.parse(stages[1]!.from) - Date.parse('2026-04-09')) / 864e5).toBeLessThanOrEqual(2);
  expect(stages.at(-1)!.to).toBe('2026-12-31');
});

test('where no fortnight is cold the temperatures show no dormant season', () => {
  expect(seasonStages('2026-01-01', [cosineYear(20, 6)])).toBeNull();
});
