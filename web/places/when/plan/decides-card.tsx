import type { Decider } from '#core/season-model';
import { showShare } from '../../../show/units.ts';
import { DOUBT_WORDS } from './plan-words.ts';

const SHOWN = 3;

/** What widens the range of what is left most, and the cheapest look that would narrow it. */
export function DecidesCard({ deciders }: { deciders: readonly Decider[] | null }) {
  const [first] = deciders ?? [];
  return (
    <section aria-label="What decides it most" className="sheet p-4 text-[0.93rem] flex flex-col gap-2">
      <h2>What decides it most</h2>
      {deciders === null && <p className="soft">Being worked out …</p>}
      {deciders?.length === 0 && <p>Nothing: with these cuts the result is as certain as the figures.</p>}
      {deciders && first && (
        <>
          <ol className="flex flex-col gap-1">
            {deciders.slice(0, SHOWN).map(({ figure, share }) => (
              <li key={figure} className="flex flex-wrap justify-between gap-x-3">
                <span className="min-w-0">{DOUBT_WORDS[figure].name}</span>
                <span className="soft">{showShare(share)}</span>
              </li>
            ))}
          </ol>
          <p className="soft text-sm">So much narrower would the range be, were it certain.</p>
          <p className="font-medium">{lookFor(deciders)}</p>
        </>
      )}
    </section>
  );
}

/** The look for the first thing somebody can look at. */
function lookFor(deciders: readonly Decider[]): string {
  const { figure } = deciders.find((each) => each.figure !== 'weather') ?? deciders[0]!;
  return DOUBT_WORDS[figure].look;
}
