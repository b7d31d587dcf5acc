import { z } from 'zod';
import { TARGET_GROUPS } from '#core/identify';
import { INGREDIENTS, RATE_UNIT_IDS } from '#core/materials';
import { SPRAY_SCOPES } from '#core/mix';
import { civilDate, note, ON_ONE, onWatchOrPlant, recordId, shortText, wholeCount } from './fields.ts';

const leafState = z.enum(['dormant', 'delayed-dormant', 'in-leaf']);

const rate = z.number('a-number').positive('must-be-above-0').max(1000, 'most/1000');
const amount = z.number('a-number').positive('must-be-above-0').max(1_000_000, 'at-most-1000-l-or-kg');

/** An amount as it stands on the pack, kept so that it is shown again as it was typed. */
const asPrinted = z.string().trim().max(80, 'most/80/characters').optional();

const labelLine = z
  .object({
    id: recordId,
    crop: shortText(120),
    region: z.string().trim().max(80, 'most/80/characters'),
    hostIds: z.array(z.string().max(40)).max(80),
    groups: z.array(z.enum(TARGET_GROUPS)).min(1, 'choose-at-least-one'),
    leafStates: z.array(leafState).min(1, 'choose-at-least-one'),
    rateLow: rate,
    rateHigh: rate,
    rateUnit: z.enum(RATE_UNIT_IDS),
    /** The rate in the label's own words, where it was typed so. */
    ratePrinted: asPrinted,
    leastC: z.number('a-number').min(-20, 'least/-20').max(40, 'most/40').nullable(),
    greatestC: z.number('a-number').min(0, 'least/0').max(50, 'most/50').nullable(),
    intervalDays: wholeCount(365).nullable(),
    usesPerYear: wholeCount(100).nullable(),
    mostPerYear: amount.nullable(),
    daysToHarvest: wholeCount(365).nullable(),
    reentryHours: wholeCount(1000).nullable(),
    rainFreeHours: wholeCount(200).nullable(),
    /** Hours after an infection in which it still reaches it; null where the label says nothing. */
    reachBackHours: wholeCount(240).nullable().optional(),
  })
  .refine((line) => line.rateHigh >= line.rateLow, {
    path: ['rateHigh'],
    message: 'must-not-be-below-the-low-rate',
  })
  .refine((line) => line.rateUnit !== 'percent' || line.rateHigh <= 20, {
    path: ['rateHigh'],
    message: 'more-than-20-percent-is-not-a-spray-check-the-unit',
  });

export const productRecord = z.object({
  id: recordId,
  name: shortText(80),
  materialId: z.string().max(40),
  /** Of active ingredient; null where the pack was not looked at. */
  strengthPercent: z.number('a-number').positive('must-be-above-0').max(100, 'most/100/%').nullable(),
  containsOil: z.boolean(),
  formulation: z.enum(['emulsifiable-oil', 'soap', 'flowable', 'powder', 'soluble']),
  modeOfAction: z.string().trim().max(20, 'most/20/characters'),
  organic: z.boolean(),
  unlabelled: z.boolean(),
  mustNotTouch: z.string().trim().max(300, 'most/300/characters'),
  apart: z
    .array(z.object({ ingredient: z.enum(INGREDIENTS), days: wholeCount(365) }))
    .max(INGREDIENTS.length),
  stock: z
    .object({
      amount: z.number('a-number').min(0, 'cannot-be-negative').max(1_000_000, 'at-most-1000-l-or-kg'),
      countedOn: civilDate,
      printed: asPrinted,
    })
    .nullable(),
  expiresOn: civilDate.nullable(),
  pack: z
    .object({
      amount,
      price: z.number('a-number').min(0, 'cannot-be-negative').max(1_000_000, 'at-most-a-million'),
      printed: asPrinted,
    })
    .nullable(),
  lines: z.array(labelLine).min(1, 'a-product-needs-at-least-one-label-line').max(60),
});
export type ProductRecord = z.infer<typeof productRecord>;

export const SPRAYER_KINDS = ['tank', 'hand-bottle', 'hose-end'] as const;

export const sprayerRecord = z
  .object({
    id: recordId,
    name: shortText(60),
    kind: z.enum(SPRAYER_KINDS),
    /** What it holds; for a hose-end sprayer, its jar. */
    capacityMl: z.number('a-number').min(100, 'least/100/ml').max(500_000, 'most/500/l'),
    reachM: z.number('a-number').min(0.2, 'least/0.2/m').max(15, 'most/15/m'),
    heldHerbicide: z.boolean(),
    leaks: z.boolean(),
    screen: z.enum(['fine', 'coarse', 'none']),
    rinsedOn: civilDate.nullable(),
    /** What the dial of a hose-end sprayer can be set to. */
    dial: z
      .object({
        unit: z.enum(RATE_UNIT_IDS),
        settings: z.array(rate).min(1, 'at-least-one-setting').max(30, 'most/30/settings'),
      })
      .nullable(),
  })
  .refine(({ kind, dial }) => (kind === 'hose-end') === (dial !== null), {
    path: ['dial'],
    message: 'a-hose-end-sprayer-and-only-that-has-a-dial',
  });
export type Sprayer = z.infer<typeof sprayerRecord>;

export const COVERAGES = ['everything', 'missed-some'] as const;
export const STAGES_SEEN = [
  'eggs',
  'crawlers',
  'settled-young',
  'adults',
  'larvae',
  'spots',
  'nothing-alive',
] as const;

const sprayPart = z.object({
  productId: recordId,
  lineId: recordId,
  /** In the label line's own unit. */
  rate: z.number('a-number').positive('must-be-above-0').max(1000, 'most/1000'),
  /** ml or g in all, as really measured. */
  productAmount: z.number('a-number').positive('must-be-above-0').max(100_000, 'most/100000'),
});

const temperatureC = z.number('a-number').min(-60, 'least/-60/°C').max(60, 'most/60/°C');

/** Tonight and tomorrow as somebody told them on the spot, where no forecast did. */
export const toldWeather = z
  .object({
    lowC: temperatureC,
    highC: temperatureC,
    rain: z.boolean(),
    /** Null when nobody said. */
    air: z.enum(['still', 'breeze', 'windy']).nullable(),
  })
  .refine(({ lowC, highC }) => lowC <= highC, { path: ['highC'], message: 'is-below-the-low' });
export type ToldWeather = z.infer<typeof toldWeather>;

export const sprayRecord = z
  .object({
    id: recordId,
    /** The watch it was for; null where it went on a plant for no trouble of its own. */
    watchId: recordId.nullable(),
    plantId: recordId.nullable().default(null),
    /** Shared by what was sprayed from one tank. */
    loadId: recordId.nullable().default(null),
    parts: z
      .array(sprayPart)
      .min(1, 'a-spray-has-at-least-one-product')
      .max(12, 'at-most-twelve-products-in-a-tank'),
    sprayerId: recordId,
    on: civilDate,
    leafState,
    scope: z.enum(SPRAY_SCOPES).default('whole'),
    sprayMl: z.number('a-number').positive('must-be-above-0').max(1_000_000, 'most/1000/l'),
    /** How well it covered, and what was there; null until somebody says. */
    coverage: z.enum(COVERAGES).nullable().default(null),
    stageSeen: z.enum(STAGES_SEEN).nullable().default(null),
    toldWeather: toldWeather.nullable().default(null),
    /** Recorded although a label or a rule stood against it. */
    againstLabel: z.boolean(),
    note,
  })
  .refine(({ parts }) => new Set(parts.map(({ productId }) => productId)).size === parts.length, {
    path: ['parts'],
    message: 'the-same-product-twice',
  })
  .refine(onWatchOrPlant, ON_ONE);
export type SprayRecord = z.infer<typeof sprayRecord>;

/** One tank, for one plant or several. */
export const sprayLoad = z
  .object({
    id: recordId,
    sprays: z.array(sprayRecord).min(1, 'nothing-was-sprayed').max(40, 'at-most-40-at-a-time'),
  })
  .refine(({ id, sprays }) => sprays.every(({ loadId }) => loadId === id), {
    path: ['sprays'],
    message: 'belong-to-another-tank',
  });
export type SprayLoad = z.infer<typeof sprayLoad>;

/** What somebody who knows the place said of a material: an adviser, a nursery, a neighbour. */
export const localAdviceRecord = z.object({
  id: recordId,
  materialId: z.string().max(40),
  on: civilDate,
  from: shortText(80),
  says: shortText(500),
});
export type LocalAdvice = z.infer<typeof localAdviceRecord>;
