import { expect, test } from '@jest/globals';
import { isLateSeason } from './use-facts.ts';

test('autumn is autumn there and then: July is not, in the north, nor January in the south', () => {
  const late = (latitudeDeg: number, today: string) => isLateSeason({ latitudeDeg }, today, 'in-leaf');
  expect(
    ['2026-07-15', '2026-08-31', '2026-09-01', '2026-11-30', '2026-12-01'].map((on) => late(45, on)),
  ).toEqual([false, false, true, true, false]);
  expect(
    ['2026-01-15', '2026-02-28', '2026-03-01', '2026-05-31', '2026-06-01'].map((on) => late(-38, on)),
  ).toEqual([false, false, true, true, false]);
  expect(isLateSeason({ latitudeDeg: 45 }, '2026-10-01', 'dormant')).toBe(false);
});
