import type { TargetGroup } from './evidence.ts';
import { type Hypothesis, SOMETHING_ELSE } from './hypotheses.ts';
import type { GroupStanding, Standing } from './posterior.ts';

/** Least probability to call a species named, and a group settled (rule of thumb, grade C). */
export const NAMED_FROM = 0.9;
export const GROUP_FROM = 0.75;
/** To say that it is none of these takes less: it costs nothing, a wrong name costs a season. */
export const NONE_FROM = 0.6;
/** Fewer weighed answers than this name nothing, however the numbers fall. */
export const FEWEST_ANSWERS = 3;

/**
 * What may honestly be said: a species, some that are dealt with alike, only the group, none of the listed
 * troubles, or not yet anything.
 */
export type NamingVerdict =
  | { readonly kind: 'named'; readonly targetId: string }
  | { readonly kind: 'alike'; readonly targetIds: readonly string[]; readonly group: TargetGroup }
  | { readonly kind: 'group'; readonly group: TargetGroup }
  | { readonly kind: 'none-of-these' }
  | { readonly kind: 'not-enough' };

/** `standings` and `groups` most probable first; `answered` counts the answers that carry weight. */
export function verdict(
  standings: readonly Standing[],
  groups: readonly GroupStanding[],
  answered: number,
  hypotheses: readonly Hypothesis[] = [],
): NamingVerdict {
  const [top] = standings;
  const [topGroup] = groups;
  if (answered < FEWEST_ANSWERS || !top || !topGroup) return { kind: 'not-enough' };
  if (top.targetId === SOMETHING_ELSE) {
    return top.probability >= NONE_FROM ? { kind: 'none-of-these' } : { kind: 'not-enough' };
  }
  if (top.listed && top.probability >= NAMED_FROM) return { kind: 'named', targetId: top.targetId };
  const alike = top.listed ? treatedWith(top, standings, hypotheses) : null;
  if (alike) return alike;
  if (topGroup.probability >= GROUP_FROM && topGroup.group !== SOMETHING_ELSE)
    return { kind: 'group', group: topGroup.group };
  return { kind: 'not-enough' };
}

/** The leader and those dealt with as it is, if together they are as sure as a name has to be. */
function treatedWith(
  top: Standing,
  standings: readonly Standing[],
  hypotheses: readonly Hypothesis[],
): NamingVerdict | null {
  const places = new Map(hypotheses.map((hypothesis) => [hypothesis.id, hypothesis]));
  const leader = places.get(top.targetId);
  if (!leader?.candidate?.treatedAs) return null;
  const alike = standings.filter(({ targetId }) => places.get(targetId)?.decision === leader.decision);
  if (alike.reduce((sum, { probability }) => sum + probability, 0) < NAMED_FROM) return null;
  const likely = alike.filter(({ probability }) => probability >= 0.05);
  return { kind: 'alike', targetIds: likely.map(({ targetId }) => targetId), group: leader.candidate.group };
}
