import type { CivilDate } from '#core/calendar';
import type { Series, StepPlan } from '#core/records';

/** How far a series has come. */
export interface Position {
  /** The step that is next; the number of steps once all are done. */
  readonly step: number;
  /** Turns of it that are done or left out. */
  readonly turns: number;
  /** Days of its first and last turn; null before there is one. */
  readonly firstOn: CivilDate | null;
  readonly lastOn: CivilDate | null;
  /** The last treatment of any step; looks change nothing and do not count. */
  readonly treatedOn: CivilDate | null;
  /** What the last turn of this step was done with. */
  readonly lastMaterials: readonly string[];
}

export const START: Position = {
  step: 0,
  turns: 0,
  firstOn: null,
  lastOn: null,
  treatedOn: null,
  lastMaterials: [],
};

export const planAt = (
  { steps }: Pick<Series, 'steps'>,
  { step }: Pick<Position, 'step'>,
): StepPlan | undefined => steps[step];

/** Whether a step only looks: it neither shifts treatments nor holds them up. */
export const onlyLooks = ({ action }: Pick<StepPlan, 'action'>): boolean =>
  action === 'look' || action === 'read-tapes';

/** The position once its step is over, however that came. */
export const atNextStep = ({ step, treatedOn }: Position): Position => ({
  ...START,
  treatedOn,
  step: step + 1,
});

/** The position after a turn of its step on a day. */
export function afterTurn(
  position: Position,
  plan: StepPlan,
  on: CivilDate,
  materials: readonly string[] = [],
): Position {
  const turns = position.turns + 1;
  const treatedOn = onlyLooks(plan) ? position.treatedOn : on;
  if (plan.times !== null && turns >= plan.times) return atNextStep({ ...position, treatedOn });
  return {
    ...position,
    turns,
    treatedOn,
    firstOn: position.firstOn ?? on,
    lastOn: on,
    lastMaterials: materials,
  };
}
