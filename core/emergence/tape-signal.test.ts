import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { simulateTapeCount } from '#simulated';
import { readTapes, TAPE_OVERDISPERSION, type TapeReading, tapeWeeks } from './index.ts';

/** Weekly tapes with these catches. */
function weekly(...counts: number[]): TapeReading[] {
  return counts.map((crawlers, i) => ({
    putOn: addDays('2026-05-01', 7 * i),
    takenOff: addDays('2026-05-08', 7 * i),
    crawlers,
  }));
}

/** The same weeks with several tapes, by label. */
const looks = (...weeks: readonly (readonly number[])[]): TapeReading[] =>
  weeks.flatMap((counts, i) =>
    counts.map((crawlers, tape) => ({
      ...weekly(...weeks.map(() => 0))[i]!,
      crawlers,
      label: `twig ${tape}`,
    })),
  );

describe('several tapes of a week', () => {
  test('are one reading: their mean, with its spread', () => {
    const [week] = tapeWeeks(looks([4, 10, 1]));
    expect(week).toMatchObject({ crawlers: 15, tapeDays: 21, perWeek: 5, spread: [1, 10], on: '2026-05-08' });
    expect(readTapes(looks([4, 10, 1]))).toMatchObject({ signal: 'first', perWeek: [5] });
  });
  test('are never a sequence: 138, 60 and 20 on one day are no fall', () => {
    expect(readTapes(looks([138, 60, 20])).signal).toBe('first');
    expect(readTapes(looks([138, 60, 20], [20, 60, 138])).signal).toBe('level');
  });
  test('taken off within three days of each other they belong together, changed ones do not', () => {
    const [tape] = weekly(5);
    const late = { ...tape!, takenOff: '2026-05-11' };
    expect(tapeWeeks([tape!, late])).toHaveLength(1);
    expect(tapeWeeks([tape!, { ...late, takenOff: '2026-05-12' }])).toHaveLength(2);
    expect(tapeWeeks([tape!, { ...late, putOn: '2026-05-08' }])).toHaveLength(2);
    expect(
      tapeWeeks([
        { ...tape!, label: 'a' },
        { ...late, label: 'a' },
      ]),
    ).toHaveLength(2);
  });
  test('more tapes show a fall that one cannot', () => {
    expect(readTapes(weekly(30, 12)).signal).toBe('level');
    expect(readTapes(looks([30, 32, 28, 30], [12, 13, 11, 12])).signal).toBe('past-the-peak');
  });
});

describe('over five thousand simulated seasons', () => {
  const SEASONS = 5000;
  /** Weekly looks at some tapes, each expected to hold a share of a whole. */
  const season = (seed: number, tapes: number, expected: readonly number[]) =>
    expected.map((mean, week) =>
      Array.from({ length: tapes }, (_, tape) => ({
        putOn: addDays('2026-05-01', 7 * week),
        takenOff: addDays('2026-05-08', 7 * week),
        label: `twig ${tape}`,
        crawlers: drawn(mean, seed * 100 + week * 10 + tape),
      })),
    );
  /** The share of seasons in which some look is called so, and the mean week of it. */
  const called = (signal: string, weeks: (seed: number) => TapeReading[][]) => {
    let times = 0;
    for (let seed = 1; seed <= SEASONS; seed++) {
      const all = weeks(seed);
      if (all.some((_, i) => readTapes(all.slice(0, i + 1).flat()).signal === signal)) times++;
    }
    return times / SEASONS;
  };
  const MEANS = [3, 12, 40, 150];

  test('a steady catch is called past its peak, or rising, in fewer than one in ten', () => {
    const flat = (seed: number) => season(seed, 1 + (seed % 5), Array<number>(8).fill(MEANS[seed % 4]!));
    for (const signal of ['past-the-peak', 'rising']) {
      const share = called(signal, flat);
      expect(share).toBeLessThan(0.1);
      // The bar is no higher than it must be.
      expect(share).toBeGreaterThan(0.02);
    }
  });

  test('a hatch that rises and falls is called past its peak nearly always, once it is', () => {
    const hatch = (seed: number) =>
      season(
        seed,
        1 + (seed % 5),
        [0.02, 0.12, 0.36, 0.36, 0.12, 0.02].map((part) => part * 200),
      );
    expect(called('past-the-peak', hatch)).toBeGreaterThan(0.97);
    const early = (seed: number) => hatch(seed).slice(0, 3);
    expect(called('past-the-peak', early)).toBeLessThan(0.05);
  });
});

/** A count of a mean, over-dispersed as tapes are. */
const drawn = (mean: number, seed: number) =>
  simulateTapeCount(-1e6, 1e6, { halfOutCd: 0, scaleCd: 1, totalPerTape: mean }, TAPE_OVERDISPERSION, seed);
