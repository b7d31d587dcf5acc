import { z } from 'zod';
import { civilDate, recordId, wholeCount } from './fields.ts';

const figure = z.number('a-number').min(0, 'cannot-be-negative').max(10_000, 'most/10000');

/** What was thought out for a watch's season: when with what, on which days of the week, by which figures. */
export const seasonPlanRecord = z.object({
  /** The watch's. */
  id: recordId,
  cuts: z
    .array(
      z.object({
        on: civilDate,
        /** What with: a product of the shelf, a material, winter oil or work by hand. */
        way: z.string().min(1, 'cannot-be-empty').max(80, 'most/80/characters'),
      }),
    )
    .max(6, 'most/6'),
  /** Days of the week the gardener has time on, 0 Sunday to 6 Saturday; none means any. */
  freeDays: z.array(wholeCount(6)).max(7, 'most/7').default([]),
  /** The gardener's own figures instead of the rules of thumb, by name. */
  figures: z
    .record(
      z.string().max(60),
      z
        .object({ low: figure, middle: figure, high: figure })
        .refine(({ low, middle, high }) => low <= middle && middle <= high, {
          path: ['middle'],
          message: 'lies-between-low-and-high',
        }),
    )
    .default({}),
});
export type SeasonPlan = z.infer<typeof seasonPlanRecord>;
