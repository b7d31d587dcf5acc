import { randomLcg } from 'd3-random';
import { mixed } from '#core/season-model';

const FIRST_DRAWS = 3;

/**
 * Which of so many tagged units, in the order they hang, are left untreated as the comparison: of every two
 * neighbours one, by chance, so that either half meets the same light, shade and height (randomised blocks of two;
 * Fisher 1935, The Design of Experiments). An odd one out is treated or not by chance. The same seed chooses the
 * same.
 * @throws RangeError for a count that is not a whole number from 0.
 */
export function untouchedTags(count: number, seed: number): boolean[] {
  if (!(Number.isInteger(count) && count >= 0)) throw new RangeError('tags are counted in whole numbers');
  const chance = randomLcg(mixed(seed));
  for (let drawn = 0; drawn < FIRST_DRAWS; drawn++) chance();
  return Array.from({ length: Math.ceil(count / 2) }, () => chance() < 0.5)
    .flatMap((firstStays) => [firstStays, !firstStays])
    .slice(0, count);
}
