import { describe, expect, test } from '@jest/globals';
import { chanceAfter, chanceOfAny, inspectNext, type SpreadPlant } from './index.ts';

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
const CHANCES = {
  touches: 0.5,
  'same-room': 0.4,
  downwind: 0.25,
  ants: 0.2,
  tools: 0.15,
  'same-host': 0.1,
} as const;
interface Changes {
  readonly sourcePlantId?: string;
  readonly hosts?: object;
  readonly chances?: Partial<Record<keyof typeof CHANCES, number>>;
  readonly touching?: readonly string[];
  readonly downwind?: readonly string[];
}
const asked = (plants: SpreadPlant[], changes: Changes = {}) => {
  const { touching = [], downwind = [], chances = {}, ...more } = changes;
  return inspectNext(plants, {
    plantId: 'hedge',
    sourcePlantId: null,
    linked: { touches: touching, downwind, ants: [], tools: [] },
    chances: { ...CHANCES, ...chances },
    hosts: HOSTS,
    today: TODAY,
    ...(more as object),
  });
};
/** Without the odds, as the list reads. */
const ask = (plants: SpreadPlant[], changes: Changes = {}) => {
  const { inspect, setApart } = asked(plants, changes);
  return { inspect: inspect.map(({ plantId, reason }) => ({ plantId, reason })), setApart };
};

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

  test('what is linked in more ways than one is likelier, and says the likeliest first', () => {
    const { inspect } = asked([hedge, lilac, other, fence], {
      touching: ['lilac'],
      downwind: ['other', 'lilac'],
    });
    expect(inspect.map(({ plantId, reason, also }) => [plantId, reason, also])).toEqual([
      ['lilac', 'touches', ['downwind']],
      ['other', 'downwind', ['same-host']],
    ]);
    // 1 − 0.5 · 0.75 and 1 − 0.75 · 0.9.
    expect(inspect[0]!.chance).toBeCloseTo(0.625, 12);
    expect(inspect[1]!.chance).toBeCloseTo(0.325, 12);
  });

  test('where looks along the wind turned something up, the wind goes before touch', () => {
    const { inspect } = ask([hedge, lilac, fence], {
      touching: ['lilac'],
      downwind: ['fence'],
      chances: { downwind: 0.8 },
    });
    expect(inspect.map(({ plantId }) => plantId)).toEqual(['fence', 'lilac']);
  });
});

describe('what looking teaches of a pathway', () => {
  const belief = { chance: 0.5, looks: 4 };

  test('nothing looked at leaves the belief as it is', () => {
    expect(chanceAfter(belief, { looked: 0, bore: 0 })).toBe(0.5);
  });

  test('each look counts as one beside the looks the belief is worth', () => {
    // Two of four believed, and none of two seen.
    expect(chanceAfter(belief, { looked: 2, bore: 0 })).toBeCloseTo(2 / 6, 12);
    expect(chanceAfter(belief, { looked: 6, bore: 6 })).toBeCloseTo(8 / 10, 12);
  });

  test('ways that stand by themselves add up to less than their sum', () => {
    expect(chanceOfAny([])).toBe(0);
    expect(chanceOfAny([0.5, 0.5])).toBe(0.75);
  });
});
