import { join } from 'node:path';
import { createApp } from '#server/app';
import type { Clock } from '#server/clock';
import { openStore } from '#server/store/store';
import { OPENING_DAY, passDays, seedFallowBank } from './seed.ts';
import { gardenStation, STATION_TO, sunroomLogger } from './stations.ts';
import { steppedClock } from './stepped-clock.ts';

/** The made-up garden in memory, with the API over it: for tests. Its own clock unless another is given. */
export function openFallowBank(clock?: Clock) {
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  const sources = [gardenStation(), sunroomLogger()];
  seedFallowBank(store, sources);
  const app = createApp(
    {
      store,
      clock: clock ?? steppedClock(store, OPENING_DAY, STATION_TO),
      demo: true,
      onStep: (from, to) => passDays(store, sources, null, from, to),
    },
    null,
    (error) => {
      throw error;
    },
  );
  return { store, app };
}
