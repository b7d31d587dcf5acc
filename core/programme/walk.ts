import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { Series, StepPlan } from '#core/records';
import { stepEnd } from './endings.ts';
import { nextMaterial } from './next-material.ts';
import { afterTurn, atNextStep, onlyLooks, planAt, type Position, START } from './position.ts';
import type { ProgrammeStep } from './programme-step.ts';
import type { DoneWork, SeriesFacts } from './series-facts.ts';
import { LAPSES_AFTER_DAYS, stepDue } from './step-due.ts';

/** How far a series has come, and the turns behind it. */
export interface Walked {
  readonly position: Position;
  readonly steps: readonly ProgrammeStep[];
}

/** Work or a tick of a day. */
interface Event extends DoneWork {
  /** The step a tick was set for; null for a record, which finds its step itself. */
  readonly step: number | null;
  readonly leftOut: boolean;
}

/** Work this soon after the last, as a part of the wait between, belongs to the turn before; so early is a look. */
const EARLY_PART = 1 / 3;

/** Goes through what was done and ticked, day by day; late or early, each counts once. */
export function walked(series: Series, facts: SeriesFacts): Walked {
  const through = eventsOf(series, facts).reduce(
    (walk, event) =>
      taken(series, facts, passedOver(series, facts, walk, addDays(event.on, -1), event.on), event),
    { position: START, steps: [] } as Walked,
  );
  return passedOver(series, facts, through, facts.today, facts.today);
}

/** Records and ticks of the series' time in order of their days; a tick beside its own record says nothing more. */
function eventsOf({ startedOn, endedOn, steps }: Series, { done, marks, today }: SeriesFacts): Event[] {
  const until = endedOn !== null && endedOn < today ? endedOn : today;
  const ofRecords = done.map((work): Event => ({ ...work, step: null, leftOut: false }));
  const ofMarks = marks.flatMap(({ on, step, what }): Event[] => {
    const plan = steps[step];
    if (!plan || (what === 'done' && done.some((work) => work.on === on && isOf(work, plan)))) return [];
    const { action, hand } = plan;
    return [{ on, action, hand, materials: [], aimed: true, step, leftOut: what === 'left-out' }];
  });
  return [...ofRecords, ...ofMarks]
    .filter(({ on }) => on >= startedOn && on <= until)
    .toSorted((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}

/** Whether work is of the kind a step asks for. */
function isOf({ action, hand, materials, aimed }: DoneWork, plan: StepPlan): boolean {
  if (action !== plan.action || hand !== plan.hand) return false;
  return aimed || plan.materials.length === 0 || plan.materials.some((id) => materials.includes(id));
}

function taken(series: Series, facts: SeriesFacts, walk: Walked, event: Event): Walked {
  const { position } = walk;
  const plan = planAt(series, position);
  if (!plan) return walk;
  if (isSameJob(series, walk, event)) return joined(walk, event);
  if (event.step === null ? isOf(event, plan) : event.step === position.step)
    return isTooEarlyALook(series, facts, position, event) ? walk : turned(series, walk, event);
  const later = laterStepFor(series, facts, position, event);
  return later === null ? walk : turned(series, passedTo(series, facts, walk, later), event);
}

function turned(series: Series, walk: Walked, { on, leftOut, materials }: Event): Walked {
  const plan = planAt(series, walk.position)!;
  const after = afterTurn(walk.position, plan, on, materials);
  return {
    // What was left out was no treatment.
    position: leftOut ? { ...after, treatedOn: walk.position.treatedOn } : after,
    steps: [...walk.steps, stepAt(plan, walk.position, leftOut ? 'left-out' : 'done', { doneOn: on })],
  };
}

/** The rest of a hedge, a second tank: work again before a third of the wait is over is the turn before. */
function isSameJob(series: Series, { position, steps }: Walked, event: Event): boolean {
  const before = steps.at(-1);
  if (event.leftOut || before?.state !== 'done' || before.doneOn === null) return false;
  const plan = planAt(series, position)!;
  const { trigger, every } = plan;
  const waitDays =
    position.turns > 0 ? (every?.leastDays ?? 0) : trigger.kind === 'after' ? trigger.leastDays : 0;
  if (!isOf(event, before.plan) || !isOf(event, plan) || waitDays === 0) return false;
  return daysBetween(before.doneOn, event.on) < Math.max(1, Math.ceil(waitDays * EARLY_PART));
}

function joined({ position, steps }: Walked, { on, materials }: Event): Walked {
  const before = steps.at(-1)!;
  return {
    steps: [...steps.slice(0, -1), { ...before, doneOn: on }],
    position: {
      ...position,
      lastOn: position.lastOn === null ? null : on,
      treatedOn: onlyLooks(before.plan) ? position.treatedOn : on,
      lastMaterials: materials.length > 0 ? materials : position.lastMaterials,
    },
  };
}

/** A look long before its day is a look, and not the one that was asked for. */
function isTooEarlyALook(
  series: Series,
  facts: SeriesFacts,
  position: Position,
  { on, leftOut }: Event,
): boolean {
  const plan = planAt(series, position)!;
  if (leftOut || !onlyLooks(plan)) return false;
  const due = stepDue(series, facts, position);
  if (!due || due.because.kind !== 'after') return due !== null && on < due.from;
  return daysBetween(on, due.from) > due.because.leastDays * EARLY_PART;
}

/** The step behind this one that work is of, if its days have come when those before it are left out. */
function laterStepFor(series: Series, facts: SeriesFacts, from: Position, event: Event): number | null {
  for (let position = atNextStep(from); ; position = atNextStep(position)) {
    const plan = planAt(series, position);
    if (!plan) return null;
    if (event.step !== null) {
      if (event.step === position.step) return position.step;
      continue;
    }
    if (!isOf(event, plan)) continue;
    const due = stepDue(series, facts, position);
    const early = due?.because.kind === 'after' ? Math.floor(due.because.leastDays * EARLY_PART) : 0;
    return due && event.on >= addDays(due.from, -early) ? position.step : null;
  }
}

/** Leaves behind what ended up to a day, and on a day what nobody did while the next step's days came. */
function passedOver(
  series: Series,
  facts: SeriesFacts,
  walk: Walked,
  endedUpTo: CivilDate,
  on: CivilDate,
): Walked {
  const { position } = walk;
  const plan = planAt(series, position);
  if (!plan) return walk;
  const end = stepEnd(series, facts, position);
  const next =
    end && end.on <= endedUpTo
      ? { ...walk, position: atNextStep(position) }
      : isPassedYear(series, facts, position, on)
        ? passedYear(series, facts, walk)
        : isPassedLook(series, facts, position, on)
          ? passedTo(series, facts, walk, position.step + 1)
          : null;
  return next ? passedOver(series, facts, next, endedUpTo, on) : walk;
}

function isPassedYear(series: Series, facts: SeriesFacts, position: Position, on: CivilDate): boolean {
  if (planAt(series, position)!.trigger.kind !== 'yearly') return false;
  return daysBetween(stepDue(series, facts, position)!.to, on) > LAPSES_AFTER_DAYS;
}

function passedYear(series: Series, facts: SeriesFacts, { position, steps }: Walked): Walked {
  const plan = planAt(series, position)!;
  const due = stepDue(series, facts, position)!;
  return {
    steps: [...steps, stepAt(plan, position, 'passed', { due })],
    position: { ...afterTurn(position, plan, due.from), treatedOn: position.treatedOn },
  };
}

function isPassedLook(series: Series, facts: SeriesFacts, position: Position, on: CivilDate): boolean {
  const next = atNextStep(position);
  if (!onlyLooks(planAt(series, position)!) || !planAt(series, next)) return false;
  const due = stepDue(series, facts, position);
  const following = stepDue(series, facts, next);
  return due !== null && following !== null && due.to < on && following.from <= on;
}

function passedTo(series: Series, facts: SeriesFacts, walk: Walked, step: number): Walked {
  if (walk.position.step >= step) return walk;
  const plan = planAt(series, walk.position)!;
  const due = stepDue(series, facts, walk.position);
  return passedTo(
    series,
    facts,
    {
      position: atNextStep(walk.position),
      steps: [...walk.steps, stepAt(plan, walk.position, 'passed', { due })],
    },
    step,
  );
}

/** A turn at a position, in a state. */
export function stepAt(
  plan: StepPlan,
  position: Position,
  state: ProgrammeStep['state'],
  more: Partial<Pick<ProgrammeStep, 'doneOn' | 'due'>>,
): ProgrammeStep {
  return {
    step: position.step,
    turn: position.turns,
    plan,
    state,
    doneOn: null,
    due: null,
    material: state === 'done' ? null : nextMaterial(plan, position),
    ...more,
  };
}
