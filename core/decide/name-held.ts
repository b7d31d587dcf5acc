import type { Watch } from '#core/records';

/**
 * Whether a watch still has the name it was first given; a species within the group said first is no renaming.
 * Not told where it was kept before first names were.
 */
export type NameHeld = 'held' | 'renamed' | 'named-later' | 'not-told' | 'open' | 'ruled-out';

export function nameHeld(
  watch: Pick<Watch, 'targetId' | 'group' | 'firstTargetId' | 'firstGroup' | 'namedBy' | 'outcome'>,
): NameHeld {
  const { targetId, group, firstTargetId, firstGroup, namedBy, outcome } = watch;
  if (outcome === 'ruled-out') return 'ruled-out';
  if (targetId === null && group === null) return 'open';
  if (firstTargetId === null && firstGroup === null) return namedBy === null ? 'not-told' : 'named-later';
  if (firstGroup !== group) return 'renamed';
  return firstTargetId === null || firstTargetId === targetId ? 'held' : 'renamed';
}
