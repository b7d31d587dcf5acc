import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { newBackupName, readBackupName, toLetGo } from './rotation.ts';

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

test('of a day with several all are kept for a week, then its last where it stands for its week', () => {
  const sunday = [named('2026-01-11'), named('2026-01-11', '-2'), named('2026-01-11', '-10')];
  const later = Array.from({ length: 7 }, (_, i) => named(addDays('2026-01-12', i)));
  expect(toLetGo([...sunday, ...later.slice(0, 6)], '2026-01-17')).toEqual([]);
  expect(toLetGo([...sunday, ...later], '2026-01-18').sort()).toEqual([
    named('2026-01-11', '-2'),
    named('2026-01-11'),
  ]);
});

describe('a name', () => {
  test('tells the day, what for, and which of the day', () => {
    expect(readBackupName('juglans-2026-05-29.zip')).toEqual({ on: '2026-05-29', label: null, nth: 1 });
    expect(readBackupName('juglans-2026-05-29-3.zip')).toEqual({ on: '2026-05-29', label: null, nth: 3 });
    expect(readBackupName('juglans-2026-05-29-before-restore-12.zip')).toEqual({
      on: '2026-05-29',
      label: 'before-restore',
      nth: 12,
    });
    for (const other of [
      'garden.zip',
      'juglans-2026-05-29.zip.new.zip',
      '../juglans-2026-05-29.zip',
      'juglans-.zip',
    ])
      expect(readBackupName(other)).toBeNull();
  });

  test('is new whatever lies there', () => {
    const lying: string[] = [];
    for (let i = 0; i < 12; i++) {
      const name = newBackupName('2026-05-29', i % 3 === 0 ? 'before-restore' : null, lying);
      expect(lying).not.toContain(name);
      lying.push(name);
    }
    expect(lying).toContain('juglans-2026-05-29.zip');
    expect(lying).toContain('juglans-2026-05-29-8.zip');
    expect(lying).toContain('juglans-2026-05-29-before-restore-4.zip');
    // One that was let go of leaves no gap to be filled by a newer.
    expect(newBackupName('2026-05-29', null, [named('2026-05-29', '-5')])).toBe(named('2026-05-29', '-6'));
  });
});
