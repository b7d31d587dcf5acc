import { ARMORED } from './armored.ts';
import { ARMORED_WARM } from './armored-warm.ts';
import { BACTERIA } from './bacteria.ts';
import { CITRUS_DISEASES } from './citrus-diseases.ts';
import { FELT_AND_GIANT } from './felt-and-giant.ts';
import { FUNGI } from './fungi.ts';
import { LEAF_MINERS } from './leaf-miners.ts';
import { NEIGHBOURS } from './neighbours.ts';
import { NO_TROUBLE } from './no-trouble.ts';
import { RUSTS } from './rusts.ts';
import { SOFT } from './soft.ts';
import { SOFT_WARM } from './soft-warm.ts';
import type { Target } from './target.ts';

export { type Target } from './target.ts';
export { UNLISTED, type UnlistedKind } from './unlisted.ts';

export const TARGETS: readonly Target[] = [
  ...ARMORED,
  ...ARMORED_WARM,
  ...SOFT,
  ...SOFT_WARM,
  ...FELT_AND_GIANT,
  ...LEAF_MINERS,
  ...FUNGI,
  ...RUSTS,
  ...CITRUS_DISEASES,
  ...BACTERIA,
  ...NEIGHBOURS,
  ...NO_TROUBLE,
];

const BY_ID = new Map(TARGETS.map((target) => [target.id, target]));

/** @throws RangeError for an unknown id. */
export function targetById(id: string): Target {
  const target = BY_ID.get(id);
  if (!target) throw new RangeError(`no target "${id}"`);
  return target;
}
