import { Link, useParams } from 'react-router';
import { isScaleGroup } from '#core/identify';
import type { CountedFailure, FailureAnswer, WatchPicture } from '#engine';
import { inSentence } from '#knowledge';
import { useBand, useWatch, useWhy } from '../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { useSeries } from '../../parts/series/use-series.ts';
import { showFullDate } from '../../show/dates.ts';
import { listed } from '../../show/sentence.ts';
import { useToday } from '../../show/use-show.ts';
import { changeWords } from './change-words.ts';
import { ExplanationList } from './explanation-list.tsx';
import { lessonSeries } from './lesson-series.ts';
import { SeasonsNav } from './seasons-nav.tsx';
import { TellingLookCard } from './telling-look-card.tsx';
import { EXPLANATION_WORDS } from './why-words.ts';

/** Did the last work do anything, and if not, why: from the records alone. */
export function WhyPage() {
  const { watchId = '' } = useParams();
  const asked = useWhy(watchId);
  return (
    <>
      <SeasonsNav />
      <Answered question={useWatch(watchId)}>
        {(picture) => <Answered question={asked}>{(why) => <Why why={why} picture={picture} />}</Answered>}
      </Answered>
    </>
  );
}

function Why({ why, picture }: { why: FailureAnswer; picture: WatchPicture }) {
  const { watch, plant, targetName } = picture;
  switch (why.kind) {
    case 'nothing-done':
      return (
        <EmptyState title="Nothing was done against it yet, so nothing can have failed.">
          <Link className="link-husk" to={`/look/${watch.id}/weigh`}>
            Weigh what to do
          </Link>
          , and count before and after.
        </EmptyState>
      );
    case 'not-counted':
      return (
        <EmptyState
          title={`Cannot be told yet: ${plant.name} was not counted since ${showFullDate(why.lastOn)}.`}
        >
          A count tells from {showFullDate(why.countFrom)} on.{' '}
          <Link className="link-husk" to={`/look/${watch.id}/count`}>
            Count it
          </Link>{' '}
          the way it was counted before ({inSentence(targetName)}).
        </EmptyState>
      );
    case 'counted':
      return <Counted why={why} picture={picture} />;
  }
}

function Counted({ why, picture }: { why: CountedFailure; picture: WatchPicture }) {
  const { watch, plant } = picture;
  const reasons = (
    <div className="grid gap-6 mt-4 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <Reasons why={why} picture={picture} />
      <TellingLookCard why={why} watchId={watch.id} plantName={plant.name} />
    </div>
  );
  return (
    <>
      <PageHead title={`${plant.name}: ${verdictWords(why)}`} lead={<Lead why={why} />}>
        <Link className="btn" to={`/seasons/watch/${watch.id}`}>
          Its path
        </Link>
        <Link className="btn" to={`/look/${watch.id}`}>
          Open the watch
        </Link>
      </PageHead>
      {why.failed === false ? (
        <>
          <p className="sheet p-4 max-w-[68ch]">
            What was counted fell after the work, so why it failed need not be asked. How much of the fall the
            work took, and how much went by itself, stands on its path.
          </p>
          <details className="mt-4">
            <summary className="link-husk list-none inline-block min-h-11">
              Still in doubt? The reasons it might have done more
            </summary>
            {reasons}
          </details>
        </>
      ) : (
        <>
          <SaidSentence why={why} />
          {reasons}
        </>
      )}
    </>
  );
}

function Reasons({ why, picture: { watch, plant } }: { why: CountedFailure; picture: WatchPicture }) {
  const today = useToday();
  const series = useSeries();
  const seasonStart = useBand().data?.start;
  return (
    <ExplanationList
      explained={why.explained}
      onTake={
        seasonStart === undefined
          ? null
          : (id) =>
              void series.begin(
                lessonSeries(id, {
                  watchId: watch.id,
                  today,
                  seasonStart,
                  hasCrawlers: isScaleGroup(watch.group),
                  countFrom: why.countFrom,
                }),
              )
      }
      plantName={plant.name}
    />
  );
}

function verdictWords({ failed, change, said }: CountedFailure): string {
  if (failed === false) return 'it fell after the work';
  if (said.kind === 'told' && said.id === 'old-covers') return 'it did work; these are old covers';
  if (failed === null) return 'whether it worked cannot be told';
  return change?.kind === 'rose' || change?.kind === 'appeared'
    ? 'it did not fall, it rose'
    : 'no fall can be shown';
}

function Lead({ why: { before, after, change, firstOn, lastOn } }: { why: CountedFailure }) {
  const work =
    firstOn === lastOn
      ? `on ${showFullDate(firstOn)}`
      : `from ${showFullDate(firstOn)} to ${showFullDate(lastOn)}`;
  if (before === null || change === null)
    return (
      <>
        Work {work}, counted on {showFullDate(after)}. No count before it was made the same way at the same
        time of year, so the change is not known; the reasons rest on the other records.
      </>
    );
  return (
    <>
      Work {work}. Counted before on {showFullDate(before)} and after on {showFullDate(after)}.{' '}
      {changeWords(change)}
    </>
  );
}

/** What may be said of why, in one sentence. */
function SaidSentence({ why: { said } }: { why: CountedFailure }) {
  switch (said.kind) {
    case 'told':
      return (
        <p className="sheet p-4 max-w-[68ch] text-lg" role="status">
          Most likely <b className="font-semibold">{EXPLANATION_WORDS[said.id].because}</b>.{' '}
          {EXPLANATION_WORDS[said.id].nextTime}
        </p>
      );
    case 'between':
      return (
        <p className="sheet p-4 max-w-[68ch] text-lg" role="status">
          {said.ids.length === 1
            ? 'The records point to this, but not surely: '
            : 'The records leave these open: '}
          <b className="font-semibold">{listed(said.ids.map((id) => EXPLANATION_WORDS[id].because))}</b>.
        </p>
      );
    case 'cannot-tell':
      return (
        <p className="sheet p-4 max-w-[68ch] text-lg" role="status">
          <b className="font-semibold">Nobody can tell from these records.</b> The look beside this tells
          most.
        </p>
      );
  }
}
