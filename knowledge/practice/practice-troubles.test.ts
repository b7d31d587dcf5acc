import { describe, expect, test } from '@jest/globals';
import { daysBetween } from '#core/calendar';
import { hatchDays, hiddenTruth, practiceResult } from '#core/practice';
import { normalsFromTable } from '#core/weather';
import { LESSON_CLIMATES } from './lessons.ts';
import { madeUpNormals } from './made-up-climates.ts';
import { PRACTICE_TROUBLES, practiceCase, practiceStart } from './practice-troubles.ts';

const lesson = (id: (typeof PRACTICE_TROUBLES)[number], isSouth = false) =>
  practiceCase(id, madeUpNormals(LESSON_CLIMATES[id], isSouth), practiceStart(isSouth))!;
const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8];

describe.each(PRACTICE_TROUBLES)('lesson %s', (id) => {
  test('every plant has something to learn from: within its weeks, and not settled before they begin', () => {
    const practised = lesson(id);
    const end = practised.firstDay + 7 * practised.weeks;
    for (const seed of SEEDS) {
      const { season, openOn } = hiddenTruth(practised, seed);
      const [from] = openOn === null ? hatchDays(season.generations[0]!) : [openOn];
      expect(from).toBeGreaterThanOrEqual(practised.firstDay + 7);
      expect(from).toBeLessThan(end - 21);
    }
  });

  test('one treatment on its best day helps, and the calendar is beaten by as many on the best days', () => {
    const practised = lesson(id);
    for (const seed of SEEDS.slice(0, 4)) {
      const truth = hiddenTruth(practised, seed);
      const nothing = practiceResult(practised, truth, { today: 329, acts: [] });
      expect(nothing.best.left).toBeLessThan(90);
      expect(nothing.helped.what).toBe('one-more');
      const acts = practised.calendar.map((each) => ({ does: 'treat' as const, ...each }));
      const byCalendar = practiceResult(practised, truth, { today: 329, acts });
      expect(byCalendar.mine.left).toBeCloseTo(byCalendar.calendar.left, 9);
      expect(byCalendar.best.left).toBeLessThanOrEqual(byCalendar.mine.left + 1);
    }
  });

  test('in the south it is half a year away', () => {
    const [north, south] = [lesson(id), lesson(id, true)];
    expect(Math.abs(north.firstDay - south.firstDay)).toBeLessThanOrEqual(8);
    expect(daysBetween(north.start, south.start)).toBe(181);
  });
});

test('where it never gets warm nothing that goes by heat is practised', () => {
  const arctic = normalsFromTable(
    Array.from({ length: 12 }, () => ({ minC: -12, maxC: -2, rainMm: 20, wetDays: 5 })),
  );
  for (const id of PRACTICE_TROUBLES) expect(practiceCase(id, arctic, practiceStart(false))).toBeNull();
});
