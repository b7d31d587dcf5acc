import { describe, expect, test } from '@jest/globals';
import { sourceOf, throttle } from './throttle.ts';

type Guesses = ReturnType<typeof throttle>;
/** One try after the other, each wrong; what each was told to wait. */
const wrong = (guesses: Guesses, source: string, times: number, nowMs = 0) =>
  Array.from({ length: times }, () => {
    const waitS = guesses.begin(source, nowMs);
    if (waitS === 0) guesses.ended(source, false);
    return waitS;
  });

describe('one source', () => {
  test('has five tries, then waits twice as long each time, a quarter of an hour at most', () => {
    const guesses = throttle();
    expect(wrong(guesses, 'a', 6)).toEqual([0, 0, 0, 0, 0, 15]);
    let nowMs = 0;
    const waits = Array.from({ length: 8 }, () => {
      const waitS = guesses.begin('a', nowMs);
      nowMs += waitS * 1000;
      expect(wrong(guesses, 'a', 1, nowMs)).toEqual([0]);
      return waitS;
    });
    expect(waits).toEqual([15, 30, 60, 120, 240, 480, 900, 900]);
  });

  test('waits less as time goes by, in whole seconds, and may try at the end', () => {
    const guesses = throttle();
    wrong(guesses, 'a', 5, 1000);
    expect([1001, 2000, 15_999].map((nowMs) => guesses.begin('a', nowMs))).toEqual([15, 14, 1]);
    expect(guesses.begin('a', 16_000)).toBe(0);
  });

  test('begins anew after the right passphrase', () => {
    const guesses = throttle();
    wrong(guesses, 'a', 4);
    guesses.begin('a', 0);
    guesses.ended('a', true);
    expect(wrong(guesses, 'a', 6)).toEqual([0, 0, 0, 0, 0, 15]);
  });

  test('has one try at a time, however many it sends at once', () => {
    const guesses = throttle();
    expect(Array.from({ length: 30 }, () => guesses.begin('a', 0))).toEqual([
      0,
      ...Array<number>(29).fill(1),
    ]);
    guesses.ended('a', false);
    expect(guesses.begin('a', 0)).toBe(0);
  });
});

describe('many sources', () => {
  test('never hold up another, however many and however often they try', () => {
    const guesses = throttle();
    for (let i = 0; i < 200; i++) wrong(guesses, `attacker ${i}`, 10);
    expect(guesses.begin('owner', 0)).toBe(0);
  });

  test('are remembered up to a thousand, the latest of them', () => {
    const guesses = throttle();
    wrong(guesses, 'first', 5);
    for (let i = 0; i < 999; i++) wrong(guesses, `other ${i}`, 1);
    expect(guesses.begin('first', 0)).toBe(15);
    wrong(guesses, 'one more', 1);
    expect(guesses.begin('first', 0)).toBe(0);
  });
});

test('a source is an IPv4 address, or the network of an IPv6 address', () => {
  expect(sourceOf('192.168.1.7')).toBe('192.168.1.7');
  expect(sourceOf('::ffff:192.168.1.7')).toBe('192.168.1.7');
  expect(sourceOf('fd00:1:2:3::1')).toBe(sourceOf('fd00:1:2:3:ffff:ffff:ffff:ffff'));
  expect(sourceOf('fd00:1:2:3::1')).not.toBe(sourceOf('fd00:1:2:4::1'));
  expect(sourceOf('::1')).toBe('0:0:0:0');
  for (const odd of [undefined, '', 'localhost', 'a b']) expect(sourceOf(odd)).toBe('unknown');
});
