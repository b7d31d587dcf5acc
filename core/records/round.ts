import { z } from 'zod';
import { civilDate, note, recordId } from './fields.ts';

/** One walk through the garden, counting. */
export const roundRecord = z.object({
  id: recordId,
  startedOn: civilDate,
  finishedOn: civilDate.nullable(),
  note,
});
export type Round = z.infer<typeof roundRecord>;

export const SKIP_REASONS = ['out of reach', 'wet', 'no time', 'not there yet', 'other'] as const;

/**
 * What came of one plant, or one watch, on a round. Made on the device that did it, so that two
 * people on the same round each keep their own.
 */
export const stopRecord = z
  .object({
    id: recordId,
    roundId: recordId,
    plantId: recordId,
    watchId: recordId.nullable(),
    on: civilDate,
    outcome: z.enum(['counted', 'nothing', 'skipped']),
    reason: z.enum(SKIP_REASONS).nullable(),
    note,
  })
  .refine((stop) => (stop.outcome === 'skipped') === (stop.reason !== null), {
    path: ['reason'],
    message: 'a-reason-goes-with-a-skip-and-only-with-one',
  });
export type Stop = z.infer<typeof stopRecord>;
