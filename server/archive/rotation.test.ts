import { expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { toLetGo } from './rotation.ts';

const named = (day: string, label = '') => `juglans-${day}${label}.zip`;

/** What lies in the folder after a backup a day, each day letting go of what is no longer kept. */
function after(days: number, first = '2026-01-01'): string[] {
  let lying: string[] = [];
  for (let i = 0; i < days; i++) {
    const today = addDays(first, i);
    // Read from a disk they come in any order.
    lying = [named(today), ...lying.toReversed()];
    const gone = new Set(toLetGo(lying, today));
    lying = lying.filter((name) => !gone.has(name));
  }
  return lying.sort();
}

test('a week of days, five of weeks, and one a month', () => {
  const lying = after(70);
  expect(lying).toEqual(
    // January's and February's last days stand for their months; then the Sundays before this week.
    [
      '01-31',
      '02-15',
      '02-22',
      '02-28',
      '03-01',
      '03-05',
      '03-06',
      '03-07',
      '03-08',
      '03-09',
      '03-10',
      '03-11',
    ].map((day) => named(`2026-${day}`)),
  );
});

test('two years of months, and not one more', () => {
  const lying = after(3 * 366, '2023-01-01');
  const months = lying.map((name) => name.slice(8, 15));
  expect(new Set(months).size).toBe(24);
  expect(lying[0]).toBe(named('2024-02-29'));
});

test('what was made before a restore stays a year, whatever the days do', () => {
  const before = named('2026-01-01', '-before-restore');
  const days = Array.from({ length: 9 }, (_, i) => named(addDays('2026-01-01', i)));
  expect(toLetGo([before, ...days], '2026-01-09')).not.toContain(before);
  expect(toLetGo([before], '2027-01-02')).toEqual([]);
  expect(toLetGo([before], '2027-01-03')).toEqual([before]);
});

test('a few are all kept', () => {
  expect(toLetGo([], '2026-05-29')).toEqual([]);
  expect(toLetGo([named('2026-05-29'), named('2020-01-01')], '2026-05-29')).toEqual([]);
});
