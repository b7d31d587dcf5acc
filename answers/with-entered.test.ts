import { expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { blankGarden, type Tape } from '#core/records';
import { emptyState } from '#engine';
import { type Entered, type PackedGarden, withEntered } from './index.ts';

const tape = (id: string, crawlers: number): Tape => ({
  id,
  watchId: 'w',
  label: 'Tape 1',
  putOn: '2026-05-01',
  takenOff: '2026-05-08',
  crawlers,
  colour: null,
});
const PACKED: PackedGarden = {
  state: {
    ...emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' })),
    tapes: [tape('a', 1)],
  },
  beside: {
    stations: [],
    readings: [],
    rounds: [],
    stops: [],
    photos: [],
    guesses: [],
    recipes: [],
    waits: [],
  },
  today: '2026-05-20',
  stepped: false,
};
const put = (path: string, record: object): Entered => ({
  method: 'PUT',
  path,
  json: JSON.stringify(record),
});
const takeOut = (path: string): Entered => ({ method: 'DELETE', path });

test('what was entered is laid over the records in its order', () => {
  const { tapes } = withEntered(PACKED, [
    put('/tapes/b', tape('b', 4)),
    put('/tapes/b', tape('b', 5)),
    put('/tapes/c', tape('c', 6)),
    takeOut('/tapes/a'),
    takeOut('/tapes/c'),
  ]).state;
  expect(tapes.map(({ id, crawlers }) => [id, crawlers])).toEqual([['b', 5]]);
});

test('plants that touch are a pair in either order, and part again', () => {
  const touching = withEntered(PACKED, [
    { method: 'PUT', path: '/plants/q/touching/p', json: '{"touches":true}' },
  ]);
  expect(touching.state.touching).toEqual([['p', 'q']]);
  const twice = withEntered(touching, [
    { method: 'PUT', path: '/plants/p/touching/q', json: '{"touches":true}' },
  ]);
  expect(twice.state.touching).toHaveLength(1);
  const apart = withEntered(twice, [
    { method: 'PUT', path: '/plants/q/touching/p', json: '{"touches":false}' },
  ]);
  expect([apart.state.touching, apart.state.apart]).toEqual([[], [['p', 'q']]]);
  expect(withEntered(twice, [takeOut('/plants/p/touching/q')]).state.touching).toEqual([]);
  expect(withEntered(apart, [takeOut('/plants/p/touching/q')]).state.apart).toEqual([]);
});

test('usual months, a thermometer and its typed forecast are there at once', () => {
  const day = { date: '2026-05-21', minC: 8, maxC: 19, rainMm: null, windMs: null };
  const normals = [{ month: 1, minC: -4, maxC: 2, rainMm: 60 }];
  const { state, beside } = withEntered(PACKED, [
    put('/normals', { normals }),
    put('/stations/s', { id: 's', name: 'Post', kind: 'thermometer' }),
    put('/stations/s/forecast', { days: [day] }),
  ]);
  expect(state.normals).toEqual(normals);
  expect(beside.stations).toMatchObject([{ id: 's', name: 'Post', days: 0, readings: 0 }]);
  expect([state.days, state.forecasts]).toEqual([{ s: [] }, { s: [day] }]);
});

test('a new forecast leaves what had been forecast of days that are over', () => {
  const day = (date: string) => ({ date, minC: 8, maxC: 19, rainMm: 2, windMs: null });
  const packed = {
    ...PACKED,
    state: { ...PACKED.state, forecasts: { s: [day(addDays(PACKED.today, -2)), day(PACKED.today)] } },
  };
  const { state } = withEntered(packed, [
    put('/stations/s/forecast', { days: [day(addDays(PACKED.today, 1))] }),
  ]);
  expect(state.forecasts['s']!.map(({ date }) => date)).toEqual([
    addDays(PACKED.today, -2),
    addDays(PACKED.today, 1),
  ]);
});

test('what only the computer at home knows changes nothing here', () => {
  expect(withEntered(PACKED, [put('/network', { listen: true }), put('/weather-fixes/x', { id: 'x' })])).toBe(
    PACKED,
  );
});
