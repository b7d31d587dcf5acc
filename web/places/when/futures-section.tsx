import { howMany } from '#knowledge';
import { useEffect, useRef, useState } from 'react';
import type { EventState } from '#core/phenology';
import { type FutureCrossings, futureRange, heatBefore, seasonEnsemble } from '#core/phenology';
import { askFutures } from '../../api/timing.ts';
import { showDate, showDateRange } from '../../show/dates.ts';
import { addDays } from '#core/calendar';
import { showShare } from '../../show/units.ts';
import { progress, startWorker, type Working } from '../../workers/bridge.ts';
import type { FuturesWorker } from '../../workers/futures-worker.ts';

const FUTURES = 1000;
const SEED = 1907;

type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'drawing'; readonly drawn: number }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed'; readonly why: string }
  | {
      readonly kind: 'drawn';
      readonly crossings: FutureCrossings;
      readonly start: string;
      readonly fittedToYears: number;
    };

/**
 * Many generated futures of the next event, beside the few past years: drawn in a worker, to be stopped
 * at will.
 */
export function FuturesSection({ watchId, state: event }: { watchId: string; state: EventState }) {
  const [state, setState] = useState<State>({ kind: 'idle' });
  const worker = useRef<Working<FuturesWorker>>(null);
  useEffect(() => () => worker.current?.end(), []);
  const stop = () => {
    worker.current?.end();
    setState({ kind: 'stopped' });
  };
  const draw = async () => {
    setState({ kind: 'drawing', drawn: 0 });
    try {
      const { normals, start, end, measured, forecast, fittedToYears } = await askFutures(watchId);
      if (!normals)
        return setState({
          kind: 'failed',
          why: "It takes five whole years of readings, or the place's usual months.",
        });
      const { model } = event.event;
      const before = event.started
        ? heatBefore(seasonEnsemble({ start, measured, forecast, pastSeasons: [], model }), event.started.on)
        : 0;
      const mine = startWorker<FuturesWorker>(
        () => new Worker(new URL('../../workers/futures-worker.ts', import.meta.url), { type: 'module' }),
      );
      worker.current = mine;
      const crossings = await mine.remote.draw(
        {
          start,
          end,
          measured,
          forecast,
          normals,
          model,
          thresholdCd: before + event.event.fromCd,
          futures: FUTURES,
          seed: SEED,
        },
        progress((drawn) => setState((now) => (now.kind === 'drawing' ? { kind: 'drawing', drawn } : now))),
      );
      mine.end();
      setState({ kind: 'drawn', crossings, start, fittedToYears });
    } catch (error) {
      setState({ kind: 'failed', why: error instanceof Error ? error.message : 'It did not work.' });
    }
  };
  return (
    <section aria-label="Many futures" className="sheet p-4 text-[0.93rem] flex flex-col gap-2">
      <h2>A thousand futures</h2>
      {state.kind === 'idle' && (
        <p>Past years are few. A generator fitted to this place can draw many more of its kind.</p>
      )}
      {state.kind === 'stopped' && <p role="status">Stopped.</p>}
      {state.kind === 'failed' && <p role="alert">{state.why}</p>}
      {state.kind === 'drawing' && (
        <p role="status">
          <progress
            className="progress progress-primary w-full"
            value={state.drawn}
            max={FUTURES}
            aria-label="Futures drawn"
          />
          {state.drawn} of {FUTURES} drawn
        </p>
      )}
      {state.kind === 'drawn' && (
        <Drawn crossings={state.crossings} start={state.start} fittedToYears={state.fittedToYears} />
      )}
      {state.kind === 'drawing' ? (
        <button type="button" className="btn btn-sm self-start" onClick={stop}>
          Stop
        </button>
      ) : (
        <button type="button" className="btn btn-sm self-start" onClick={() => void draw()}>
          {state.kind === 'drawn' ? 'Draw them again' : 'Draw them'}
        </button>
      )}
    </section>
  );
}

function Drawn({
  crossings,
  start,
  fittedToYears,
}: {
  crossings: FutureCrossings;
  start: string;
  fittedToYears: number;
}) {
  const range = futureRange(crossings, start);
  const reached = crossings.days.length / crossings.drawn;
  if (!range)
    return (
      <p role="status">
        Fewer than half of {crossings.drawn} futures reach it this season ({showShare(reached)}).
      </p>
    );
  const first = crossings.days[0]!,
    last = crossings.days.at(-1)!;
  return (
    <>
      <p role="status">
        <b className="font-semibold">{showDateRange(range.median, range.early, range.late)}</b> by{' '}
        {crossings.drawn} futures; the earliest {showDate(addDays(start, first))}, the latest{' '}
        {showDate(addDays(start, last))}
        {reached < 1 && `, ${showShare(1 - reached)} never`}.
      </p>
      <p className="soft text-sm">
        {fittedToYears > 0
          ? `The generator was fitted to ${howMany(fittedToYears, 'year')} here`
          : 'The generator draws from the usual months'}
        : means, spread and how long warm and cold spells last.
      </p>
    </>
  );
}
