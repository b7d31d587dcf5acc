import { addDays, type CivilDate } from '#core/calendar';
import type { LeafState } from '#core/materials';
import type { LeafSign, LeafSignKind } from './leaf-standing.ts';

/** A growth stage as logged, in the words of the record. */
export interface LoggedStage {
  readonly stage: Exclude<LeafSignKind, 'sprayed' | 'counted-on-leaves'> | 'bloom-start' | 'bloom-end';
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
  'seen-bare': 'dormant',
  'seen-in-leaf': 'in-leaf',
};

/** What logged stages tell of a plant's leaves, in order. */
export function leafSignsOf(log: readonly LoggedStage[]): LeafSign[] {
  return inOrder(log).flatMap(({ stage, on }): LeafSign[] => {
    const leafState = LEAF_STATE[stage];
    return leafState === null ? [] : [{ kind: stage as LeafSignKind, on, leafState }];
  });
}

export type LoggedBloom =
  | { readonly kind: 'open'; readonly since: CivilDate }
  | { readonly kind: 'over'; readonly since: CivilDate }
  | { readonly kind: 'unknown' };

/** A bloom begun is taken to last no longer than this without its end being logged (grade C). */
const LONGEST_BLOOM_DAYS = 60;

/**
 * Whether the plant itself is in bloom on `date`, by its log since `since`; a beginning long past says no
 * more.
 */
export function loggedBloom(log: readonly LoggedStage[], since: CivilDate, date: CivilDate): LoggedBloom {
  const last = inOrder(log)
    .filter(({ on }) => on >= since && on <= date)
    .findLast(({ stage }) => stage === 'bloom-start' || stage === 'bloom-end' || stage === 'petal-fall');
  if (!last) return { kind: 'unknown' };
  if (last.stage !== 'bloom-start') return { kind: 'over', since: last.on };
  return date > addDays(last.on, LONGEST_BLOOM_DAYS) ? { kind: 'unknown' } : { kind: 'open', since: last.on };
}

const inOrder = (log: readonly LoggedStage[]): LoggedStage[] =>
  log.toSorted((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
