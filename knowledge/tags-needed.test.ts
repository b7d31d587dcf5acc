import { expect, test } from '@jest/globals';
import { taggedEffect, tagVerdict } from '#core/seasons';
import { simulateTags } from '#simulated';
import { TAGS_FOR_HALVING, tagsNeeded } from './index.ts';

const RUNS = 400;
const shown = (tags: number, livePerTwig: number, left: number) =>
  Array.from({ length: RUNS }, (_, i) =>
    tagVerdict(taggedEffect(simulateTags({ tags, livePerTwig, clumping: 1, own: 0.3, left }, 9000 + i))!),
  ).filter((verdict) => verdict === 'worked').length / RUNS;

test.each(TAGS_FOR_HALVING)(
  '$tags tags with $liveFrom live each show a halving in about eight of ten cases',
  ({ liveFrom, tags }) => {
    // Two standard errors of 400 runs about 0.8 are 0.04.
    expect(shown(tags, liveFrom, 0.5)).toBeGreaterThan(0.74);
    expect(shown(tags, liveFrom, 0.5)).toBeLessThan(0.88);
  },
);

test.each(TAGS_FOR_HALVING)(
  'and a third of them that nine in ten were taken, with $liveFrom live each',
  ({ liveFrom }) => {
    expect(shown(tagsNeeded(liveFrom).strong!, liveFrom, 0.1)).toBeGreaterThan(0.74);
  },
);

test('by what was counted; with hardly any on each no number does it, and uncounted a middling one is asked', () => {
  expect(tagsNeeded(12).halving).toBe(30);
  expect(tagsNeeded(40).halving).toBe(18);
  expect(tagsNeeded(1)).toEqual({ halving: null, strong: null });
  expect(tagsNeeded(null)).toEqual(tagsNeeded(10));
});
