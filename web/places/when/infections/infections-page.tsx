import { Link, useParams } from 'react-router';
import type { InfectionAnswer, ListedWatch, WatchPicture } from '#engine';
import { diseaseOf, inSentence } from '#knowledge';
import { useInfections } from '../../../api/timing.ts';
import { useWatch, useWatches } from '../../../api/queries.ts';
import { Answered, EmptyState } from '../../../parts/page.tsx';
import { WatchPicker } from '../watch-picker.tsx';
import { WhenNav } from '../when-nav.tsx';
import { DiaryBoard } from './diary-board.tsx';
import { UntoldBoard } from './untold-board.tsx';

/** Which wet time got through, what covered, when spots show, and whether the next is worth a cover. */
export function InfectionsPage() {
  return <Answered question={useWatches()}>{(watches) => <Infections watches={watches} />}</Answered>;
}

function Infections({ watches }: { watches: readonly ListedWatch[] }) {
  const { watchId } = useParams();
  const open = watches.filter(({ watch }) => watch.outcome === 'open');
  const told = open.filter(({ watch }) => diseaseOf(watch.targetId));
  const listed =
    open.find(({ watch }) => watch.id === watchId) ?? (watchId ? undefined : (told[0] ?? undefined));
  if (!listed)
    return (
      <>
        <WhenNav />
        <EmptyState
          title={
            watchId
              ? 'There is no open watch at this address.'
              : 'No open watch is of a disease that weather tells of.'
          }
        >
          Scab, leaf curl, rusts, mildews, black spot, brown rot and more:{' '}
          <Link className="link-husk" to="/look/new">
            note what you see
          </Link>{' '}
          on a plant and name it, and each wet time is told here.
        </EmptyState>
      </>
    );
  const shown = told.some(({ watch }) => watch.id === listed.watch.id) ? told : [...told, listed];
  return (
    <>
      <WatchPicker open={shown} shownId={listed.watch.id} pathOf={(id) => `/when/infections/${id}`} />
      <DiaryOf key={listed.watch.id} watchId={listed.watch.id} />
    </>
  );
}

function DiaryOf({ watchId }: { watchId: string }) {
  const infections = useInfections(watchId);
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => (
        <Answered question={infections}>{(answer) => <DiaryOr answer={answer} picture={picture} />}</Answered>
      )}
    </Answered>
  );
}

function DiaryOr({ answer, picture }: { answer: InfectionAnswer; picture: WatchPicture }) {
  if (answer.kind === 'diary') return <DiaryBoard diary={answer} picture={picture} />;
  if (answer.kind === 'untold') return <UntoldBoard diary={answer} picture={picture} />;
  if (picture.watch.targetId === null)
    return (
      <EmptyState title={`${picture.plant.name}: what it is has no name yet`}>
        Weather tells of scab, leaf curl, rusts, mildews, black spot and more.{' '}
        <Link className="link-husk" to={`/look/${picture.watch.id}/name`}>
          Name it first
        </Link>
        .
      </EmptyState>
    );
  return (
    <EmptyState title={`${picture.plant.name}: no weather tells of ${inSentence(picture.targetName)}`}>
      It is followed by looking.{' '}
      <Link className="link-husk" to={`/look/${picture.watch.id}`}>
        To the watch
      </Link>
    </EmptyState>
  );
}
