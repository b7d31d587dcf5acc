import { expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { systemClock } from './clock.ts';

const dayIn = (zone: string, at: string | number) =>
  systemClock(
    () => zone,
    () => new Date(at),
  ).today();

test.each([
  // At half past ten UTC it is still the day before furthest west, and already the next furthest east.
  ['Etc/GMT+12', '2026-12-31T10:30:00Z', '2026-12-30'],
  ['Pacific/Pago_Pago', '2027-01-01T10:30:00Z', '2026-12-31'],
  ['UTC', '2026-12-31T10:30:00Z', '2026-12-31'],
  ['Pacific/Auckland', '2026-12-31T11:00:00Z', '2027-01-01'],
  ['Pacific/Kiritimati', '2026-12-31T10:30:00Z', '2027-01-01'],
  ['Pacific/Kiritimati', '2028-02-28T10:00:00Z', '2028-02-29'],
  // Clocks forward and back: the last minute of the day before, and the first of the day.
  ['America/Toronto', '2026-03-08T04:59:00Z', '2026-03-07'],
  ['America/Toronto', '2026-03-09T03:59:00Z', '2026-03-08'],
  ['America/Toronto', '2026-03-09T04:00:00Z', '2026-03-09'],
  ['America/Toronto', '2026-11-02T04:59:00Z', '2026-11-01'],
  ['America/Toronto', '2026-11-02T05:00:00Z', '2026-11-02'],
  ['Australia/Lord_Howe', '2026-04-04T12:59:00Z', '2026-04-04'],
  ['Australia/Lord_Howe', '2026-04-04T13:00:00Z', '2026-04-05'],
])('in %s at %s it is %s', (zone, at, day) => {
  expect(dayIn(zone, at)).toBe(day);
});

test('in every zone the days of a year follow each other, none twice and none left out', () => {
  const STEP_MS = 6 * 3600_000;
  const start = Date.UTC(2026, 0, 1, 12);
  for (const zone of [
    'Etc/GMT+12',
    'America/St_Johns',
    'Europe/Dublin',
    'Asia/Tehran',
    'Pacific/Apia',
    'Etc/GMT-14',
  ]) {
    const clock = { now: start };
    const { today } = systemClock(
      () => zone,
      () => new Date(clock.now),
    );
    let last = today();
    for (let step = 1; step <= 366 * 4; step++) {
      clock.now = start + step * STEP_MS;
      const day = today();
      if (day === last) continue;
      expect(day).toBe(addDays(last, 1));
      last = day;
    }
    expect(last >= '2027-01-01').toBe(true);
  }
});
