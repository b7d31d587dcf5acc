import type { TargetGroup } from '#core/identify';
import type { LabelLine, LeafState } from './label.ts';

export type Misfit =
  /** Strong enough to burn leaves that are out. */
  | 'bare-wood-rate-on-leaves'
  /** Meant for leaves, too weak or not allowed on bare wood. */
  | 'leaf-rate-on-bare-wood'
  | 'evergreen-has-no-bare-wood'
  | 'plant-not-on-label'
  | 'trouble-not-on-label';

/** What is to be sprayed. `group` null when the trouble has no name yet. */
export interface SprayCase {
  readonly hostId: string;
  readonly evergreen: boolean;
  readonly leafState: LeafState;
  readonly group: TargetGroup | null;
}

/** Why a label line is not for this case; empty when it is. */
export function misfits(line: LabelLine, sprayCase: SprayCase): Misfit[] {
  const reasons: Misfit[] = [];
  if (sprayCase.evergreen) {
    if (!line.leafStates.includes('in-leaf')) reasons.push('evergreen-has-no-bare-wood');
  } else if (!line.leafStates.includes(sprayCase.leafState)) {
    reasons.push(sprayCase.leafState === 'in-leaf' ? 'bare-wood-rate-on-leaves' : 'leaf-rate-on-bare-wood');
  }
  if (line.hostIds.length > 0 && !line.hostIds.includes(sprayCase.hostId)) reasons.push('plant-not-on-label');
  if (sprayCase.group !== null && !line.groups.includes(sprayCase.group))
    reasons.push('trouble-not-on-label');
  return reasons;
}
