import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { SKIP_REASONS, type Sample } from '#core/records';
import { emptyUnit } from '#core/sampling';
import { inSentence, PROTOCOL_TEXTS } from '#knowledge';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, putEntry } from '../../../outbox/use-outbox.ts';
import { BeadScale } from '../../../parts/bead-scale.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { EmptyState } from '../../../parts/page.tsx';
import { RemarkField } from '../../../parts/remark-field.tsx';
import { markPage } from '../../../parts/still-here.ts';
import { unitWords } from '../../../show/measures.ts';
import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { AddPhotos } from '../photos/add-photos.tsx';
import { useRoundInHand } from './round-log.ts';
import { useStopDone, useStopStates, type StopState } from './use-round.ts';

/** One stop of a round: count, nothing found, or skip. */
export function StopPage() {
  const [params] = useSearchParams();
  const round = useRoundInHand();
  const states = useStopStates();
  if (!states)
    return (
      <p className="soft" role="status">
        Working it out…
      </p>
    );
  const state = states.find(
    ({ plantId, watchId }) => plantId === params.get('plant') && (watchId ?? null) === params.get('watch'),
  );
  if (!round || !state)
    return (
      <EmptyState title="No round is on.">
        <Link className="link-husk" to="/look/round">
          To the round
        </Link>
      </EmptyState>
    );
  return (
    <StopView
      key={`${state.plantId}${state.watchId}`}
      state={state}
      roundId={round.id}
      number={states.indexOf(state) + 1}
      of={states.length}
    />
  );
}

function StopView({
  state,
  roundId,
  number,
  of: position,
}: {
  state: StopState;
  roundId: string;
  number: number;
  of: number;
}) {
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const stopDone = useStopDone(roundId);
  const [note, setNote] = useState('');
  const [busy, setBusy] = useState(false);
  const name = state.targetName ? `${state.name}, ${inSentence(state.targetName)}` : state.name;
  const usual = state.protocol ? PROTOCOL_TEXTS[state.protocol].usual : 0;

  const done = async (
    outcome: 'nothing' | 'skipped' | 'counted',
    reason: (typeof SKIP_REASONS)[number] | null,
  ) => {
    const stillHere = markPage();
    setBusy(true);
    try {
      if (outcome === 'nothing' && state.watchId && state.protocol) {
        const sample: Sample = {
          id: newId(),
          watchId: state.watchId,
          on: today,
          protocol: state.protocol,
          roundId,
          sprayId: null,
          note,
          units: Array.from({ length: usual }, () => ({ counts: { ...emptyUnit(state.protocol!).counts } })),
        };
        await keepRecord(putEntry('samples', sample, `nothing found, ${state.name}`));
      }
      const next = await stopDone(
        { plantId: state.plantId, watchId: state.watchId, outcome, reason, note },
        state.name,
      );
      say(outcome === 'skipped' ? `${state.name}: skipped.` : `${state.name}: nothing found.`);
      if (stillHere()) await navigate(next!);
    } catch (error) {
      say((error as Error).message);
      setBusy(false);
    }
  };
  return (
    <div className="mx-auto max-w-xl -mt-2 flex flex-col gap-3">
      <div>
        <p className="soft text-sm">
          Stop {number} of {position}, {state.placeName} ·{' '}
          <Link className="link-husk" to="/look/round">
            the whole round
          </Link>
        </p>
        <h1 className="text-[1.5rem]!">{name}</h1>
        <div className="flex flex-wrap items-center gap-3 mt-1">
          {state.level && <BeadScale level={state.level} compact />}
          <span className="soft text-sm">
            {state.lookedOn ? `looked at ${showDate(state.lookedOn, today)}` : 'not looked at yet'}
          </span>
        </div>
        {state.done.length > 0 && (
          <p className="mt-2 rounded-lg bg-(--honey-pale) text-(--honey-deep) px-3 py-1.5 text-sm">
            Done on this round already. Counting again keeps both.
          </p>
        )}
      </div>
      {state.watchId && state.protocol && (
        <>
          <p>{PROTOCOL_TEXTS[state.protocol].how}</p>
          <Link
            className="btn btn-primary h-16 text-lg"
            to={`/look/${state.watchId}/count?protocol=${state.protocol}&round=${roundId}`}
          >
            Count {unitWords(state.protocol, usual)}
          </Link>
          {state.tagged > 0 && (
            <Link
              className="btn h-14"
              to={`/look/${state.watchId}/count?protocol=${state.protocol}&tagged&round=${roundId}`}
            >
              Count the {state.tagged} tagged
            </Link>
          )}
          <button
            type="button"
            className="btn btn-outline btn-primary h-14 text-base"
            disabled={busy}
            onClick={() => void done('nothing', null)}
          >
            Nothing found on {unitWords(state.protocol, usual)}
          </button>
        </>
      )}
      {(!state.watchId || !state.protocol) && (
        <>
          <p>Both leaf sides, along the midrib, twig undersides and old wood: is there anything?</p>
          <button
            type="button"
            className="btn btn-primary h-16 text-lg"
            disabled={busy}
            onClick={() => void done('nothing', null)}
          >
            Nothing found
          </button>
          <Link className="btn h-14" to={`/look/new?plant=${state.plantId}`}>
            Something is there: note it
          </Link>
        </>
      )}
      <details className="sheet p-4">
        <summary className="link-husk list-none">Skip it, or add a note or photo</summary>
        <div className="mt-3 flex flex-col gap-3">
          <RemarkField label="Note" value={note} onChange={setNote} />
          {state.watchId && <AddPhotos about={{ watchId: state.watchId }} label="Add a photo" />}
          <p className="font-semibold text-[0.93rem]">Skip it because</p>
          <div className="flex flex-wrap gap-2">
            {SKIP_REASONS.map((reason) => (
              <button
                key={reason}
                type="button"
                className="btn"
                disabled={busy}
                onClick={() => void done('skipped', reason)}
              >
                {reason}
              </button>
            ))}
          </div>
        </div>
      </details>
    </div>
  );
}
