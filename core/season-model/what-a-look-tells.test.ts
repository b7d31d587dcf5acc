import { describe, expect, test } from '@jest/globals';
import { HEDGE_FIGURES, HEDGE_OIL, hedgeBelief, hedgeYears } from '#simulated';
import { type DrawsAsked, hatchBelief, sharp, whatALookTells } from './index.ts';

const asked: DrawsAsked = {
  belief: hedgeBelief(),
  figures: HEDGE_FIGURES,
  years: hedgeYears(6, 3),
  draws: 80,
  seed: 5,
};
const looks = { tapesFrom: 120, tapes: 3, perTape: 60, spots: 10, coversApart: 10 };
const worthOf = (about: DrawsAsked, kind = HEDGE_OIL, more: Partial<typeof looks> = {}) =>
  Object.fromEntries(
    whatALookTells(about, [{ day: 165, kind }], { ...looks, ...more }).map(({ look, narrower }) => [
      look,
      narrower,
    ]),
  );

describe('what a look would tell', () => {
  test('where only coverage is doubted, tagged spots narrow it, the more of them the more; tapes tell nothing', () => {
    const certain: DrawsAsked = {
      ...asked,
      belief: hatchBelief('days', sharp(150), sharp(14)),
      figures: {
        ...HEDGE_FIGURES,
        stages: { unit: 'days', crawler: sharp(2), settled: sharp(14), second: sharp(16) },
      },
      years: asked.years.slice(0, 1),
    };
    const stages = HEDGE_OIL.kill;
    const kind = {
      ...HEDGE_OIL,
      fits: { leastC: null, greatestC: null, dry: false },
      coverage: { low: 0.2, middle: 0.55, high: 0.9 },
      kill: {
        crawler: sharp(stages.crawler.middle),
        settled: sharp(stages.settled.middle),
        second: sharp(stages.second.middle),
        grown: sharp(stages.grown.middle),
      },
    };
    const ten = worthOf(certain, kind),
      forty = worthOf(certain, kind, { spots: 40 });
    expect(ten['tagged-spots']).toBeGreaterThan(0.25);
    expect(forty['tagged-spots']).toBeGreaterThan(ten['tagged-spots']! + 0.1);
    expect(ten['tapes']).toBe(0);
    expect(ten['covers-turned']).toBe(0);
  });

  test('where the hatch is doubted by weeks, tapes through it tell most, and more than tapes hung after it', () => {
    const wide: DrawsAsked = {
      ...asked,
      belief: hatchBelief('days', { low: 135, middle: 155, high: 175 }, { low: 12, middle: 18, high: 30 }),
    };
    const worth = worthOf(wide);
    expect(worth['tapes']).toBeGreaterThan(0.2);
    expect(worth['tapes']).toBeGreaterThan(worth['covers-turned']!);
    expect(worthOf(wide, HEDGE_OIL, { tapesFrom: 300 })['tapes']!).toBeLessThan(worth['tapes']! / 2);
  });

  test('what is certain no look narrows', () => {
    const none = { ...HEDGE_OIL, coverage: sharp(0) };
    expect(worthOf(asked, none)).toEqual({ tapes: 0, 'tagged-spots': 0, 'covers-turned': 0 });
  });
});
