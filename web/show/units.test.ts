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
  expect([metric.rain(6.35), us.rain(6.35), imperial.rain(6.35)]).toEqual(['6.4 mm', '0.25 in', '6.4 mm']);
  expect([metric.wind(2.5), us.wind(4.4704)]).toEqual(['2.5 m/s', '10 mph']);
  expect(us.windRange(1, 4)).toBe('2–9 mph');
});

test("what is typed is read in the garden's units, or in those it says", () => {
  expect(us.typedMl('2')).toBeCloseTo(7570.82, 2);
  expect(us.typedMl('1/2 gal')).toBeCloseTo(1892.71, 2);
  expect(us.typedMl('1 pint')).toBeCloseTo(473.18, 2);
  expect(metric.typedMl('1,5')).toBe(1500);
  expect(metric.typedMl('500 ml')).toBe(500);
  expect(us.typedMetres('10')).toBeCloseTo(3.048, 6);
  expect(us.typedMetres('60 in')).toBeCloseTo(1.524, 6);
  expect(metric.typedMetres('6 ft')).toBeCloseTo(1.8288, 6);
  expect(us.typedRainMm('0.5')).toBeCloseTo(12.7, 9);
  expect(us.typedRainMm('12 mm')).toBeCloseTo(12, 9);
  expect([metric.typedRainMm('0'), us.typedRainMm('0,0')]).toEqual([0, 0]);
  expect([metric.typedMl('0'), metric.typedMl('-2'), metric.typedMetres('-3')]).toEqual([0, -2000, -3]);
  expect([metric.typedMl('-2 ml'), metric.typedRainMm('-1')].every((value) => value < 0)).toBe(true);
  for (const text of ['', 'much', '3 kg']) {
    expect(metric.typedMl(text)).toBeNaN();
    expect(metric.typedMetres(text)).toBeNaN();
  }
  expect(metric.typedRainMm('')).toBeNaN();
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
