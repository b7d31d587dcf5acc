import { z } from 'zod';
import { isMonthDay } from '#core/calendar';
import { civilDate, note, recordId, shortText, wholeCount } from './fields.ts';
import { HANDWORK_KINDS } from './handwork-kinds.ts';

/** What a step of a series is: hand work says which. */
export const STEP_ACTIONS = [
  'spray',
  'look',
  'read-tapes',
  'hang-trap',
  'hand',
  'feed',
  'bring-in',
  'errand',
] as const;
export type StepAction = (typeof STEP_ACTIONS)[number];

export const STAGES_AWAITED = ['leaf-fall', 'bud-swell', 'green-tip'] as const;
export type StageAwaited = (typeof STAGES_AWAITED)[number];

const daysOn = wholeCount(1000);
const span = { leastDays: daysOn, mostDays: daysOn };
const inOrder = ({ leastDays, mostDays }: { leastDays: number; mostDays: number }) => leastDays <= mostDays;
const orderMessage = { path: ['mostDays'], message: 'must-not-be-below-the-least' };

/** What makes the first turn of a step come due. */
const trigger = z.discriminatedUnion('kind', [
  /** So long after the treatment before it, or after the series began. */
  z.object({ kind: z.literal('after'), ...span }).refine(inOrder, orderMessage),
  z.object({ kind: z.literal('date'), on: civilDate, forDays: daysOn.default(0) }),
  z.object({
    kind: z.literal('yearly'),
    on: z.string().refine(isMonthDay, 'a-day-such-as-09-15'),
    forDays: daysOn.default(14),
  }),
  z.object({ kind: z.literal('stage'), stage: z.enum(STAGES_AWAITED) }),
  z.object({ kind: z.literal('crawlers') }),
  z.object({ kind: z.literal('flush') }),
  z.object({ kind: z.literal('petal-fall') }),
  /** Before the first frost of the place. */
  z.object({ kind: z.literal('frost') }),
  /** °C·days above 10 °C after the treatment before it. */
  z.object({
    kind: z.literal('heat'),
    cd: z.number('a-number').positive('must-be-above-0').max(5000, 'most/5000'),
  }),
]);
export type Trigger = z.infer<typeof trigger>;

/** What ends the turns of a step before they are used up. */
const ending = z.discriminatedUnion('kind', [
  /** So many looks in a row that find nothing alive. */
  z.object({ kind: z.literal('looks-clear'), looks: wholeCount(5).min(1, 'least/1') }),
  z.object({ kind: z.literal('tapes-empty'), looks: wholeCount(5).min(1, 'least/1') }),
  z.object({ kind: z.literal('date'), on: civilDate }),
  z.object({ kind: z.literal('stage'), stage: z.enum(STAGES_AWAITED) }),
  z.object({ kind: z.literal('flush-hard') }),
]);
export type Ending = z.infer<typeof ending>;

const stepPlan = z
  .object({
    action: z.enum(STEP_ACTIONS),
    /** Which hand work it is; null for anything else. */
    hand: z.enum(HANDWORK_KINDS).nullable().default(null),
    /** In the gardener's own words; needed where the action says nothing by itself. */
    says: z.string().trim().max(200, 'most/200/characters').default(''),
    /** Materials, by turns; none where anything that fits will do. */
    materials: z.array(z.string().max(40)).max(4, 'most/4').default([]),
    trigger,
    /** From one turn to the next; null for a step that is done once. */
    every: z
      .object({
        ...span,
        /** So much rain since the last turn brings the next one forward; null where rain does not matter. */
        afterRainMm: z
          .number('a-number')
          .positive('must-be-above-0')
          .max(500, 'most/500')
          .nullable()
          .default(null),
      })
      .refine(inOrder, orderMessage)
      .nullable()
      .default(null),
    /** How many turns at most; null until an ending, or the gardener, ends them. */
    times: wholeCount(60).min(1, 'least/1').nullable().default(1),
    until: z.array(ending).max(4, 'most/4').default([]),
  })
  .superRefine(({ action, hand, says, every, times, trigger: starts }, context) => {
    const issue = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    if ((action === 'hand') !== (hand !== null)) issue('hand', 'hand-work-and-only-that-says-which');
    if (action === 'errand' && says === '') issue('says', 'cannot-be-empty');
    if (times !== 1 && every === null && starts.kind !== 'yearly') issue('every', 'say-how-long-between');
    if (every !== null && every.leastDays < 1) issue('every', 'must-be-above-0');
  });
export type StepPlan = z.infer<typeof stepPlan>;

/** A series of steps for a watch, a plant, or (with neither) the whole garden. */
export const seriesRecord = z
  .object({
    id: recordId,
    watchId: recordId.nullable(),
    plantId: recordId.nullable(),
    name: shortText(80),
    /** Which of the usual series it was made from; null for the gardener's own. */
    templateId: z.string().max(60).nullable(),
    /** What counts from here: the day its first step was done, or is to be. */
    startedOn: civilDate,
    steps: z.array(stepPlan).max(12, 'most/12'),
    /** Winter sprays against what lives on bare wood, by the school followed, with nothing wrong today. */
    winter: z.boolean().default(false),
    endedOn: civilDate.nullable().default(null),
    note,
  })
  .superRefine(({ watchId, plantId, steps, winter }, context) => {
    if (watchId !== null && plantId !== null)
      context.addIssue({ code: 'custom', path: ['plantId'], message: 'a-watch-or-a-plant-not-both' });
    if (winter ? plantId === null : steps.length === 0)
      context.addIssue({ code: 'custom', path: [winter ? 'plantId' : 'steps'], message: 'cannot-be-empty' });
  });
export type Series = z.infer<typeof seriesRecord>;

/** A step that was ticked, where no record of its own tells that it was done; or left out. */
export const tickRecord = z.object({
  id: recordId,
  seriesId: recordId,
  on: civilDate,
  step: wholeCount(12),
  what: z.enum(['done', 'left-out']),
  note,
});
export type Tick = z.infer<typeof tickRecord>;
