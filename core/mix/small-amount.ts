import type { PartMeasure } from './measure-part.ts';

/** How an amount too small for spoon and jug is measured (rules of thumb, grade C). */
export type SmallAmount =
  /** A syringe without a needle, to a tenth of a ml. */
  | { readonly kind: 'syringe' }
  /** Product stirred into water first, and so much of that. */
  | { readonly kind: 'premix'; readonly productMl: number; readonly waterMl: number; readonly takeMl: number }
  /** Less than scale or syringe tells: so much more spray must be mixed to measure it. */
  | { readonly kind: 'mix-more'; readonly times: number };

/** Least a quarter teaspoon, a 1 ml syringe and a kitchen scale measure. */
const SPOON_FROM_ML = 1.2;
const SYRINGE_FROM_ML = 0.2;
const SCALE_FROM_G = 1;
/** One part of product in so many of premix, begun with the least a syringe measures: little is left of it. */
const PREMIX_PARTS = 10;

/** Null where spoon, jug or scale will do. */
export function smallAmount({ by, amount }: Pick<PartMeasure, 'by' | 'amount'>): SmallAmount | null {
  if (by === 'weight')
    return amount < SCALE_FROM_G ? { kind: 'mix-more', times: Math.ceil(SCALE_FROM_G / amount) } : null;
  if (amount >= SPOON_FROM_ML) return null;
  if (amount >= SYRINGE_FROM_ML) return { kind: 'syringe' };
  const takeMl = amount * PREMIX_PARTS;
  if (takeMl < SYRINGE_FROM_ML) return { kind: 'mix-more', times: Math.ceil(SYRINGE_FROM_ML / takeMl) };
  return {
    kind: 'premix',
    productMl: SYRINGE_FROM_ML,
    waterMl: SYRINGE_FROM_ML * (PREMIX_PARTS - 1),
    takeMl,
  };
}
