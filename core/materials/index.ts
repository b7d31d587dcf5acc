export { type Formulation, type LabelLine, type LeafState, type Product, type RateUnit } from './label.ts';
export { misfits, type Misfit, type SprayCase } from './line-fit.ts';
export { perLitre, type PerLitre } from './rate.ts';
export { useLimits, type UseLimits } from './use-limits.ts';
export { meeting, NOTHING_AGAINST, type Ingredient, type Meeting, type MeetingRule } from './meeting.ts';
