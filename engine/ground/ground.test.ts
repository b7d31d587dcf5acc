import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { GroundShape, Move, Place, Plant, PlantSpot } from '#core/records';
import { gardenDay } from '../garden-day.ts';
import type { GardenState } from '../garden-state.ts';
import { daysAlike, madeGarden, OUTDOORS, outdoors, plantOf, STATION, watchOn } from '../made-garden.ts';
import { groundAnswer } from './ground-answer.ts';
import { seasonWind } from './season-wind.ts';

const TODAY = '2026-06-10';
const HEDGE = plantOf('Hedge', 'spindle', { spreadM: 1, lengthM: 8 });
const LILAC = plantOf('Lilac', 'lilac', { spreadM: 2 });
const FAR = plantOf('Far', 'apple', { spreadM: 2 });
const ROOM: Place = { ...outdoors(), id: v7(), name: 'Room', kind: 'sunroom' };

const spot = (plant: Plant, xM: number, yM: number, placeId = OUTDOORS, turnDeg = 0): PlantSpot => ({
  id: v7(),
  plantId: plant.id,
  placeId,
  xM,
  yM,
  turnDeg,
});
const moved = (plant: Plant, placeId: string, movedOn: string): Move => ({
  id: v7(),
  plantId: plant.id,
  placeId,
  movedOn,
});
const room: GroundShape = {
  id: v7(),
  kind: 'glass',
  name: 'Room',
  placeId: ROOM.id,
  xM: 20,
  yM: 0,
  turnDeg: 0,
  lengthM: 4,
  depthM: 3,
  heightM: 3,
};
/** Hedge from 0 to 8 m along the top, a lilac whose crown reaches into it, an apple far off. */
const SPOTS = [spot(HEDGE, 4, 0), spot(LILAC, 4, 1.4), spot(FAR, 4, 12)];
const dayOf = (said: Partial<GardenState> = {}, garden = {}) =>
  gardenDay(
    madeGarden(
      { plants: [HEDGE, LILAC, FAR], places: [outdoors(), ROOM], plantSpots: SPOTS, ...said },
      garden,
    ),
    TODAY,
  );
const touchingHedge = (said: Partial<GardenState> = {}) => dayOf(said).books.plantBook(HEDGE.id).touching;
const pair = (a: Plant, b: Plant) => [a.id, b.id].sort() as [string, string];

describe('which plants touch', () => {
  test('those whose crowns meet on the plan', () => {
    expect(touchingHedge()).toEqual([LILAC.id]);
    expect(touchingHedge({ plantSpots: [] })).toEqual([]);
  });

  test('what is said rules: drawn ones that do not, and others that do', () => {
    expect(touchingHedge({ apart: [pair(HEDGE, LILAC)] })).toEqual([]);
    expect(touchingHedge({ touching: [pair(HEDGE, FAR)] })).toEqual([LILAC.id, FAR.id].sort());
  });

  test('not a plant that is gone, nor a pot that was carried in', () => {
    const gone = { ...LILAC, retiredOn: '2026-01-01' };
    expect(touchingHedge({ plants: [HEDGE, gone, FAR] })).toEqual([]);
    expect(touchingHedge({ moves: [moved(LILAC, ROOM.id, '2025-10-01')] })).toEqual([]);
    const back = [moved(LILAC, ROOM.id, '2025-10-01'), moved(LILAC, OUTDOORS, '2026-05-01')];
    expect(touchingHedge({ moves: back })).toEqual([LILAC.id]);
  });

  test('a pot in a room does not touch what grows before its window', () => {
    const inRoom = {
      moves: [moved(LILAC, ROOM.id, '2025-10-01')],
      plantSpots: [spot(HEDGE, 4, 0), spot(LILAC, 4, 1.4, ROOM.id)],
    };
    expect(touchingHedge(inRoom)).toEqual([]);
  });

  test('the plan says how far, and what was overruled', () => {
    const [drawn] = groundAnswer(dayOf()).contacts;
    expect([drawn!.a, drawn!.b]).toEqual(pair(HEDGE, LILAC));
    expect(drawn!.isOverruled).toBe(false);
    // The lilac's edge reaches 0.1 m into the hedge.
    expect(drawn!.drawn!.gapM).toBeCloseTo(-0.1, 9);
    const [overruled] = groundAnswer(dayOf({ apart: [pair(HEDGE, LILAC)] })).contacts;
    expect(overruled).toMatchObject({ isOverruled: true, drawn: { gapM: expect.closeTo(-0.1, 9) } });
    const said = groundAnswer(dayOf({ plantSpots: [], touching: [pair(HEDGE, FAR)] })).contacts;
    expect(said).toEqual([
      { a: pair(HEDGE, FAR)[0], b: pair(HEDGE, FAR)[1], drawn: null, isOverruled: false },
    ]);
  });
});

describe('where plants are drawn', () => {
  const spotOf = (day: ReturnType<typeof dayOf>, { id }: Plant) =>
    groundAnswer(day).plants.find((plant) => plant.id === id)!.spot;

  test('where they were put, in the place they stand in', () => {
    expect(spotOf(dayOf(), LILAC)).toEqual({ xM: 4, yM: 1.4, turnDeg: 0, isSet: true });
    expect(spotOf(dayOf({ plantSpots: [] }), LILAC)).toBeNull();
  });

  test('a pot carried into a drawn room stands somewhere in it until it is put', () => {
    const inside = { moves: [moved(LILAC, ROOM.id, '2025-10-01')], groundShapes: [room] };
    const put = spotOf(dayOf(inside), LILAC)!;
    expect(put.isSet).toBe(false);
    expect([put.xM, put.yM]).toEqual([20, 0]);
    const putThere = { ...inside, plantSpots: [...SPOTS, spot(LILAC, 19, 1, ROOM.id)] };
    expect(spotOf(dayOf(putThere), LILAC)).toEqual({ xM: 19, yM: 1, turnDeg: 0, isSet: true });
  });

  test('of two spots of one plant in one place the later holds', () => {
    const twice = [...SPOTS, spot(LILAC, 7, 7)];
    expect(spotOf(dayOf({ plantSpots: twice }), LILAC)).toMatchObject({ xM: 7, yM: 7 });
  });

  test('the walk passes each once, from the house', () => {
    const { walk } = groundAnswer(dayOf());
    expect(walk).toEqual([HEDGE.id, LILAC.id, FAR.id]);
    const house: GroundShape = { ...room, kind: 'house', placeId: null, xM: 4, yM: 20 };
    expect(groundAnswer(dayOf({ groundShapes: [house] })).walk[0]).toBe(FAR.id);
  });

  test('the worst level and the most urgent of its watches', () => {
    const watched = dayOf({ watches: [watchOn(HEDGE, 'euonymus-scale')] });
    const hedge = groundAnswer(watched).plants.find(({ id }) => id === HEDGE.id)!;
    expect(hedge.watches.map(({ targetName }) => targetName)).toEqual(['Euonymus scale']);
    expect(hedge.level).toBeNull();
    expect(hedge.due).toBe('open');
  });
});

describe('the wind', () => {
  const windy = (fromDeg: number) =>
    dayOf({ days: { [STATION]: daysAlike('2026-05-01', 31, { windFromDeg: fromDeg, windMs: 3 }) } });

  test('is that of the readings of its months', () => {
    expect(seasonWind(windy(250), [5])).toMatchObject({
      fromDeg: expect.closeTo(250, 6),
      told: 'readings',
      steadiness: expect.closeTo(1, 9),
      days: 31,
    });
    expect(seasonWind(windy(250), [6])).toBeNull();
  });

  test('is as the gardener says, where that was said', () => {
    const day = dayOf({}, { windFromDeg: 90 });
    expect(seasonWind(day, [6])).toEqual({ fromDeg: 90, told: 'gardener', steadiness: null, days: null });
  });

  test('is not known where no thermometer tells', () => {
    expect(seasonWind(dayOf({ places: [outdoors({ stationId: null }), ROOM] }), [5])).toBeNull();
  });
});
