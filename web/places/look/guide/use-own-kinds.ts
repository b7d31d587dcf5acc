import { usePlants, useWatches } from '../../../api/queries.ts';

/** The kinds of plants that grow here, each once, and the troubles named on them and still open. */
export interface OwnKinds {
  readonly hostIds: readonly string[];
  readonly watched: ReadonlySet<string>;
}

/** Null until it is known what grows here. */
export function useOwnKinds(): OwnKinds | null {
  const plants = usePlants().data;
  const watches = useWatches().data;
  if (!plants || !watches) return null;
  return {
    hostIds: [...new Set(plants.filter(({ retiredOn }) => retiredOn === null).map(({ hostId }) => hostId))],
    watched: new Set(
      watches.flatMap(({ watch }) => (watch.outcome === 'open' && watch.targetId ? [watch.targetId] : [])),
    ),
  };
}
