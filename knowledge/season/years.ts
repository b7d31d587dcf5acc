import { between, range } from './plan-figure.ts';

/** Share that goes with the wood when a plant is cut back hard; what sits low stays (rule of thumb, grade C). */
export const CUT_BACK = between(0.6, 0.95);

/** How many times the odds of a holed cover grow in a year without broad sprays (rule of thumb, grade C). */
export const HELPERS_GROW = range(1, 1.4, 2.2);

/** How many times as many there are after a year left alone (rule of thumb, grade C). */
export const GROWTH_A_YEAR = range(0.8, 2, 5);
