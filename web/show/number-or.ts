import { typedNumber } from '#core/units';

/**
 * What was typed as a number, or what stands for "none" where it is asked: NaN is refused by every
 * schema.
 */
export function numberOr(text: string, none: number): number {
  return typedNumber(text) ?? none;
}
