/** A series of steps on a plant: what of it was done, what is next and when, and what ends it. */
export { unroll, type Unrolled } from './unroll.ts';
export type { ProgrammeStep } from './programme-step.ts';
export type { StepEnd } from './endings.ts';
export { LAPSES_AFTER_DAYS, type Because, type StepDue } from './step-due.ts';
export type { Awaited, Coming, DoneWork, SeriesFacts } from './series-facts.ts';
