import type { PlanCut, PlanMaterial } from '#engine';
import type { SeasonWorker } from '../../../workers/season-worker.ts';
import { type Asked, useAsked } from './use-asked.ts';

/** What stands behind a plan: what decides it, a week either way, and what one more of its last kind would do. */
export type Behind = ReturnType<SeasonWorker['behind']>;

/** The cuts lie still for so long before it is worked out. */
const STILL_MS = 700;

/** Worked out once the cuts lie still. */
export const useBehind = (
  material: PlanMaterial,
  cuts: readonly PlanCut[],
  freeDays: readonly number[],
): Asked<Behind> =>
  useAsked(
    material,
    true,
    (remote) => remote.behind(cuts, freeDays),
    JSON.stringify([cuts, freeDays]),
    STILL_MS,
  );
