import type { InfectionWord } from '#core/infection';

/** How it is said of an infection on bare leaves: what is not sure is not said to have happened. */
export const THROUGH_WORDS: Readonly<Record<InfectionWord, string>> = {
  possible: 'may have got through',
  likely: 'likely got through',
  sure: 'got through',
};
