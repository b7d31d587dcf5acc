import type { Watch } from '#core/records';

/** Whether a watch still has the name it was first given; a species within the group said first is no renaming. */
export type NameHeld = 'held' | 'renamed' | 'named-later' | 'open' | 'ruled-out';

export function nameHeld(
  watch: Pick<Watch, 'targetId' | 'group' | 'firstTargetId' | 'firstGroup' | 'outcome'>,
): NameHeld {
  const { targetId, group, firstTargetId, firstGroup, outcome } = watch;
  if (outcome === 'ruled-out') return 'ruled-out';
  if (targetId === null && group === null) return 'open';
  if (firstTargetId === null && firstGroup === null) return 'named-later';
  if (firstGroup !== group) return 'renamed';
  return firstTargetId === null || firstTargetId === targetId ? 'held' : 'renamed';
}
