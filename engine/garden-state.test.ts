import { expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { blankGarden, blankPlant } from '#core/records';
import { emptyState, gardenDay, type GardenState, nowAnswer } from './index.ts';

const PLACE = v7();
const plant = blankPlant({ id: v7(), name: 'Plum', hostId: 'plum', placeId: PLACE });
const STATE: GardenState = {
  ...emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' })),
  places: [
    {
      id: PLACE,
      name: 'Out',
      kind: 'outdoors',
      stationId: null,
      minOffsetC: 0,
      maxOffsetC: 0,
      standInIds: [],
    },
  ],
  plants: [plant],
};

test('a state that went over the wire says the same', () => {
  const sent = JSON.parse(JSON.stringify(STATE)) as GardenState;
  expect(nowAnswer(gardenDay(sent, '2026-05-20'))).toEqual(nowAnswer(gardenDay(STATE, '2026-05-20')));
});

test('what a write did not touch is the same object on the next day looked at; what it did is another', () => {
  const before = gardenDay(STATE, '2026-05-20');
  const other = blankPlant({ id: v7(), name: 'Pear', hostId: 'pear', placeId: PLACE });
  const after = gardenDay({ ...STATE, plants: [plant, other] }, '2026-05-20', before);
  expect(after.books.plantBook(plant.id)).toBe(before.books.plantBook(plant.id));
  expect(after.weather).toBe(before.weather);
  const moved = { id: v7(), plantId: plant.id, placeId: PLACE, movedOn: '2026-05-01' };
  const later = gardenDay({ ...STATE, moves: [moved] }, '2026-05-20', before);
  expect(later.books.plantBook(plant.id)).not.toBe(before.books.plantBook(plant.id));
  expect(gardenDay(STATE, '2026-05-21', before).weather).not.toBe(before.weather);
});

test('a reference that leads nowhere is told by name', () => {
  const { books } = gardenDay(STATE, '2026-05-20');
  expect(() => books.plantBook('nobody')).toThrow('there is no plant nobody');
  expect(() => books.product('nothing')).toThrow('there is no product nothing');
  expect(books.watchBook('nothing')).toBeUndefined();
});
