/** Whether a published sum of heat may be used at a place. */
export type Carry = 'as-published' | 'wider' | 'refused';

/**
 * Mean of the coldest month up to which Ohio's figures are taken as they stand, and beyond which they
 * say nothing. °C, grade C.
 */
export const CARRY_LIMITS_C = { asPublished: 3, wider: 8 } as const;

/** How much earlier or later than published a figure is allowed for in a milder winter (grade C). */
export const WIDER_BY = 0.15;

/**
 * Sums counted from a calendar day were gathered after cold winters, in which the chill is long
 * met before the count matters. In milder ones the start is blurred; where frost is rare they say
 * nothing. `coldestMonthC` is the mean of the place's coldest month; null when it is not known.
 */
export function carryOf(coldestMonthC: number | null): Carry {
  if (coldestMonthC === null || coldestMonthC <= CARRY_LIMITS_C.asPublished) return 'as-published';
  return coldestMonthC <= CARRY_LIMITS_C.wider ? 'wider' : 'refused';
}
