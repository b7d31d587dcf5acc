import { expect, test } from '@jest/globals';
import { type ListedPlace, townList, townNearest, townsNamed } from './town-search.ts';

const place = (
  name: string,
  country: string,
  adminCode: string,
  population: number,
  latitudeDeg: number,
  longitudeDeg: number,
): ListedPlace => ({
  name,
  country,
  adminCode,
  population,
  loc: { coordinates: [longitudeDeg, latitudeDeg] },
});

/** A dozen and more of the list, as it writes them. */
const LIST = townList([
  place('Hanover', 'US', 'PA', 15_496, 39.80066, -76.98304),
  place('Hanover', 'US', 'MD', 38_088, 39.19289, -76.72414),
  place('Paris', 'FR', '11', 2_138_551, 48.85341, 2.3488),
  place('Paris', 'US', 'TX', 24_782, 33.66094, -95.55551),
  place('Parispolis', 'US', 'OH', 3_000_000, 40, -80),
  place('London', 'GB', 'ENG', 7_556_900, 51.50853, -0.12574),
  place('Londonderry', 'GB', 'NIR', 83_652, 54.9981, -7.30934),
  place('London', 'CA', '08', 346_765, 42.98339, -81.23304),
  place('Perth', 'AU', '08', 1_896_548, -31.95224, 115.8614),
  place('Perth', 'GB', 'SCT', 47_180, 56.39522, -3.43139),
  place('Hamilton', 'NZ', 'G1', 152_641, -37.78333, 175.28333),
  place('Málaga', 'ES', '51', 568_305, 36.72016, -4.42034),
  place('Saint-Étienne', 'FR', '84', 176_280, 45.43389, 4.39),
  place('Ballarat', 'AU', '07', 85_936, -37.56622, 143.84957),
  place('Phoenix', 'US', 'AZ', 1_563_025, 33.44838, -112.07404),
  place('Labasa', 'FJ', '03', 27_949, -16.4332, 179.36451),
]);
const findTowns = (typed: string) => townsNamed(LIST, typed);
const nearestTown = (latitudeDeg: number, longitudeDeg: number) =>
  townNearest(LIST, latitudeDeg, longitudeDeg);

const names = (typed: string) =>
  findTowns(typed).map(({ name, region, country }) => [name, region, country].filter(Boolean).join(', '));

test('a town by the start of its name, the whole name first and the largest first among equals', () => {
  expect(names('lond')[0]).toBe('London, England, GB');
  expect(names('paris')[0]).toBe('Paris, FR');
  expect(names('PERTH')[0]).toBe('Perth, AU');
  expect(names('london')).toEqual(['London, England, GB', 'London, CA', 'Londonderry, Northern Ireland, GB']);
  expect(names('paris')).toEqual(['Paris, FR', 'Paris, TX, US', 'Parispolis, OH, US']);
});

test('what follows a comma narrows it to a state or country, by code or by name', () => {
  expect(names('hanover, pa')[0]).toBe('Hanover, PA, US');
  expect(names('Paris, TX')[0]).toBe('Paris, TX, US');
  expect(names('perth, uk')[0]).toBe('Perth, Scotland, GB');
  expect(names('perth, scotland')[0]).toBe('Perth, Scotland, GB');
  expect(names('hamilton, new zealand')[0]).toBe('Hamilton, NZ');
  expect(names('hanover, atlantis')).toEqual([]);
});

test('accents and marks need not be typed', () => {
  expect(names('malaga')[0]).toBe('Málaga, ES');
  expect(names('saint-etienne')[0]).toBe('Saint-Étienne, FR');
});

test('its zone and hundredths of a degree come with it', () => {
  expect(findTowns('ballarat')[0]).toMatchObject({
    country: 'AU',
    latitudeDeg: -37.57,
    longitudeDeg: 143.85,
    timeZone: 'Australia/Melbourne',
  });
  expect(findTowns('phoenix, az')[0]!.timeZone).toBe('America/Phoenix');
});

test.each(['', ' ', 'p', ',', '!!', 'zzzzqq'])('"%s" finds none', (typed) => {
  expect(findTowns(typed)).toEqual([]);
});

test('the nearest town to a position, across the date line too, and none in an ocean', () => {
  expect(nearestTown(39.8, -76.98)!.name).toBe('Hanover');
  expect(nearestTown(-16.8, -179.99)!.country).toBe('FJ');
  expect(nearestTown(0, -140)).toBeNull();
});
