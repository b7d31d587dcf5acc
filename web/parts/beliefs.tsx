import type { Belief } from '#knowledge';

/** Common beliefs put right where they come up. */
export function Beliefs({ beliefs }: { beliefs: readonly Belief[] }) {
  if (beliefs.length === 0) return null;
  return (
    <ul aria-label="Often heard" className="flex flex-col gap-2 my-2">
      {beliefs.map(({ id, says, holds }) => (
        <li key={id} className="border-l-4 border-base-300 pl-3">
          <span className="soft">Often heard: “{says}”</span> {holds}
        </li>
      ))}
    </ul>
  );
}
