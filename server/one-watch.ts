import { join } from 'node:path';
import { v7 } from 'uuid';
import { blankGarden, blankPlant, type Sample, type Watch } from '#core/records';
import { createApp } from './app.ts';
import { openStore } from './store/store.ts';

/** The smallest garden in which something is watched: one place, one plant, one watch; for tests. */
export function oneWatch(today: string) {
  const [station, place, plant, watchId] = [v7(), v7(), v7(), v7()];
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  const errors: unknown[] = [];
  const app = createApp({ store, clock: { today: () => today }, demo: false }, null, (error) =>
    errors.push(error),
  );
  store.putGarden(blankGarden({ name: 'G', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
  store.putStation({ id: station, name: 'S', kind: 'thermometer' });
  store.putPlace({
    id: place,
    name: 'Out',
    kind: 'outdoors',
    stationId: station,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.putPlant(
    blankPlant({ id: plant, name: 'P', hostId: 'apple', placeId: place, edible: true, age: 'young' }),
  );
  const watch: Watch = {
    id: watchId,
    plantId: plant,
    openedOn: '2026-05-01',
    targetId: null,
    group: null,
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  };
  store.putWatch(watch);
  return { store, app, errors, watch };
}

/** Two twigs of a watch, counted. */
export const twoTwigs = (watchId: string, more: Partial<Sample>): Sample => ({
  id: v7(),
  watchId,
  on: '2026-05-10',
  protocol: 'twig',
  units: [{ counts: { live: 1, dead: 0, holed: 0 } }, { counts: { live: 2, dead: 0, holed: 0 } }],
  roundId: null,
  sprayId: null,
  note: '',
  ...more,
});

/** Eight pixels by six, green. */
export const SMALL_JPEG = Buffer.from(
  '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDABsSFBcUERsXFhceHBsgKEIrKCUlKFE6PTBCYFVlZF9VXVtqeJmBanGQc1tdhbWGkJ6jq62rZ4C8ybqmx5moq6T/2wBDARweHigjKE4rK06kbl1upKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKT/wAARCAAGAAgDASIAAhEBAxEB/8QAFQABAQAAAAAAAAAAAAAAAAAAAAX/xAAUEAEAAAAAAAAAAAAAAAAAAAAA/8QAFAEBAAAAAAAAAAAAAAAAAAAABP/EABQRAQAAAAAAAAAAAAAAAAAAAAD/2gAMAwEAAhEDEQA/AJ4AYD//2Q==',
  'base64',
);
