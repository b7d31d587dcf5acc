import { useEffect, useState } from 'react';
import type { Remote } from 'comlink';
import type { PlanMaterial } from '#engine';
import type { SeasonWorker } from '../../../workers/season-worker.ts';
import { startSeason, wordOf } from './use-season.ts';

/** An answer that a worker of its own works out; null until then, and why where it cannot be. */
export interface Asked<T> {
  readonly answer: T | null;
  readonly failed: string | null;
}

const NOT_YET = { answer: null, failed: null } as const;

/**
 * Asks the season something once it is wanted, again when the material or `key` changes, after the question has
 * lain still for `stillMs`.
 */
export function useAsked<T>(
  material: PlanMaterial,
  isWanted: boolean,
  question: (remote: Remote<SeasonWorker>) => Promise<T>,
  key: string,
  stillMs = 0,
): Asked<T> {
  const [told, setTold] = useState<(Asked<T> & { readonly of: string; readonly on: PlanMaterial }) | null>(
    null,
  );
  useEffect(() => {
    if (!isWanted) return;
    let worker: ReturnType<typeof startSeason> | null = null;
    const waits = setTimeout(() => {
      worker = startSeason();
      const { remote, failed, end } = worker;
      Promise.race([remote.lay(material).then(() => question(remote)), failed]).then(
        (answer) => {
          setTold({ answer, failed: null, of: key, on: material });
          end();
        },
        (error: unknown) => setTold({ answer: null, failed: wordOf(error), of: key, on: material }),
      );
    }, stillMs);
    return () => {
      clearTimeout(waits);
      worker?.end();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key says what is asked
  }, [material, isWanted, key, stillMs]);
  return told?.of === key && told.on === material ? told : NOT_YET;
}
