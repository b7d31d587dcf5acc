import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { isScaleGroup } from '#core/identify';
import { inSentence, PROTOCOL_TEXTS } from '#knowledge';
import type { ListedWatch } from '#engine';
import { useWatches } from '../../api/queries.ts';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { TroubleThumb } from '../../plates/guide/trouble-thumb.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { useRoundInHand } from './round/round-log.ts';
import { STATUS_WORDS } from './status-words.ts';

/** What is this, and how much of it? Every watch, and the way to a new one. */
export function LookPage() {
  return <Answered question={useWatches()}>{(watches) => <Look watches={watches} />}</Answered>;
}

function Look({ watches }: { watches: readonly ListedWatch[] }) {
  const onRound = useRoundInHand() !== null;
  const open = watches.filter(({ watch }) => watch.outcome === 'open');
  const ended = watches.filter(({ watch }) => watch.outcome !== 'open');
  return (
    <>
      <PageHead
        title={`${open.length} open watch${open.length === 1 ? '' : 'es'}`}
        lead="A watch is one trouble on one plant or hedge, followed through time: named, counted, treated, counted again."
      >
        <Link to="/look/guide" className="btn">
          Field guide
        </Link>
        <Link to="/look/eye" className="btn">
          Eye trainer
        </Link>
        <Link to="/look/round" className="btn">
          {onRound ? 'Go on with the round' : 'Start a round'}
        </Link>
        <Link to="/look/new" className="btn btn-primary">
          <Plus size={18} aria-hidden /> Note something
        </Link>
      </PageHead>
      {watches.length === 0 && (
        <EmptyState title="Nothing noted yet.">
          Sticky leaves, a crust on bark, pale trails, spots: note it, and a few checks will say what it is.
        </EmptyState>
      )}
      <WatchList watches={open} />
      {ended.length > 0 && (
        <>
          <h2 className="mt-6 mb-2">Closed or ruled out</h2>
          <WatchList watches={ended} />
        </>
      )}
    </>
  );
}

function WatchList({ watches }: { watches: readonly ListedWatch[] }) {
  return (
    <ul className="sheet divide-y divide-base-300 empty:hidden">
      {watches.map((picture) => (
        <li key={picture.watch.id}>
          <WatchRow picture={picture} />
        </li>
      ))}
    </ul>
  );
}

function WatchRow({ picture }: { picture: ListedWatch }) {
  const today = useToday();
  const { watch, plant, targetName, level, levelBefore, status, countedOn } = picture;
  return (
    <div className="grid gap-x-6 gap-y-2 p-4 items-center sm:grid-cols-[110px_64px_minmax(0,1fr)_auto]">
      <BeadScale level={level} before={levelBefore} />
      <span className="max-sm:hidden">{watch.targetId && <TroubleThumb targetId={watch.targetId} />}</span>
      <Link to={`/look/${watch.id}`} className="hover:underline">
        <b className="font-semibold text-[1.03rem]">
          {plant.name}, {inSentence(targetName)}
        </b>
        <span className="soft block text-sm">
          {STATUS_WORDS[status]}, since {showDate(watch.openedOn, today)}
          {countedOn ? `; last count ${showDate(countedOn, today)}` : ''}
        </span>
      </Link>
      {watch.outcome === 'open' && (
        <span className="flex flex-wrap gap-2">
          <Link className="btn btn-sm" to={`/look/${watch.id}/name`}>
            Name
          </Link>
          {picture.protocols[0] && (
            <Link className="btn btn-sm" to={`/look/${watch.id}/count`}>
              Count {PROTOCOL_TEXTS[picture.protocols[0]].unit[1]}
            </Link>
          )}
          {isScaleGroup(watch.group) && (
            <Link className="btn btn-sm" to={`/look/${watch.id}/tape`}>
              Tape
            </Link>
          )}
        </span>
      )}
    </div>
  );
}
