import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { addDays, type CivilDate } from '#core/calendar';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSpray,
  type ProductRecord,
  type ToldWeather,
  type Watch,
} from '#core/records';
import type { WeatherDay } from '#core/weather';
import { gardenDay } from './garden-day.ts';
import { type AttachedWeather, emptyState } from './garden-state.ts';
import { watchAnswer } from './watch-answer.ts';

const SUMMER: CivilDate = '2026-06-10';
const STATION = 'station';
const WATCH_ID = v7();

interface Told {
  readonly materialId?: string;
  readonly line?: Partial<ProductRecord['lines'][number]>;
  /** Lows, highs and rain of the day before, the day and the days after. */
  readonly days?: readonly (readonly [lowC: number, highC: number, rainMm: number | null])[];
  readonly weather?: AttachedWeather | null;
  readonly toldWeather?: ToldWeather | null;
}

/** How one spray on a lilac fared, looked at days later. */
function fared(
  { materialId = 'mineral-oil', line = {}, days, weather = null, toldWeather = null }: Told,
  on: CivilDate = SUMMER,
) {
  const placeId = v7();
  const plant = blankPlant({ id: v7(), name: 'Lilac', hostId: 'lilac', placeId });
  const label = blankLine({
    id: v7(),
    crop: 'shrubs',
    groups: ['armored'],
    rateLow: 1,
    rateHigh: 2,
    ...line,
  });
  const product = blankProduct({ id: v7(), name: 'P', materialId, strengthPercent: 50, lines: [label] });
  const watch: Watch = {
    id: WATCH_ID,
    plantId: plant.id,
    openedOn: '2026-03-01',
    targetId: 'oystershell-scale',
    group: 'armored',
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  };
  const spray = blankSpray({
    id: v7(),
    watchId: WATCH_ID,
    parts: [{ productId: product.id, lineId: label.id, rate: 1, productAmount: 10 }],
    sprayerId: v7(),
    on,
    leafState: 'in-leaf',
    sprayMl: 1000,
    toldWeather,
  });
  const readings = (days ?? []).map(([minC, maxC, rainMm], i): WeatherDay => ({
    date: addDays(on, i - 1),
    minC,
    maxC,
    rainMm,
    windMs: 2,
  }));
  const state = {
    ...emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' })),
    places: [
      {
        id: placeId,
        name: 'Out',
        kind: 'outdoors' as const,
        stationId: days ? STATION : null,
        minOffsetC: 0,
        maxOffsetC: 0,
        standInIds: [],
      },
    ],
    plants: [plant],
    watches: [watch],
    products: [product],
    sprays: [{ ...spray, weather }],
    ...(days ? { days: { [STATION]: readings } } : {}),
  };
  return watchAnswer(gardenDay(state, addDays(on, 8), null), WATCH_ID)!.sprayWeathers[0]!;
}
const against = (told: Told) => fared(told).against.map(({ what, on, limit, by }) => [what, on, limit, by]);
const mild = [10, 20, 0] as const;

describe('a spray against what was measured', () => {
  test('of mild dry days nothing stands against', () => {
    expect(fared({ days: [mild, mild, mild, mild] })).toMatchObject({
      against: [],
      knownDays: 3,
      allMeasured: true,
    });
  });

  test('oil burns in the heat of its own and the two days after; the school or the label sets how much', () => {
    const hot = (days: readonly number[]) => days.map((highC) => [12, highC, 0] as const);
    expect(against({ days: hot([35, 20, 20, 30]) })).toEqual([['too-hot', '2026-06-12', 29, 'school']]);
    expect(against({ days: hot([35, 29, 29, 29, 40]) })).toEqual([]);
    expect(against({ days: hot([20, 26, 20, 20]), line: { greatestC: 25 } })).toEqual([
      ['too-hot', SUMMER, 25, 'label'],
    ]);
    expect(against({ days: hot([20, 30, 20, 20]), line: { greatestC: 32 } })).toEqual([
      ['too-hot', SUMMER, 29, 'school'],
    ]);
    // What is no oil does not burn afterwards.
    expect(against({ materialId: 'soap', days: hot([20, 20, 35, 35]) })).toEqual([]);
    expect(against({ materialId: 'soap', days: hot([20, 31, 20, 20]) })).toEqual([
      ['too-hot', SUMMER, 30, 'usual'],
    ]);
  });

  test('oil stands no frost from the night before to the one after, and too cold a day does little', () => {
    expect(against({ days: [[-1, 15, 0], mild, mild, mild] })).toEqual([['frost', '2026-06-09', 0, 'usual']]);
    expect(against({ days: [mild, mild, [-0.5, 15, 0], [-3, 15, 0]] })).toEqual([
      ['frost', '2026-06-11', 0, 'usual'],
    ]);
    expect(against({ materialId: 'soap', days: [[-1, 15, 0], mild, mild, mild] })).toEqual([]);
    expect(against({ days: [mild, [0, 3, 0], mild, mild] })).toEqual([['too-cold', SUMMER, 4, 'usual']]);
    expect(against({ days: [mild, [0, 8, 0], mild, mild], line: { leastC: 10 } })).toEqual([
      ['too-cold', SUMMER, 10, 'label'],
    ]);
  });

  test('rain counts for as many days as the hours that must stay dry reach', () => {
    const wet = [10, 20, 4] as const;
    expect(against({ days: [wet, mild, mild, mild] })).toEqual([]);
    expect(against({ days: [mild, mild, wet, wet] })).toEqual([['rain', '2026-06-11', 24, 'usual']]);
    expect(against({ days: [mild, wet, mild, wet], line: { rainFreeHours: 48 } })).toEqual([
      ['rain', SUMMER, 48, 'label'],
      ['rain', '2026-06-12', 48, 'label'],
    ]);
    expect(against({ days: [mild, [10, 20, 0.4], [10, 20, null], mild] })).toEqual([]);
  });
});

test('the days of a spray may lie on both sides of New Year', () => {
  expect(fared({ days: [[-2, 8, 0], mild, [-4, 8, 0], mild] }, '2026-12-31').against).toMatchObject([
    { what: 'frost', on: '2026-12-30' },
    { what: 'frost', on: '2027-01-01' },
  ]);
});

describe('a spray of which less is known', () => {
  test('goes by what was kept with it', () => {
    const weather = { minC: 12, maxC: 31, rainMm: 0, windMs: 2, origin: 'forecast' } as const;
    expect(fared({ weather })).toMatchObject({
      against: [{ what: 'too-hot', on: SUMMER, value: 31, limit: 29 }],
      knownDays: 1,
      allMeasured: false,
    });
  });

  test('and by what was told, rain without a figure included', () => {
    const toldWeather = { lowC: 12, highC: 30, rain: true, air: null };
    const weather = { minC: 12, maxC: 30, rainMm: null, windMs: null, origin: 'told' } as const;
    expect(fared({ weather, toldWeather })).toMatchObject({
      against: [
        { what: 'too-hot', on: SUMMER },
        { what: 'too-hot', on: '2026-06-11' },
        { what: 'rain', on: SUMMER, value: null },
        { what: 'rain', on: '2026-06-11', value: null },
      ],
      knownDays: 2,
    });
  });

  test('of nothing known nothing is claimed', () => {
    expect(fared({})).toMatchObject({ against: [], knownDays: 0, allMeasured: false });
  });
});
