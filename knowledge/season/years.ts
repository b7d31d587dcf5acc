import { between, range } from './plan-figure.ts';

/** Share that goes with the wood when a plant is cut back hard; what sits low stays (rule of thumb, grade C). */
export const CUT_BACK = between(0.6, 0.95);

/** How many times the odds of a holed cover grow in a year without broad sprays (rule of thumb, grade C). */
export const HELPERS_GROW = range(1, 1.4, 2.2);

/** How many times as many there are after a year left alone (rule of thumb, grade C). */
export const GROWTH_A_YEAR = range(0.8, 2, 5);

/** The same of what no season is modelled for, a fungus or a mite: the year's weather decides (grade C). */
export const GROWTH_BY_WEATHER = range(0.25, 1, 4);

/** What a season's sprays, and work by hand, leave of such troubles; told apart by nothing better (grade C). */
export const LEFT_BY_SPRAYS = range(0.15, 0.45, 0.9);
export const LEFT_BY_HAND = range(0.3, 0.7, 1);
