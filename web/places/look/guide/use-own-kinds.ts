import { usePlants, useWatches } from '../../../api/queries.ts';

/** The kinds of plants that grow here, each once, and the troubles named on them and still open. */
export function useOwnKinds(): {
  readonly hostIds: readonly string[];
  readonly watched: ReadonlySet<string>;
} {
  const plants = usePlants().data ?? [];
  const watches = useWatches().data ?? [];
  return {
    hostIds: [...new Set(plants.filter(({ retiredOn }) => retiredOn === null).map(({ hostId }) => hostId))],
    watched: new Set(
      watches.flatMap(({ watch }) => (watch.outcome === 'open' && watch.targetId ? [watch.targetId] : [])),
    ),
  };
}
