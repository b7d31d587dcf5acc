import { Link } from 'react-router';
import type { CameBy, CameFrom, GroundWatch, SpreadList, ToInspect } from '#engine';
import { PATHWAY_BELIEFS } from '#knowledge';
import { LEVEL_WORDS } from '../../../show/level-words.ts';
import { showShare } from '../../../show/units.ts';
import { REASON_WORDS } from './reason-words.ts';
import { useNoteLook } from './use-note-look.ts';

const CAME_WORDS: Readonly<Record<CameBy, string>> = {
  named: 'you named it',
  touches: 'it touches, and has the same',
  'same-room': 'it shares the room, and has the same',
  upwind: 'it lies upwind, and has the same',
  'planted-lately': 'planted not long before: it may have come with the plant',
};

/** Where a trouble came from, where it may be next, and what was found there. */
export function SpreadCard({
  watch,
  plantName,
  spread,
}: {
  readonly watch: GroundWatch;
  readonly plantName: string;
  readonly spread: SpreadList;
}) {
  const inOrder = [
    ...spread.walk.flatMap((id) => spread.inspect.find(({ plantId }) => plantId === id) ?? []),
    ...spread.inspect.filter(({ plantId }) => !spread.walk.includes(plantId)),
  ];
  return (
    <section aria-label="Look here next" className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
      <div>
        <h2>
          {watch.targetName} on {plantName}: where from, where next
        </h2>
        {spread.from.length > 0 ? (
          <ul className="mt-1">
            {spread.from.map((from) => (
              <li key={from.plantId}>{cameLine(from, plantName)}</li>
            ))}
          </ul>
        ) : (
          <p className="soft mt-1">Nothing seen here tells where it came from.</p>
        )}
      </div>
      {inOrder.length === 0 && <p className="soft">No other plant needs looking over for this now.</p>}
      <ol className="list-decimal pl-5 flex flex-col gap-2">
        {inOrder.map((next) => (
          <li key={next.plantId}>
            <Next watch={watch} next={next} />
          </li>
        ))}
      </ol>
      {spread.setApart.length > 0 && (
        <p>
          <b className="font-semibold">Set apart until both are clean:</b>{' '}
          {spread.setApart.map(({ plantName }) => plantName).join(', ')}.
        </p>
      )}
      <Learnt chances={spread.chances} />
    </section>
  );
}

const cameLine = ({ plantName, by, level }: CameFrom, plantHere: string) => (
  <>
    <b className="font-semibold">{plantName === plantHere ? 'The plant itself' : plantName}</b>
    {level && plantName !== plantHere && `, ${level.level} ${LEVEL_WORDS[level.level]}`}
    <span className="soft">: {CAME_WORDS[by]}</span>
  </>
);

function Next({ watch, next }: { readonly watch: GroundWatch; readonly next: ToInspect }) {
  const { plantId, plantName, reason, also, chance, outOfReach } = next;
  const { noteNothing, noteIt } = useNoteLook(watch, next);
  return (
    <>
      <b className="font-semibold">{plantName}</b>{' '}
      <span className="soft">
        {[reason, ...also].map((way) => REASON_WORDS[way]).join('; ')}
        {chance !== null && ` (about ${showShare(chance)})`}
        {outOfReach && '; out of reach: look across'}
      </span>
      <span className="flex flex-wrap gap-x-4 mt-0.5">
        <button type="button" className="link-husk min-h-6" onClick={() => void noteNothing()}>
          Looked, nothing<span className="sr-only"> on {plantName}</span>
        </button>
        <button type="button" className="link-husk min-h-6" onClick={() => void noteIt()}>
          It is here too<span className="sr-only"> on {plantName}</span>
        </button>
        <Link className="link-husk min-h-6" to={`/garden/plan?plant=${plantId}`}>
          Show<span className="sr-only"> {plantName} on the plan</span>
        </Link>
      </span>
    </>
  );
}

function Learnt({ chances }: { readonly chances: SpreadList['chances'] }) {
  const looked = chances.filter((entry) => entry.looked > 0);
  return (
    <details>
      <summary className="link-husk list-none inline-block text-sm">Why these, and how likely</summary>
      <p className="soft text-sm mt-1">
        How often a plant so linked turns out to bear it too: rules of thumb (grade C), which each look here
        moves.
      </p>
      <ul className="text-sm mt-1">
        {chances.map(({ pathway, chance, looked: times, bore }) => (
          <li key={pathway}>
            {REASON_WORDS[pathway]}: {showShare(chance)}{' '}
            <span className="soft">
              (book {showShare(PATHWAY_BELIEFS[pathway].value.chance)}
              {times > 0 && `; here ${bore} of ${times} looked at`})
            </span>
          </li>
        ))}
      </ul>
      {looked.length === 0 && <p className="soft text-sm">Nothing was looked for along any of them yet.</p>}
    </details>
  );
}
