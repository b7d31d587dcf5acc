import { beforeEach, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { Stop } from '#core/records';
import { layRoundDown, logStop, roundInHand, takeUpRound } from './round-log.ts';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    },
  });
});

const stopOf = (roundId: string): Stop => ({
  id: v7(),
  roundId,
  plantId: v7(),
  watchId: null,
  on: '2026-05-29',
  outcome: 'nothing',
  reason: null,
  note: '',
});

test('a round is in hand with its stops until it is laid down', () => {
  expect(roundInHand()).toBeNull();
  const { id } = takeUpRound('2026-05-29', ['a', 'b']);
  const [first, second] = [stopOf(id), stopOf(id)];
  logStop(first);
  logStop(second);
  expect(roundInHand()).toEqual({ id, startedOn: '2026-05-29', stops: [first, second], order: ['a', 'b'] });
  layRoundDown();
  expect(roundInHand()).toBeNull();
});

test('a stop of another round is not taken for one of this', () => {
  const { id } = takeUpRound('2026-05-29', []);
  logStop(stopOf(v7()));
  expect(roundInHand()).toMatchObject({ id, stops: [] });
  layRoundDown();
  logStop(stopOf(id));
  expect(roundInHand()).toBeNull();
});

test('what another tab wrote is read, and what is damaged is no round', () => {
  const { id } = takeUpRound('2026-05-29', ['a']);
  const [[key, text]] = [...kept] as [[string, string]];
  kept.set(key, text.replace('"order":["a"]', '"order":["b"]'));
  expect(roundInHand()).toMatchObject({ id, order: ['b'] });
  for (const damaged of ['{', '{"id":"x"}', text.slice(0, -9), text.replace('2026-05-29', '2026-02-30')]) {
    kept.set(key, damaged);
    expect(roundInHand()).toBeNull();
  }
});

test('a round an earlier program began goes on', () => {
  const id = v7();
  kept.set('juglans-round', JSON.stringify({ id, startedOn: '2026-05-29', stops: [], order: ['a'] }));
  logStop(stopOf(id));
  expect(roundInHand()!.stops).toHaveLength(1);
});
