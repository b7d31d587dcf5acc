import { z } from 'zod';
import { civilDate, note, recordId, wholeCount } from './fields.ts';

/** What a plant does in its year, in the order it does it; citrus and other evergreens flush instead. */
export const GROWTH_STAGES = [
  'bud-swell',
  'green-tip',
  'bloom-start',
  'bloom-end',
  'petal-fall',
  'flush-start',
  'flush-hard',
  'leaf-fall',
  // Looks that tell what it wears, not when it turned.
  'seen-bare',
  'seen-in-leaf',
] as const;
export type GrowthStage = (typeof GROWTH_STAGES)[number];

/** Stages that a clock may start from: those that tell when something turned. */
export const CLOCK_STAGES = GROWTH_STAGES.filter((stage) => !stage.startsWith('seen-'));

export const growthRecord = z.object({
  id: recordId,
  plantId: recordId,
  stage: z.enum(GROWTH_STAGES),
  on: civilDate,
  /** Leaves open on a shoot, where they were counted. */
  leaves: wholeCount(200).nullable().default(null),
  note,
});
export type Growth = z.infer<typeof growthRecord>;

export const CARE_KINDS = [
  'feeding',
  'watering',
  'shading',
  'repotting',
  'pruning',
  // Looked over leaf by leaf, and nothing found.
  'looked-over',
  'washed',
  'bought',
  'other',
] as const;

/** Care that explains later numbers. Moves between places are records of their own. */
export const careRecord = z.object({
  id: recordId,
  plantId: recordId,
  kind: z.enum(CARE_KINDS),
  on: civilDate,
  note,
});
export type Care = z.infer<typeof careRecord>;

/** One guess of the eye trainer against the drawing's truth. */
export const guessRecord = z.object({
  id: recordId,
  on: civilDate,
  kind: z.enum(['spots', 'rust', 'mines', 'mildew', 'live', 'dead', 'holed']),
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31),
  truth: z.number().min(0).max(1000),
  guess: z.number('a-number').min(0, 'cannot-be-negative').max(1000, 'most/1000'),
});
export type Guess = z.infer<typeof guessRecord>;
