import { describe, expect, test } from '@jest/globals';
import { inspectNext, type SpreadPlant } from './index.ts';

const TODAY = '2026-05-29';
const plant = (id: string, hostId: string, changes: Partial<SpreadPlant> = {}): SpreadPlant => ({
  id,
  hostId,
  placeId: 'out',
  sheltered: false,
  lookedOn: null,
  watched: false,
  ...changes,
});
const HOSTS = {
  spindle: 'always',
  euonymus: 'always',
  lilac: 'rarely',
  kumquat: 'usually',
  camellia: 'usually',
} as const;
const ask = (plants: SpreadPlant[], changes: object = {}) =>
  inspectNext(plants, {
    plantId: 'hedge',
    sourcePlantId: null,
    touching: [],
    hosts: HOSTS,
    today: TODAY,
    ...changes,
  });

describe('which plants to inspect next', () => {
  const hedge = plant('hedge', 'spindle');
  const fence = plant('fence', 'euonymus'),
    lilac = plant('lilac', 'lilac'),
    apple = plant('apple', 'apple'),
    other = plant('other', 'spindle');

  test('the source first, then what touches it, then its own kind; never what cannot bear it', () => {
    const { inspect } = ask([other, lilac, apple, hedge, fence], {
      sourcePlantId: 'fence',
      touching: ['lilac', 'apple'],
    });
    expect(inspect).toEqual([
      { plantId: 'fence', reason: 'source' },
      { plantId: 'lilac', reason: 'touches' },
      { plantId: 'other', reason: 'same-host' },
    ]);
  });

  test('what is watched for it, or was looked over within a fortnight, is left out', () => {
    const { inspect } = ask(
      [
        hedge,
        { ...fence, watched: true },
        { ...lilac, lookedOn: '2026-05-15' },
        { ...other, lookedOn: '2026-05-14' },
      ],
      { touching: ['fence', 'lilac', 'other'] },
    );
    expect(inspect.map((entry) => entry.plantId)).toEqual(['other']);
  });

  test('under glass everything in the room that can bear it is inspected and set apart', () => {
    const room = { placeId: 'room', sheltered: true };
    const answer = ask([
      plant('hedge', 'camellia', room),
      plant('k', 'kumquat', room),
      plant('a', 'apple', room),
      plant('out', 'kumquat'),
    ]);
    expect(answer).toEqual({ inspect: [{ plantId: 'k', reason: 'same-room' }], setApart: ['k'] });
  });

  test('without a name any plant beside it may bear it', () => {
    expect(ask([hedge, apple], { hosts: {}, touching: ['apple'] }).inspect).toEqual([
      { plantId: 'apple', reason: 'touches' },
    ]);
    expect(() => ask([apple])).toThrow(RangeError);
  });
});
