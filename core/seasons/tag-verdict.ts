import type { TaggedEffect } from './tagged.ts';

/** What tags counted before and after say of a treatment. */
export type TagVerdict = 'worked' | 'did-not' | 'cannot-tell';

/** At most this share taken away is no success, however it was counted (rule of thumb, grade C). */
export const TOO_LITTLE = 1 / 3;

/**
 * Worked: the 95 % interval of what was taken beyond the untouched tags lies above nothing. Did not: it lies below
 * {@link TOO_LITTLE}. Else it cannot be told yet. Worked wins where both hold: little, but surely.
 */
export function tagVerdict({ takenAway }: TaggedEffect): TagVerdict {
  if (takenAway.low > 0) return 'worked';
  return takenAway.high < TOO_LITTLE ? 'did-not' : 'cannot-tell';
}
