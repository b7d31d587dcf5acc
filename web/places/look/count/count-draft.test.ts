import { expect, test } from '@jest/globals';
import {
  add,
  emptyDraft,
  inHand,
  isUntouched,
  nextUnit,
  set,
  takeAway,
  typeCount,
  undoLast,
} from './count-draft.ts';

test('a tally adds, takes away, and takes back in order, across units', () => {
  let draft = ['live', 'live', 'dead'].reduce(add, emptyDraft('twig'));
  expect(inHand(draft).counts).toEqual({ live: 2, dead: 1, holed: 0 });
  draft = takeAway(draft, 'live');
  expect(inHand(undoLast(draft)).counts).toEqual({ live: 1, dead: 0, holed: 0 });
  draft = nextUnit(draft);
  expect(isUntouched(draft)).toBe(true);
  expect(undoLast(draft).units).toHaveLength(1);
  expect(inHand(undoLast(undoLast(undoLast(draft)))).counts).toEqual({ live: 0, dead: 0, holed: 0 });
  expect(takeAway(draft, 'holed')).toBe(draft);
});

test('a typed number stands for as many taps: it is added to, taken back one by one, and typed anew', () => {
  let draft = typeCount(add(emptyDraft('twig'), 'dead'), 'live', 60);
  expect(inHand(draft).counts).toEqual({ live: 60, dead: 1, holed: 0 });
  draft = undoLast(add(draft, 'live'));
  expect(inHand(undoLast(draft)).counts.live).toBe(59);
  draft = typeCount(draft, 'live', 0);
  expect(inHand(draft).counts).toEqual({ live: 0, dead: 1, holed: 0 });
  expect(isUntouched(undoLast(draft))).toBe(true);
});

test('a clean leaf that was judged clean is not an untouched one', () => {
  expect(isUntouched(set(emptyDraft('disease'), 'percent', 0))).toBe(false);
});
