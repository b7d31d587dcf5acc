import type { TargetGroup } from '#core/identify';
import { targetById } from '#knowledge';
import type { NameToKeep } from './naming-key.tsx';

/** The name a watch gets: a trouble with its group, a group alone, or neither; who knows it overrules the key. */
export function nameFrom({ naming: { verdict }, knownId }: Pick<NameToKeep, 'naming' | 'knownId'>): {
  targetId: string | null;
  group: TargetGroup | null;
} {
  if (knownId !== null) return { targetId: knownId, group: targetById(knownId).group };
  if (verdict.kind === 'named')
    return { targetId: verdict.targetId, group: targetById(verdict.targetId).group };
  const hasGroup = verdict.kind === 'group' || verdict.kind === 'alike';
  return { targetId: null, group: hasGroup ? verdict.group : null };
}
