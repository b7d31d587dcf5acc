import { expect, test } from '@jest/globals';
import type { ClockAnswer } from '#engine';
import { BASE_50F, eventsFor } from '#knowledge';
import { clockRange } from './clock-range.ts';

/** A year that brings 3 °C·days a day from day 100 on. */
const spread = Array.from({ length: 365 }, (_, day) => {
  const median = Math.max(0, day - 100) * 3;
  return { low: median * 0.8, median, high: median * 1.2 };
});
const clock = (changes: Partial<ClockAnswer>): ClockAnswer => ({
  start: '2026-01-01',
  today: '2026-05-29',
  model: BASE_50F,
  measured: spread.slice(0, 148).map((point) => point.median),
  forecast: [],
  spread,
  pastSeasons: [],
  filled: [],
  refused: [],
  windows: [],
  usual: [],
  guessedDays: 0,
  borrowedFrom: null,
  events: [],
  started: { on: '2026-01-01', by: 'calendar' },
  futures: 'past-years',
  stoodInDays: 0,
  carry: 'as-published',
  opinions: [],
  round: null,
  hasColdSeason: true,
  tapes: [],
  sprayedOn: [],
  ...changes,
});
const euonymus = eventsFor('euonymus-scale').map((event) => ({
  event,
  phase: 'ahead' as const,
  opens: { kind: 'too-few-years' as const, years: 0 },
  closes: { kind: 'too-few-years' as const, years: 0 },
  shareOfWay: 0.5,
  started: null,
  carry: 'as-published' as const,
}));

test("what is drawn holds today, the first generation's window and the tapes", () => {
  const { fromDay, toDay, topCd } = clockRange(
    clock({
      events: euonymus,
      tapes: [{ putOn: '2026-03-20', takenOff: '2026-03-27', perWeek: 0, crawlers: 0 }],
    }),
  );
  expect(fromDay).toBe(78 - 21);
  // The window ends at 455.6 °C·days, day 252 of this year.
  expect(toDay).toBe(252 + 10);
  expect(topCd).toBeGreaterThan(456);
});

test('without published marks it is the weeks around today', () => {
  expect(clockRange(clock({}))).toMatchObject({ fromDay: 103, toDay: 169 });
});

test('with no past years and nothing measured it still has a height', () => {
  const { topCd, toDay } = clockRange(clock({ spread: [], measured: [] }));
  expect(topCd).toBeGreaterThan(0);
  expect(toDay).toBeLessThan(365);
});
