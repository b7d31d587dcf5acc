import { SERIES_TEMPLATES } from '#knowledge';
import type { SeriesAnswer, SettledStep } from '#engine';
import { showDate } from '../../show/dates.ts';
import { becauseWords } from '../../show/series-words.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { GradeMark, Sources } from '../reason.tsx';

/** Why a step is due then, and what the rules of use change of it. */
export function StepReason({ answer, step }: { answer: SeriesAnswer; step: SettledStep }) {
  const today = useToday();
  const show = useShow();
  const template = SERIES_TEMPLATES.find(({ id }) => id === answer.series.templateId);
  const { use, due } = step;
  return (
    <>
      {use?.kind === 'use' && use.instead && (
        <p className="text-sm">
          <b className="font-semibold">Another instead:</b> {use.instead.against.says}
        </p>
      )}
      {use?.kind === 'use' && !use.instead && use.waitsFor && (
        <p className="text-sm">
          <b className="font-semibold">Not before {showDate(use.from, today)}:</b> {use.waitsFor.says}
        </p>
      )}
      {use?.kind === 'use' && use.productId === null && (
        <p className="text-sm soft">
          {use.productName} is not on your shelf: its label’s own rules are not known yet.
        </p>
      )}
      {use?.kind === 'refused' && (
        <p className="text-sm text-error">
          <b className="font-semibold">Nothing may be used:</b>{' '}
          {use.against.map(({ says }) => says).join(' ')}
        </p>
      )}
      <details className="text-sm">
        <summary className="link-husk list-none inline-block py-0.5">Why then</summary>
        <div className="mt-1 rounded-lg bg-base-200 p-3">
          {due && <p>{becauseWords(due.because, today, show.rain)}.</p>}
          <p>{template?.says ?? 'You set it so.'}</p>
          <p className="mt-1">
            <b>What would change this:</b> what you log. A step done late or early moves all that follow; a
            look that finds nothing, or empty tapes, may end it.
          </p>
          {template && (
            <p className="mt-1">
              <GradeMark grade={template.grade} /> <Sources ids={template.sourceIds} />
            </p>
          )}
        </div>
      </details>
    </>
  );
}
