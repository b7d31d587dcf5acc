import { expect, test } from '@jest/globals';
import { solarNoonHour } from './index.ts';

test.each([
  // Zone, longitude, day, hour: 12 + offset − longitude ÷ 15.
  ['UTC', 0, '2026-05-29', 12],
  ['Europe/Berlin', 15, '2026-01-15', 12],
  ['Europe/Berlin', 15, '2026-06-15', 13],
  ['Asia/Kolkata', 82.5, '2026-05-29', 12],
  ['Pacific/Auckland', 174.75, '2026-05-29', 12.35],
  ['Pacific/Auckland', 174.75, '2026-01-31', 13.35],
  ['Pacific/Auckland', 174.75, '2026-12-31', 13.35],
  ['Pacific/Kiritimati', -157.5, '2026-05-31', 12.5],
  ['Pacific/Kiritimati', -157.5, '2027-02-28', 12.5],
  ['Pacific/Pago_Pago', -170.7, '2026-05-31', 12.38],
  ['Pacific/Pago_Pago', -170.7, '2026-12-31', 12.38],
] as const)('in %s at %d° on %s the sun is highest at %d h', (zone, longitudeDeg, date, hour) => {
  expect(solarNoonHour(zone, longitudeDeg, date)).toBeCloseTo(hour, 6);
});

test('it differs by an hour at most from one day to the next, in every zone, at the end of every month', () => {
  const ends = Array.from({ length: 12 }, (_, month) => [
    new Date(Date.UTC(2026, month + 1, 0)).toISOString().slice(0, 10),
    new Date(Date.UTC(2026, month + 1, 1)).toISOString().slice(0, 10),
  ]);
  for (const zone of Intl.supportedValuesOf('timeZone'))
    for (const [last, first] of ends as [string, string][])
      expect(Math.abs(solarNoonHour(zone, 0, last) - solarNoonHour(zone, 0, first)) % 23).toBeLessThanOrEqual(
        1,
      );
});

test('a zone that is not known is refused', () => {
  expect(() => solarNoonHour('Nowhere/Never', 0, '2026-05-29')).toThrow(RangeError);
});
