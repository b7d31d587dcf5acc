import { useState } from 'react';
import type { PlanCut, PlanMaterial, YearsWay } from '#engine';
import { rangeWords } from './plan-words.ts';
import { useAsked } from './use-asked.ts';

const WAY_WORDS: Readonly<Record<YearsWay, string>> = {
  'left-alone': 'Left alone from here on',
  plan: 'This plan, each year',
  'plan-source-cleared': 'and the source cleared',
  'cut-back-then-plan': 'and cut back hard first',
  'helpers-let-be': 'Left alone, helpers let be',
};
/** Without cuts what stands beside it is said alone. */
const WITHOUT_PLAN: Readonly<Partial<Record<YearsWay, string>>> = {
  'plan-source-cleared': 'Only the source cleared',
  'cut-back-then-plan': 'Only cut back hard',
};

/** How many there would be after three years, by what is done in them. */
export function YearsCard({ material, cuts }: { material: PlanMaterial; cuts: readonly PlanCut[] }) {
  const [isOpen, setIsOpen] = useState(false);
  const asked = useAsked(
    material,
    isOpen,
    (remote) => remote.yearsAhead(cuts),
    JSON.stringify(cuts),
    STILL_MS,
  );
  const hasPlan = cuts.length > 0 || material.done.length > 0;
  return (
    <details className="mt-2" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="link-husk list-none inline-block">Three years of it</summary>
      {asked.failed && <p role="alert">{asked.failed}</p>}
      {asked.answer === null && !asked.failed && isOpen && <p className="soft mt-2">Being worked out …</p>}
      {asked.answer && (
        <>
          <div
            className="overflow-x-auto mt-2"
            tabIndex={0}
            role="group"
            aria-label="Years, scrolls sideways"
          >
            <table className="table table-sm max-w-[44rem]">
              <caption className="sr-only">How many there are after each year, of 100 now</caption>
              <thead>
                <tr>
                  <th>Of 100 now</th>
                  <th>after one year</th>
                  <th>after two</th>
                  <th>after three</th>
                </tr>
              </thead>
              <tbody>
                {asked.answer.map(({ way, levels }) => (
                  <tr key={way}>
                    <th scope="row">{(hasPlan ? undefined : WITHOUT_PLAN[way]) ?? WAY_WORDS[way]}</th>
                    {levels.map((level, year) => (
                      <td key={year} className="tabular-nums">
                        {rangeWords(level)}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <p className="soft text-sm mt-1 max-w-[72ch]">
            The middle of 200 possible runs of years, with eight in ten of them between. Left alone a plant’s
            scale doubles in a middle year (0.8 to 5 times; grade C, and yours to set among the figures); no
            plant is let carry more than twenty times what it does now.
          </p>
        </>
      )}
    </details>
  );
}

const STILL_MS = 700;
