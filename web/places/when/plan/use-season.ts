import { useEffect, useRef, useState } from 'react';
import type { DayChance, PlanCut, PlanGround, PlanMaterial, PlanOutcome } from '#engine';
import { startWorker, type Working } from '../../../workers/bridge.ts';
import type { SeasonWorker } from '../../../workers/season-worker.ts';

export const startSeason = (): Working<SeasonWorker> =>
  startWorker<SeasonWorker>(
    () => new Worker(new URL('../../../workers/season-worker.ts', import.meta.url), { type: 'module' }),
  );

/** A season laid out in a worker of its own. */
interface Laid {
  readonly of: Working<SeasonWorker>;
  readonly ground: Pick<PlanGround, 'alone' | 'hatching'>;
}

/** What cuts come to, and how likely a fit day is for each. */
export interface AnsweredCuts extends PlanOutcome {
  readonly cuts: readonly PlanCut[];
  readonly chances: readonly DayChance[];
}

export interface Season {
  readonly ground: Laid['ground'] | null;
  /** Of the latest cuts that were answered; while the worker thinks only the newest wait. */
  readonly answered: AnsweredCuts | null;
  readonly failed: string | null;
}

/** Why something could not be worked out. */
export const wordOf = (error: unknown) =>
  error instanceof Error ? error.message : 'It could not be computed.';

/** Lays a season out in a worker and asks it of the cuts as they move. */
export function useSeason(material: PlanMaterial, cuts: readonly PlanCut[]): Season {
  const [laid, setLaid] = useState<Laid | null>(null);
  const [answered, setAnswered] = useState<AnsweredCuts | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const asking = useRef<Laid | null>(null);
  useEffect(() => {
    const worker = startSeason();
    let gone = false;
    Promise.race([worker.remote.lay(material), worker.failed]).then(
      (ground) => {
        if (gone) return;
        setAnswered(null);
        setLaid({ of: worker, ground });
      },
      (error: unknown) => !gone && setFailed(wordOf(error)),
    );
    return () => {
      gone = true;
      worker.end();
    };
  }, [material]);
  useEffect(() => {
    if (!laid || asking.current === laid || answered?.cuts === cuts) return;
    asking.current = laid;
    const { remote } = laid.of;
    Promise.all([remote.outcome(cuts), remote.chances(cuts)]).then(
      ([outcome, chances]) => {
        if (asking.current !== laid) return;
        asking.current = null;
        setAnswered({ ...outcome, cuts, chances });
      },
      (error: unknown) => {
        if (asking.current === laid) setFailed(wordOf(error));
      },
    );
  }, [laid, cuts, answered]);
  return { ground: laid?.ground ?? null, answered, failed };
}
