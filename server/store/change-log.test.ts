import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { seedFallowBank } from '#demo/seed';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { openStore, type Store } from './store.ts';

let store: Store;
beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  seedFallowBank(store, [gardenStation(), sunroomLogger()]);
});
afterAll(() => store.close());

test(
  'what stood in a record before it was changed or taken out is kept, in the same transaction; the same ' +
    'again keeps nothing',
  () => {
    const spray = store.allSprays().at(-1)!;
    const { weather, ...record } = spray;
    expect(store.changesOf('spray', spray.id)).toMatchObject({ now: { note: '' }, changes: [] });
    store.putSpray(record, weather);
    expect(store.changesOf('spray', spray.id).changes).toEqual([]);
    store.putSpray({ ...record, sprayMl: 1234, note: 'measured again' }, weather);
    store.takeOut('spray', spray.id);
    const { now, changes } = store.changesOf('spray', spray.id);
    expect(now).toBeNull();
    expect(changes).toMatchObject([
      { action: 'removed', before: { spray_ml: 1234, note: 'measured again' } },
      { action: 'changed', before: { spray_ml: spray.sprayMl, note: '' } },
    ]);
    expect(() =>
      store.db.transaction(() => {
        store.putSpray({ ...record, id: spray.id }, weather);
        store.putSpray({ ...record, note: 'never' }, weather);
        throw new Error('no');
      })(),
    ).toThrow('no');
    expect(store.changesOf('spray', spray.id).changes).toHaveLength(2);
  },
);

test('a restore is silent, and what follows it is kept again', () => {
  const [plant] = store.plants();
  store.withoutChangeLog(true, () => store.putPlant({ ...plant!, note: 'silent' }));
  store.putPlant({ ...plant!, note: 'heard' });
  expect(store.changesOf('plant', plant!.id).changes).toMatchObject([
    { action: 'changed', before: { note: 'silent' } },
  ]);
});
