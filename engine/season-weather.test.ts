import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { blankGarden, blankPlant, type Place } from '#core/records';
import { BASE_50F } from '#knowledge';
import { gardenDay } from './garden-day.ts';
import { emptyState, type GardenState } from './garden-state.ts';

const GARDEN = blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' });
const STATION = v7(),
  OUT = v7(),
  HOUSE = v7(),
  BARE = v7();
const PLANT = blankPlant({ id: v7(), name: 'P', hostId: 'spindle', placeId: OUT });
const place = (id: string, name: string, kind: Place['kind'], stationId: string | null, warmerC: number) => ({
  id,
  name,
  kind,
  stationId,
  minOffsetC: warmerC,
  maxOffsetC: warmerC * 1.5,
  standInIds: [],
});
const PLACES = [
  place(OUT, 'Out', 'outdoors', STATION, 0),
  place(HOUSE, 'House', 'cold-house', STATION, 4),
  place(BARE, 'Bare', 'indoors', null, 0),
];

/** A garden of one plant with steady days of 6 to 18 °C from one date to another, some left out. */
const filled = (from: CivilDate, to: CivilDate, without: readonly CivilDate[] = []): GardenState => ({
  ...emptyState(GARDEN),
  places: PLACES,
  plants: [PLANT],
  days: {
    [STATION]: Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => addDays(from, i))
      .filter((date) => !without.includes(date))
      .map((date) => ({ date, minC: 6, maxC: 18, rainMm: null, windMs: null })),
  },
});
const TODAY = '2026-05-20';
const here = (state: GardenState, today = TODAY) => gardenDay(state, today).ofPlant(PLANT);

test('what was read is kept, though no sum can be made of it, and across the turn of the season', () => {
  const late = here(filled('2026-05-10', '2026-05-19'));
  expect(late.measured).toEqual([]);
  expect(late.readings.map(({ date }) => date)).toEqual(
    Array.from({ length: 10 }, (_, i) => addDays('2026-05-10', i)),
  );
  const newYear = here(filled('2025-12-30', '2026-01-01'), '2026-01-02');
  expect(newYear.readings.map(({ date }) => date)).toEqual(['2025-12-30', '2025-12-31', '2026-01-01']);
});

describe('this season', () => {
  test('runs from 1 January to yesterday in the north, from 1 July in the south', () => {
    const state = filled('2025-01-01', '2026-05-19');
    const north = here(state);
    expect([north.start, north.measured.length, north.measured.at(-1)!.date]).toEqual([
      '2026-01-01',
      139,
      '2026-05-19',
    ]);
    const south = here({ ...state, garden: { ...GARDEN, latitudeDeg: -38 } });
    expect([south.start, south.measured.length]).toEqual(['2025-07-01', 323]);
  });

  test('a short gap is filled and told, a long one stops the sum and is named', () => {
    expect(here(filled('2026-01-01', '2026-05-19', ['2026-03-03'])).filled).toEqual([
      { from: '2026-03-03', to: '2026-03-03' },
    ]);
    const april = Array.from({ length: 10 }, (_, i) => addDays('2026-04-01', i));
    const { measured, refused } = here(filled('2026-01-01', '2026-05-19', april));
    expect(refused).toEqual([{ from: '2026-04-01', to: '2026-04-10' }]);
    expect(measured.at(-1)!.date).toBe('2026-03-31');
  });

  test('a forecast counts from the day it is told, up to its first hole; the sum goes on only where days follow on', () => {
    const forecast = ['2026-05-20', '2026-05-21', '2026-05-23'].map((date) => ({
      date,
      minC: 8,
      maxC: 20,
      rainMm: 0,
      windMs: 1,
    }));
    const foretold = { forecasts: { [STATION]: forecast } };
    const upTo = (date: CivilDate) => here({ ...filled('2026-01-01', date), ...foretold }).forecast;
    expect(upTo('2026-05-19').map(({ date }) => date)).toEqual(['2026-05-20', '2026-05-21']);
    expect(upTo('2026-05-18').map(({ date }) => date)).toEqual(['2026-05-20', '2026-05-21']);
    const sums = (date: CivilDate) => {
      const day = gardenDay({ ...filled('2026-01-01', date), ...foretold }, TODAY);
      return day.ensemble(day.ofPlant(PLANT), BASE_50F).forecastDays;
    };
    expect([sums('2026-05-19'), sums('2026-05-18')]).toEqual([2, 0]);
  });

  test('a place without a thermometer has no readings, and its whole season is refused', () => {
    const bare = gardenDay(filled('2026-01-01', '2026-05-19'), TODAY).ofPlace(PLACES[2]!);
    expect(bare.measured).toEqual([]);
    expect(bare.refused).toEqual([{ from: '2026-01-01', to: '2026-05-19' }]);
  });

  test('on the first day of a season nothing is measured yet and nothing is missing', () => {
    const { measured, refused } = here(filled('2025-01-01', '2025-12-31'), '2026-01-01');
    expect([measured, refused]).toEqual([[], []]);
  });
});

describe('days nobody measured', () => {
  const years = filled('2020-01-01', '2026-05-19');
  const measuredFrom = (from: CivilDate): GardenState => ({
    ...years,
    days: { [STATION]: years.days[STATION]!.filter(({ date }) => date < '2026-01-01' || date >= from) },
  });

  test('are taken from the possible years, and counted', () => {
    const { measured, guessedDays, refused } = here(measuredFrom('2026-04-11'));
    expect([measured.length, guessedDays]).toEqual([139, 100]);
    expect(refused).toEqual([{ from: '2026-01-01', to: '2026-04-10' }]);
    expect(measured[0]).toMatchObject({ minC: 6, maxC: 18, origin: 'guessed', guessed: true });
    expect(measured[100]).toMatchObject({ date: '2026-04-11', origin: 'measured' });
  });

  test('stop the sum where no possible year is known', () => {
    const { measured, guessedDays } = here(filled('2026-01-01', '2026-05-10'));
    expect([measured.at(-1)!.date, guessedDays]).toEqual(['2026-05-10', 0]);
  });

  test('a place without a thermometer goes by one of its kind, and says whose', () => {
    const shed = place('shed', 'Shed', 'cold-house', null, 0);
    const state = { ...years, places: [...PLACES, shed] };
    const there = gardenDay(state, TODAY).ofPlace(shed);
    expect([there.measured.length, there.borrowedFrom]).toEqual([139, HOUSE]);
    const bed = place('bed', 'Bed', 'outdoors', null, 0);
    expect(gardenDay({ ...state, places: [...PLACES, bed] }, TODAY).ofPlace(bed).borrowedFrom).toBe(OUT);
    expect(gardenDay(state, TODAY).ofPlace(PLACES[2]!).borrowedFrom).toBeNull();
  });
});

describe("a plant's own clock", () => {
  test("a move takes the place's offset with it from its day on", () => {
    const moves = [{ id: v7(), plantId: PLANT.id, placeId: HOUSE, movedOn: '2026-05-10' }];
    const day = gardenDay({ ...filled('2026-01-01', '2026-05-19'), moves }, TODAY);
    const { measured } = day.ofPlant(PLANT);
    expect([measured.at(-11)!, measured.at(-10)!].map(({ date, minC, maxC }) => [date, minC, maxC])).toEqual([
      ['2026-05-09', 6, 18],
      ['2026-05-10', 10, 24],
    ]);
    // 10 to 24 °C lies wholly above base 10: its mean counts in full, 7 °C·days a day.
    const sums = day.ensemble(day.ofPlant(PLANT), BASE_50F).measuredSums;
    expect(sums.at(-1)! - sums.at(-2)!).toBeCloseTo(7, 9);
  });

  test('past seasons are whole ones of the place it stands in now, oldest first', () => {
    const { pastYears, pastSeasons } = here(
      filled('2022-03-01', '2026-05-19', [
        '2024-06-01',
        '2024-06-02',
        '2024-06-03',
        '2024-06-04',
        '2025-02-02',
      ]),
    );
    // 2022 begins too late, 2024 has a gap too long; 2025's single missing day is filled.
    expect(pastYears).toEqual([2023, 2025]);
    expect(pastSeasons.map((season) => season.length)).toEqual([365, 365]);
  });

  test('a place that never grows cold has no dormant season', () => {
    expect(here(filled('2024-01-01', '2026-05-19')).hasColdSeason).toBe(false);
  });
});
