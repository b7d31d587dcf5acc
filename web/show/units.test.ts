import { expect, test } from '@jest/globals';
import { showDateRange, showDistance } from './dates.ts';
import { showEstimate, showIn } from './units.ts';

const metric = showIn({ temperatureUnit: 'C', measureSystem: 'metric' });
const us = showIn({ temperatureUnit: 'F', measureSystem: 'us' });
const imperial = showIn({ temperatureUnit: 'C', measureSystem: 'imperial' });

test("figures carry the garden's units", () => {
  expect(metric.heat(225.56)).toBe('226 °C·days');
  expect(us.heat(225.5556)).toBe('406 °F·days');
  expect(us.temperature(29)).toBe('84.2 °F');
  expect(metric.volume(2138)).toBe('2.14 l');
  expect(us.volume(3785.411784)).toBe('1 US gal');
  expect(imperial.volume(4546.09)).toBe('1 gal');
  expect(us.pour(29.5735)).toBe('1 US fl oz (30 ml)');
  expect(imperial.pour(28.4131)).toBe('1 fl oz (28 ml)');
  expect(us.mlFrom(2)).toBeCloseTo(7570.82, 2);
  expect(us.metresFrom(us.lengthNumber(3.048))).toBeCloseTo(3.048, 6);
});

test('dates carry their range, counts their interval', () => {
  expect(showDateRange('2026-06-08', '2026-06-07', '2026-06-09')).toBe('8 June (7–9)');
  expect(showDateRange('2026-05-31', '2026-05-28', '2026-06-04')).toBe('31 May (28 May–4 Jun)');
  expect(showDateRange('2026-05-31', '2026-05-31', '2026-05-31')).toBe('31 May');
  expect(showDateRange('2026-09-30', '2026-09-20', null)).toContain('or not at all');
  expect(showDistance('2026-06-08', '2026-06-04')).toBe('in 4 days');
  expect(showDistance('2026-06-03', '2026-06-04')).toBe('yesterday');
  expect(showEstimate({ value: 3.44, low: 2.06, high: 12.4 })).toBe('3.4 (2.1–12)');
});
