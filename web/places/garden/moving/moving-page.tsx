import { Link } from 'react-router';
import { MOVING_IN, type MovingInDue, type MovingInStep } from '#core/moving';
import type { MovingAnswer, Pot, Room } from '#engine';
import { inSentence } from '#knowledge';
import { useMoving } from '../../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showDate } from '../../../show/dates.ts';
import { listed } from '../../../show/sentence.ts';
import { useShow, useToday } from '../../../show/use-show.ts';
import { GardenNav } from '../garden-nav.tsx';
import { BoughtForm } from './bought-form.tsx';
import {
  HARDENING_WORDS,
  limitWords,
  movingTitle,
  oddsWords,
  STEP_SAYS,
  STEP_WORDS,
} from './moving-words.ts';
import { useMoveLog } from './use-move-log.ts';

/** Which pots go in and out, when, and what is done on the way. */
export function MovingPage() {
  return (
    <>
      <GardenNav />
      <Answered question={useMoving()}>{(moving) => <Moving moving={moving} />}</Answered>
    </>
  );
}

function Moving({ moving }: { readonly moving: MovingAnswer }) {
  const today = useToday();
  const { pots, rooms } = moving;
  const busy = pots.filter(({ steps }) => steps.length > 0);
  return (
    <>
      <PageHead
        title={movingTitle(moving, today)}
        lead="Counted back from the first night too cold for each: looked over, washed, looked over again, carried in, and kept apart for three weeks."
      />
      {!moving.knowsCold && (
        <p className="sheet p-4 mb-4">
          Nobody told how cold it gets here.{' '}
          <Link className="link-husk" to="/setup">
            Say when frost comes, or where the thermometer is
          </Link>
          , and each pot has its date.
        </p>
      )}
      {pots.length === 0 && (
        <div className="mb-4">
          <EmptyState title="No pot winters inside yet.">
            A plant that stands in a room, or of a kind that does not bear your winter in a pot, shows here
            with its date. Say on its page where it stands.
          </EmptyState>
        </div>
      )}
      {busy.length > 0 && <ForAll pots={busy} rooms={rooms} />}
      {rooms
        .map((room) => ({ room, here: pots.filter(({ placeId }) => placeId === room.id) }))
        .filter(({ here }) => here.length > 0)
        .map(({ room, here }) => (
          <section key={room.id} aria-label={room.name} className="mb-6">
            <h2 className="mb-2">{room.name}</h2>
            <Neighbours room={room} />
            <div className="grid gap-4 lg:grid-cols-2">
              {here.map((pot) => (
                <PotCard key={pot.plantId} pot={pot} rooms={rooms} knowsCold={moving.knowsCold} />
              ))}
            </div>
          </section>
        ))}
      <BoughtForm />
    </>
  );
}

/** What shares a room, and what is watched there: it will share that too. */
function Neighbours({ room }: { readonly room: Room }) {
  if (room.kind === 'outdoors') return null;
  const troubled = room.plants.filter(({ troubles }) => troubles.length > 0);
  return (
    <p className="soft text-[0.93rem] mb-2">
      {room.plants.map(({ name }) => name).join(', ')} stand here together
      {troubled.length > 0
        ? `; ${troubled.map(({ name, troubles }) => `${name} carries ${listed(troubles.map(inSentence))}`).join('; ')}.`
        : '; nothing is watched on them.'}
    </p>
  );
}

const STANDING_WORDS = { done: 'done', late: 'late', open: 'now', later: 'later' } as const;
const STANDING_CLASS = {
  done: 'soft',
  late: 'text-error font-semibold',
  open: 'text-accent font-semibold',
  later: 'soft',
} as const;

function PotCard({
  pot,
  rooms,
  knowsCold,
}: {
  readonly pot: Pot;
  readonly rooms: readonly Room[];
  readonly knowsCold: boolean;
}) {
  const show = useShow();
  const today = useToday();
  const room = rooms.find(({ id }) => id === pot.roomId);
  return (
    <article aria-label={pot.plantName} className="sheet p-4 flex flex-col gap-2 text-[0.93rem]">
      <div>
        <h3 className="font-semibold text-base">
          <Link className="link-husk" to={`/garden/${pot.plantId}`}>
            {pot.plantName}
          </Link>
        </h3>
        <p className="soft">
          {pot.hostName}, {limitWords(pot, show)}
          {pot.troubles.length > 0 && `; watched: ${listed(pot.troubles.map(inSentence))}`}
        </p>
      </div>
      {pot.backBy ? (
        <p>
          <b className="font-semibold">
            {pot.isInside ? 'In again' : 'In'} by {showDate(pot.backBy.on, today)}
          </b>
          {room && !pot.isInside && `, to ${room.name}`}
          <span className="soft">: {oddsWords(pot.backBy, today)}</span>
        </p>
      ) : (
        pot.quarantine === null && (
          <p className="soft">
            {knowsCold
              ? 'Fewer than one winter in ten is so cold here: it may stay out.'
              : 'No date while nobody told how cold it gets.'}
          </p>
        )
      )}
      {pot.hardening.length > 0 && (
        <ul>
          {pot.hardening.map(({ step, from, to }) => (
            <li key={step} className={today >= from && today <= to ? 'font-semibold' : 'soft'}>
              {showDate(from, today)}: {HARDENING_WORDS[step]}
            </li>
          ))}
        </ul>
      )}
      {pot.steps.length > 0 && (
        <ul aria-label={`Steps of ${pot.plantName}`} className="flex flex-col gap-1.5">
          {pot.steps.map((due) => (
            <StepLine key={due.step} due={due} pots={[pot]} room={room} />
          ))}
        </ul>
      )}
      {pot.quarantine && pot.steps.length === 0 && (
        <ul>
          <StepLine due={pot.quarantine} pots={[pot]} room={room} />
        </ul>
      )}
      {pot.mayStandOut && <p>It may stand out now, shaded for its first days.</p>}
      {pot.isInside && (pot.hardening.length > 0 || pot.mayStandOut) && <CarryOut pot={pot} rooms={rooms} />}
    </article>
  );
}

function StepLine({
  due,
  pots,
  room,
}: {
  readonly due: MovingInDue;
  readonly pots: readonly Pot[];
  readonly room: Room | undefined;
}) {
  const today = useToday();
  const { step, from, to, doneOn, standing } = due;
  return (
    <li className="flex flex-wrap justify-between gap-x-3">
      <span>
        {STEP_WORDS[step]}{' '}
        <span className={STANDING_CLASS[standing]}>
          {doneOn
            ? `done ${showDate(doneOn, today)}`
            : `${showDate(from, today)} to ${showDate(to, today)}, ${STANDING_WORDS[standing]}`}
        </span>
      </span>
      {standing !== 'done' && standing !== 'later' && <StepButton step={step} pots={pots} room={room} />}
    </li>
  );
}

const DO_WORDS: Readonly<Record<MovingInStep, string>> = {
  'last-look': 'Looked, nothing',
  wash: 'Washed',
  'look-again': 'Looked, nothing',
  'carry-in': 'Carried in',
  quarantine: 'Looked, nothing',
};

function StepButton({
  step,
  pots,
  room,
}: {
  readonly step: MovingInStep;
  readonly pots: readonly Pot[];
  readonly room: Room | undefined;
}) {
  const log = useMoveLog();
  const names = pots.map(({ plantName }) => plantName).join(', ');
  if (step === 'carry-in' && !room) return <span className="soft">say on its page into which room</span>;
  return (
    <button
      type="button"
      className="link-husk min-h-6"
      onClick={() =>
        void (step === 'carry-in'
          ? log.move(pots, room!)
          : log.care(pots, step === 'wash' ? 'washed' : 'looked-over'))
      }
    >
      {DO_WORDS[step]}
      <span className="sr-only"> for {names}</span>
    </button>
  );
}

/** Every pot on one list: a step done for all of them at once, or one by one below. */
function ForAll({ pots, rooms }: { readonly pots: readonly Pot[]; readonly rooms: readonly Room[] }) {
  return (
    <section aria-label="All pots" className="sheet p-4 mb-6">
      <h2 className="mb-2">All pots</h2>
      <ol className="flex flex-col gap-3 list-decimal pl-5">
        {MOVING_IN.map((step) => {
          const asked = pots.filter(({ steps }) =>
            steps.some((due) => due.step === step && (due.standing === 'open' || due.standing === 'late')),
          );
          const done = pots.filter(({ steps }) =>
            steps.some((due) => due.step === step && due.standing === 'done'),
          );
          const room = rooms.find(({ id }) => id === asked[0]?.roomId);
          const isOneRoom = step !== 'carry-in' || asked.every(({ roomId }) => roomId === room?.id);
          return (
            <li key={step}>
              <b className="font-semibold">{STEP_WORDS[step]}</b>{' '}
              <span className="soft">
                {done.length} of {pots.length} done. {STEP_SAYS[step]}
              </span>
              {asked.length > 0 && isOneRoom && (
                <span className="block">
                  Now: {asked.map(({ plantName }) => plantName).join(', ')}.{' '}
                  <StepButton step={step} pots={asked} room={room} />
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function CarryOut({ pot, rooms }: { readonly pot: Pot; readonly rooms: readonly Room[] }) {
  const log = useMoveLog();
  const outside = rooms.find(({ kind }) => kind === 'outdoors');
  if (!outside) return null;
  return (
    <button
      type="button"
      className="btn btn-sm self-start min-h-11"
      onClick={() => void log.move([pot], outside)}
    >
      It stands out now<span className="sr-only">: {pot.plantName}</span>
    </button>
  );
}
