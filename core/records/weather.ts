import { z } from 'zod';
import { COLDEST_PLAUSIBLE_C, HOTTEST_PLAUSIBLE_C } from '#core/weather';
import { civilDate, recordId } from './fields.ts';

const reading = z
  .number('a-temperature-in-c')
  .min(COLDEST_PLAUSIBLE_C, 'colder-than-any-garden')
  .max(HOTTEST_PLAUSIBLE_C, 'hotter-than-any-garden');

/** One entry for each hour of a day, null for an hour nobody told. */
const eachHour = (most: number) =>
  z
    .array(z.number('a-number').min(0, 'cannot-be-negative').max(most).nullable())
    .length(24, 'a-day-has-24-hours')
    .readonly()
    .optional();

const dayHours = z.object({
  rainMm: eachHour(500),
  humidityPercent: eachHour(100),
  wetShare: eachHour(1),
  windMs: eachHour(100),
});

const importedDay = z
  .object({
    date: civilDate,
    minC: reading,
    maxC: reading,
    rainMm: z.number().min(0, 'cannot-be-negative').max(2000).nullable(),
    windMs: z.number().min(0, 'cannot-be-negative').max(100).nullable(),
    windFromDeg: z.number('a-number-of-degrees').min(0, 'least/0').lt(360, 'most/359').optional(),
    hoursC: z.array(reading).length(24, 'a-day-has-24-hours').readonly().optional(),
    hourly: dayHours.optional(),
  })
  .refine((day) => day.maxC >= day.minC, { path: ['maxC'], message: 'is-below-the-minimum' });

/** Days to write into a station. Those that differ from stored ones are only replaced when asked to. */
export const weatherImport = z.object({
  days: z
    .array(importedDay)
    .min(1, 'there-are-no-days-to-import')
    .max(20_000, 'at-most-20-000-days-at-a-time'),
  replaceChanged: z.boolean(),
  /** Only tell what would happen. */
  preview: z.boolean(),
});
export type WeatherImport = z.infer<typeof weatherImport>;

/** One reading of a max–min thermometer, reset afterwards. */
export const readingRecord = z
  .object({
    id: recordId,
    stationId: recordId,
    readOn: civilDate,
    time: z.enum(['morning', 'evening']),
    lowC: reading,
    highC: reading,
    rainMm: z.number('a-number').min(0, 'cannot-be-negative').max(2000).nullable(),
  })
  .refine((entry) => entry.highC >= entry.lowC, { path: ['highC'], message: 'is-below-the-low' });
export type Reading = z.infer<typeof readingRecord>;

/**
 * The next days as a person typed them from a forecast; what is left out is unknown and never counts as
 * good.
 */
export const typedForecast = z.object({
  days: z
    .array(importedDay)
    .max(15, 'most/15/days')
    .refine(
      (days) => days.every((day, i) => i === 0 || day.date > days[i - 1]!.date),
      'days-must-follow-each-other',
    ),
});

/** What a person decided about a run of doubtful days. */
export const weatherFixRecord = z
  .object({
    id: recordId,
    stationId: recordId,
    from: civilDate,
    to: civilDate,
    kind: z.enum(['leave-out', 'fahrenheit']),
    why: z.string().max(200, 'most/200/characters'),
  })
  .refine((fix) => fix.to >= fix.from, { path: ['to'], message: 'lies-before-the-first-day' });
export type WeatherFixRecord = z.infer<typeof weatherFixRecord>;

/** A place's own low and high of one day, to learn how it differs from its station. */
export const pairedReadingRecord = z
  .object({ id: recordId, placeId: recordId, on: civilDate, lowC: reading, highC: reading })
  .refine((pair) => pair.highC >= pair.lowC, { path: ['highC'], message: 'is-below-the-low' });
export type PairedReading = z.infer<typeof pairedReadingRecord>;

/** What somebody found of a place's leaves on a day. */
export const wetLookRecord = z
  .object({
    id: recordId,
    placeId: recordId,
    on: civilDate,
    /** Wet when the day began, and at noon; null where nobody looked. */
    breakfast: z.boolean().nullable(),
    noon: z.boolean().nullable(),
    /** Hour of the clock by which they were dry. */
    dryByHour: z.number().int('a-whole-number').min(1, 'least/1').max(23, 'most/23').nullable(),
  })
  .refine(({ breakfast, noon, dryByHour }) => breakfast !== null || noon !== null || dryByHour !== null, {
    path: ['breakfast'],
    message: 'say-at-least-one',
  })
  .refine(({ noon, dryByHour }) => noon === null || dryByHour === null || dryByHour > 12 === noon, {
    path: ['dryByHour'],
    message: 'does-not-go-with-noon',
  });
export type WetLookRecord = z.infer<typeof wetLookRecord>;

const monthlyNormal = z
  .object({
    month: z.number().int().min(1).max(12),
    minC: reading,
    maxC: reading,
    rainMm: z.number('a-number').min(0, 'cannot-be-negative').max(3000, 'most/3000'),
    wetDays: z.number('a-number').min(0, 'cannot-be-negative').max(31, 'most/31'),
  })
  .refine((normal) => normal.maxC >= normal.minC, { path: ['maxC'], message: 'is-below-the-low' });

/** The place's usual months, all twelve or none. */
export const monthlyNormals = z.object({
  normals: z
    .array(monthlyNormal)
    .refine(
      (months) =>
        months.length === 0 ||
        (months.length === 12 && new Set(months.map(({ month }) => month)).size === 12),
      'all-twelve-months-or-none',
    ),
});
export type MonthlyNormalRecord = z.infer<typeof monthlyNormal>;
