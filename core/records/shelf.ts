import { z } from 'zod';
import { TARGET_GROUPS } from '#core/identify';
import { civilDate, note, recordId, shortText, wholeCount } from './fields.ts';

const leafState = z.enum(['dormant', 'delayed-dormant', 'in-leaf']);

const labelLine = z.object({
  id: recordId,
  crop: shortText(120),
  hostIds: z.array(z.string().max(40)).max(80),
  groups: z.array(z.enum(TARGET_GROUPS)).min(1, 'choose at least one'),
  leafStates: z.array(leafState).min(1, 'choose at least one'),
  rateLow: z.number('a number').positive('must be above 0').max(1000),
  rateHigh: z.number('a number').positive('must be above 0').max(1000),
  rateUnit: z.enum([
    'percent', 'ml-per-l', 'ml-per-10-l', 'floz-per-us-gal', 'tbsp-per-us-gal', 'tsp-per-us-gal', 'floz-per-imperial-gal',
    'g-per-l', 'oz-per-us-gal',
  ]),
  leastC: z.number().min(-20).max(40).nullable(),
  greatestC: z.number().min(0).max(50).nullable(),
  intervalDays: wholeCount(365).nullable(),
  usesPerYear: wholeCount(100).nullable(),
  daysToHarvest: wholeCount(365).nullable(),
  reentryHours: wholeCount(1000).nullable(),
  rainFreeHours: wholeCount(200).nullable(),
}).refine((line) => line.rateHigh >= line.rateLow, { path: ['rateHigh'], message: 'must not be below the low rate' })
  .refine((line) => line.rateUnit !== 'percent' || line.rateHigh <= 20, { path: ['rateHigh'], message: 'more than 20 % is not a spray: check the unit' });

export const productRecord = z.object({
  id: recordId,
  name: shortText(80),
  materialId: z.string().max(40),
  strengthPercent: z.number('a number').positive('must be above 0').max(100, 'at most 100 %'),
  containsOil: z.boolean(),
  formulation: z.enum(['emulsifiable-oil', 'soap', 'flowable', 'powder', 'soluble']),
  lines: z.array(labelLine).min(1, 'a product needs at least one label line').max(60),
});
export type ProductRecord = z.infer<typeof productRecord>;

export const sprayerRecord = z.object({
  id: recordId,
  name: shortText(60),
  capacityMl: z.number('a number').min(100, 'at least 100 ml').max(500_000, 'at most 500 l'),
  reachM: z.number('a number').min(0.2, 'at least 0.2 m').max(15, 'at most 15 m'),
  heldHerbicide: z.boolean(),
});
export type Sprayer = z.infer<typeof sprayerRecord>;

export const sprayRecord = z.object({
  id: recordId,
  watchId: recordId,
  productId: recordId,
  lineId: recordId,
  sprayerId: recordId,
  on: civilDate,
  leafState,
  /** In the label line's own unit. */
  rate: z.number('a number').positive('must be above 0'),
  sprayMl: z.number('a number').positive('must be above 0').max(1_000_000, 'at most 1000 l'),
  /** ml or g in all, as really measured. */
  productAmount: z.number('a number').positive('must be above 0').max(100_000),
  /** Recorded although the label line was not for this plant, trouble or leaf state. */
  againstLabel: z.boolean(),
  note,
});
export type SprayRecord = z.infer<typeof sprayRecord>;
