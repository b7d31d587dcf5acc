import { Check, CircleDashed, SkipForward } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import type { Round } from '#core/records';
import { inSentence, howMany } from '#knowledge';
import { ApiProblem } from '../../../api/client.ts';
import { keepRecord, putEntry } from '../../../outbox/use-outbox.ts';
import { BeadScale } from '../../../parts/bead-scale.tsx';
import { HoldButton } from '../../../parts/hold-button.tsx';
import { OfflineLine } from '../../../parts/offline-line.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { EmptyState, PageHead } from '../../../parts/page.tsx';
import { showDate, showFullDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { layRoundDown, takeUpRound, useRoundInHand, type RoundInHand } from './round-log.ts';
import { CountedTwiceList } from './counted-twice.tsx';
import {
  nextStop,
  stopAddress,
  stopKey,
  useRound,
  useRounds,
  useStopStates,
  type StopState,
} from './use-round.ts';

/** A walk through the garden, counting: begin it, go on with it, finish it. */
export function RoundPage() {
  const inHand = useRoundInHand();
  const states = useStopStates();
  if (!states)
    return (
      <p className="soft" role="status">
        Working it out…
      </p>
    );
  if (states.length === 0)
    return (
      <EmptyState title="No plants to go round yet.">
        <Link className="link-husk" to="/garden/new">
          Add a plant
        </Link>{' '}
        first.
      </EmptyState>
    );
  return inHand ? <OnTheWay round={inHand} states={states} /> : <BeforeStart states={states} />;
}

function BeforeStart({ states }: { states: readonly StopState[] }) {
  const today = useToday();
  const { say } = useNotices();
  const rounds = useRounds().data ?? [];
  const unfinished = rounds.find(({ round }) => round.finishedOn === null && round.startedOn === today);
  const overdue = states.filter((state) => state.overdue).length;
  const start = async () => {
    const { id, startedOn } = takeUpRound(today, states.map(stopKey));
    const round: Round = { id, startedOn, finishedOn: null, note: '' };
    await keepRecord(putEntry('rounds', round, 'a round begun')).catch((error: ApiProblem) =>
      say(error.message),
    );
  };
  return (
    <>
      <PageHead
        title={`A round of ${howMany(states.length, 'stop')}${overdue > 0 ? `, ${overdue} overdue` : ''}`}
        lead="Plant by plant, what is overdue first in each place. What you enter is kept on this device and sent when it can be."
      >
        <button type="button" className="btn btn-primary" onClick={() => void start()}>
          Start the round
        </button>
        {unfinished && (
          <button
            type="button"
            className="btn"
            onClick={() => takeUpRound(unfinished.round.startedOn, states.map(stopKey), unfinished.round.id)}
          >
            Join the one begun today
          </button>
        )}
      </PageHead>
      <OfflineLine />
      <p className="mb-3">
        <Link className="link-husk" to="/out">
          Going out: what this device takes along
        </Link>
      </p>
      <StopList states={states} />
      {rounds.length > 0 && (
        <section aria-label="Rounds before" className="mt-6">
          <h2 className="mb-2">Rounds before</h2>
          <ul className="sheet divide-y divide-base-300">
            {rounds.map(({ round, stops }) => (
              <li key={round.id}>
                <Link to={`/look/round/${round.id}`} className="block px-4 py-3 hover:bg-base-200">
                  <b className="font-semibold">{showFullDate(round.startedOn)}</b>{' '}
                  <span className="soft">
                    {howMany(stops, 'stop')}
                    {round.finishedOn ? '' : ', not finished'}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function OnTheWay({ round, states }: { round: RoundInHand; states: readonly StopState[] }) {
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const done = states.filter((state) => state.done.length > 0).length;
  const next = nextStop(states);
  const twice = useRound(round.id).data?.countedTwice ?? [];
  const finish = async () => {
    const begun: Round = { id: round.id, startedOn: round.startedOn, finishedOn: null, note: '' };
    const finished = { ...begun, finishedOn: today };
    try {
      const sent = await keepRecord(putEntry('rounds', finished, 'the round finished', begun));
      layRoundDown();
      await navigate(sent === 'sent' ? `/look/round/${round.id}` : '/look');
      if (sent === 'waiting') say('The round is finished on this device; its summary comes once it is sent.');
    } catch (error) {
      say((error as Error).message);
    }
  };
  return (
    <>
      <PageHead
        title={`${done} of ${howMany(states.length, 'stop')} done`}
        lead={`Round of ${showDate(round.startedOn, today)}. Put the phone away when you like: it goes on where you left it.`}
      />
      <div className="sticky top-0 z-10 bg-base-200 py-2 flex flex-wrap gap-2">
        {next && (
          <Link to={stopAddress(next)} className="btn btn-primary flex-1 min-w-60 h-14 text-base">
            Next: {next.name}
            {next.targetName ? `, ${inSentence(next.targetName)}` : ''}
          </Link>
        )}
        <HoldButton
          className={`btn h-14 ${next ? '' : 'btn-primary flex-1 text-base'}`}
          onDone={() => void finish()}
        >
          Finish the round
        </HoldButton>
      </div>
      <progress
        className="progress progress-primary w-full my-2"
        max={states.length}
        value={done}
        aria-label="Stops done"
      />
      <CountedTwiceList stops={twice} />
      <StopList states={states} linked />
    </>
  );
}

function StopList({ states, linked = false }: { states: readonly StopState[]; linked?: boolean }) {
  const places = [...new Set(states.map((state) => state.placeName))];
  return (
    <div className="flex flex-col gap-5 max-w-3xl">
      {places.map((place) => (
        <section key={place} aria-label={place}>
          <h2 className="mb-2">{place}</h2>
          <ul className="sheet divide-y divide-base-300">
            {states
              .filter((state) => state.placeName === place)
              .map((state) => (
                <li
                  key={`${state.plantId}${state.watchId}`}
                  className="[content-visibility:auto] [contain-intrinsic-size:auto_64px]"
                >
                  {linked ? (
                    <Link to={stopAddress(state)} className="block hover:bg-base-200">
                      <StopRow state={state} />
                    </Link>
                  ) : (
                    <StopRow state={state} />
                  )}
                </li>
              ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function StopRow({ state }: { state: StopState }) {
  const today = useToday();
  const last = state.done.at(-1);
  return (
    <div className="px-4 py-2.5 min-h-16 grid grid-cols-[28px_minmax(0,1fr)_auto] gap-3 items-center">
      {!last && <CircleDashed size={22} className="soft" aria-label="to do" />}
      {last &&
        (last.outcome === 'skipped' ? (
          <SkipForward size={22} className="soft" aria-label="skipped" />
        ) : (
          <Check size={22} className="text-primary" aria-label="done" />
        ))}
      <span>
        <b className="font-semibold">
          {state.name}
          {state.targetName ? `, ${inSentence(state.targetName)}` : ''}
        </b>
        <span className="soft block text-sm">
          {last
            ? doneWords(state)
            : state.lookedOn
              ? `looked at ${showDate(state.lookedOn, today)}`
              : state.targetName
                ? 'not yet looked at'
                : `${state.hostName}, nothing watched`}
        </span>
      </span>
      <span className="flex items-center gap-2">
        {!last && state.overdue && <span className="tag tag-due">overdue</span>}
        {state.level && (
          <span className="hidden sm:inline">
            <BeadScale level={state.level} compact />
          </span>
        )}
      </span>
    </div>
  );
}

function doneWords(state: StopState): string {
  const words = state.done.map(({ outcome, reason, note }) =>
    [
      outcome === 'skipped'
        ? `skipped: ${reason ?? ''}`
        : outcome === 'nothing'
          ? 'nothing found'
          : 'counted',
      note,
    ]
      .filter(Boolean)
      .join(', '),
  );
  return state.done.length > 1 ? `done ${state.done.length} times: ${words.join('; ')}` : words[0]!;
}
