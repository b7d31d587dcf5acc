import { lazy } from 'react';
import type { SeriesAnswer, SettledStep } from '#engine';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { OpenedLater } from '../opened-later.tsx';

const StepReasonBody = lazy(() =>
  import('./step-reason-body.tsx').then((m) => ({ default: m.StepReasonBody })),
);

/** Why a step is due then, and what the rules of use change of it. */
export function StepReason({ answer, step }: { answer: SeriesAnswer; step: SettledStep }) {
  const today = useToday();
  const { use } = step;
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
      <OpenedLater title="Why then" className="text-sm">
        <StepReasonBody templateId={answer.series.templateId} because={step.due?.because ?? null} />
      </OpenedLater>
    </>
  );
}
