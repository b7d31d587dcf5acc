import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { Plant, PlantSpot, SpreadLook, Watch } from '#core/records';
import { PATHWAY_BELIEFS } from '#knowledge';
import { gardenDay } from '../garden-day.ts';
import type { GardenState } from '../garden-state.ts';
import {
  handworkOn,
  madeGarden,
  OUTDOORS,
  outdoors,
  plantOf,
  sampleOf,
  twigs,
  watchOn,
} from '../made-garden.ts';
import { pathwayChances } from './pathway-chances.ts';
import { spreadAnswer } from './spread-answer.ts';

const TODAY = '2026-06-10';
const HEDGE = plantOf('Hedge', 'spindle', { lengthM: 6 });
const EAST = plantOf('East', 'spindle');
const WEST = plantOf('West', 'spindle');
const SOUTH = plantOf('South', 'euonymus');
const SCALE = watchOn(HEDGE, 'euonymus-scale');

const spot = ({ id: plantId }: Plant, xM: number, yM: number): PlantSpot => ({
  id: v7(),
  plantId,
  placeId: OUTDOORS,
  xM,
  yM,
  turnDeg: 0,
});
/** North is up: one ten metres to the east of the hedge, one as far to the west, one to the south. */
const SPOTS = [spot(HEDGE, 0, 0), spot(EAST, 10, 0), spot(WEST, -10, 0), spot(SOUTH, 0, 10)];
const dayOf = (said: Partial<GardenState> = {}, garden: object = { windFromDeg: 270 }) =>
  gardenDay(
    madeGarden({ plants: [HEDGE, EAST, WEST, SOUTH], watches: [SCALE], plantSpots: SPOTS, ...said }, garden),
    TODAY,
  );
const spread = (said?: Partial<GardenState>, garden?: object, watch: Watch = SCALE) =>
  spreadAnswer(dayOf(said, garden), watch);
const waysTo = (answer: ReturnType<typeof spread>, { id }: Plant) => {
  const next = answer.inspect.find(({ plantId }) => plantId === id);
  return next && [next.reason, ...next.also];
};

describe('where it goes next', () => {
  test('what lies in the wind of its crawlers comes before others of its kind', () => {
    const answer = spread();
    expect(waysTo(answer, EAST)).toEqual(['downwind', 'same-host']);
    expect(waysTo(answer, WEST)).toEqual(['same-host']);
    expect(waysTo(answer, SOUTH)).toBeUndefined();
    expect(answer.inspect[0]!.plantId).toBe(EAST.id);
    // A west wind blows to the right where north is up.
    expect(answer.windTurnDeg).toBe(0);
  });

  test('turned with the wind, and with the plan', () => {
    expect(waysTo(spread({}, { windFromDeg: 0 }), SOUTH)).toEqual(['downwind']);
    expect(waysTo(spread({}, { windFromDeg: 270, upBearingDeg: 270 }), SOUTH)).toEqual(['downwind']);
  });

  test('not where nobody knows the wind, nor for what is not blown', () => {
    expect(waysTo(spread({}, {}), EAST)).toEqual(['same-host']);
    const aphids = watchOn(HEDGE, null, { group: 'sap-sucker' });
    expect(waysTo(spread({ watches: [aphids] }, undefined, aphids), EAST)).toEqual(['same-host']);
  });

  test('not farther than most are blown', () => {
    const far = [spot(HEDGE, 0, 0), spot(EAST, 40, 0), spot(WEST, -10, 0)];
    expect(waysTo(spread({ plantSpots: far }), EAST)).toEqual(['same-host']);
  });

  test('what was worked on with the same hands since', () => {
    const handwork = [
      handworkOn(SCALE, '2026-05-20', { kind: 'prune' }),
      handworkOn(SCALE, '2026-05-20', { kind: 'brush', watchId: null, plantId: SOUTH.id }),
      handworkOn(SCALE, '2026-05-25', { kind: 'brush', watchId: null, plantId: WEST.id }),
    ];
    const answer = spread({ handwork });
    expect(waysTo(answer, SOUTH)).toEqual(['tools']);
    expect(waysTo(answer, WEST)).toEqual(['same-host']);
  });

  test('the walk goes past what stands on the plan, the nearest first', () => {
    const { walk, inspect } = spread({ plantSpots: SPOTS.slice(0, 3) });
    expect(walk).toHaveLength(2);
    expect([...walk].sort()).toEqual(inspect.map(({ plantId }) => plantId).sort());
  });
});

describe('where it came from', () => {
  const eastToo = watchOn(EAST, 'euonymus-scale');
  const westToo = watchOn(WEST, 'euonymus-scale');

  test('what lies upwind and bears the same, and not what lies downwind', () => {
    const { from } = spread({ watches: [SCALE, eastToo, westToo] });
    expect(from.map(({ plantName, by, hasIt }) => [plantName, by, hasIt])).toEqual([
      ['West', 'upwind', true],
    ]);
  });

  test('what was named comes first, with how bad it is there', () => {
    const named = { ...SCALE, sourcePlantId: SOUTH.id };
    const southToo = watchOn(SOUTH, 'euonymus-scale');
    const { from } = spread(
      {
        watches: [named, westToo, southToo],
        samples: [sampleOf(southToo, '2026-06-01', 'twig', twigs([12, 14, 11, 13, 12, 15]))],
      },
      undefined,
      named,
    );
    expect(from.map(({ plantName, by, level }) => [plantName, by, level?.level ?? null])).toEqual([
      ['South', 'named', 4],
      ['West', 'upwind', null],
    ]);
  });

  test('the plant itself, where it was planted not long before', () => {
    const young = { ...HEDGE, yearPlanted: 2025 };
    const { from } = spread({ plants: [young, EAST, WEST, SOUTH] });
    expect(from.map(({ plantName, by }) => [plantName, by])).toEqual([['Hedge', 'planted-lately']]);
    const old = { ...HEDGE, yearPlanted: 2010 };
    expect(spread({ plants: [old, EAST, WEST, SOUTH] }).from).toEqual([]);
  });
});

describe('what looking teaches', () => {
  const look = (plant: Plant, on: string, bore: boolean): SpreadLook => ({
    id: v7(),
    watchId: SCALE.id,
    plantId: plant.id,
    on,
    bore,
  });
  const chanceOf = (said: Partial<GardenState>, pathway: string) =>
    pathwayChances(dayOf(said)).find((entry) => entry.pathway === pathway)!;

  test('nothing looked at leaves the rules of thumb', () => {
    for (const { pathway, chance, looked } of pathwayChances(dayOf()))
      expect([pathway, chance, looked]).toEqual([
        pathway,
        expect.closeTo(PATHWAY_BELIEFS[pathway].value.chance, 12),
        0,
      ]);
  });

  test('a look moves every way that links the two', () => {
    const said = { spreadLooks: [look(EAST, '2026-06-01', true), look(EAST, '2026-06-08', true)] };
    const book = PATHWAY_BELIEFS.downwind.value;
    expect(chanceOf(said, 'downwind')).toMatchObject({ looked: 2, bore: 2 });
    expect(chanceOf(said, 'downwind').chance).toBeCloseTo(
      (book.chance * book.looks + 2) / (book.looks + 2),
      12,
    );
    expect(chanceOf(said, 'same-host').bore).toBe(2);
    expect(chanceOf(said, 'touches').looked).toBe(0);
  });

  test('what was looked over for it lately is not asked for again for a fortnight', () => {
    const lately = spread({ spreadLooks: [look(EAST, '2026-06-01', false)] });
    expect(waysTo(lately, EAST)).toBeUndefined();
    const long = spread({ spreadLooks: [look(EAST, '2026-05-20', false)] });
    expect(waysTo(long, EAST)).toEqual(['downwind', 'same-host']);
  });

  test('a look of a day that has not come counts for nothing', () => {
    expect(chanceOf({ spreadLooks: [look(EAST, '2026-07-01', true)] }, 'downwind').looked).toBe(0);
  });
});

test('pots under one roof are linked by their room', () => {
  const answer = spread({ places: [outdoors({ kind: 'sunroom' })], plantSpots: [] });
  expect(waysTo(answer, EAST)).toEqual(['same-room', 'same-host']);
  expect(answer.walk).toEqual([]);
});
