import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import type { Plant } from '#core/records';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import { hourAnswer } from './hour-answer.ts';
import {
  daysAlike,
  handworkOn,
  madeGarden,
  outdoors,
  plantOf,
  PUMP,
  sampleOf,
  sightingOn,
  STATION,
  tapeOn,
  twigs,
  watchOn,
} from './made-garden.ts';
import { pictureOf } from './watch-pictures.ts';
import { NOT_LOOKED, type SeenOnTheSpot, weighAnswer } from './weigh-answer.ts';

const TODAY: CivilDate = '2026-06-10';

/** The facts a weighing rests on, of one plant with one trouble. */
function factsOf(
  said: {
    plant?: Partial<Plant>;
    host?: string;
    target?: string | null;
    seen?: Partial<SeenOnTheSpot>;
    today?: CivilDate;
  } = {},
  more: (made: { plant: Plant; watch: ReturnType<typeof watchOn> }) => Partial<GardenState> = () => ({}),
) {
  const plant = plantOf('Hedge', said.host ?? 'spindle', said.plant);
  const watch = watchOn(plant, said.target === undefined ? 'euonymus-scale' : said.target);
  const day = gardenDay(
    madeGarden({ plants: [plant], watches: [watch], ...more({ plant, watch }) }),
    said.today ?? TODAY,
  );
  return weighAnswer(day, pictureOf(day, watch.id)!, { ...NOT_LOOKED, ...said.seen }).facts;
}

describe('what a weighing rests on', () => {
  test('of a plant of which nothing is known but what it is', () => {
    expect(factsOf()).toEqual({
      group: 'armored',
      targetId: 'euonymus-scale',
      life: 'unknown',
      eggsBeneath: false,
      level: null,
      minedShare: null,
      holedShare: null,
      helpersSeen: null,
      antsSeen: null,
      young: false,
      vigour: 'fair',
      edible: false,
      evergreen: false,
      heightM: 2,
      volumeM3: 2,
      plants: 1,
      reachM: 2,
      hostOil: 'usual',
      sheltered: false,
      shade: false,
      wateredOverhead: false,
      sourceOpen: false,
      leafState: 'in-leaf',
      winter: 'ahead',
      window: 'soon',
      allStagesSeen: false,
      softFlush: false,
      bloom: 'unknown',
      beesVisitBloom: true,
      beesAtHoneydew: null,
      hot: null,
      fitHoursToday: null,
      thirsty: null,
      cropIsOff: null,
      lateSeason: false,
    });
  });

  test('of the plant: age, place, size, water, light', () => {
    const plant = {
      age: 'young',
      vigour: 'weak',
      edible: true,
      light: 'shade',
      watering: 'overhead',
      count: 4,
      heightM: 1.5,
      spreadM: 2,
    } as const;
    expect(factsOf({ plant })).toMatchObject({
      young: true,
      vigour: 'weak',
      edible: true,
      shade: true,
      wateredOverhead: true,
      plants: 4,
      heightM: 1.5,
      volumeM3: 6,
    });
    // A row is measured as a whole.
    expect(factsOf({ plant: { ...plant, lengthM: 5 } })).toMatchObject({ plants: 1, volumeM3: 15 });
    expect(factsOf({}, () => ({ places: [outdoors({ kind: 'sunroom' })] })).sheltered).toBe(true);
    expect(factsOf({ host: 'apple', target: 'san-jose-scale' })).toMatchObject({
      evergreen: false,
      beesVisitBloom: true,
    });
    expect(factsOf({ host: 'walnut', target: 'walnut-scale' }).hostOil).toBe('avoid');
  });

  test('of what reaches it: the longest sprayer, or a hand', () => {
    const far = { ...PUMP, id: 'far', reachM: 4 };
    expect(factsOf({}, () => ({ sprayers: [far, PUMP] })).reachM).toBe(4);
    expect(factsOf({}, () => ({ sprayers: [] })).reachM).toBe(2.5);
  });

  test('of its counts: level, covers holed, leaves mined', () => {
    const counted = factsOf({}, ({ watch }) => ({
      samples: [sampleOf(watch, '2026-06-01', 'twig', twigs([5, 5, 5, 5, 5, 5], 2, 1))],
    }));
    expect(counted).toMatchObject({ life: 'alive', level: 3, holedShare: 1 / 8 });
    const none = factsOf({}, ({ watch }) => ({
      samples: [sampleOf(watch, '2026-06-01', 'twig', twigs([0, 0, 0]))],
    }));
    expect([none.level, none.holedShare]).toEqual([0, null]);
    const mined = factsOf({ host: 'lemon', target: 'citrus-leaf-miner' }, ({ watch }) => ({
      samples: [
        sampleOf(watch, '2026-06-01', 'mined', [
          { mines: 2, larvae: 0 },
          { mines: 0, larvae: 0 },
        ]),
      ],
    }));
    expect([mined.minedShare, mined.holedShare]).toEqual([0.5, null]);
  });

  test('of what was seen: ants, eggs beneath, all stages at once', () => {
    const looked = (answers: Readonly<Record<string, string>>, seen: Partial<SeenOnTheSpot> = {}) =>
      factsOf({ seen }, ({ watch }) => ({
        inspections: [
          { id: 'i', watchId: watch.id, on: '2026-06-01', answers, coversTurned: 0, note: '' } as never,
        ],
      }));
    expect(looked({ ants: 'yes' }).antsSeen).toBe(true);
    expect(looked({ ants: 'no' }).antsSeen).toBe(false);
    expect(looked({ ants: 'not-sure' }).antsSeen).toBeNull();
    expect(looked({ ants: 'yes' }, { antsSeen: false }).antsSeen).toBe(false);
    expect(looked({ 'turn-over': 'eggs' })).toMatchObject({ eggsBeneath: true, life: 'alive' });
    expect(looked({ 'turn-over': 'body' }).eggsBeneath).toBe(false);
    const stages = (on: CivilDate) =>
      factsOf({}, ({ watch }) => ({ sightings: [sightingOn(watch, on, 'all-stages')] })).allStagesSeen;
    expect([stages('2025-12-31'), stages('2026-01-01')]).toEqual([false, true]);
    expect(
      factsOf({ seen: { helpersSeen: true, beesAtHoneydew: false, thirsty: true, cropIsOff: true } }),
    ).toMatchObject({
      helpersSeen: true,
      beesAtHoneydew: false,
      thirsty: true,
      cropIsOff: true,
    });
  });

  test('of bloom: as logged, unless somebody sees it coming', () => {
    const bloom = (stage: string | null, bloomSoon: boolean | null) =>
      factsOf({ host: 'apple', target: 'san-jose-scale', seen: { bloomSoon } }, ({ plant }) => ({
        growth:
          stage === null ? [] : [{ id: 'g', plantId: plant.id, on: '2026-06-01', stage, note: '' } as never],
      })).bloom;
    expect([bloom(null, null), bloom(null, false), bloom(null, true)]).toEqual([
      'unknown',
      'unknown',
      'soon',
    ]);
    expect([bloom('bloom-start', null), bloom('bloom-start', true)]).toEqual(['open', 'open']);
    expect([bloom('bloom-end', null), bloom('bloom-end', true)]).toEqual(['over', 'soon']);
  });

  test('of the source it came from: while that stands', () => {
    const from = (retiredOn: CivilDate | null) => {
      const source = plantOf('Source', 'spindle', { retiredOn });
      const plant = plantOf('Hedge', 'spindle');
      const watch = watchOn(plant, 'euonymus-scale', { sourcePlantId: source.id });
      const day = gardenDay(madeGarden({ plants: [plant, source], watches: [watch] }), TODAY);
      return weighAnswer(day, pictureOf(day, watch.id)!, NOT_LOOKED).facts.sourceOpen;
    };
    expect([from(null), from('2026-04-01')]).toEqual([true, false]);
  });

  test('of the weather: heat above the school, and whether today has a fit hour', () => {
    const ahead = (maxC: number, minC = 12, hotDay = 2) =>
      factsOf({}, () => ({
        forecasts: {
          [STATION]: daysAlike(TODAY, 5, { minC }).map((day, i) => ({
            ...day,
            maxC: i === hotDay ? maxC : 20,
          })),
        },
      }));
    expect([ahead(29).hot, ahead(29.5).hot, ahead(35, 12, 3).hot]).toEqual([false, true, false]);
    expect(ahead(20).fitHoursToday).toBe(true);
    expect(ahead(20, -3).fitHoursToday).toBe(false);
  });
});

describe('where its windows stand', () => {
  const windowOf = (
    more: Parameters<typeof factsOf>[1],
    target = 'euonymus-scale',
    today: CivilDate = TODAY,
    host?: string,
  ) => factsOf({ target, today, ...(host ? { host } : {}) }, more).window;

  test('caught is open; usual months alone are never more than soon', () => {
    expect(windowOf(({ watch }) => ({ tapes: [tapeOn(watch, '2026-06-08', 9)] }))).toBe('open');
    expect(windowOf(() => ({}), 'euonymus-scale', '2026-01-10')).toBe('later');
    expect(windowOf(() => ({}), 'euonymus-scale', '2026-06-01')).toBe('soon');
    expect(windowOf(() => ({}), 'holly-leaf-miner', TODAY, 'holly')).toBe('none');
  });
});

describe('what to do in an hour', () => {
  test('is taken from every watch that can be reached, with its plant and level', () => {
    const plants = [
      plantOf('Hedge', 'spindle'),
      plantOf('Fence', 'spindle', { outOfReach: true }),
      plantOf('Gone', 'spindle', { retiredOn: '2026-01-05' }),
    ];
    const watches = [
      ...plants.map((plant) => watchOn(plant, 'euonymus-scale')),
      watchOn(plants[0]!, 'euonymus-scale', { outcome: 'closed', outcomeOn: '2026-04-01' }),
    ];
    const samples = watches.map((watch) => sampleOf(watch, '2026-06-01', 'twig', twigs([6, 6, 6, 6])));
    const day = gardenDay(madeGarden({ plants, watches, samples }), TODAY);
    const jobs = hourAnswer(day, 4);
    expect(jobs.length).toBeGreaterThan(0);
    expect(
      new Set(jobs.map(({ plantName, targetName, level }) => `${plantName}|${targetName}|${level}`)),
    ).toEqual(new Set(['Hedge|Euonymus scale|3']));
  });

  test('leaves out spraying on a day without a fit hour', () => {
    const plant = plantOf('Hedge', 'spindle');
    const watch = watchOn(plant, 'euonymus-scale');
    const options = (minC: number) => {
      const state = madeGarden({
        plants: [plant],
        watches: [watch],
        tapes: [tapeOn(watch, '2026-06-08', 20)],
        handwork: [handworkOn(watch, '2026-06-09')],
        forecasts: { [STATION]: daysAlike(TODAY, 4, { minC, maxC: 20 }) },
      });
      return hourAnswer(gardenDay(state, TODAY), 8).map(({ option }) => option);
    };
    expect(options(12)).toContain('spray-now');
    expect(options(-3)).not.toContain('spray-now');
  });
});
