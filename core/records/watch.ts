import { z } from 'zod';
import { isMonthDay } from '#core/calendar';
import { TARGET_GROUPS } from '#core/identify';
import { itemProblem, PROTOCOL_SHAPES, PROTOCOLS } from '#core/sampling';
import { CLOCK_STAGES } from './growth.ts';
import { HANDWORK_KINDS } from './handwork-kinds.ts';
import { civilDate, note, ON_ONE, onWatchOrPlant, recordId, shortText, wholeCount } from './fields.ts';

/** Who gave a watch its name: the key, its owner, or a lab or adviser. */
export const NAMED_BY = ['key', 'owner', 'lab'] as const;

export const watchRecord = z.object({
  id: recordId,
  plantId: recordId,
  openedOn: civilDate,
  targetId: z.string().max(60).nullable(),
  /** Kept beside the target, so that a watch can be named to its group only. */
  group: z.enum(TARGET_GROUPS).nullable(),
  outcome: z.enum(['open', 'closed', 'ruled-out']),
  outcomeOn: civilDate.nullable(),
  /** The plant it came from, if that is known or suspected. */
  sourcePlantId: recordId.nullable().default(null),
  /** The name it was first given, to see how names hold; null where it was opened without one. */
  firstTargetId: z.string().max(60).nullable().default(null),
  firstGroup: z.enum(TARGET_GROUPS).nullable().default(null),
  namedBy: z.enum(NAMED_BY).nullable().default(null),
  note,
});
export type Watch = z.infer<typeof watchRecord>;

export const inspectionRecord = z.object({
  id: recordId,
  watchId: recordId,
  on: civilDate,
  answers: z
    .record(z.string().max(40), z.string().max(40))
    .refine((answers) => Object.keys(answers).length <= 120, 'too-many-answers'),
  coversTurned: wholeCount(1000),
});
export type Inspection = z.infer<typeof inspectionRecord>;

const unit = z.object({
  counts: z.record(z.string().max(20), z.number('a-number')),
  tagId: recordId.optional(),
  tree: wholeCount(500).min(1, 'trees-are-counted-from-1').optional(),
});

export const sampleRecord = z
  .object({
    id: recordId,
    watchId: recordId,
    on: civilDate,
    protocol: z.enum(PROTOCOLS),
    units: z.array(unit).min(2, 'count-at-least-2').max(300, 'at-most-300-at-a-time'),
    /** The round it was counted in, if any. */
    roundId: recordId.nullable().default(null),
    /** The spray a cover check belongs to, if it is one. */
    sprayId: recordId.nullable().default(null),
    note,
  })
  .superRefine((sample, context) => {
    const shape = PROTOCOL_SHAPES[sample.protocol].items;
    sample.units.forEach(({ counts }, i) => {
      for (const [item, kind] of Object.entries(shape)) {
        const message = itemProblem(kind, counts[item]);
        if (message) context.addIssue({ code: 'custom', path: ['units', i, 'counts', item], message });
      }
      const unknown = Object.keys(counts).find((item) => !(item in shape));
      if (unknown !== undefined)
        context.addIssue({
          code: 'custom',
          path: ['units', i, 'counts', unknown],
          message: 'is-not-counted-this-way',
        });
    });
  });
export type Sample = z.infer<typeof sampleRecord>;

/** Colours of crawlers, as the key asks for them. */
export const CRAWLER_COLOURS = ['yellow', 'pink', 'cream'] as const;

export const tapeRecord = z
  .object({
    id: recordId,
    watchId: recordId,
    label: shortText(40),
    putOn: civilDate,
    takenOff: civilDate,
    crawlers: wholeCount(100_000),
    colour: z.enum(CRAWLER_COLOURS).nullable().default(null),
  })
  .refine((tape) => tape.takenOff > tape.putOn, {
    path: ['takenOff'],
    message: 'must-come-after-the-day-it-went-on',
  });
export type Tape = z.infer<typeof tapeRecord>;

export const TRAP_CATCHES = ['moths', 'males', 'wasps'] as const;

/** What one trap caught between two looks at it. */
export const trapRecord = z
  .object({
    id: recordId,
    watchId: recordId,
    label: shortText(40),
    catches: z.enum(TRAP_CATCHES),
    putOn: civilDate,
    takenOff: civilDate,
    caught: wholeCount(100_000),
  })
  .refine((trap) => trap.takenOff > trap.putOn, {
    path: ['takenOff'],
    message: 'must-come-after-the-day-it-was-set-or-last-emptied',
  });
export type Trap = z.infer<typeof trapRecord>;

/** A tape or trap as it hangs, before and between readings. */
export const deviceRecord = z
  .object({
    id: recordId,
    watchId: recordId,
    kind: z.enum(['tape', 'trap']),
    label: shortText(40),
    hungOn: civilDate,
    takenDownOn: civilDate.nullable(),
  })
  .refine((device) => device.takenDownOn === null || device.takenDownOn >= device.hungOn, {
    path: ['takenDownOn'],
    message: 'lies-before-the-day-it-was-hung',
  });
export type Device = z.infer<typeof deviceRecord>;

/** A leaf or twig that carries a tag, to be counted again and again. */
export const tagRecord = z.object({
  id: recordId,
  watchId: recordId,
  label: shortText(20),
  /** How what it hangs on is counted: a twig, a leaf, a spur …; null: as the watch is usually counted. */
  protocol: z.enum(PROTOCOLS).nullable().default(null),
  /** Left untreated, as the comparison. */
  untouched: z.boolean(),
  taggedOn: civilDate,
  /** Fallen, broken or cut away. */
  lostOn: civilDate.nullable(),
});
export type Tag = z.infer<typeof tagRecord>;

export const SIGHTINGS = [
  'first-males',
  'first-crawlers',
  'adults-flying',
  'first-mines',
  'all-stages',
] as const;
export type SightingKind = (typeof SIGHTINGS)[number];

/** Something seen that starts a clock (a biofix), or that overrides a single date: all stages at once. */
export const sightingRecord = z.object({
  id: recordId,
  watchId: recordId,
  on: civilDate,
  what: z.enum(SIGHTINGS),
});
export type Sighting = z.infer<typeof sightingRecord>;

/**
 * A watch's clock started by choice: on a day of the year, by a logged stage, or by a catch. The id is
 * the watch's.
 */
export const clockRecord = z
  .object({
    id: recordId,
    startKind: z.enum(['season', 'date', 'stage', 'first-males', 'first-crawlers']),
    /** MM-DD for a date, the stage for a stage; null for the others. */
    startValue: z.string().max(20).nullable(),
  })
  .superRefine(({ startKind, startValue }, context) => {
    const fits =
      startKind === 'date'
        ? isMonthDay(startValue ?? '')
        : startKind === 'stage'
          ? (CLOCK_STAGES as readonly string[]).includes(startValue ?? '')
          : startValue === null;
    if (!fits)
      context.addIssue({
        code: 'custom',
        path: ['startValue'],
        message:
          startKind === 'date'
            ? 'a-day-such-as-03-01'
            : startKind === 'stage'
              ? 'choose-a-stage'
              : 'goes-with-a-date-or-a-stage-only',
      });
  });
export type WatchClock = z.infer<typeof clockRecord>;

/** Work by hand against a trouble, counted in what worked like a spray. */
export const handworkRecord = z
  .object({
    id: recordId,
    /** The watch it was for; null where it counts for everything on the plant. */
    watchId: recordId.nullable(),
    plantId: recordId.nullable().default(null),
    on: civilDate,
    kind: z.enum(HANDWORK_KINDS),
    minutes: wholeCount(2000).nullable(),
    note,
  })
  .refine(onWatchOrPlant, ON_ONE);
export type Handwork = z.infer<typeof handworkRecord>;
