import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { addDays, type CivilDate } from '#core/calendar';
import type { Care, Move, Place, Plant } from '#core/records';
import type { WeatherDay } from '#core/weather';
import { gardenDay } from '../garden-day.ts';
import type { GardenState } from '../garden-state.ts';
import { daysAlike, madeGarden, OUTDOORS, outdoors, plantOf, STATION, watchOn } from '../made-garden.ts';
import { movingAnswer } from './moving-answer.ts';
import { potsToMove } from './pots-to-move.ts';

const ROOM: Place = { ...outdoors(), id: v7(), name: 'Room', kind: 'sunroom', stationId: null };
const KUMQUAT = plantOf('Kumquat', 'kumquat');
const LILAC = plantOf('Lilac', 'lilac');

/** Six years in which nights are -3 °C from 20 October to 20 April, and 8 °C else. */
const YEARS: readonly WeatherDay[] = daysAlike('2020-01-01', 6 * 365 + 250, { minC: 8, maxC: 18 }).map(
  (day) => {
    const monthDay = day.date.slice(5);
    return monthDay >= '10-20' || monthDay <= '04-20' ? { ...day, minC: -3, maxC: 5 } : day;
  },
);
const until = (today: CivilDate) => YEARS.filter(({ date }) => date < today);

const care = (plant: Plant, kind: Care['kind'], on: CivilDate): Care => ({
  id: v7(),
  plantId: plant.id,
  kind,
  on,
  note: '',
});
const moved = (plant: Plant, placeId: string, movedOn: CivilDate): Move => ({
  id: v7(),
  plantId: plant.id,
  placeId,
  movedOn,
});
const dayOf = (today: CivilDate, said: Partial<GardenState> = {}) =>
  gardenDay(
    madeGarden({
      plants: [KUMQUAT, LILAC],
      places: [outdoors(), ROOM],
      days: { [STATION]: until(today) },
      ...said,
    }),
    today,
  );
const asked = (today: CivilDate, said: Partial<GardenState> = {}) => movingAnswer(dayOf(today, said));
const potOf = (answer: ReturnType<typeof asked>, { id }: Plant) =>
  answer.pots.find(({ plantId }) => plantId === id);

describe('which pots, and by when', () => {
  test('a kind that does not bear these winters, by the first night that is too cold', () => {
    const answer = asked('2026-09-01');
    expect(answer.knowsCold).toBe(true);
    expect(answer.pots.map(({ plantName }) => plantName)).toEqual(['Kumquat']);
    expect(potOf(answer, KUMQUAT)).toMatchObject({
      leastC: 0,
      isOwnLimit: false,
      isInside: false,
      roomId: ROOM.id,
      backBy: { on: '2026-10-20', share: 1, isForecast: false },
      // This spring is over: the next. A leap year's 20 April is a day later, and counts for its date.
      outFrom: { on: '2027-04-22' },
    });
  });

  test('its own limit stands above that of its kind', () => {
    const hardy = { ...KUMQUAT, leastC: -6 };
    expect(potOf(asked('2026-09-01', { plants: [hardy] }), hardy)).toMatchObject({
      isOwnLimit: true,
      backBy: null,
      steps: [],
    });
  });

  test('where nobody knows how cold it gets there is no date, and it is said', () => {
    const answer = asked('2026-09-01', {
      days: { [STATION]: [] },
      moves: [moved(KUMQUAT, ROOM.id, '2025-10-10')],
    });
    expect(answer.knowsCold).toBe(false);
    expect(potOf(answer, KUMQUAT)).toMatchObject({ backBy: null, outFrom: null, steps: [] });
  });

  test('where it was told that winter nights stay warm, hardly a winter asks for it', () => {
    const lemon = plantOf('Lemon', 'lemon');
    const state = madeGarden({ plants: [lemon], places: [outdoors({ stationId: null }), ROOM] });
    const climate = {
      lastFrost: null,
      firstFrost: null,
      summerHighC: 32,
      winterLowC: 16,
      summerLowC: null,
      summers: 'even',
    } as const;
    const answer = movingAnswer(
      gardenDay({ ...state, garden: { ...state.garden, latitudeDeg: 20, climate } }, '2026-10-05'),
    );
    expect(answer.knowsCold).toBe(true);
    expect(potOf(answer, lemon)?.backBy ?? null).toBeNull();
  });

  test('a forecast of such a night before that day is the day', () => {
    const week = daysAlike('2026-09-01', 7).map((day) =>
      day.date === '2026-09-06' ? { ...day, minC: 0.5 } : day,
    );
    const answer = asked('2026-09-01', { forecasts: { [STATION]: week } });
    expect(potOf(answer, KUMQUAT)!.backBy).toMatchObject({ on: '2026-09-06', isForecast: true });
  });

  test('rooms tell what stands together and what is watched there', () => {
    const answer = asked('2026-12-01', {
      moves: [moved(KUMQUAT, ROOM.id, '2026-10-10')],
      watches: [watchOn(KUMQUAT, 'brown-soft-scale')],
    });
    expect(answer.rooms.find(({ id }) => id === ROOM.id)!.plants).toEqual([
      { id: KUMQUAT.id, name: 'Kumquat', troubles: ['Brown soft scale'] },
    ]);
  });
});

describe('its steps', () => {
  const standings = (today: CivilDate, said?: Partial<GardenState>) =>
    potOf(asked(today, said), KUMQUAT)!.steps.map(({ step, standing }) => [step, standing]);

  test('none in summer, the last look four weeks before', () => {
    expect(standings('2026-07-01')).toEqual([]);
    expect(standings('2026-09-23')[0]).toEqual(['last-look', 'open']);
  });

  test('follow what is logged, to the end of the quarantine', () => {
    const logged = {
      care: [
        care(KUMQUAT, 'looked-over', '2026-09-23'),
        care(KUMQUAT, 'washed', '2026-09-30'),
        care(KUMQUAT, 'looked-over', '2026-10-10'),
      ],
      moves: [moved(KUMQUAT, ROOM.id, '2026-10-12')],
    };
    expect(standings('2026-10-20', logged)).toEqual([
      ['last-look', 'done'],
      ['wash', 'done'],
      ['look-again', 'done'],
      ['carry-in', 'done'],
      ['quarantine', 'open'],
    ]);
    const ended = { ...logged, care: [...logged.care, care(KUMQUAT, 'looked-over', '2026-10-28')] };
    expect(standings('2026-10-29', ended).at(-1)).toEqual(['quarantine', 'done']);
  });

  test('what still stands out in winter is late, and not due next autumn', () => {
    const pot = potOf(asked('2026-12-20'), KUMQUAT)!;
    expect(pot.backBy!.on).toBe('2026-10-20');
    expect(pot.steps.find(({ step }) => step === 'carry-in')!.standing).toBe('late');
    // Once the cold is over the next autumn is meant.
    expect(potOf(asked('2026-06-01'), KUMQUAT)!.backBy!.on).toBe('2026-10-20');
  });

  test('what has stood inside since last winter has none', () => {
    expect(standings('2026-10-01', { moves: [moved(KUMQUAT, ROOM.id, '2025-10-12')] })).toEqual([]);
  });
});

describe('in spring', () => {
  const inside = { moves: [moved(KUMQUAT, ROOM.id, '2025-10-12')] };

  test('it is hardened off before nights are warm enough', () => {
    expect(potOf(asked('2026-04-12', inside), KUMQUAT)!.hardening[0]).toEqual({
      step: 'shade',
      from: '2026-04-12',
      to: '2026-04-16',
    });
    expect(potOf(asked('2026-02-01', inside), KUMQUAT)!.hardening).toEqual([]);
    expect(potOf(asked('2026-07-01', inside), KUMQUAT)!.hardening).toEqual([]);
  });

  test('once hardened off it may stand out, until the way in begins; not while nights are cold', () => {
    const mayOn = (today: CivilDate) => potOf(asked(today, inside), KUMQUAT)!.mayStandOut;
    expect(['2026-05-15', '2026-07-01', '2026-08-15'].map(mayOn)).toEqual([true, true, true]);
    expect(['2026-02-01', '2026-04-12', '2026-09-15', '2026-11-15'].map(mayOn)).toEqual([
      false,
      false,
      false,
      false,
    ]);
    expect(potOf(asked('2026-07-01'), KUMQUAT)!.mayStandOut).toBe(false);
  });
});

test('a bought plant of any kind is kept apart until it was looked over', () => {
  const bought = { care: [care(LILAC, 'bought', '2026-05-01')] };
  expect(potOf(asked('2026-05-10', bought), LILAC)).toMatchObject({
    backBy: null,
    quarantine: { step: 'quarantine', standing: 'open', to: '2026-05-22' },
  });
  const looked = { care: [...bought.care, care(LILAC, 'looked-over', '2026-05-16')] };
  expect(potOf(asked('2026-05-20', looked), LILAC)!.quarantine).toMatchObject({ standing: 'done' });
  expect(potOf(asked(addDays('2026-05-01', 61), bought), LILAC)).toBeUndefined();
});

test('in the open by name only where something is there', () => {
  expect(
    asked('2026-09-01')
      .rooms.find(({ id }) => id === OUTDOORS)!
      .plants.map(({ name }) => name),
  ).toEqual(['Kumquat', 'Lilac']);
});

test('pots to move now are told with their day: none in summer, late once the day is over, none when all is done', () => {
  const on = (today: CivilDate, said: Partial<GardenState> = {}) =>
    potsToMove(dayOf(today, said)).map(({ plantName, isInside, by, standing }) => [
      plantName,
      isInside,
      by,
      standing,
    ]);
  expect(on('2026-07-01')).toEqual([]);
  expect(on('2026-09-25')).toEqual([['Kumquat', false, '2026-10-20', 'open']]);
  expect(on('2026-11-10')).toEqual([['Kumquat', false, '2026-10-20', 'late']]);
  const movedIn = { moves: [moved(KUMQUAT, ROOM.id, '2026-10-12')] };
  expect(on('2027-01-20', movedIn)).toEqual([]);
});
