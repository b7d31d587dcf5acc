import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { Series } from '#core/records';
import { type StepEnd, stepEnd } from './endings.ts';
import { nextMaterial } from './next-material.ts';
import { afterTurn, atNextStep, planAt, type Position } from './position.ts';
import type { ProgrammeStep } from './programme-step.ts';
import type { SeriesFacts } from './series-facts.ts';
import { LAPSES_AFTER_DAYS, stepDue } from './step-due.ts';
import { stepAt, walked } from './walk.ts';

/** A series as it stands on a day. */
export interface Unrolled {
  readonly steps: readonly ProgrammeStep[];
  /** What ends the turns of the step that is next, where a day of that is known or expected. */
  readonly end: StepEnd | null;
  /** Set once it asks for nothing more: everything is done, it was ended, or nothing was logged for too long. */
  readonly over: { readonly on: CivilDate; readonly why: 'done' | 'lapsed' | 'ended' } | null;
}

/** Turns laid out from the next one on, where nothing ends them sooner. */
const TURNS_AHEAD = 4;

/** Lays a series out: what of it was done, what is next and when, and what follows as far as it can be told. */
export function unroll(series: Series, facts: SeriesFacts): Unrolled {
  const { steps, position } = walked(series, facts);
  const over = (on: CivilDate, why: 'done' | 'lapsed' | 'ended') => ({ steps, end: null, over: { on, why } });
  if (series.endedOn !== null && series.endedOn <= facts.today) return over(series.endedOn, 'ended');
  if (!planAt(series, position))
    return over(steps.findLast(({ doneOn }) => doneOn !== null)?.doneOn ?? series.startedOn, 'done');
  const due = stepDue(series, facts, position);
  if (due && daysBetween(due.to, facts.today) > LAPSES_AFTER_DAYS)
    return over(addDays(due.to, LAPSES_AFTER_DAYS), 'lapsed');
  return {
    steps: [...steps, ...laidOut(series, facts, position)],
    end: stepEnd(series, facts, position),
    over: null,
  };
}

/** The next turn, and those behind it as if each is done on its first day. */
function laidOut(series: Series, facts: SeriesFacts, next: Position): ProgrammeStep[] {
  const { today } = facts;
  const steps: ProgrammeStep[] = [];
  let position = next;
  while (steps.length < TURNS_AHEAD) {
    const plan = planAt(series, position);
    if (!plan) break;
    const due = stepDue(series, facts, position);
    const end = stepEnd(series, facts, position);
    if (due && end && due.from > end.on) {
      position = atNextStep(position);
      continue;
    }
    if (!due) return [...steps, stepAt(plan, position, 'waits', {})];
    const now = steps.length === 0 && due.from <= today;
    steps.push(stepAt(plan, position, now ? (due.to < today ? 'late' : 'open') : 'coming', { due }));
    const material = nextMaterial(plan, position);
    position = afterTurn(
      position,
      plan,
      due.from > today ? due.from : today,
      material === null ? [] : [material],
    );
  }
  return steps;
}
