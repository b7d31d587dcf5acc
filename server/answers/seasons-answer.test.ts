import { afterEach, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { addDays, type CivilDate, hemisphereOf, seasonStart } from '#core/calendar';
import { blankGarden, blankLine, blankPlant, blankProduct, blankSpray, blankSprayer } from '#core/records';
import { openStore, type Store } from '../store/store.ts';
import { seasonReader } from './plant-season.ts';
import { seasonsAnswer } from './seasons-answer.ts';
import { pictureOf } from './watch-pictures.ts';

let store: Store;
afterEach(() => store.close());

/** Two plants with one trouble, one sprayed and one not, each counted on the same two days. */
function twoPlants(latitudeDeg: number, first: CivilDate, last: CivilDate) {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  const garden = blankGarden({ name: 'T', latitudeDeg, longitudeDeg: 0, timeZone: 'UTC' });
  store.putGarden(garden);
  const placeId = v7();
  store.putPlace({
    id: placeId,
    name: 'Out',
    kind: 'outdoors',
    stationId: null,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  const count = (watchId: string, on: CivilDate, live: number) =>
    store.putSample({
      id: v7(),
      watchId,
      on,
      protocol: 'twig',
      units: Array.from({ length: 10 }, () => ({ counts: { live, dead: 0, holed: 0 } })),
      roundId: null,
      sprayId: null,
      note: '',
    });
  const watchOn = (name: string, before: number, after: number) => {
    const plant = blankPlant({ id: v7(), name, hostId: 'apple', placeId });
    store.putPlant(plant);
    const watchId = v7();
    store.putWatch({
      id: watchId,
      plantId: plant.id,
      openedOn: first,
      targetId: 'san-jose-scale',
      group: 'armored',
      outcome: 'open',
      outcomeOn: null,
      sourcePlantId: null,
      note: '',
    });
    count(watchId, first, before);
    count(watchId, last, after);
    return watchId;
  };
  const [treated, untreated] = [watchOn('Treated', 10, 2), watchOn('Untreated', 10, 8)];
  const line = blankLine({ id: v7(), crop: 'trees', groups: ['armored'], rateLow: 1, rateHigh: 2 });
  const soap = blankProduct({
    id: v7(),
    name: 'Soap',
    materialId: 'soap',
    strengthPercent: 50,
    lines: [line],
  });
  const pump = blankSprayer({ id: v7(), name: 'Pump', capacityMl: 5000, reachM: 2 });
  store.putProduct(soap);
  store.putSprayer(pump);
  store.putSpray(
    blankSpray({
      id: v7(),
      watchId: treated,
      parts: [{ productId: soap.id, lineId: line.id, rate: 1.5, productAmount: 30 }],
      sprayerId: pump.id,
      on: addDays(first, 3),
      leafState: 'in-leaf',
      sprayMl: 2000,
    }),
    null,
  );
  const compared = () => {
    const today = addDays(last, 1);
    const reader = seasonReader(store, garden, today);
    expect(reader.start).toBe(seasonStart(today, hemisphereOf(latitudeDeg)));
    return seasonsAnswer(store, reader, pictureOf(store, reader, treated, today)!, today).untreated;
  };
  return { compared, untreated };
}

test('what treating took away is told against a plant never treated', () => {
  const { compared } = twoPlants(45, '2026-05-10', '2026-06-20');
  // 1 − (2 ÷ 10) · (10 ÷ 8)
  expect(compared()).toMatchObject({ plantName: 'Untreated', efficacy: 0.75 });
});

test('a plant worked on by hand was treated too', () => {
  const { compared, untreated } = twoPlants(45, '2026-05-10', '2026-06-20');
  store.handwork.put({ id: v7(), watchId: untreated, on: '2026-05-12', kind: 'brush', minutes: 5, note: '' });
  expect(compared()).toBeNull();
});

test('in the south a season runs across New Year', () => {
  const { compared } = twoPlants(-37, '2026-12-10', '2027-01-20');
  expect(compared()).toMatchObject({ efficacy: 0.75, from: '2026-12-10', to: '2027-01-20' });
});
