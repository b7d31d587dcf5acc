import type { LocalAdvice } from '#core/records';
import { showFullDate } from '../../show/dates.ts';
import { Findings, VerdictTag } from './findings.tsx';
import { rateWords } from './mix-words.ts';
import { canBeSetAside, isFree, type LineChoice } from './tank.ts';
import type { Tank } from './use-tank.ts';

/** Which line of which label: free ones to choose, the others with what stands against them. */
export function LinePicker({ tank, advice }: { tank: Tank; advice: readonly LocalAdvice[] }) {
  const first = tank.loads[0]?.choice;
  const free = tank.choices.filter((choice) => isFree(choice) || (tank.setAside && canBeSetAside(choice)));
  const others = tank.choices.filter((choice) => !free.includes(choice));
  return (
    <section aria-label="Which line of which label" className="no-print">
      <h2 className="mb-2">Which line of which label</h2>
      <div className="sheet divide-y divide-base-300">
        {free.map((choice) => (
          <div key={choice.line.id} className="p-4">
            <label className="flex items-start gap-3 cursor-pointer">
              <input
                type="radio"
                name="line"
                className="radio radio-primary mt-0.5"
                checked={choice === first}
                onChange={() => tank.choose(choice.line.id)}
              />
              <LineWords choice={choice} />
            </label>
            {choice === first && (
              <div className="mt-2 pl-9">
                <Findings findings={choice.findings} />
                <AdviceOn materialId={choice.product.materialId} advice={advice} />
              </div>
            )}
          </div>
        ))}
        {free.length === 0 && (
          <p className="p-4">
            Nothing on the shelf may go on this plant, for this trouble, in this leaf state, today.
          </p>
        )}
        {others.length > 0 && (
          <details className="p-4">
            <summary className="link-husk list-none">
              {others.length} lines that are not for this, and why
            </summary>
            <ul className="mt-2 flex flex-col gap-3">
              {others.map((choice) => (
                <li key={choice.line.id}>
                  <LineWords choice={choice} />
                  <Findings findings={choice.findings.filter(({ verdict }) => verdict !== 'care')} />
                </li>
              ))}
            </ul>
          </details>
        )}
        {(tank.setAside || others.some(canBeSetAside)) && (
          <label className="flex items-start gap-3 p-4 cursor-pointer">
            <input
              type="checkbox"
              className="checkbox mt-0.5"
              checked={tank.setAside}
              onChange={(event) => tank.setAsideTo(event.target.checked)}
            />
            <span>
              Use it against a rule of thumb.{' '}
              <span className="soft">
                Only where no label and no danger stands against it; the record says so.
              </span>
            </span>
          </label>
        )}
      </div>
    </section>
  );
}

function LineWords({ choice: { product, line, verdict, isTurn } }: { choice: LineChoice }) {
  return (
    <span>
      <b className="font-semibold">{product.name}</b> <VerdictTag verdict={verdict} />
      {isTurn && <span className="tag tag-open ml-1">its turn in the series</span>}
      {product.unlabelled && <span className="tag tag-due ml-1">no label</span>}
      {product.organic && <span className="tag ml-1">organic</span>}
      <span className="block">
        {line.crop}
        {line.region && `, ${line.region}`}: {rateWords(line)}
      </span>
    </span>
  );
}

/** What somebody who knows the place said of a material. */
export function AdviceOn({ materialId, advice }: { materialId: string; advice: readonly LocalAdvice[] }) {
  const said = advice.filter((entry) => entry.materialId === materialId);
  return (
    <ul className="empty:hidden mt-1">
      {said.map(({ id, from, on, says }) => (
        <li key={id} className="border-l-3 border-info pl-3 text-[0.93rem]">
          <b className="font-semibold">Said here:</b> {says}{' '}
          <span className="soft">
            ({from}, {showFullDate(on)})
          </span>
        </li>
      ))}
    </ul>
  );
}
