import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { simulateTapeCount } from '#simulated';
import { readTapes, TAPE_OVERDISPERSION, type TapeReading } from './index.ts';

/** Weekly tapes with these catches. */
function weekly(...counts: number[]): TapeReading[] {
  return counts.map((crawlers, i) => ({
    putOn: addDays('2026-05-01', 7 * i),
    takenOff: addDays('2026-05-08', 7 * i),
    crawlers,
  }));
}

describe('what the tapes say', () => {
  test.each([
    [[], 'no-tapes'],
    [[0, 0], 'none-yet'],
    [[0, 3], 'first'],
    [[0, 3, 20], 'rising'],
    [[0, 20, 20], 'level'],
    // 138 then 120: a fall, but well inside the scatter of such counts.
    [[14, 138, 120], 'level'],
    // 138 then 60: (60 − 99) against 1.645·√(3·198/4) = 20: beyond it.
    [[14, 138, 60], 'past-the-peak'],
    [[14, 138, 130, 121], 'past-the-peak'],
    [[14, 138, 60, 62], 'past-the-peak'],
    [[14, 138, 20, 0, 0], 'past-the-peak'],
    // Two empty tapes end the first hatch; what follows is read as the second.
    [[14, 138, 20, 0, 0, 6], 'first'],
    [[14, 138, 20, 0, 0, 6, 30], 'rising'],
  ])('%j is %s', (counts, signal) => {
    expect(readTapes(weekly(...counts)).signal).toBe(signal);
  });

  test('a tape left two weeks counts as its catch a week', () => {
    const [first] = weekly(40);
    const verdict = readTapes([first!, { putOn: '2026-05-08', takenOff: '2026-05-22', crawlers: 60 }]);
    expect(verdict.perWeek).toEqual([40, 30]);
    expect(verdict.signal).toBe('level');
  });

  test('order of entry does not matter, and impossible tapes are refused', () => {
    const tapes = weekly(1, 50, 10);
    expect(readTapes([...tapes].reverse())).toEqual(readTapes(tapes));
    expect(() => readTapes([{ putOn: '2026-05-08', takenOff: '2026-05-08', crawlers: 1 }])).toThrow(
      'later day',
    );
    expect(() => readTapes([{ putOn: '2026-05-01', takenOff: '2026-05-08', crawlers: -1 }])).toThrow(
      'negative',
    );
  });
});

test('one fall between two equal weeks is called past the peak about one time in twenty', () => {
  // Two tapes of equal true catch: the heat between 0 and 1 half-hatched on either side of the middle.
  const curve = { halfOutCd: 0, scaleCd: 10, totalPerTape: 200 };
  let called = 0;
  const runs = 4000;
  for (let seed = 1; seed <= runs; seed++) {
    const a = simulateTapeCount(-15, 0, curve, TAPE_OVERDISPERSION, ((seed * 7919) / 2 ** 32) % 1);
    const b = simulateTapeCount(0, 15, curve, TAPE_OVERDISPERSION, ((seed * 104729 + 13) / 2 ** 32) % 1);
    if (readTapes(weekly(a, b)).signal === 'past-the-peak') called++;
  }
  expect(called / runs).toBeGreaterThan(0.03);
  expect(called / runs).toBeLessThan(0.075);
});
