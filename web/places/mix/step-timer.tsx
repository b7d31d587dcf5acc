import { useEffect, useState } from 'react';

/**
 * A wait within a recipe: begun, seen running, stopped. It runs by the clock, so that a sleeping phone
 * is not late.
 */
export function StepTimer({ minutes, step }: { minutes: number; step: number }) {
  const [until, setUntil] = useState<number | null>(null);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (until === null) return;
    const ticking = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(ticking);
  }, [until]);
  const words = minutes >= 60 ? `${minutes / 60} h` : `${minutes} min`;
  if (until === null)
    return (
      <button
        type="button"
        className="btn btn-xs ml-2 no-print"
        onClick={() => {
          setNow(Date.now());
          setUntil(Date.now() + minutes * 60_000);
        }}
      >
        Wait {words}
        <span className="sr-only"> for step {step}</span>
      </button>
    );
  const left = Math.max(0, Math.ceil((until - now) / 1000));
  return (
    <span className="block mt-1">
      <b role="timer" aria-label={`Step ${step}`} className="font-semibold tabular-nums">
        {left === 0
          ? 'The time is up'
          : `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')} to go`}
      </b>
      <button type="button" className="link-husk ml-3" onClick={() => setUntil(null)}>
        {left === 0 ? 'clear' : 'stop'}
        <span className="sr-only"> the wait of step {step}</span>
      </button>
    </span>
  );
}
