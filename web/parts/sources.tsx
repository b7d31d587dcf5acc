import { SOURCES } from '#knowledge';

export function Sources({ ids }: { ids: readonly string[] }) {
  return (
    <span className="soft">
      {SOURCES.filter((source) => ids.includes(source.id))
        .map((source) => source.citation)
        .join(' ')}
    </span>
  );
}
