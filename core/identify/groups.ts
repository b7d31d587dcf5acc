import type { TargetGroup } from './evidence.ts';

const SCALE_GROUPS: ReadonlySet<TargetGroup> = new Set(['armored', 'soft', 'felt', 'giant']);

/** Whether a group is one of the scale insects: counted on twigs, caught on tapes as crawlers. */
export function isScaleGroup(group: TargetGroup | null): boolean {
  return group !== null && SCALE_GROUPS.has(group);
}

const HONEYDEW_GROUPS: ReadonlySet<TargetGroup> = new Set(['soft', 'felt', 'giant']);

/** Whether a group drips honeydew, which bees gather and sooty mould grows on. */
export function makesHoneydew(group: TargetGroup | null): boolean {
  return group !== null && HONEYDEW_GROUPS.has(group);
}
