import { type MadeUpClimate } from './made-up-climates.ts';
import { type PracticeTroubleId } from './practice-troubles.ts';

/** The invented place each lesson is set in. */
export const LESSON_CLIMATES: Readonly<Record<PracticeTroubleId, MadeUpClimate>> = {
  'armored-hedge': 'cold',
  'soft-scale-pot': 'cold',
  'bark-scale': 'warm',
  'citrus-flush': 'mild',
  'leaf-curl': 'wetWinter',
  'scab-cover': 'wetSpring',
  'source-next-door': 'cold',
};
