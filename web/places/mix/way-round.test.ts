import { expect, test } from '@jest/globals';
import { inWayRound } from './way-round.ts';

const SPOTS: Readonly<Record<string, { xM: number; yM: number }>> = {
  here: { xM: 0, yM: 0 },
  near: { xM: 2, yM: 0 },
  far: { xM: 9, yM: 0 },
};
const spotOf = (id: string) => SPOTS[id] ?? null;
const on = (...ids: string[]) => ids.map((plantId) => ({ plantId }));

test('from one plant the nearest comes first, what is not on the plan last', () => {
  expect(inWayRound(on('nowhere', 'far', 'near'), 'here', spotOf)).toEqual(on('near', 'far', 'nowhere'));
});

test('two on one plant follow each other', () => {
  expect(inWayRound(on('far', 'near', 'far'), 'here', spotOf)).toEqual(on('near', 'far', 'far'));
});

test('where the first is not on the plan the order stays', () => {
  expect(inWayRound(on('far', 'near'), 'nowhere', spotOf)).toEqual(on('far', 'near'));
});
