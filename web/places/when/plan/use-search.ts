import { useEffect, useRef, useState } from 'react';
import type { BestDaysAsked, PlanCut, PlanGround, PlanMaterial } from '#engine';
import { progress, type Working } from '../../../workers/bridge.ts';
import type { SeasonWorker } from '../../../workers/season-worker.ts';
import { startSeason, wordOf } from './use-season.ts';

export type Best = NonNullable<ReturnType<PlanGround['best']>>;

/** What the best days were looked for with, beside what stays. */
type SearchAsked = Omit<BestDaysAsked, 'count'>;

interface SearchBegun {
  readonly asked: SearchAsked;
  readonly best: readonly (Best | null)[];
}

/** The best days for one, two and three, as far as the search is. */
export type Search =
  | { readonly kind: 'idle' }
  | ({ readonly kind: 'searching'; readonly share: number } & SearchBegun)
  | ({ readonly kind: 'stopped' | 'ready' } & SearchBegun)
  | { readonly kind: 'failed'; readonly why: string };

export type Searching = ReturnType<typeof useSearch>;

export const bestOf = (search: Search): readonly (Best | null)[] => ('best' in search ? search.best : []);

/** The cuts a search's days come to, with what stayed beside them. */
export function cutsWith(search: Search, { days }: Best): readonly PlanCut[] {
  if (!('asked' in search)) return [];
  const { wayId, beside } = search.asked;
  return [...beside, ...days.map((day) => ({ day, wayId }))].sort((a, b) => a.day - b.day);
}

const COUNTS = [1, 2, 3] as const;
/** How much of the whole search each count takes, for the bar. */
const PARTS = [0.08, 0.45, 1] as const;

/** Looks for the best days with one way in a worker of its own, so that cuts move meanwhile; it can be stopped. */
export function useSearch(material: PlanMaterial) {
  const [search, setSearch] = useState<Search>({ kind: 'idle' });
  const worker = useRef<Working<SeasonWorker>>(null);
  useEffect(() => () => worker.current?.end(), []);
  const stop = () => {
    worker.current?.end();
    setSearch((now) =>
      now.kind === 'searching' ? { kind: 'stopped', asked: now.asked, best: now.best } : now,
    );
  };
  const start = async (asked: SearchAsked) => {
    worker.current?.end();
    const mine = startSeason();
    worker.current = mine;
    const best: (Best | null)[] = [];
    setSearch({ kind: 'searching', asked, share: 0, best });
    const tell = (share: number) =>
      worker.current === mine && setSearch({ kind: 'searching', asked, share, best: [...best] });
    try {
      await Promise.race([mine.remote.lay(material), mine.failed]);
      for (const [i, count] of COUNTS.entries()) {
        const from = PARTS[i - 1] ?? 0;
        const heard = progress((share) => void tell(from + share * (PARTS[i]! - from)));
        best.push(await mine.remote.best({ ...asked, count }, heard));
        tell(PARTS[i]!);
      }
      if (worker.current === mine) setSearch({ kind: 'ready', asked, best });
      mine.end();
    } catch (error) {
      if (worker.current === mine)
        setSearch({
          kind: 'failed',
          why: wordOf(error),
        });
    }
  };
  return { search, start, stop };
}
