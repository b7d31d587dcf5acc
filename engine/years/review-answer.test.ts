import { describe, expect, test } from '@jest/globals';
import { HEDGE_CLIMATE, simulateDays } from '#simulated';
import { addDays, type CivilDate } from '#core/calendar';
import { gardenDay } from '../garden-day.ts';
import type { GardenState } from '../garden-state.ts';
import { madeGarden, plantOf, sampleOf, STATION, tapeOn, twigs, watchOn } from '../made-garden.ts';
import { pictureOf } from '../watch-pictures.ts';
import { datesHeld } from './dates-held.ts';
import { rangesHeld } from './ranges-held.ts';
import { reviewAnswer } from './review-answer.ts';

const DAYS = simulateDays(HEDGE_CLIMATE, 5, '2019-01-01', '2026-12-31');
const hedge = plantOf('Hedge', 'euonymus');
const watch = watchOn(hedge, 'euonymus-scale', {
  openedOn: '2022-04-01',
  firstTargetId: 'euonymus-scale',
  firstGroup: 'armored',
});
const count = (on: CivilDate, level: number) =>
  sampleOf(
    watch,
    on,
    'twig',
    twigs(Array.from({ length: 20 }, (_, i) => Math.round(level * (0.5 + (i % 5) * 0.25)))),
  );

function made(today: CivilDate, said: Partial<GardenState> = {}, latitudeDeg = 45) {
  const state = madeGarden(
    {
      plants: [hedge],
      watches: [watch],
      days: { [STATION]: DAYS.filter(({ date }) => date < today) },
      ...said,
    },
    { latitudeDeg },
  );
  const day = gardenDay(state, today);
  return { day, picture: pictureOf(day, watch.id)! };
}

describe('which year is looked back on', () => {
  test.each([
    ['2026-01-15', 45, '2025-01-01', true],
    ['2026-05-20', 45, '2026-01-01', false],
    ['2026-11-20', 45, '2026-01-01', true],
    ['2026-12-31', 45, '2026-01-01', true],
    ['2026-01-15', -38, '2025-07-01', false],
    ['2026-06-10', -38, '2025-07-01', true],
    ['2026-07-20', -38, '2025-07-01', true],
  ] as const)('on %s at %d the season that began %s', (today, latitudeDeg, start, isOver) => {
    expect(reviewAnswer(made(today, {}, latitudeDeg).day)).toMatchObject({ season: { start }, isOver });
  });

  test('an empty garden has nothing to look back on', () => {
    expect(reviewAnswer(gardenDay(madeGarden(), '2026-01-15'))).toMatchObject({
      watches: [],
      names: { held: 0, of: 0 },
      dates: { held: 0, of: 0 },
      ranges: { held: 0, of: 0 },
      programmes: [],
    });
  });
});

describe('what came as it was said', () => {
  test('counts that go on as before hold their ranges, one that leaps does not', () => {
    const held = (levels: readonly number[]) => {
      const samples = levels.map((level, i) => count(`${2023 + i}-04-20`, level));
      const { day, picture } = made('2026-12-01', { samples });
      return rangesHeld(day, picture);
    };
    expect(held([4])).toEqual({ held: 0, of: 0 });
    expect(held([3, 6, 12, 24])).toEqual({ held: 3, of: 3 });
    expect(held([3, 6, 0.05, 24])).toMatchObject({ of: 3 });
    expect(held([3, 6, 0.05, 24]).held).toBeLessThan(2);
  });

  test('first hatches by tapes against the book and the years before', () => {
    const tapes = (year: number, first: CivilDate) =>
      [2, 30, 60, 40, 10, 0].map((crawlers, week) =>
        tapeOn(watch, addDays(`${year}${first.slice(4)}` as CivilDate, 7 * week), crawlers),
      );
    const { day, picture } = made('2026-12-01', {
      tapes: [...tapes(2024, '2024-06-04'), ...tapes(2025, '2025-06-03')],
    });
    const record = datesHeld(day, picture);
    expect(record.of).toBe(2);
    expect(record.held).toBeGreaterThanOrEqual(1);
    const late = made('2026-12-01', { tapes: tapes(2025, '2025-09-01') });
    expect(datesHeld(late.day, late.picture)).toEqual({ held: 0, of: 1 });
  });

  test('the answer gathers them with what each watch did', () => {
    const { day } = made('2026-12-01', { samples: [count('2025-04-20', 10), count('2026-04-20', 3)] });
    const answer = reviewAnswer(day);
    expect(answer.names).toEqual({ held: 1, of: 1 });
    expect(answer.ranges.of).toBe(1);
    expect(answer.watches).toMatchObject([
      { plantName: 'Hedge', cell: { count: { on: '2026-04-20' } }, before: { count: { on: '2025-04-20' } } },
    ]);
    expect(answer.watches[0]!.changes.map(({ kind }) => kind)).toEqual(['level']);
    expect(answer.watches[0]!.growth).not.toBeNull();
  });
});
