import type { CivilDate } from '#core/calendar';
import type { StepPlan } from '#core/records';
import type { StepDue } from './step-due.ts';

/** One turn of one step of a series. */
export interface ProgrammeStep {
  /** Which step of the series, and which turn of it, both from 0. */
  readonly step: number;
  readonly turn: number;
  readonly plan: StepPlan;
  /**
   * `passed`: not done, and its time is over. `waits`: for what nobody can tell the day of yet. `coming` turns
   * behind the first are laid out as if each before them is done on its first day.
   */
  readonly state: 'done' | 'left-out' | 'passed' | 'late' | 'open' | 'coming' | 'waits';
  readonly doneOn: CivilDate | null;
  /** Null for what was done, and for what waits. */
  readonly due: StepDue | null;
  /** What it is to be done with, where the series says; null otherwise, and for what was done. */
  readonly material: string | null;
}
