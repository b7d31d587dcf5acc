import type { Explanation, ExplainedBy } from '#core/failure';
import { evidenceWords, EXPLANATION_WORDS, oddsWords } from './why-words.ts';

/** So many stand open; the others fold away. */
const SHOWN = 4;

interface ExplanationListProps {
  readonly explained: readonly ExplainedBy[];
  readonly plantName: string;
  /** Puts what it asks for next time into the programme; null while that cannot be. */
  readonly onTake: ((id: Explanation) => void) | null;
}

/** Each reason with its odds, what speaks for and against it, and what to do differently. */
export function ExplanationList({ explained, onTake, plantName }: ExplanationListProps) {
  const rows = (some: readonly ExplainedBy[]) => (
    <ol className="flex flex-col gap-3">
      {some.map((each) => (
        <li key={each.id}>
          <Reason reason={each} onTake={onTake} />
        </li>
      ))}
    </ol>
  );
  return (
    <section aria-label={`Reasons, ${plantName}`}>
      <h2 className="mb-2">Reasons, likeliest first</h2>
      {rows(explained.slice(0, SHOWN))}
      <details className="mt-3">
        <summary className="link-husk list-none inline-block min-h-11">
          {explained.length - SHOWN} less likely reasons
        </summary>
        {rows(explained.slice(SHOWN))}
      </details>
      <p className="soft text-sm mt-3">
        Odds against each other: how usual a reason is, times what each record makes of it, times how well it
        fits the counts. Rules of thumb, grade C: a strong record counts three to twenty-five times.
      </p>
    </section>
  );
}

function Reason({ reason, onTake }: { reason: ExplainedBy; onTake: ExplanationListProps['onTake'] }) {
  const { name, nextTime } = EXPLANATION_WORDS[reason.id];
  return (
    <article className="sheet p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="font-semibold">{name}</h3>
        <span className="tabular-nums">{oddsWords(reason.odds)}</span>
      </div>
      <span className="block h-1.5 rounded-full bg-(--color-base-300) my-1.5" aria-hidden>
        <span
          className="block h-full rounded-full bg-(--bark-4)"
          style={{ width: `${Math.round(reason.odds * 100)}%` }}
        />
      </span>
      <ul className="text-[0.93rem]">
        {reason.towards.map(({ code }) => (
          <li key={code}>
            <span className="font-semibold text-(--husk-deep)">for:</span> {evidenceWords(code)}
          </li>
        ))}
        {reason.against.map(({ code }) => (
          <li key={code}>
            <span className="font-semibold soft">against:</span> {evidenceWords(code)}
          </li>
        ))}
        {reason.towards.length + reason.against.length === 0 && (
          <li className="soft">nothing on record speaks for or against it</li>
        )}
      </ul>
      <p className="mt-1.5 text-[0.93rem]">
        <span className="soft">Next time:</span> {nextTime}
      </p>
      {onTake && (
        <button type="button" className="btn btn-sm mt-2 min-h-11" onClick={() => onTake(reason.id)}>
          Put it into the programme
        </button>
      )}
    </article>
  );
}
