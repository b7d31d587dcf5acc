import { expect, test } from '@jest/globals';
import { levelBoundsWords } from './level-bounds-words.ts';

test('where a level begins and ends, in the measure of the count', () => {
  expect(levelBoundsWords('twig', 'armored', 'mean', 3)).toBe('moderate is above 2, up to 10 live per 10 cm');
  expect(levelBoundsWords('twig', 'soft', 'mean', 3)).toBe('moderate is above 1, up to 5 live per 10 cm');
  expect(levelBoundsWords('mined', 'leaf-miner', 'share', 1)).toBe('trace is up to 5 % of leaves mined');
  expect(levelBoundsWords('disease', 'fungus', 'area', 5)).toBe('severe is above 40 % of leaf area');
  expect(levelBoundsWords('twig', null, 'mean', 0)).toBe('trace begins with the first one found');
  expect(levelBoundsWords('cover', 'armored', 'share', 2)).toBeNull();
});
