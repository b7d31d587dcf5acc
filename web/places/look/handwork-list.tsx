import { Link } from 'react-router';
import type { Handwork } from '#core/records';
import { HANDWORK } from '#knowledge';
import type { WatchPicture } from '#engine';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { useNotices } from '../../parts/notices.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';

/** What was done by hand on a watch, and the way to log more. */
export function HandworkList({ picture: { handwork, watch, plant } }: { picture: WatchPicture }) {
  const today = useToday();
  const { say } = useNotices();
  const label = (work: Handwork) => `${HANDWORK[work.kind].done}, ${plant.name}`;
  const takeOut = (work: Handwork) =>
    keepRecord(takeOutEntry('handwork', work, label(work))).then(
      () =>
        say('The hand work was taken out.', () => void keepRecord(putEntry('handwork', work, label(work)))),
      (error: Error) => say(error.message),
    );
  return (
    <section aria-label="Hand work">
      <h2 className="mb-2">Hand work</h2>
      <div className="sheet p-4 flex flex-col gap-2">
        <ul className="flex flex-col gap-1 empty:hidden">
          {[...handwork].reverse().map((work) => (
            <li key={work.id} className="flex justify-between gap-3">
              <span>
                <b className="font-semibold">{showDate(work.on, today)}</b>: {HANDWORK[work.kind].done}
                {work.minutes !== null && `, ${work.minutes} min`}
                {work.note && <span className="soft">, {work.note}</span>}
              </span>
              <button
                type="button"
                className="link-husk whitespace-nowrap"
                onClick={() => void takeOut(work)}
              >
                take out<span className="sr-only"> the hand work of {showDate(work.on, today)}</span>
              </button>
            </li>
          ))}
        </ul>
        <Link className="link-husk self-start" to={`/look/${watch.id}/hand`}>
          {handwork.length === 0 ? 'Cut, wipe, brush or strip, and log it' : 'Log more'}
        </Link>
      </div>
    </section>
  );
}
