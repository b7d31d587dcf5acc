import { z } from 'zod';
import { civilDate, note, recordId } from './fields.ts';

/** What is decided of a watch for the coming year. */
export const REVIEW_CHOICES = ['carry-on', 'change', 'leave', 'close'] as const;
export type ReviewChoice = (typeof REVIEW_CHOICES)[number];

/** A year looked back on in its winter: what was decided of each watch, and the sheet as it stood then. */
export const yearReviewRecord = z.object({
  id: recordId,
  /** First day of the season it is of. */
  season: civilDate,
  on: civilDate,
  choices: z.array(z.object({ watchId: recordId, choice: z.enum(REVIEW_CHOICES) })).max(200, 'most/200'),
  /** The sheet in plain text. */
  sheet: z.string().max(60_000, 'most/60000/characters'),
  note,
});
export type YearReview = z.infer<typeof yearReviewRecord>;
