import { House } from 'lucide-react';
import { Suspense, useSyncExternalStore } from 'react';
import { onStanding, standingNow } from '../outbox/reach.ts';
import { showRecentMoment } from '../show/dates.ts';
import { besides } from './besides.ts';

const ClockQuestion = besides(() =>
  import('./clock-question.tsx').then((m) => ({ default: m.ClockQuestion })),
);

/** Told on every page while this device answers by itself: from what, and as of when. */
export function StandingLine() {
  const standing = useSyncExternalStore(onStanding, standingNow);
  if (standing.kind === 'there') return null;
  return (
    <div className="bg-(--honey-pale) text-(--honey-deep) px-4 md:px-7 py-2">
      <p role="status" className="flex items-start gap-2">
        <House size={18} aria-hidden className="mt-0.5 shrink-0" />
        <span>
          <b>The server cannot be reached.</b> This device works it out from what it packed{' '}
          {showRecentMoment(standing.packedAtMs)}, and what you enter; any forecast is of then.
        </span>
      </p>
      <Suspense>
        <ClockQuestion />
      </Suspense>
    </div>
  );
}
