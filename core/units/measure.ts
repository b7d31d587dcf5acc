/** Definitions, exact (grade A). */
export const GRAMS_PER_OUNCE = 28.349523125;
export const CM_PER_INCH = 2.54;
export const M2_PER_SQUARE_FOOT = 0.3048 ** 2;
