import { expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { addDays, type CivilDate } from '#core/calendar';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSpray,
  blankSprayer,
  type Handwork,
  type Sample,
  type Watch,
} from '#core/records';
import { gardenDay } from './garden-day.ts';
import { emptyState, type GardenState } from './garden-state.ts';
import { seasonsAnswer } from './seasons-answer.ts';
import { pictureOf } from './watch-pictures.ts';

/** Two plants with one trouble, one sprayed and one not, each counted on the same two days. */
function twoPlants(latitudeDeg: number, first: CivilDate, last: CivilDate): GardenState {
  const placeId = v7();
  const plant = (name: string) => blankPlant({ id: v7(), name, hostId: 'apple', placeId });
  const plants = [plant('Treated'), plant('Untreated')];
  const watches = plants.map((watched): Watch => ({
    id: v7(),
    plantId: watched.id,
    openedOn: first,
    targetId: 'san-jose-scale',
    group: 'armored',
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  }));
  const [treated, untreated] = watches.map(({ id }) => id) as [string, string];
  const count = (watchId: string, on: CivilDate, live: number): Sample => ({
    id: v7(),
    watchId,
    on,
    protocol: 'twig',
    units: Array.from({ length: 10 }, () => ({ counts: { live, dead: 0, holed: 0 } })),
    roundId: null,
    sprayId: null,
    note: '',
  });
  const line = blankLine({ id: v7(), crop: 'trees', groups: ['armored'], rateLow: 1, rateHigh: 2 });
  const soap = blankProduct({
    id: v7(),
    name: 'Soap',
    materialId: 'soap',
    strengthPercent: 50,
    lines: [line],
  });
  const pump = blankSprayer({ id: v7(), name: 'Pump', capacityMl: 5000, reachM: 2 });
  const spray = blankSpray({
    id: v7(),
    watchId: treated,
    parts: [{ productId: soap.id, lineId: line.id, rate: 1.5, productAmount: 30 }],
    sprayerId: pump.id,
    on: addDays(first, 3),
    leafState: 'in-leaf',
    sprayMl: 2000,
  });
  return {
    ...emptyState(blankGarden({ name: 'T', latitudeDeg, longitudeDeg: 0, timeZone: 'UTC' })),
    places: [
      {
        id: placeId,
        name: 'Out',
        kind: 'outdoors',
        stationId: null,
        minOffsetC: 0,
        maxOffsetC: 0,
        standInIds: [],
      },
    ],
    plants,
    watches,
    samples: [
      count(treated, first, 10),
      count(treated, last, 2),
      count(untreated, first, 10),
      count(untreated, last, 8),
    ],
    products: [soap],
    sprayers: [pump],
    sprays: [{ ...spray, weather: null }],
  };
}

/** What treating took away, seen the day after the last count. */
function compared(state: GardenState) {
  const day = gardenDay(state, addDays(state.samples[1]!.on, 1));
  return seasonsAnswer(day, pictureOf(day, state.watches[0]!.id)!).untreated;
}

test('what treating took away is told against a plant never treated', () => {
  // 1 − (2 ÷ 10) · (10 ÷ 8)
  expect(compared(twoPlants(45, '2026-05-10', '2026-06-20'))).toMatchObject({
    plantName: 'Untreated',
    efficacy: { value: 0.75 },
  });
});

test('a plant worked on by hand was treated too', () => {
  const state = twoPlants(45, '2026-05-10', '2026-06-20');
  const brushed: Handwork = {
    id: v7(),
    watchId: state.watches[1]!.id,
    on: '2026-05-12',
    plantId: null,
    kind: 'brush',
    minutes: 5,
    note: '',
  };
  expect(compared({ ...state, handwork: [brushed] })).toBeNull();
});

test('in the south a season runs across New Year', () => {
  expect(compared(twoPlants(-37, '2026-12-10', '2027-01-20'))).toMatchObject({
    efficacy: { value: 0.75 },
    from: '2026-12-10',
    to: '2027-01-20',
  });
});
