import type { Look, LookWorth } from '#core/season-model';
import { showShare } from '../../../show/units.ts';
import { DOUBT_WORDS, LOOK_WORDS, MINER_LOOK_WORDS } from './plan-words.ts';
import type { Asked } from './use-asked.ts';
import type { Behind } from './use-behind.ts';

const SHOWN = 3;
/** A look that narrows less is not worth naming. */
const LEAST_WORTH = 0.05;

/** What widens the range of what is left most, and which look would narrow it by how much. */
export function DecidesCard({
  behind: { answer, failed },
  isMiner,
}: {
  behind: Asked<Behind>;
  isMiner: boolean;
}) {
  const deciders = answer?.deciders ?? null;
  const [first] = deciders ?? [];
  return (
    <section aria-label="What decides it most" className="sheet p-4 text-[0.93rem] flex flex-col gap-2">
      <h2>What decides it most</h2>
      {failed && <p role="alert">{failed}</p>}
      {deciders === null && !failed && <p className="soft">Being worked out …</p>}
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
          <LooksWorth
            looks={answer!.looks}
            words={isMiner ? MINER_LOOK_WORDS : LOOK_WORDS}
            otherwise={DOUBT_WORDS[first.figure].look}
          />
        </>
      )}
    </section>
  );
}

/** The cheapest first of those that tell something; where none does, what there is to do about the doubt itself. */
const CHEAPEST: readonly Look[] = ['tagged-spots', 'covers-turned', 'tapes'];

function LooksWorth({
  looks,
  words,
  otherwise,
}: {
  looks: readonly LookWorth[];
  words: Readonly<Record<Look, string>>;
  otherwise: string;
}) {
  const worth = CHEAPEST.flatMap((look) => looks.filter((each) => each.look === look)).filter(
    ({ narrower }) => narrower >= LEAST_WORTH,
  );
  if (worth.length === 0) return <p className="font-medium">{otherwise}</p>;
  return (
    <ul className="flex flex-col gap-1">
      {worth.map(({ look, narrower }) => (
        <li key={look}>
          {words[look]} would narrow it by <b className="font-semibold">about {showShare(narrower)}</b>.
        </li>
      ))}
    </ul>
  );
}
