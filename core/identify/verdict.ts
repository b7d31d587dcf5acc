import { type TargetGroup } from './evidence.ts';
import { SOMETHING_ELSE, type GroupStanding, type Standing } from './posterior.ts';

/** Least probability to call a species named, and a group settled (rule of thumb, grade C). */
export const NAMED_FROM = 0.8;
export const GROUP_FROM = 0.85;
/** Fewer weighed answers than this name nothing, however the numbers fall. */
export const FEWEST_ANSWERS = 3;

/** What may honestly be said: a species, only its group, none of the listed troubles, or not yet anything. */
export type NamingVerdict =
  | { readonly kind: 'named'; readonly targetId: string }
  | { readonly kind: 'group'; readonly group: TargetGroup }
  | { readonly kind: 'none-of-these' }
  | { readonly kind: 'not-enough' };

/** `standings` and `groups` most probable first; `answered` counts the answers that carry weight. */
export function verdict(
  standings: readonly Standing[],
  groups: readonly GroupStanding[],
  answered: number,
): NamingVerdict {
  const [top] = standings;
  const [topGroup] = groups;
  if (answered < FEWEST_ANSWERS || !top || !topGroup) return { kind: 'not-enough' };
  if (top.targetId === SOMETHING_ELSE) {
    return top.probability >= NAMED_FROM ? { kind: 'none-of-these' } : { kind: 'not-enough' };
  }
  if (top.probability >= NAMED_FROM) return { kind: 'named', targetId: top.targetId };
  if (topGroup.probability >= GROUP_FROM && topGroup.group !== SOMETHING_ELSE)
    return { kind: 'group', group: topGroup.group };
  return { kind: 'not-enough' };
}
