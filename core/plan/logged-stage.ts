import type { CivilDate } from '#core/calendar';
import type { LeafState } from '#core/materials';

/** A growth stage as logged, in the words of the record. */
export interface LoggedStage {
  readonly stage:
    | 'bud-swell'
    | 'green-tip'
    | 'bloom-start'
    | 'bloom-end'
    | 'petal-fall'
    | 'flush-start'
    | 'flush-hard'
    | 'leaf-fall';
  readonly on: CivilDate;
}

/** What a plant wears once it has reached a stage. */
const LEAF_STATE: Readonly<Record<LoggedStage['stage'], LeafState | null>> = {
  // Bloom may come before the leaves or after them: it says nothing of them.
  'bud-swell': 'delayed-dormant',
  'green-tip': 'in-leaf',
  'bloom-start': null,
  'bloom-end': null,
  'petal-fall': 'in-leaf',
  'flush-start': 'in-leaf',
  'flush-hard': 'in-leaf',
  'leaf-fall': 'dormant',
};

export interface LoggedLeafState {
  readonly leafState: LeafState;
  readonly stage: LoggedStage['stage'];
  readonly on: CivilDate;
}

/**
 * What the plant wears on `date` by the last stage logged since `since`; null when the log does not
 * say. Evergreens are always in leaf.
 */
export function loggedLeafState(
  log: readonly LoggedStage[],
  since: CivilDate,
  date: CivilDate,
): LoggedLeafState | null {
  const last = inTime(log, since, date).findLast(({ stage }) => LEAF_STATE[stage] !== null);
  return last ? { leafState: LEAF_STATE[last.stage]!, stage: last.stage, on: last.on } : null;
}

export type LoggedBloom =
  | { readonly kind: 'open'; readonly since: CivilDate }
  | { readonly kind: 'over'; readonly since: CivilDate }
  | { readonly kind: 'unknown' };

/** Whether the plant itself is in bloom on `date`, by its log since `since`. */
export function loggedBloom(log: readonly LoggedStage[], since: CivilDate, date: CivilDate): LoggedBloom {
  const last = inTime(log, since, date).findLast(
    ({ stage }) => stage === 'bloom-start' || stage === 'bloom-end' || stage === 'petal-fall',
  );
  if (!last) return { kind: 'unknown' };
  return { kind: last.stage === 'bloom-start' ? 'open' : 'over', since: last.on };
}

function inTime(log: readonly LoggedStage[], since: CivilDate, date: CivilDate): LoggedStage[] {
  return log
    .filter(({ on }) => on >= since && on <= date)
    .toSorted((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
