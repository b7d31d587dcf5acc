import { describe, expect, test } from '@jest/globals';
import { mean } from 'simple-statistics';
import { HEDGE_FIGURES, HEDGE_OIL, hedgeBelief, hedgeYears } from '#simulated';
import {
  atFall,
  atPeak,
  beforeLeaves,
  drawSeasons,
  followPolicy,
  monthly,
  type Policy,
  type PolicyScene,
  type SeasonDraws,
  whileCatching,
} from './index.ts';

const HUNG = { from: 130, tapes: 3, perTape: 60 };
const asked = {
  belief: hedgeBelief(),
  figures: HEDGE_FIGURES,
  years: hedgeYears(10, 41),
  draws: 60,
  seed: 3,
};
const armored = drawSeasons(asked);
const soft = drawSeasons({
  ...asked,
  figures: {
    ...HEDGE_FIGURES,
    stages: { ...HEDGE_FIGURES.stages, settled: { low: 40, middle: 55, high: 75 } },
  },
});
const follow = (draws: SeasonDraws, policy: Policy) => {
  const { left, sprays } = followPolicy(draws, policy, HUNG, 11);
  return { left: mean([...left]), sprays: mean([...sprays]), most: Math.max(...sprays) };
};
const scene = (caught: readonly number[], sprayedOn: readonly number[] = []): PolicyScene => ({
  day: 7 * caught.length,
  weeks: caught.map((count, i) => ({ day: 7 * (i + 1), caught: count })),
  sprayedOn,
});

describe('what each school does by hand-made readings', () => {
  const weeksSprayed = (policy: Policy, caught: readonly number[]) => {
    const sprayedOn: number[] = [];
    caught.forEach((_, i) => {
      const now = scene(caught.slice(0, i + 1), sprayedOn);
      if (policy.sprays(now)) sprayedOn.push(now.day);
    });
    return sprayedOn.map((day) => day / 7);
  };
  const HATCH = [0, 0, 5, 40, 60, 30, 12, 4, 0, 0];
  test.each([
    ['while tapes catch', whileCatching(HEDGE_OIL), [3, 5, 7]],
    ['at the peak', atPeak(HEDGE_OIL), [6]],
    ['at the fall', atFall(HEDGE_OIL), [6]],
    ['before leaves', beforeLeaves(HEDGE_OIL, 35), [3]],
    ['monthly', monthly([HEDGE_OIL], 14, 60), [2, 7]],
  ] as const)('%s', (_, policy, weeks) => expect(weeksSprayed(policy, HATCH)).toEqual(weeks));

  test('empty tapes make nobody spray who goes by them', () => {
    for (const policy of [whileCatching(HEDGE_OIL), atPeak(HEDGE_OIL), atFall(HEDGE_OIL)])
      expect(weeksSprayed(policy, [0, 0, 1, 0, 2, 0, 0])).toEqual([]);
  });
  test('a second hatch is met again', () => {
    const twice = [...HATCH, 0, 0, 0, 9, 50, 20, 5, 0];
    expect(weeksSprayed(atPeak(HEDGE_OIL), twice)).toEqual([6, 16]);
    expect(weeksSprayed(atFall(HEDGE_OIL), twice)).toEqual([6, 16]);
  });
});

describe('over possible seasons', () => {
  test('each sprays as often as it says, and leaves less than doing nothing', () => {
    for (const policy of [atPeak(HEDGE_OIL), atFall(HEDGE_OIL)]) {
      const { left, sprays, most } = follow(armored, policy);
      expect(most).toBeLessThanOrEqual(2);
      expect(sprays).toBeGreaterThan(0.8);
      expect(left).toBeLessThan(75);
    }
    expect(follow(armored, whileCatching(HEDGE_OIL)).sprays).toBeGreaterThan(1.5);
  });
  test('a fortnightly pair from the first crawlers suits what stays soft for weeks better', () => {
    const policy = whileCatching(HEDGE_OIL);
    expect(follow(soft, policy).left).toBeLessThan(follow(armored, policy).left);
  });
  test('the same seed hangs the same tapes', () => {
    expect(follow(armored, whileCatching(HEDGE_OIL))).toEqual(follow(armored, whileCatching(HEDGE_OIL)));
  });
  test('oil before leaves changes nothing: there is nothing soft to meet', () => {
    expect(follow(armored, beforeLeaves(HEDGE_OIL, 145)).left).toBeCloseTo(100, 2);
  });
});
