import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { seedFallowBank } from '#demo/seed';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { PRODUCTS, OIL } from '#demo/shelf';
import { metBefore } from './answers/meetings-answer.ts';
import { openStore, type Store } from './store/store.ts';

let store: Store;
beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  seedFallowBank(store, [gardenStation(), sunroomLogger()]);
});
afterAll(() => store.close());

test('an oil sprayed in April keeps sulfur off the same plant for the school\'s days, from any of its watches, and other plants free', () => {
  const sulfur = { ...PRODUCTS[1]!, id: '01900000-0000-7005-8000-0000000000aa', name: 'Wettable sulfur', materialId: 'sulfur', formulation: 'powder' as const };
  store.putProduct(sulfur);
  const hedge = store.plants().find(({ name }) => name === 'West hedge')!;
  const garden = store.garden()!;
  const before = (today: string, schools = {}) => metBefore(store, { ...garden, schools }, hedge, sulfur, today);
  // The hedge was oiled on 11 April; thirty days later it is free.
  expect(before('2026-05-01')).toMatchObject([{ on: '2026-04-11', freeFrom: '2026-05-11', materialName: 'Mineral horticultural oil' }]);
  expect(before('2026-05-11')).toEqual([]);
  expect(before('2026-05-20', { 'oil-sulfur': '60' })).toMatchObject([{ freeFrom: '2026-06-10' }]);
  expect(metBefore(store, garden, hedge, store.product(OIL.product)!, '2026-05-01')).toEqual([]);
  const lilac = store.plants().find(({ name }) => name === 'Lilac')!;
  expect(metBefore(store, garden, lilac, sulfur, '2026-05-01')).toEqual([]);
});
