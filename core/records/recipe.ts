import { z } from 'zod';
import { PART_HOLDS } from '#core/mix';
import { note, recordId, shortText, wholeCount } from './fields.ts';

const part = z.object({
  name: shortText(80),
  by: z.enum(['volume', 'weight']),
  /** ml or g in a litre of what it makes. */
  perLitre: z.number('a-number').positive('must-be-above-0').max(1000, 'most/1000'),
  holds: z.enum(PART_HOLDS),
});

const step = z.object({
  says: shortText(300),
  waitMinutes: wholeCount(10_080).min(1, 'least/1').nullable(),
});

/** The gardener's own mix, of any number of parts, with its steps and waits. */
export const recipeRecord = z.object({
  id: recordId,
  name: shortText(80),
  what: z.string().trim().max(200, 'most/200/characters'),
  /** The usual recipe it was copied from; null for one of their own. */
  basedOn: z.string().max(60).nullable(),
  usualMl: z.number('a-number').min(50, 'least/50/ml').max(500_000, 'most/500/l'),
  parts: z.array(part).min(1, 'cannot-be-empty').max(20, 'most/20'),
  steps: z.array(step).max(20, 'most/20'),
  /** Hours after which it is poured away; null where nobody said. */
  usedWithinHours: wholeCount(1000).min(1, 'least/1').nullable(),
  /** How often a season asks for it; null where nobody said. */
  timesASeason: wholeCount(100).min(1, 'least/1').nullable().default(null),
  note,
});
export type OwnRecipe = z.infer<typeof recipeRecord>;

/** A wait of a recipe that runs, wherever it is looked at. */
export const waitRecord = z.object({
  id: recordId,
  /** A usual recipe's name in the program, or the id of one's own. */
  recipeId: z.string().min(1, 'cannot-be-empty').max(60),
  recipeName: shortText(80),
  step: wholeCount(30),
  endsAt: z.iso.datetime('a-moment'),
});
export type Wait = z.infer<typeof waitRecord>;
