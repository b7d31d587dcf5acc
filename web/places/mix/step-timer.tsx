import { useEffect, useState } from 'react';
import type { Wait } from '#core/records';
import { newId } from '../../api/new-id.ts';
import { useRecipes } from '../../api/recipes.ts';
import { keepRecord, putEntry, takeOutEntry, useWaitingRecord } from '../../outbox/use-outbox.ts';
import { useNotices } from '../../parts/notices.tsx';

interface StepTimerProps {
  readonly recipeId: string;
  readonly recipeName: string;
  readonly minutes: number;
  /** Counted from 1. */
  readonly step: number;
}

const waitWords = (minutes: number) => (minutes >= 60 ? `${minutes / 60} h` : `${minutes} min`);

/**
 * A wait within a recipe: begun, seen running, stopped. It is kept, so that it runs on when the page is left and
 * on another device; it runs by the clock, so that a sleeping phone is not late.
 */
export function StepTimer({ recipeId, recipeName, minutes, step }: StepTimerProps) {
  const { say } = useNotices();
  const [begunHere, setBegunHere] = useState<Wait | null>(null);
  const kept = useRecipes().data?.waits.find((wait) => wait.recipeId === recipeId && wait.step === step);
  const unsent = useWaitingRecord<Wait>('waits', begunHere?.id ?? '');
  const running = kept ?? unsent ?? begunHere;
  const label = `wait of step ${step}, ${recipeName}`;
  const failed = (error: Error) => say(error.message);
  if (!running)
    return (
      <button
        type="button"
        className="btn btn-xs ml-2 no-print"
        onClick={() => {
          const endsAt = new Date(Date.now() + minutes * 60_000).toISOString();
          const wait: Wait = { id: newId(), recipeId, recipeName, step, endsAt };
          setBegunHere(wait);
          void keepRecord(putEntry('waits', wait, label)).catch(failed);
        }}
      >
        Wait {waitWords(minutes)}
        <span className="sr-only"> for step {step}</span>
      </button>
    );
  return (
    <span className="block mt-1">
      <TimeLeft wait={running} />
      <button
        type="button"
        className="link-husk ml-3"
        onClick={() => {
          setBegunHere(null);
          void keepRecord(takeOutEntry('waits', running, label)).catch(failed);
        }}
      >
        stop
        <span className="sr-only"> the wait of step {step}</span>
      </button>
    </span>
  );
}

/** How long a wait still takes, by the clock. */
export function TimeLeft({ wait: { endsAt, step } }: { wait: Wait }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const ticking = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(ticking);
  }, []);
  const left = Math.max(0, Math.ceil((Date.parse(endsAt) - now) / 1000));
  return (
    <b role="timer" aria-label={`Step ${step}`} className="font-semibold tabular-nums">
      {left === 0 ? 'The time is up' : `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')} to go`}
    </b>
  );
}
