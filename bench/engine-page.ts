import { addDays } from '#core/calendar';
import { blankGarden, blankPlant, type Plant, type Sample, type Watch } from '#core/records';
import { emptyState, gardenDay, type GardenState, nowAnswer } from '#engine';
import { HOSTS } from '#knowledge';
import { simulateDays, simulateTwigs } from '#simulated';
import { medianTime } from './median-time.ts';

const PLANTS = 500;
const SEASONS = 10;
const TODAY = '2026-05-20';
const RUNS = 7;

/** A garden of 500 plants counted for ten seasons, as plain records. */
function bigState(): GardenState {
  const plants = Array.from({ length: PLANTS }, (_, n): Plant =>
    blankPlant({ id: `p${n}`, name: `Plant ${n}`, hostId: HOSTS[n % HOSTS.length]!.id, placeId: 'out' }),
  );
  const watches = plants.map((plant, n): Watch => ({
    id: `w${n}`,
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
  }));
  const samples = watches.flatMap(({ id }, n) =>
    Array.from({ length: SEASONS }, (_, season): Sample => ({
      id: `${id}s${season}`,
      watchId: id,
      on: `${2017 + season}-04-20`,
      protocol: 'twig',
      roundId: null,
      sprayId: null,
      note: '',
      units: simulateTwigs(
        { livePerTwig: 4, deadPerLive: 0.5, holedShare: 0.1, clumping: 2 },
        10,
        n * 100 + season + 1,
      ),
    })),
  );
  const climate = {
    meanC: 9,
    seasonalC: 14,
    coldestDay: 15,
    dailyRangeWinterC: 8,
    dailyRangeSummerC: 12,
    spreadWinterC: 5,
    spreadSummerC: 3,
    persistence: 0.7,
    wetAfterDry: 0.2,
    wetAfterWet: 0.4,
    rainPerWetDayMm: 7,
    windMeanMs: 2.4,
  };
  return {
    ...emptyState(blankGarden({ name: 'Big', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' })),
    places: [
      {
        id: 'out',
        name: 'Out',
        kind: 'outdoors',
        stationId: 's',
        minOffsetC: 0,
        maxOffsetC: 0,
        standInIds: [],
      },
    ],
    plants,
    watches,
    samples,
    days: { s: simulateDays(climate, 7, '2016-01-01', addDays(TODAY, -1)) },
  };
}

/** Milliseconds for Now from a state never seen, after one write, and for a bare pass over the same records. */
export function measure(): {
  readonly coldMs: number;
  readonly afterWriteMs: number;
  readonly barePassMs: number;
} {
  const state = bigState();
  const coldMs = medianTime(() => nowAnswer(gardenDay(structuredClone(state), TODAY)), 3) - cloneMs(state);
  let day = gardenDay(state, TODAY);
  nowAnswer(day);
  let writes = 0;
  const afterWriteMs = medianTime(() => {
    const [first, ...rest] = day.books.state.samples;
    day = gardenDay(
      { ...day.books.state, samples: [{ ...first!, note: String(++writes) }, ...rest] },
      TODAY,
      day,
    );
    return nowAnswer(day);
  }, RUNS);
  const barePassMs = medianTime(() => JSON.stringify(state.samples).length, RUNS);
  return { coldMs, afterWriteMs, barePassMs };
}

const cloneMs = (state: GardenState) => medianTime(() => structuredClone(state), 3);
