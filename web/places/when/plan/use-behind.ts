import { useEffect, useState } from 'react';
import type { PlanCut, PlanMaterial } from '#engine';
import type { SeasonWorker } from '../../../workers/season-worker.ts';
import { startSeason } from './use-season.ts';

/** What stands behind a plan: what decides it, a week either way, and what one more of its last kind would do. */
export type Behind = ReturnType<SeasonWorker['behind']>;

/** The cuts lie still for so long before it is worked out. */
const STILL_MS = 700;

/** Worked out in a worker of its own once the cuts lie still; null until then. */
export function useBehind(
  material: PlanMaterial,
  cuts: readonly PlanCut[],
  freeDays: readonly number[],
): Behind | null {
  const [worked, setWorked] = useState<{ cuts: readonly PlanCut[]; behind: Behind } | null>(null);
  const days = freeDays.join();
  useEffect(() => {
    let worker: ReturnType<typeof startSeason> | null = null;
    const waits = setTimeout(() => {
      worker = startSeason();
      const { remote, failed } = worker;
      const free = days === '' ? [] : days.split(',').map(Number);
      Promise.race([remote.lay(material).then(() => remote.behind(cuts, free)), failed]).then(
        (behind) => {
          setWorked({ cuts, behind });
          worker?.end();
        },
        // Without it the plan is as good, and its page says less.
        () => undefined,
      );
    }, STILL_MS);
    return () => {
      clearTimeout(waits);
      worker?.end();
    };
  }, [material, cuts, days]);
  return worked?.cuts === cuts ? worked.behind : null;
}
