import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { seedFallowBank, OPENING_DAY } from '#demo/seed';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { gardenDay, type GardenDay, watchPictures } from '#engine';
import { openStore, type Store } from './store.ts';

let store: Store;
let day: GardenDay;
beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  seedFallowBank(store, [gardenStation(), sunroomLogger()]);
  day = gardenDay(store.gardenState()!, OPENING_DAY);
});
afterAll(() => store.close());

/** The garden as it is now; what no write touched since the last time is taken over. */
function now(): GardenDay {
  day = gardenDay(store.gardenState()!, OPENING_DAY, day);
  return day;
}
const pictures = () => new Map(watchPictures(now()).map((picture) => [picture.watch.id, picture]));
/** Read and drawn from nothing. */
function asFresh() {
  store.recordsChanged();
  return watchPictures(gardenDay(structuredClone(store.gardenState()!), OPENING_DAY));
}

test('a write is seen in its own watch at once, whatever statement wrote it; the others are not drawn again', () => {
  const before = pictures();
  const [first] = [...before.values()].filter(({ samples, tapes }) => samples.length > 1 && tapes.length > 0);
  const id = first!.watch.id;
  const { summary: _, tagged: __, ...sample } = first!.samples[0]!;
  const writes: (() => unknown)[] = [
    () => store.putSample({ ...sample, note: 'again' }),
    () => store.takeOut('sample', sample.id),
    () => store.putWatch({ ...first!.watch, note: 'changed' }),
    () =>
      store.tags.put({
        id: 'tag',
        watchId: id,
        label: '1',
        protocol: null,
        untouched: true,
        taggedOn: OPENING_DAY,
        lostOn: null,
      }),
    () => store.takeOut('tag', 'tag'),
    () => store.db.prepare('DELETE FROM tape WHERE watch_id = ?').run(id),
    () =>
      store.putInspection({
        id: 'look',
        watchId: id,
        on: OPENING_DAY,
        answers: { lift: 'whole' },
        coversTurned: 3,
      }),
  ];
  for (const write of writes) {
    const [was, others] = [pictures().get(id), [...pictures()].filter(([other]) => other !== id)];
    write();
    const now = pictures();
    expect(now.get(id)).not.toBe(was);
    for (const [other, picture] of others) expect(now.get(other)).toBe(picture);
    expect([...now.values()]).toEqual(asFresh());
  }
});

test('a plant or product renamed is seen in every watch; what no picture shows draws nothing anew', () => {
  const [watch] = store.watches();
  store.putPlant({ ...store.plant(watch!.plantId)!, name: 'Another name' });
  expect(pictures().get(watch!.id)!.plant.name).toBe('Another name');
  const before = pictures();
  store.guesses.put({ id: 'g', on: OPENING_DAY, kind: 'rust', seed: 1, truth: 2, guess: 3 });
  expect(pictures().get(watch!.id)).toBe(before.get(watch!.id));
});
