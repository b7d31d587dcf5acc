import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { addDays, daysBetween } from '#core/calendar';
import { blankGarden, blankPlant } from '#core/records';
import { openStore, type Store } from '../store/store.ts';
import { BASE_50F } from '#knowledge';
import { seasonReader } from './plant-season.ts';

const GARDEN = blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' });
const STATION = v7(),
  OUT = v7(),
  HOUSE = v7(),
  BARE = v7();
const PLANT = blankPlant({ id: v7(), name: 'P', hostId: 'spindle', placeId: OUT });
let store: Store;

beforeEach(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  store.putStation({ id: STATION, name: 'S', kind: 'thermometer' });
  store.putPlace({
    id: OUT,
    name: 'Out',
    kind: 'outdoors',
    stationId: STATION,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.putPlace({
    id: HOUSE,
    name: 'House',
    kind: 'cold-house',
    stationId: STATION,
    minOffsetC: 4,
    maxOffsetC: 6,
    standInIds: [],
  });
  store.putPlace({
    id: BARE,
    name: 'Bare',
    kind: 'indoors',
    stationId: null,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.putPlant(PLANT);
});
afterEach(() => store.close());

/** Steady days of 6 to 18 °C from one date to another, leaving some out. */
function fill(from: string, to: string, without: readonly string[] = []): void {
  store.writeDays(
    STATION,
    Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => addDays(from, i))
      .filter((date) => !without.includes(date))
      .map((date) => ({ date, minC: 6, maxC: 18, rainMm: null, windMs: null })),
  );
}

describe('this season', () => {
  test('runs from 1 January to yesterday in the north, from 1 July in the south', () => {
    fill('2025-01-01', '2026-05-19');
    const north = seasonReader(store, GARDEN, '2026-05-20').ofPlant(PLANT);
    expect([north.start, north.measured.length, north.measured.at(-1)!.date]).toEqual([
      '2026-01-01',
      139,
      '2026-05-19',
    ]);
    const south = seasonReader(store, { ...GARDEN, latitudeDeg: -38 }, '2026-05-20').ofPlant(PLANT);
    expect([south.start, south.measured.length]).toEqual(['2025-07-01', 323]);
  });

  test('a short gap is filled and told, a long one stops the sum and is named', () => {
    fill('2026-01-01', '2026-05-19', ['2026-03-03']);
    expect(seasonReader(store, GARDEN, '2026-05-20').ofPlant(PLANT).filled).toEqual([
      { from: '2026-03-03', to: '2026-03-03' },
    ]);
    store.db.prepare("DELETE FROM station_day WHERE date BETWEEN '2026-04-01' AND '2026-04-10'").run();
    const { measured, refused } = seasonReader(store, GARDEN, '2026-05-20').ofPlant(PLANT);
    expect(refused).toEqual([{ from: '2026-04-01', to: '2026-04-10' }]);
    expect(measured.at(-1)!.date).toBe('2026-03-31');
  });

  test('a forecast counts only when it follows on the last reading, and only without a hole', () => {
    fill('2026-01-01', '2026-05-19');
    const forecast = ['2026-05-20', '2026-05-21', '2026-05-23'].map((date) => ({
      date,
      minC: 8,
      maxC: 20,
      rainMm: 0,
      windMs: 1,
    }));
    store.replaceForecast(STATION, forecast);
    expect(
      seasonReader(store, GARDEN, '2026-05-20')
        .ofPlant(PLANT)
        .forecast.map((day) => day.date),
    ).toEqual(['2026-05-20', '2026-05-21']);
    store.db.prepare("DELETE FROM station_day WHERE date = '2026-05-19'").run();
    expect(seasonReader(store, GARDEN, '2026-05-20').ofPlant(PLANT).forecast).toEqual([]);
  });

  test('a place without a thermometer has no readings, and its whole season is refused', () => {
    fill('2026-01-01', '2026-05-19');
    const bare = seasonReader(store, GARDEN, '2026-05-20').ofPlace(store.place(BARE)!);
    expect(bare.measured).toEqual([]);
    expect(bare.refused).toEqual([{ from: '2026-01-01', to: '2026-05-19' }]);
  });

  test('on the first day of a season nothing is measured yet and nothing is missing', () => {
    fill('2025-01-01', '2025-12-31');
    const { measured, refused } = seasonReader(store, GARDEN, '2026-01-01').ofPlant(PLANT);
    expect([measured, refused]).toEqual([[], []]);
  });
});

describe("a plant's own clock", () => {
  test("a move takes the place's offset with it from its day on", () => {
    fill('2026-01-01', '2026-05-19');
    store.putMove({ id: v7(), plantId: PLANT.id, placeId: HOUSE, movedOn: '2026-05-10' });
    const reader = seasonReader(store, GARDEN, '2026-05-20');
    const { measured } = reader.ofPlant(PLANT);
    expect([measured.at(-11)!, measured.at(-10)!].map((day) => [day.date, day.minC, day.maxC])).toEqual([
      ['2026-05-09', 6, 18],
      ['2026-05-10', 10, 24],
    ]);
    // 10 to 24 °C lies wholly above base 10: its mean counts in full, 7 °C·days a day.
    const sums = reader.ensemble(reader.ofPlant(PLANT), BASE_50F).measuredSums;
    expect(sums.at(-1)! - sums.at(-2)!).toBeCloseTo(7, 9);
  });

  test('past seasons are whole ones of the place it stands in now, oldest first', () => {
    fill('2022-03-01', '2026-05-19', ['2024-06-01', '2024-06-02', '2024-06-03', '2024-06-04', '2025-02-02']);
    const { pastYears, pastSeasons } = seasonReader(store, GARDEN, '2026-05-20').ofPlant(PLANT);
    // 2022 begins too late, 2024 has a gap too long; 2025's single missing day is filled.
    expect(pastYears).toEqual([2023, 2025]);
    expect(pastSeasons.map((season) => season.length)).toEqual([365, 365]);
  });

  test('a place that never grows cold has no dormant season', () => {
    fill('2024-01-01', '2026-05-19');
    const reader = seasonReader(store, GARDEN, '2026-05-20');
    expect(reader.ofPlant(PLANT).hasColdSeason).toBe(false);
  });
});
