import { describe, expect, test } from '@jest/globals';
import { throttle } from './throttle.ts';

const failTimes = (guesses: ReturnType<typeof throttle>, caller: string, times: number, nowMs = 0) => {
  for (let i = 0; i < times; i++) guesses.failed(caller, nowMs);
};

describe('one caller', () => {
  test('has four tries free, then waits twice as long each time, a quarter of an hour at most', () => {
    const guesses = throttle();
    const waits = Array.from({ length: 12 }, () => {
      guesses.failed('a', 0);
      return guesses.waitSeconds('a', 0);
    });
    expect(waits).toEqual([0, 0, 0, 0, 15, 30, 60, 120, 240, 480, 900, 900]);
  });

  test('waits less as time goes by, in whole seconds, and may try at the end', () => {
    const guesses = throttle();
    failTimes(guesses, 'a', 5, 1000);
    expect(guesses.waitSeconds('a', 1001)).toBe(15);
    expect(guesses.waitSeconds('a', 2000)).toBe(14);
    expect(guesses.waitSeconds('a', 15_999)).toBe(1);
    expect(guesses.waitSeconds('a', 16_000)).toBe(0);
    expect(guesses.waitSeconds('a', 99_000)).toBe(0);
  });

  test('begins anew after the right passphrase', () => {
    const guesses = throttle();
    failTimes(guesses, 'a', 7);
    guesses.succeeded('a');
    expect(guesses.waitSeconds('a', 0)).toBe(0);
    failTimes(guesses, 'a', 4);
    expect(guesses.waitSeconds('a', 0)).toBe(0);
  });
});

describe('many callers', () => {
  test('do not slow each other down by a few tries', () => {
    const guesses = throttle();
    failTimes(guesses, 'a', 8);
    expect(guesses.waitSeconds('b', 0)).toBe(0);
  });

  test('are slowed together from forty tries on', () => {
    const guesses = throttle();
    for (let i = 0; i < 39; i++) guesses.failed(`caller ${i}`, 0);
    expect(guesses.waitSeconds('somebody new', 0)).toBe(0);
    guesses.failed('caller 39', 0);
    expect(guesses.waitSeconds('somebody new', 0)).toBe(15);
    guesses.failed('caller 40', 0);
    expect(guesses.waitSeconds('somebody new', 0)).toBe(30);
    guesses.succeeded('somebody new');
    expect(guesses.waitSeconds('another', 0)).toBe(0);
  });

  test('are remembered up to a thousand, the latest of them; what all did together is never let go of', () => {
    const guesses = throttle();
    failTimes(guesses, 'first', 6);
    for (let i = 0; i < 998; i++) guesses.failed(`caller ${i}`, 0);
    // Everybody waits by now; after that wait only those remembered do.
    const later = 901_000;
    failTimes(guesses, 'first', 1, later);
    expect(guesses.waitSeconds('first', later)).toBe(900);
    const muchLater = 2 * later;
    for (let i = 0; i < 1001; i++) guesses.failed(`other ${i}`, muchLater);
    const end = muchLater + 901_000;
    failTimes(guesses, 'first', 1, end);
    // Forgotten, it has its free tries again; the wait it sees is that of all together.
    expect(guesses.waitSeconds('first', end)).toBe(900);
    expect(guesses.waitSeconds('first', end + 900_000)).toBe(0);
  });
});
