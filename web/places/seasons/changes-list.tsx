import { Link } from 'react-router';
import type { GardenSeasons, WeighedChange } from '#engine';
import { inSentence } from '#knowledge';
import { showDate, showFullDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { changeWords, holedWords } from './change-words.ts';

/** What the last counted season changed, what weighs most first; what is not compared says why. */
export function ChangesList({ all: { told, changes } }: { all: GardenSeasons }) {
  return (
    <section aria-label="What changed" className="self-start">
      <h2 className="mb-2">{told ? `What ${told.name} changed` : 'What changed'}</h2>
      {changes.length === 0 ? (
        <p className="sheet p-4 soft">
          No plant has counts of two seasons yet. Count again at the same time next year, the same way.
        </p>
      ) : (
        <ol className="flex flex-col gap-2">
          {changes.map((change) => (
            <li key={`${change.watchId} ${change.kind}`} className="sheet p-3">
              <Link className="link-husk" to={`/seasons/watch/${change.watchId}`}>
                {change.plantName}, {inSentence(change.targetName)}
              </Link>
              <p className={change.weight > 0 ? '' : 'soft text-sm'}>
                <ChangeLine change={change} />
              </p>
            </li>
          ))}
        </ol>
      )}
      {changes.length > 0 && (
        <p className="soft text-sm mt-2">
          In order of weight: how bad it is, times how far it moved (a rule of thumb, grade C).
        </p>
      )}
    </section>
  );
}

function ChangeLine({ change }: { change: WeighedChange }) {
  const today = useToday();
  switch (change.kind) {
    case 'level':
      return (
        <>
          {changeWords(change.change)}{' '}
          <span className="soft text-sm whitespace-nowrap">since {showFullDate(change.since)}</span>
        </>
      );
    case 'holed':
      return (
        <>
          {holedWords(change.by)}{' '}
          <span className="soft text-sm whitespace-nowrap">since {showFullDate(change.since)}</span>
        </>
      );
    case 'not-compared':
      return (
        <>
          {changeWords({ kind: 'not-comparable', why: change.why })} The last count was on{' '}
          {showDate(change.on, today)}.
        </>
      );
    case 'not-counted':
      return <>Not counted that season, so nothing can be said of it.</>;
  }
}
