import { Link, useParams } from 'react-router';
import type { ListedWatch, PlanAnswer, WatchPicture } from '#engine';
import { inSentence } from '#knowledge';
import { usePlan } from '../../../api/timing.ts';
import { useWatch, useWatches } from '../../../api/queries.ts';
import { Answered, EmptyState } from '../../../parts/page.tsx';
import { WatchPicker } from '../watch-picker.tsx';
import { WhenNav } from '../when-nav.tsx';
import { PlanBoard } from './plan-board.tsx';
import { NO_PLAN } from './plan-words.ts';

/** When to treat, how often, and whether at all: the season of one watch. */
export function PlanPage() {
  return <Answered question={useWatches()}>{(watches) => <Plans watches={watches} />}</Answered>;
}

/** Groups whose young are open to sprays for a time. */
const PLANNED = new Set(['armored', 'soft', 'felt', 'giant', 'leaf-miner']);

function Plans({ watches }: { watches: readonly ListedWatch[] }) {
  const { watchId } = useParams();
  const open = watches.filter(({ watch }) => watch.outcome === 'open');
  const suited = open.filter(({ watch }) => watch.group !== null && PLANNED.has(watch.group));
  const listed =
    open.find(({ watch }) => watch.id === watchId) ??
    (watchId
      ? undefined
      : (suited.find(({ plant, timed }) => timed && !plant.outOfReach) ?? suited[0] ?? open[0]));
  if (!listed)
    return (
      <>
        <WhenNav />
        <EmptyState
          title={
            watchId
              ? 'There is no open watch at this address.'
              : 'No watch is open, so there is nothing to plan.'
          }
        >
          <Link className="link-husk" to="/look/new">
            Note something
          </Link>{' '}
          you saw on a plant, and its season can be planned here.
        </EmptyState>
      </>
    );
  return (
    <>
      <WatchPicker open={open} shownId={listed.watch.id} pathOf={(id) => `/when/plan/${id}`} />
      <PlanOf key={listed.watch.id} watchId={listed.watch.id} />
    </>
  );
}

function PlanOf({ watchId }: { watchId: string }) {
  const plan = usePlan(watchId);
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => (
        <Answered question={plan}>{(answer) => <PlanOr answer={answer} picture={picture} />}</Answered>
      )}
    </Answered>
  );
}

/** The plan, or why there is none. */
function PlanOr({ answer, picture }: { answer: PlanAnswer; picture: WatchPicture }) {
  if (answer.kind === 'plan') return <PlanBoard material={answer} picture={picture} />;
  const { title, says } = NO_PLAN[answer.why];
  return (
    <EmptyState title={`${picture.plant.name}: ${inSentence(title)}`}>
      {says}{' '}
      <Link className="link-husk" to={`/look/${picture.watch.id}`}>
        To the watch
      </Link>
    </EmptyState>
  );
}
