import type { Level } from '#core/sampling';

/** Words for the levels 0 to 5. */
export const LEVEL_WORDS: Readonly<Record<Level, string>> = {
  0: 'none',
  1: 'trace',
  2: 'light',
  3: 'moderate',
  4: 'heavy',
  5: 'severe',
};
