import { Link } from 'react-router';
import type { SeriesAnswer, SettledStep } from '#engine';
import { settledTitle } from '../../show/series-words.ts';
import { useSeries } from './use-series.ts';

/** Where a step is done, ticking it, and leaving it out. */
export function StepActions({ answer, step }: { answer: SeriesAnswer; step: SettledStep }) {
  const { tick, tickHand, feedAll } = useSeries();
  const { series, plantId, plantName } = answer;
  const { plan } = step;
  const title = settledTitle(step);
  const to = whereDone(answer, step);
  const tickIt = () => {
    if (plan.action === 'hand' && plantId) return tickHand(series, plan.hand!, title);
    if (plan.action === 'feed' && plantId) return feedAll([{ plantId, plantName }]);
    return tick(series, step.step, 'done', title);
  };
  return (
    <div className="flex flex-wrap gap-2 mt-1">
      {to && (
        <Link to={to.path} className="btn btn-sm btn-primary">
          {to.label}
        </Link>
      )}
      {plan.action !== 'spray' && (
        <button type="button" className="btn btn-sm" onClick={() => void tickIt()}>
          Done<span className="sr-only"> {title}</span>
        </button>
      )}
      <button
        type="button"
        className="btn btn-sm btn-ghost"
        onClick={() => void tick(series, step.step, 'left-out', title)}
      >
        Leave it out<span className="sr-only"> {title}</span>
      </button>
    </div>
  );
}

/** The page a step is done and logged on; null where ticking it is all. */
function whereDone({ series: { watchId }, plantId }: SeriesAnswer, { plan }: SettledStep) {
  const watch = watchId ? `/look/${watchId}` : null;
  switch (plan.action) {
    case 'spray':
      return watchId
        ? { path: `/mix?watch=${watchId}`, label: 'Mix' }
        : plantId
          ? { path: `/mix?plant=${plantId}`, label: 'Mix' }
          : null;
    case 'look':
      return watch
        ? { path: `${watch}/count`, label: 'Count' }
        : plantId
          ? { path: `/look/new?plant=${plantId}`, label: 'Note something' }
          : null;
    case 'read-tapes':
    case 'hang-trap':
      return watch ? { path: `${watch}/tape`, label: 'Enter it' } : null;
    case 'bring-in':
      return plantId ? { path: `/garden/${plantId}`, label: 'Log the move' } : null;
    default:
      return null;
  }
}
