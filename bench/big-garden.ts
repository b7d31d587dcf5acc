import { join } from 'node:path';
import { addDays, type CivilDate } from '#core/calendar';
import { blankGarden, blankPlant, type Watch } from '#core/records';
import { FALLOW_BANK } from '#demo/stations';
import { createApp } from '#server/app';
import { listen } from '#server/listen';
import { openStore, type Store } from '#server/store/store';
import { HOSTS } from '#knowledge';
import { simulateTwigs, simulateDays } from '#simulated';

const PLANTS = 500;
const SEASONS = 10;
/** Counts a watch has a season, and twigs in each: 500 × 10 × 2 × 20 are 200,000 units. */
const COUNTS = ['04-20', '07-05'];
const TWIGS = 20;
const TODAY: CivilDate = '2026-07-20';
const PAGES = [
  '/api/watches',
  '/api/plants',
  '/api/now',
  '/api/band',
  '/api/seasons',
  '/api/walk',
  '/api/rounds',
];
const ASKED = 60;

const id = (kind: number, n: number) =>
  `01900000-0000-7${kind.toString(16).padStart(3, '0')}-8000-${n.toString(16).padStart(12, '0')}`;

/** A garden of 500 plants counted for ten seasons, in memory. */
export function fillBigGarden(store: Store): void {
  store.putGarden(
    blankGarden({ name: 'Big', latitudeDeg: 45, longitudeDeg: -73, timeZone: 'America/Toronto' }),
  );
  store.putStation({ id: id(1, 1), name: 'Station', kind: 'simulated' });
  store.writeDays(id(1, 1), simulateDays(FALLOW_BANK, 7, '2011-01-01', addDays(TODAY, -1)));
  store.putPlace({
    id: id(2, 1),
    name: 'Outdoors',
    kind: 'outdoors',
    stationId: id(1, 1),
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.db.transaction(() => {
    for (let n = 0; n < PLANTS; n++) fillPlant(store, n);
  })();
}

function fillPlant(store: Store, n: number): void {
  const plant = blankPlant({
    id: id(3, n),
    name: `Plant ${n}`,
    hostId: HOSTS[n % HOSTS.length]!.id,
    placeId: id(2, 1),
    heightM: 2,
  });
  const watch: Watch = {
    id: id(4, n),
    plantId: plant.id,
    openedOn: '2017-03-01',
    targetId: 'euonymus-scale',
    group: 'armored',
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  };
  store.putPlant(plant);
  store.putWatch(watch);
  for (let season = 0; season < SEASONS; season++) {
    COUNTS.forEach((day, i) =>
      store.putSample({
        id: id(5, n * 100 + season * 10 + i),
        watchId: watch.id,
        on: `${2017 + season}-${day}`,
        protocol: 'twig',
        roundId: null,
        sprayId: null,
        note: '',
        units: simulateTwigs(
          { livePerTwig: 4, deadPerLive: 0.5, holedShare: 0.1, clumping: 2 },
          TWIGS,
          n * 1000 + season * 10 + i + 1,
        ),
      }),
    );
  }
}

/**
 * Pages of a garden kept for ten years: times at the server over HTTP, every tenth question after a new
 * count.
 */
export async function benchBigGarden(): Promise<void> {
  const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  fillBigGarden(store);
  const app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, console.error);
  const { address, close } = await listen(app, store, '127.0.0.1', 0);
  const units = store
    .watches()
    .reduce(
      (sum, watch) => sum + store.samples(watch.id).reduce((all, sample) => all + sample.units.length, 0),
      0,
    );
  console.log(`a garden of ${PLANTS} plants, ${SEASONS} seasons, ${units} units (aim: 95 % within 100 ms):`);
  for (const page of [...PAGES, `/api/watches/${id(4, 7)}`]) {
    const times: number[] = [];
    let bytes = 0;
    for (let i = 0; i < ASKED; i++) {
      if (i % 10 === 0) store.putSample({ ...store.samples(id(4, i))[0]!, note: String(i) });
      const from = performance.now();
      bytes = (await (await fetch(address + page)).arrayBuffer()).byteLength;
      times.push(performance.now() - from);
    }
    times.sort((a, b) => a - b);
    console.log(
      `  ${page.replace(id(4, 7), ':id')}: median ${times[ASKED / 2]!.toFixed(0)} ms, 95 % within ${times[Math.floor(ASKED * 0.95)]!.toFixed(0)} ms, ${(bytes / 1000).toFixed(0)} kB`,
    );
  }
  await close();
}
